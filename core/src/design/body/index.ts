export * from './bodyIs';
export * from './body';
export { sharedAlong } from './share';
export * from './solid';
export type { BodyScrew, Inside, Stage } from './screws';
export type { BodyRoom, RoomSurface, RoomThing } from './room';
export type { Contact } from './meetings';
export { movedApart } from './moveApart';
export { inUnit, standOf } from './stand';
