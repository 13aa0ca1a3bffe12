import type { Sentences } from './en';
import type { ParamsOf } from './icu';
import type {
  About,
  Angle,
  Count,
  Duration,
  Inner,
  Length,
  List,
  Mass,
  Measure,
  Param,
  Run,
  Text,
  Volume,
} from './kinds';

export type { Param };

/** What a message carries for each kind of placeholder in its sentence. */
interface Values {
  readonly plain: Text;
  readonly length: Length;
  readonly about: About;
  readonly measure: Measure;
  readonly angle: Angle;
  readonly mass: Mass;
  readonly number: Count;
  readonly plural: Count;
  readonly list: List;
  readonly volume: Volume;
  readonly run: Run;
  readonly duration: Duration;
  readonly name: Inner;
  readonly sentence: Inner;
  readonly select: { readonly kind: 'choice' };
}

export type MessageCode = keyof Sentences;
export type MessageParams<Code extends MessageCode> = ParamsOf<Sentences[Code], Values>;
/** A code whose sentence takes nothing. */
export type PlainCode = {
  [Code in MessageCode]: Sentences[Code] extends `${string}{${string}` ? never : Code;
}[MessageCode];

/**
 * The core writes no sentences. What it has to say is a message: a code with typed parameters, turned into words
 * (language, units) only by `words/`.
 */
export interface Message<Code extends MessageCode = MessageCode> {
  readonly code: Code;
  readonly params: Readonly<Record<string, Param>>;
}

/**
 * Makes a message. The compiler reads the sentence: the code exists, and its placeholders are all given, each with its
 * kind.
 * @example message('term.thicknesses', { count: count(2), thickness: length(18) })
 */
export function message<Code extends PlainCode>(code: Code): Message<Code>;
export function message<Code extends MessageCode>(code: Code, params: MessageParams<Code>): Message<Code>;
export function message(code: MessageCode, params: Readonly<Record<string, Param>> = {}): Message {
  return { code, params };
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
/** A key as a case of a choice: ICU takes no hyphens. */
type CaseName<Key extends string> = Key extends `${infer Word}-${infer Rest}`
  ? `${Word}${Capitalize<CaseName<Rest>>}`
  : Key;
/**
 * One of a few things that the sentence has words for: a wall, an edge, a kind.
 * @example choice('window-bar') // the case `windowBar`
 */
export const choice = <Key extends string>(key: Key) =>
  ({ kind: 'choice', choice: key.replace(/-./g, (at) => at.charAt(1).toUpperCase()) as CaseName<Key> }) as const;
/** Things that stand in the sentence as a list. */
export const list = (items: Iterable<Param>): List => ({ kind: 'list', items: [...items] });
/** A volume, millilitres. */
export const volume = (ml: number) => ({ kind: 'volume', ml }) as const;
/** A length sold off a roll, millimetres. */
export const run = (mm: number) => ({ kind: 'run', mm }) as const;
/** A span of time, minutes. */
export const duration = (minutes: number) => ({ kind: 'duration', minutes }) as const;
/** A message inside a message: a name that stands by itself, or a whole sentence. */
export const nested = (inner: Message) => ({ kind: 'message', message: inner }) as const;
