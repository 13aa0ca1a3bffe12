/** The writers of tables and lists, fetched when they are first wanted: they are no part of the first screen. */
export const sheets = () => import('@dormer/core/exchange');

/** What reads drawings of walls, fetched when one is brought in. */
export const drawingReaders = () => import('@dormer/core/exchange/outlines');

/** The writers of full-size templates, fetched when one is wanted. */
export const templateWriters = () => import('@dormer/core/exchange/templates');
