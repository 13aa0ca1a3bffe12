// Turning messages into words, with the sentences that are needed before a job is open; the others are in `rest.ts`.
export * from './amounts';
export * from './render';
export * from './catalogue';
export * from './languages';
