export { useLabel, type Label, type LabelKey } from './labels';
