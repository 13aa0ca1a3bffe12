/** The writers of tables and lists, fetched when they are first wanted: they are no part of the first screen. */
export const listWriters = () => import('@dormer/core/say/exchange');

/** What writes templates and reads drawings of walls at full size, fetched when one is wanted. */
export const templateWriters = () => import('@dormer/core/say/exchange/drawings');
