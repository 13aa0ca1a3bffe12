import { createInstance } from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';
import { CATALOGUE_SETTINGS } from '@dormer/core/words';
import { en } from './en';

type Counted<K> = K extends `${infer Base}_${'one' | 'other'}` ? Base : K;
/** Every word of the interface, by what it is for. */
export type LabelKey = Counted<keyof typeof en>;
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
