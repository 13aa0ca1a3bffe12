export { FURTHER, shapedIn, type FurtherCut, type FurtherKind, type Shaped } from './cut';
export { isFlat } from './endCuts';
export { furtherCuts, type FurtherOptions } from './furtherCuts';
export { shapeOf, type Shape, type Cutter } from './shape';
export { shapeWords } from './listWords';
