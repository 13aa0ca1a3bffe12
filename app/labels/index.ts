export { language, speak, useLabel, type Label, type LabelTaking, type PlainLabel } from './labels';
