/** The job's own sheets in one part of the app, so that what they share is no part of the first screen. */
export { JobMenu } from './JobMenu';
export { ShortcutsSheet } from './ShortcutsSheet';
