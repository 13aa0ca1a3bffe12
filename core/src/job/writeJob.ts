import type { Job } from './schema';

/** The text of a job file: indented, so that a person can read it and a diff is small. */
export function writeJobFile(job: Job): string {
  return `${JSON.stringify(job, null, 2)}\n`;
}
