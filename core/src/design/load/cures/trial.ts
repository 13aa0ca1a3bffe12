import type { Contents } from '../../layout';
import type { Change, DesignJob, SystemName } from '../../../job';
import type { Message } from '../../../base/message';
import { materialsFor, type Materials } from '../materials';
import { leaningLoad, stayingLoad, type HeldBoard } from '../model';
import { solvePlate } from '../plate';
import type { PlateModel } from '../plateModel';
import { bendingUsed, sagOf } from '../strength';
import { carriedBy } from '../uses';

/** Result of trying a change: sag after years of load, and share of the strength used. */
export interface Tried {
  readonly sagMm: number;
  readonly used: number;
  readonly good: boolean;
}

/** A change that makes a shelf good enough. */
export interface Found {
  readonly change: Change;
  readonly words: Message;
  readonly tried: Tried;
  /** In relation to the others only. */
  readonly cost: number;
}

/** A shelf that fails, with everything needed to try changes. */
export interface Trial {
  readonly job: DesignJob;
  readonly system: SystemName;
  readonly model: PlateModel;
  readonly materials: Materials;
  /** Wood of the boards the system carries, litres. */
  readonly boardLitres: number;
  readonly tryOut: (model: PlateModel, by?: Materials) => Tried;
  /** The same on a coarse mesh, a fifth of the work: good for finding a size, not for telling its figures. */
  readonly tryRoughly: (model: PlateModel, by?: Materials) => Tried;
}

/** Elements along the longer way of the coarse mesh. */
const ROUGH = 8;

/** Prepares a shelf and its load for trying changes. */
export function trialOf(
  held: HeldBoard,
  { job, system, contents, boardLitres }: Pick<Trial, 'job' | 'system' | 'boardLitres'> & { contents: Contents | null },
): Trial {
  const materials = materialsFor(job);
  const carried = carriedBy(held.shelf, held.model.lengthMm, job, contents);
  const tryOn = (across: number | undefined, model: PlateModel, by: Materials): Tried => {
    const board = { ...held, model };
    const staying = stayingLoad(board, carried);
    const solved = solvePlate(model, [staying, leaningLoad(board, staying)], across);
    if (!solved?.[0] || !solved[1]) return { sagMm: Infinity, used: Infinity, good: false };
    const sag = sagOf(solved[0], held.spanMm, by);
    const used = Math.max(bendingUsed(solved[0], by, true), bendingUsed(solved[1], by, false));
    return { sagMm: sag.lastingMm, used, good: sag.state === 'good' && used <= 1 };
  };
  const tryOut = (model: PlateModel, by = materials) => tryOn(undefined, model, by);
  const tryRoughly = (model: PlateModel, by = materials) => tryOn(ROUGH, model, by);
  return { job, system, model: held.model, materials, boardLitres, tryOut, tryRoughly };
}

interface Size {
  readonly size: number;
  readonly tried: Tried;
}

/**
 * Smallest good size: by bisection on the coarse mesh, then upwards from there on the fine one.
 * @param sizes sorted by stiffness, millimetres
 * @param modelOf the board with such a size
 * @returns null when none is good
 */
export function leastGood(
  sizes: readonly number[],
  { tryOut, tryRoughly }: Pick<Trial, 'tryOut' | 'tryRoughly'>,
  modelOf: (size: number) => PlateModel,
  by?: Materials,
): Size | null {
  let [low, high] = [0, sizes.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (tryRoughly(modelOf(sizes[middle] as number), by).good) high = middle;
    else low = middle + 1;
  }
  for (const size of sizes.slice(low)) {
    const tried = tryOut(modelOf(size), by);
    if (tried.good) return { size, tried };
  }
  return null;
}
