import { useSyncExternalStore } from 'react';
import type { ParamsOf } from '@dormer/core/base/message';
import { asGiven, Catalogue, type Language, type Sentences } from '@dormer/core/say/words/first';
import type { accessEn } from './access.en';
import type { buildEn } from './build.en';
import type { conflictEn } from './conflict.en';
import type { cutEn } from './cut.en';
import { en } from './en';
import type { logEn } from './log.en';
import type { measureEn } from './measure.en';
import type { menuEn } from './menu.en';
import type { printEn } from './print.en';
import type { moreEn } from './more.en';
import type { serversEn } from './servers.en';
import type { shelvesEn } from './shelves.en';
import type { wordsEn } from './words.en';

/** Every sentence of the interface by its key. */
type Labels = typeof en &
  typeof accessEn &
  typeof measureEn &
  typeof conflictEn &
  typeof cutEn &
  typeof serversEn &
  typeof shelvesEn &
  typeof buildEn &
  typeof logEn &
  typeof menuEn &
  typeof printEn &
  typeof moreEn &
  typeof wordsEn;

/** What a label takes for each kind of placeholder: lengths and names come as words. */
interface Values {
  readonly plain: string | number;
  readonly plural: number;
}

export type LabelKey = keyof Labels;
/** A key whose sentence takes nothing. */
export type PlainLabel = { [Key in LabelKey]: Labels[Key] extends `${string}{${string}` ? never : Key }[LabelKey];

/** A key whose sentence takes these and no others. */
export type LabelTaking<Params> = {
  [Key in LabelKey]: Params extends ParamsOf<Labels[Key], Values> ? (Key extends PlainLabel ? never : Key) : never;
}[LabelKey];

/** The words for a key; the compiler reads from the sentence what has to be given. */
export interface Label {
  (key: PlainLabel): string;
  <Key extends LabelKey>(key: Key, params: ParamsOf<Labels[Key], Values>): string;
}

const catalogue = new Catalogue();
catalogue.add(en);

/**
 * Takes in the words of one stage, which come with it.
 * @param language they are in (BCP 47); English if not given
 */
export const addLabels = (words: Sentences, language?: string): void => catalogue.add(words, language);

/** The interface's words in a language. */
const labelIn =
  (language: Language): Label =>
  (key: LabelKey, params: Readonly<Record<string, string | number>> = {}) =>
    catalogue.say(key, language, asGiven(params));

let spoken: Language = 'en-GB';
let inUse = labelIn(spoken);
const readers = new Set<() => void>();

/** Changes the language of the interface, at once. */
export function speak(next: Language): void {
  spoken = next;
  inUse = labelIn(next);
  for (const changed of readers) changed();
}

const listen = (changed: () => void) => {
  readers.add(changed);
  return () => readers.delete(changed);
};

/** The language in use. */
export const language = (): Language => spoken;

/** The interface's words as they are in use, for code that is no component. */
export const label = (): Label => inUse;

/** The interface's words in the person's language. */
export const useLabel = (): Label => useSyncExternalStore(listen, label, label);
