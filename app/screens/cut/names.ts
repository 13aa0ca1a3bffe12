import type { Plan } from '@dormer/core/plan';
import { listWords, words, type Reader } from '@dormer/core/say/words/first';

/** The names of pieces, each once. */
export function namesIn(parts: Plan['parts'], reader: Reader): string {
  return listWords(new Set(parts.map((part) => words(part.name, reader))), reader);
}
