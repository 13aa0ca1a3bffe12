import { createInstance } from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';
import { CATALOGUE_SETTINGS } from '@dormer/core/words';
import type { cutEn } from './cut.en';
import { en } from './en';
import type { measureEn } from './measure.en';

type Counted<K> = K extends `${infer Base}_${'one' | 'other'}` ? Base : K;
/** Every word of the interface, by what it is for. */
export type LabelKey = Counted<keyof typeof en | keyof typeof measureEn | keyof typeof cutEn>;
export type Label = (key: LabelKey, params?: Readonly<Record<string, string | number>>) => string;

export const labels = createInstance();
void labels.use(initReactI18next).init({
  resources: { en: { translation: en } },
  ...CATALOGUE_SETTINGS,
  react: { useSuspense: false },
});

/** The interface's words in the person's language. */
export function useLabel(): Label {
  const { t } = useTranslation(undefined, { i18n: labels });
  return t as unknown as Label;
}

/** Takes in the words of one stage, which come with it. */
export function addLabels(language: string, words: Readonly<Record<string, string>>): void {
  labels.addResourceBundle(language, 'translation', words, false, true);
}
