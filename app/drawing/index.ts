export { DrawingPane } from './DrawingPane';
export { SceneView } from './SceneView';
