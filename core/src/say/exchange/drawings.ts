// What writes templates and reads drawings at full size: what it stands on is large, and fetched in one piece when it
// is wanted.
export * from './templateSvg';
export * from './templateDxf';
export * from './templatePdf';
export * from './reportPdf';
export * from './outlines';
export * from './layoutDrawings';
// What is drawn at full size beside pieces comes with what writes it.
export { drillingTemplate, poleTemplate } from '../../design/template/pole';
export { screwTemplate } from '../../design/template/screws';
