/** Whether the browser speaks as in the United States: a first guess, before any job says more. */
export const isAmerican = (): boolean => globalThis.navigator?.language === 'en-US';
