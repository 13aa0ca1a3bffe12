import type { Plan } from '@dormer/core/plan';
import { words, type Reader } from '@dormer/core/say/words/first';

/** The names of pieces, each once. */
export function namesIn(parts: Plan['parts'], reader: Reader): string {
  return [...new Set(parts.map((part) => words(part.name, reader)))].join(', ');
}
