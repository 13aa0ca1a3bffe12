/**
 * What the list of jobs shows on some days only, in one part of the app, so that what these share is no part of the
 * first screen.
 */
export { EmptyJobs } from './EmptyJobs';
export { ImportRefusal } from './ImportRefusal';
export { MoreSheet } from './MoreSheet';
export { ServerNotices } from './ServerNotices';
