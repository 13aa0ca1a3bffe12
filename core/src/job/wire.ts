import type { JobSummary } from './edit';
import type { Job } from './schema';

// What the server and the app say to each other about jobs (docs/http-api.md).

/** A job with the version it is. */
export interface StoredJob {
  readonly job: Job;
  readonly version: number;
  readonly changedAt: string;
}

/** A job in a list. */
export interface ListedJob extends JobSummary {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly changedAt: string;
}

/** A saved version in a list. */
export interface ListedVersion extends JobSummary {
  readonly version: number;
  readonly name: string;
  readonly savedAt: string;
}

/** The acknowledgement of a save. */
export interface Ack {
  readonly version: number;
  readonly changedAt: string;
}
