import type { ParamsOf } from '@dormer/core/base/message';
import { asGiven, Catalogue } from '@dormer/core/say/words/first';
import { serverEn } from './en';

type Sentences = typeof serverEn;

/** What a sentence takes for each kind of placeholder. */
interface Values {
  readonly plain: string | number;
  readonly plural: number;
}

type Key = keyof Sentences;
/** A key whose sentence takes nothing. */
export type PlainKey = { [K in Key]: Sentences[K] extends `${string}{${string}` ? never : K }[Key];

const catalogue = new Catalogue();
catalogue.add(serverEn);

/**
 * A sentence of the server, in English. The compiler reads from the sentence what has to be given.
 * @example say('command.saved', { file: 'all.zip' }) // "Everything is saved in all.zip."
 */
export function say(key: PlainKey): string;
export function say<K extends Key>(key: K, params: ParamsOf<Sentences[K], Values>): string;
export function say(key: Key, params: Readonly<Record<string, string | number>> = {}): string {
  return catalogue.say(key, 'en-GB', asGiven(params));
}
