/** The writers of tables and lists, fetched when they are first wanted: they are no part of the first screen. */
export const sheets = () => import('@dormer/core/exchange');

/** The writers of full-size templates, fetched when one is wanted. */
export const templateWriters = () => import('@dormer/core/exchange/templates');
