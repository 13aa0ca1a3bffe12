import type { Fixing } from '../fixing';
import type { Job } from '../../job';
import { mass, message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import type { Standing } from '../system';
import { mayCarry } from './fixingLoad';
import { GRAVITY } from './limits';
import { materialsFor } from './materials';

/**
 * A child that climbs: so much hangs so far in front of the unit's face, kilograms and millimetres. Planning values.
 */
const HANGS = { kg: 30, beforeMm: 100 } as const;
/** Lower than this, or no higher than so many times its depth, nothing is asked of the wall. */
const LOW_MM = 600;

/**
 * What a standing unit asks of the wall so that it does not tip about its front foot, newtons; its own weight helps.
 */
export function pullOnWall({ heightMm, depthMm }: Pick<Standing, 'heightMm' | 'depthMm'>, ownKg: number): number {
  const over = HANGS.kg * GRAVITY * HANGS.beforeMm;
  const back = ownKg * GRAVITY * (depthMm / 2);
  return Math.max((over - back) / heightMm, PUSHED_N);
}
/** Whatever its weight, someone pulls at its top. */
const PUSHED_N = 100;

/** Units that stand on the floor: whether what ties them to the wall holds. */
export function tippingProblems(
  standing: readonly Standing[],
  fixings: readonly Fixing[],
  ownKg: number,
  job: Pick<Job, 'fixing' | 'wood'>,
): Problem[] {
  return standing.flatMap((unit): Problem[] => {
    if (unit.heightMm < LOW_MM) return [];
    const about = { kind: 'support' } as const;
    if (!unit.fastening) return [doubtful(about, message('problem.tipsUnfixed'))];
    const fixing = fixings.find((one) => one.id === unit.fastening);
    if (!fixing) return [stop(about, message('problem.tipsUnfixed'))];
    const { board, stick } = materialsFor(job);
    const has = fixing.holes.reduce((sum, hole) => sum + mayCarry(hole, { fixing, job, board, stick }).pullN, 0);
    const pull = pullOnWall(unit, ownKg);
    return has >= pull
      ? []
      : [stop(about, message('problem.tips', { kg: mass(pull / GRAVITY), has: mass(has / GRAVITY) }))];
  });
}
