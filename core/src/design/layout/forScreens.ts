// What a screen needs of the layout, without what decides it.
export * from './drag';
export * from './keepClear';
export * from './marks';
export { HANGER_DEPTH_MM } from './garments';
export { LIBRARY, type LibraryThing } from './contents/library';
export { USUAL_PERSON_MM } from './contents/reach';
