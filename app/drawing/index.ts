export { DrawingPane } from './DrawingPane';
export { SceneView } from './SceneView';
export type { Sheet } from './sheet';
