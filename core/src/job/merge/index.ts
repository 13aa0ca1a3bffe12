export { mergeJobs, type MergedJob } from './mergeJobs';
export type { Choose, Contradiction, Value } from './tree';
