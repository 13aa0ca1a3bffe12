import { createInstance } from 'i18next';
import { useSyncExternalStore } from 'react';
import { CATALOGUE_SETTINGS } from '@dormer/core/say/words/first';
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

type Counted<K> = K extends `${infer Base}_${'one' | 'other'}` ? Base : K;
/** Every word of the interface, by what it is for. */
export type LabelKey = Counted<
  | keyof typeof en
  | keyof typeof accessEn
  | keyof typeof measureEn
  | keyof typeof conflictEn
  | keyof typeof cutEn
  | keyof typeof serversEn
  | keyof typeof shelvesEn
  | keyof typeof buildEn
  | keyof typeof logEn
  | keyof typeof menuEn
  | keyof typeof printEn
  | keyof typeof moreEn
>;
export type Label = (key: LabelKey, params?: Readonly<Record<string, string | number>>) => string;

export const labels = createInstance();
void labels.init({
  resources: { en: { translation: en } },
  ...CATALOGUE_SETTINGS,
});

const listen = (changed: () => void) => {
  labels.on('languageChanged', changed);
  return () => labels.off('languageChanged', changed);
};
const inUse = () => labels.t;

/** The interface's words in the person's language. */
export function useLabel(): Label {
  return useSyncExternalStore(listen, inUse, inUse) as unknown as Label;
}

/** Takes in the words of one stage, which come with it. */
export function addLabels(language: string, words: Readonly<Record<string, string>>): void {
  labels.addResourceBundle(language, 'translation', words, false, true);
}
