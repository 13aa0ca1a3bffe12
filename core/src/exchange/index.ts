export * from './cutListSheet';
export * from './readingsCsv';
