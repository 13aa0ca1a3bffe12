export * from './cutListSheet';
export * from './readingsCsv';
export * from './thingsCsv';
