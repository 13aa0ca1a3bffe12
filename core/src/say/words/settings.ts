import type { InitOptions } from 'i18next';

/** The locale that dates, amounts and lists are written in (BCP 47). */
export const LOCALE = 'en-GB';

/** How every catalogue of sentences is read: plain keys, nothing escaped, ready at once. */
export const CATALOGUE_SETTINGS = {
  lng: 'en',
  fallbackLng: 'en',
  keySeparator: false,
  nsSeparator: false,
  initAsync: false,
  showSupportNotice: false,
  interpolation: { escapeValue: false },
} as const satisfies InitOptions;
