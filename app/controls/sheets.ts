/** The writers of tables and lists, fetched when they are first wanted: they are no part of the first screen. */
export const sheets = () => import('@dormer/core/exchange');
