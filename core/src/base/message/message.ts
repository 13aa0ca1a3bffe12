import type { MessageCatalogue } from './catalogue';
import type { Param } from './kinds';

export type { Param };

export type MessageCode = keyof MessageCatalogue;
export type MessageParams<Code extends MessageCode> = MessageCatalogue[Code];

/**
 * The core writes no sentences. What it has to say is a message: a code with typed parameters, turned into words
 * (language, units) only by `words/`.
 */
export interface Message<Code extends MessageCode = MessageCode> {
  readonly code: Code;
  readonly params: Readonly<Record<string, Param>>;
}

/**
 * Makes a message; the compiler checks that the code exists and that its parameters are all there.
 * @example message('term.thicknesses', { count: count(2), thickness: length(18) })
 */
export function message<Code extends MessageCode>(
  code: Code,
  ...[params]: keyof MessageCatalogue[Code] extends never ? [params?: undefined] : [params: MessageCatalogue[Code]]
): Message<Code> {
  return { code, params: (params ?? {}) as Readonly<Record<string, Param>> };
}

/** A length parameter, millimetres. */
export const length = (mm: number) => ({ kind: 'length', mm }) as const;
/** A length that is known about so well only: told without pretence of more. Millimetres. */
export const about = (mm: number) => ({ kind: 'about', mm }) as const;
/** An angle parameter, degrees. */
export const angle = (degrees: number) => ({ kind: 'angle', degrees }) as const;
/** A mass, kilograms. */
export const mass = (kg: number) => ({ kind: 'mass', kg }) as const;
/** A whole number of things; it chooses singular or plural. */
export const count = (n: number) => ({ kind: 'count', count: n }) as const;
/** Words that are not the core's own: what a person typed, a name, a path. */
export const text = (words: string) => ({ kind: 'text', text: words }) as const;
/** A message inside a message. */
export const nested = (inner: Message) => ({ kind: 'message', message: inner }) as const;
