// What can be done with a job document that is known to be one: all that a screen needs, without the checks.
export * from './limits';
export * from './usual';
export * from './supports';
export * from './newJob';
export * from './edit';
export * from './change';
export * from './finish';
export * from './ticks';
export * from './shelvesWanted';
export { writeJobFile } from './writeJob';
export { currentJob, renamedKinds } from './upgrade';
export type * from './schema';
export type { Fault } from './faults';
export type { Refusal } from './readJob';
export type * from './wire';
