// Writers of full-size templates: what they stand on is large, and fetched when it is wanted.
export * from './templateSvg';
export * from './templateDxf';
export * from './templatePdf';
