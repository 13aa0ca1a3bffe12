export * from './cutListSheet';
export * from './readingsCsv';
export * from './templateSvg';
export * from './templateDxf';
export * from './templatePdf';
