import type { ReadRows } from '@dormer/core/exchange';
import type { Job, Refusal } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/message';
import type { Plan } from '@dormer/core/plan';
import type { JobUnit } from '@dormer/core/quantity';
import type { Result } from '@dormer/core/result';

/** What the app may ask of the core, which runs in a worker so that the screen stays live. */
export interface Core {
  /** The plan of a job. */
  plan(job: Job): Promise<Plan>;
  /** Readings from the text of a table, with the rows that are none; or why it is no table of readings. */
  readReadings(table: { contents: string; unit: JobUnit }): Promise<Result<ReadRows, Message>>;
  /** A job from the text of a job file, or why not. */
  readFile(contents: string): Promise<Result<Job, Refusal>>;
}

export type Ask = { [K in keyof Core]: { readonly ask: K; readonly with: Parameters<Core[K]>[0] } }[keyof Core];
export type Request = Ask & { readonly id: number };
export type Response =
  | { readonly id: number; readonly ok: true; readonly value: unknown }
  | { readonly id: number; readonly ok: false; readonly reason: string };
