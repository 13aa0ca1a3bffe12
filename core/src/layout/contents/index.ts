export { storedOn, storeIn, LEAST_GAP_MM } from './contents';
export type { Contents, Stored, Capacity, LeftOut } from './told';
export { reachOf, type Reach } from './reach';
export * from './library';
