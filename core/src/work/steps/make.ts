import type { Part } from '../../design/fit';
import { finishFor, surfacesOf } from '../stock/finish';
import { assembleUnit, makeBrackets } from './kinds/assemble';
import { buy } from './kinds/buy';
import { cutBoards, cutSheets, cutSticks } from './kinds/cut';
import { cleanPins, drillPieces, drillPins } from './kinds/drill';
import { dryFit } from './kinds/dryFit';
import { finishSteps, type Finished } from './kinds/finish';
import { gluePanels } from './kinds/glue';
import { cutJoints, jointedOf } from './kinds/joint';
import { planePieces } from './kinds/plane';
import { sandPieces } from './kinds/sand';
import type { Step } from './step';
import { unitParts } from './unit';
import type { Work } from './work';
import { stepWriter, type After, type Put } from './writer';

export interface Made {
  readonly steps: readonly Step[];
  /** What putting up supports waits for; what putting in boards waits for. */
  readonly supports: readonly After[];
  readonly boards: readonly After[];
  /** What fronts and trim with coats of their own wait for. */
  readonly fronts: readonly After[];
  /** What is stood up whole waits for; null where nothing is. */
  readonly unit: readonly After[] | null;
}

/** Pieces of one lot: cut, worked, sanded and finished together. */
interface Lot {
  readonly name: '' | 'boards-';
  readonly parts: readonly Part[];
  /** What cutting waits for beside the wood. */
  readonly after: readonly After[];
}

/** Steps cutting waits for: the shop, and for boards the glue-up of panels. */
interface Wood {
  readonly bought: After;
  readonly panels: After;
}

/**
 * The work in the workshop: what is bought, cut, grooved, drilled, tried dry, sanded, finished and put together.
 * @param opened steps before anything is bought or cut: opening a wall, measuring behind what came out
 */
export function make(work: Work, opened: readonly After[], measuredInPlace: readonly After[]): Made {
  const { job, parts, kinds } = work;
  const { steps, put } = stepWriter(job.build);
  if (parts.length === 0) return { steps, supports: [], boards: [], fronts: [], unit: null };
  const bought = put(buy(job, opened));
  const glued = parts.filter(({ id }) => kinds.glued.includes(id));
  const panels: After = glued.length === 0 ? bought : { step: put(gluePanels(glued, [bought])), wait: 'glue' };
  const wood = { bought, panels };

  const unit = new Set(unitParts(work).map((part) => part.id));
  const later = parts.filter(
    ({ role, id, shelf }) => job.build.cut === 'in-place' && role === 'board' && !unit.has(id) && shelf > 0,
  );
  const first = parts.filter((part) => !later.includes(part));
  const main = makeLot(work, put, wood, { name: '', parts: first, after: [] });
  const boards =
    later.length > 0 ? makeLot(work, put, wood, { name: 'boards-', parts: later, after: measuredInPlace }) : main;
  const whole = first.some(({ id }) => unit.has(id)) ? assembled(work, put, main.ready) : null;
  return { steps, supports: main.ready, boards: boards.ready, fronts: main.fronts, unit: whole };
}

/**
 * Writes all steps of a lot.
 * @returns lags for the steps that follow
 */
function makeLot(work: Work, put: Put, wood: Wood, lot: Lot): Pick<Finished, 'ready' | 'fronts'> {
  const { job } = work;
  const { name, parts } = lot;
  const unit = new Set(unitParts(work).map((part) => part.id));
  const whole = parts.filter(({ id }) => unit.has(id));
  const worked = workLot(work, put, lot, cutLot(work, put, wood, lot));
  const tried = whole.length > 0 ? [put(dryFit(work, `${name}dry-fit`, whole, worked))] : worked;
  const sanding = { id: `${name}sand`, parts, areaM2: surfacesOf(parts), before: whole.length > 0, after: tried };
  const sanded = put(sandPieces(work, sanding));
  if (job.build.finish === 'after') return { ready: [sanded], fronts: [] };
  const finished = finishSteps({
    job,
    lot: name,
    place: 'workshop',
    parts,
    after: [sanded],
    named: true,
  });
  finished.steps.forEach(put);
  const pinned = name === '' ? drillPins(work, parts, []) : null;
  const isCoated = pinned?.parts?.some(
    (id) =>
      finishFor(
        parts.find((part) => part.id === id)!,
        job,
      ) !== 'bare',
  );
  if (!pinned || !isCoated) return finished;
  return { ...finished, ready: [...finished.ready, put(cleanPins(pinned, finished.ready))] };
}

/** Writes the steps that cut sheets, boards and sticks, as far as there are any. */
function cutLot(work: Work, put: Put, { bought, panels }: Wood, { name, parts, after }: Lot): (After | null)[] {
  const of = (ids: readonly string[]) => parts.filter(({ id }) => ids.includes(id));
  const [sheets, boards, sticks] = [of(work.kinds.sheets), of(work.kinds.boards), of(work.kinds.sticks)];
  const cutting = (what: string, pieces: readonly Part[], wood: After) => ({
    id: `${name}${what}`,
    parts: pieces,
    after: [wood, ...after],
  });
  return [
    sheets.length > 0 ? put(cutSheets(work, cutting('cut-sheets', sheets, bought))) : null,
    boards.length > 0 ? put(cutBoards(work, cutting('cut-boards', boards, panels))) : null,
    sticks.length > 0 ? put(cutSticks(work, cutting('cut-sticks', sticks, bought))) : null,
  ];
}

/** Writes the steps for planing, joints, holes, pins and brackets. */
function workLot(
  work: Work,
  put: Put,
  { name, parts }: Lot,
  cut: readonly (After | null)[],
): readonly (After | null)[] {
  const jointed = jointedOf(parts, work);
  let last = cut;
  const planed = planePieces(work, `${name}plane`, parts, last);
  if (planed) last = [put(planed)];
  if (jointed.length > 0) last = [put(cutJoints(work, `${name}joints`, jointed, last))];
  const drilled = drillPieces(work, `${name}drill`, parts, last);
  if (drilled) last = [put(drilled)];
  const pins = name === '' ? drillPins(work, parts, last) : null;
  if (pins) last = [put(pins)];
  if (parts.some(({ role }) => role.startsWith('bracket-')))
    last = [put(makeBrackets(work, `${name}brackets`, parts, last))];
  return last;
}

function assembled(work: Work, put: Put, after: readonly After[]): readonly After[] {
  const step = put(assembleUnit(work, after));
  return [work.job.build.hold === 'glue' ? { step, wait: 'glue' } : step];
}
