import type { CalendarOfWork, Trips } from '@dormer/core/work/steps/forScreens';
import type { ReadRows, ReadThings } from '@dormer/core/say/exchange';
import type { CutPiece, Job, Offcut, Refusal } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import type { Lift, StyleOutcome } from '@dormer/core/design/fit';
import type { Considered, Plan } from '@dormer/core/plan';
import type { JobUnit } from '@dormer/core/base/quantity';
import type { Result } from '@dormer/core/base/result';
import type { Cutting } from '@dormer/core/work/stock';
import type { WhatIf } from '@dormer/core/whatIf';

/** What the app may ask of the core, which runs in a worker so that the screen stays live. */
export interface Core {
  /** The plan of a job; given up between two sections when it is stopped. */
  plan(job: Job, watching?: Watching): Promise<Plan>;
  /** What the first of the readings advised would do for the board it helps most. */
  lift(job: Job): Promise<Lift | null>;
  /** Every support system for the shelves of one bay, side by side; of the main one where there is none of that id. */
  consider(from: { readonly job: Job; readonly bay: string | null }): Promise<readonly Considered[]>;
  /** One shelf's board in every end style, side by side; long work, which can be watched and stopped. */
  compare(board: { job: Job; shelf: number }, watching?: Watching): Promise<readonly StyleOutcome[] | null>;
  /** How a job is cut from what can be bought, what is on the rack and what is on the bench; long work, too. */
  cut(from: CutFrom, watching?: Watching): Promise<Cutting>;
  /** Boards, plywood and MDF for the same job, side by side; long work, too. */
  whatIf(from: Pick<CutFrom, 'job' | 'rack'>, watching?: Watching): Promise<readonly WhatIf[]>;
  /** What is left to do in the best order, trip by trip; `nowMs`: the present. */
  order(from: { job: Job; nowMs: number }): Promise<Trips>;
  /** What is left to do laid into free time; `lose`: a day that might be lost. */
  calendar(from: { job: Job; nowMs: number; lose?: string }): Promise<CalendarOfWork>;
  /** Readings from the text of a table, with the rows that are none; or why it is no table of readings. */
  readReadings(table: { contents: string; unit: JobUnit }): Promise<Result<ReadRows, Message>>;
  /** Things from the text of a list, with the rows that are none; or why it is no list of things. */
  readThings(table: { contents: string; unit: JobUnit }): Promise<Result<ReadThings, Message>>;
  /** A job from the text of a job file, or why not. */
  readFile(contents: string): Promise<Result<Job, Refusal>>;
}

/** A job and what there is to cut it from; `made`: what is cut already, by the ids of blanks. */
export interface CutFrom {
  readonly job: Job;
  readonly rack: readonly Offcut[];
  readonly bench?: readonly Offcut[];
  readonly made?: readonly string[];
  /** Pieces that are cut already, or lie on the saw, in the size they have. */
  readonly cut?: readonly CutPiece[];
}

/** How much of a long piece of work is done, 0 to 1; and a way to stop it. */
export interface Watching {
  readonly heard?: (share: number) => void;
  readonly stop?: AbortSignal;
}

/** Message of the error when a question was stopped before the answer. */
export const STOPPED = 'stopped';

/** Takes the share done, 0 to 1; returns whether the answer is still wanted. */
export type Wanted = (share: number) => boolean;

type LongWork = 'plan' | 'compare' | 'cut' | 'whatIf';

/** The core as its worker offers it. A function can be handed to a worker, an AbortSignal cannot. */
export type WorkerCore = Omit<Core, LongWork> & {
  [K in LongWork]: (from: Parameters<Core[K]>[0], wanted: Wanted) => ReturnType<Core[K]>;
};
