/** What stops the start, in one plain sentence. */
export class StartError extends Error {}
