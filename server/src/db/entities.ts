import type { Instrument } from '@dormer/core/job';
import { EntitySchema } from 'typeorm';

/** A job as it stands now. Its document is kept whole, as JSON text, in its newest version. */
export interface JobRow {
  id: string;
  name: string;
  /** Small facts for a list, as JSON text (`JobSummary`). */
  summary: string;
  version: number;
  changedAt: string;
  removedAt: string | null;
}

/** One saved version of a job. A version is never overwritten; old ones are thinned (see `thinning.ts`). */
export interface VersionRow {
  jobId: string;
  version: number;
  /** Given by the device that saved it; the same one sent twice is the same save. */
  saveId: string;
  document: string;
  name: string;
  savedAt: string;
  /** Small facts for a list, as JSON text (`JobSummary`); null for a document that cannot be read. */
  summary: string | null;
  /** 1 for a version that a person decided against: it is never thinned. */
  setAside: number;
  /** Name of the paired device that saved it; null for the computer Dormer runs on. */
  savedBy: string | null;
}

export const JobEntity = new EntitySchema<JobRow>({
  name: 'job',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    summary: { type: 'text' },
    version: { type: 'integer' },
    changedAt: { type: 'text', name: 'changed_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
  indices: [{ name: 'job_changed', columns: ['changedAt'] }],
});

export const VersionEntity = new EntitySchema<VersionRow>({
  name: 'job_version',
  columns: {
    jobId: { type: 'text', name: 'job_id', primary: true },
    version: { type: 'integer', primary: true },
    saveId: { type: 'text', name: 'save_id' },
    document: { type: 'text' },
    name: { type: 'text' },
    savedAt: { type: 'text', name: 'saved_at' },
    summary: { type: 'text', nullable: true },
    setAside: { type: 'integer', name: 'set_aside', default: 0 },
    savedBy: { type: 'text', name: 'saved_by', nullable: true },
  },
  indices: [
    { name: 'job_version_save', columns: ['jobId', 'saveId'], unique: true },
    // All that a list shows, so that it reads no document.
    { name: 'job_version_listed', columns: ['jobId', 'version', 'savedAt', 'setAside', 'name', 'summary'] },
  ],
  foreignKeys: [
    {
      name: 'job_version_of_job',
      target: 'job',
      columnNames: ['jobId'],
      referencedColumnNames: ['id'],
      onDelete: 'CASCADE',
    },
  ],
});

/** What repeats at one spot of a job say of the person's error with an instrument. */
export interface InstrumentRow {
  jobId: string;
  instrument: Instrument;
  /** The first reading at the spot. */
  first: string;
  repeats: number;
  squares: number;
}

export const InstrumentEntity = new EntitySchema<InstrumentRow>({
  name: 'instrument_repeat',
  columns: {
    jobId: { type: 'text', name: 'job_id', primary: true },
    instrument: { type: 'text', primary: true },
    first: { type: 'text', primary: true },
    repeats: { type: 'integer' },
    squares: { type: 'real' },
  },
  foreignKeys: [
    {
      name: 'instrument_repeat_of_job',
      target: 'job',
      columnNames: ['jobId'],
      referencedColumnNames: ['id'],
      onDelete: 'CASCADE',
    },
  ],
});

/** A piece on the offcut rack, whole, as JSON text. */
export interface OffcutRow {
  id: string;
  document: string;
  changedAt: string;
}

export const OffcutEntity = new EntitySchema<OffcutRow>({
  name: 'offcut',
  columns: {
    id: { type: 'text', primary: true },
    document: { type: 'text' },
    changedAt: { type: 'text', name: 'changed_at' },
  },
});

/** The one row that tells this server from every other. */
export interface ServerRow {
  id: string;
  madeAt: string;
}

export const ServerEntity = new EntitySchema<ServerRow>({
  name: 'server',
  columns: {
    id: { type: 'text', primary: true },
    madeAt: { type: 'text', name: 'made_at' },
  },
});

/** A device that may come in. Its token is known by its SHA-256 alone. */
export interface PairedDeviceRow {
  id: string;
  name: string;
  tokenHash: string;
  pairedAt: string;
  lastUsedAt: string;
}

export const PairedDeviceEntity = new EntitySchema<PairedDeviceRow>({
  name: 'paired_device',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    tokenHash: { type: 'text', name: 'token_hash' },
    pairedAt: { type: 'text', name: 'paired_at' },
    lastUsedAt: { type: 'text', name: 'last_used_at' },
  },
  indices: [{ name: 'paired_device_token', columns: ['tokenHash'], unique: true }],
});

/** The code by which the next device comes in; there is one at most. */
export interface PairingCodeRow {
  code: string;
  until: string;
  triesLeft: number;
}

export const PairingCodeEntity = new EntitySchema<PairingCodeRow>({
  name: 'pairing_code',
  columns: {
    code: { type: 'text', primary: true },
    until: { type: 'text' },
    triesLeft: { type: 'integer', name: 'tries_left' },
  },
});
