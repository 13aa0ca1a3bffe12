export * from './opening';
export * from './fromSurvey';
export * from './between';
export * from './outline';
export * from './outlineOf';
export * from './deviations';
export * from './box';
export { drawSamples } from './samples';
