export * from './fixing';
export * from './fixings';
export * from './screws';
export { evenly, nearestFreeSpot, usable, clearOfAll } from './spots';
export * from './needed';
export * from './driven';
export * from './marks';
export * from './throughHoles';
