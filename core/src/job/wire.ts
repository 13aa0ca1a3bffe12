import type { JobSummary } from './edit';
import type { Instrument, Job } from './schema';

// What the server and the app say to each other about jobs and instruments (docs/http-api.md).

/** A job with the version it is. */
export interface StoredJob {
  readonly job: Job;
  readonly version: number;
  readonly changedAt: string;
  /** The version is damaged; the job is the newest earlier one that can be read, saved at `readFrom`. */
  readonly damaged?: { readonly readFrom: string };
  /** Name of the paired device that saved it; left away for the computer Dormer runs on. */
  readonly savedBy?: string;
}

/** A job in a list; one whose summary is damaged has none. */
export interface ListedJob extends Partial<JobSummary> {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly changedAt: string;
}

/** A job that was removed from its server. */
export interface RemovedJob {
  readonly id: string;
  readonly name: string;
  readonly removedAt: string;
}

/** What came of a backup that was brought in. */
export interface Restored {
  /** Jobs that were not there. */
  readonly added: number;
  /** Jobs that were there in an older version. */
  readonly updated: number;
  /** Jobs that stay as they are: they are the same there, newer, or removed. */
  readonly kept: number;
  readonly photos: number;
  /** Pieces of the offcut rack. */
  readonly pieces: number;
}

/** A saved version in a list. */
export interface ListedVersion {
  readonly version: number;
  readonly name: string;
  readonly savedAt: string;
  /** Whether a person decided against it when two devices contradicted each other. */
  readonly setAside: boolean;
  /** Null for a version that is damaged. */
  readonly summary: JobSummary | null;
}

/** The acknowledgement of a save. */
export interface Ack {
  readonly version: number;
  readonly changedAt: string;
}

/** A device that may come in. */
export interface PairedDevice {
  readonly id: string;
  readonly name: string;
  readonly pairedAt: string;
  /** To the minute. */
  readonly lastUsedAt: string;
}

/** A code that pairs one device. */
export interface PairingCode {
  /** Six digits. */
  readonly code: string;
  readonly until: string;
}

/** Whether the device that asks may come in, and how it could. */
export interface Access {
  /** As the computer Dormer runs on, as a paired device, or not at all. */
  readonly as: 'computer' | 'paired' | null;
  /** The paired device that asks. */
  readonly device: string | null;
  /** Whether what is sent cannot be read on its way. */
  readonly isEncrypted: boolean;
  readonly addresses: HomeAddresses | null;
}

/** Where phones reach this server. */
export interface HomeAddresses {
  /** Encrypted addresses, the best first. */
  readonly addresses: readonly string[];
  /** Page that tells how a device comes to trust this server; null where every device does. */
  readonly trust: string | null;
  /** SHA-256 of the certificate that devices must trust, in groups of hex digits; null where there is none. */
  readonly fingerprint: string | null;
}

/** What the repeats of other jobs say of the person's error with an instrument. */
export interface LearnedInstrument {
  readonly instrument: Instrument;
  readonly repeats: number;
  /** Sum of squared departures, in usual standard deviations. */
  readonly squares: number;
  /** How many times the usual standard deviation theirs is. */
  readonly factor: number;
}

/** A measuring device in a list. */
export interface ListedDevice {
  readonly id: string;
  readonly instrument: Instrument;
  /** Said wherever its readings are shown. */
  readonly simulated: boolean;
}

/** One value a device sends while it is held at a spot. */
export interface DeviceValue {
  /** Millimetres, or degrees from a gauge; signed where the spot has a sense. */
  readonly value: number;
  readonly unit: 'mm' | 'degrees';
  /** Whether it has come to rest: the value to keep. */
  readonly settled: boolean;
}
