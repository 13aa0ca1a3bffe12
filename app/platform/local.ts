/** Whether the browser speaks as in the United States: a first guess, before any job says more. */
export const isAmerican = (): boolean => globalThis.navigator?.language === 'en-US';

/** Languages the person reads, as their browser has them, the preferred one first (BCP 47). */
export const languagesHere = (): readonly string[] => globalThis.navigator?.languages ?? [];
