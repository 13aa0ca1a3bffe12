import { availableParallelism } from 'node:os';
import path from 'node:path';
import Piscina from 'piscina';
import type { Job } from '@dormer/core/job';

/** More plans are asked for than are worked out at once. */
export class TooManyPlansError extends Error {}

/** A plan takes longer than it is given. */
export class PlanTooLongError extends Error {}

export interface PlanLimits {
  /** Most plans that are worked out or wait at one time. */
  readonly atOnce: number;
  /** Longest time from the request to the plan, milliseconds. */
  readonly withinMs: number;
}

export const PLAN_LIMITS: PlanLimits = { atOnce: 16, withinMs: 30_000 };

/** How long a worker without work stays, milliseconds. */
const IDLE_MS = 60_000;

/** Works out plans beside the server, so that nobody else waits for them. Workers start with the first plan. */
export class PlanPool {
  private pool: Piscina<Job, string> | null = null;
  private asked = 0;

  /** @param programs folder of the built programs, where the worker is */
  constructor(
    private readonly programs: string,
    private readonly limits: PlanLimits = PLAN_LIMITS,
  ) {}

  /**
   * The plan of a job as JSON text.
   * @throws TooManyPlansError, PlanTooLongError
   */
  async plan(job: Job): Promise<string> {
    if (this.asked >= this.limits.atOnce) throw new TooManyPlansError('Too many plans at once.');
    this.pool ??= new Piscina({
      filename: path.join(this.programs, 'planWorker.cjs'),
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      idleTimeout: IDLE_MS,
    });
    const signal = AbortSignal.timeout(this.limits.withinMs);
    this.asked += 1;
    try {
      return await this.pool.run(job, { signal });
    } catch (error) {
      throw signal.aborted ? new PlanTooLongError('The plan takes too long.', { cause: error }) : error;
    } finally {
      this.asked -= 1;
    }
  }

  async close(): Promise<void> {
    await this.pool?.destroy();
  }
}
