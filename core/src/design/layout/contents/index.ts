export { storedOn, storeIn, LEAST_GAP_MM } from './contents';
export type { Contents, Stored, Capacity, LeftOut } from './contentsIs';
export { reachOf, type Reach } from './reach';
export * from './library';
