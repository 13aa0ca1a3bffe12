export * from './calendarIcs';
export { cutListCsv, cutListText, partNames, shapeText } from './cutListSheet';
export * from './cuttingCsv';
export * from './drillingCsv';
export * from './readingsCsv';
export * from './report';
export * from './thingsCsv';
