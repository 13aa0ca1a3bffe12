export { FURTHER, shapedIn, type FurtherCut, type FurtherKind, type Shaped } from './cut';
export { furtherCuts, type FurtherOptions } from './furtherCuts';
export { shapeOf, type Shape, type Written } from './shape';
export { shapeWords } from './listWords';
