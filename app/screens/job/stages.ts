/** The stages of the work, in its order. */
export const STAGES = ['measure', 'shelves', 'cut', 'build', 'log'] as const;
export type Stage = (typeof STAGES)[number];
