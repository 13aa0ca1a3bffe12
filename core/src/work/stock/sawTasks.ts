import type { Body } from '../../design/body';
import type { Part } from '../../design/fit';
import { furtherCuts, shapedIn, type FurtherCut } from '../../design/shaping';
import type { Job, Saw } from '../../job';
import { piecesOn } from './cutPieces';
import { cutKinds } from './glued';
import { madeBlanks, sawSteps } from './saw';
import type { SawStep } from './steps';

/** What is ticked at the saw: a straight cut of a layout, or a cut that makes a piece of its blank. */
export type SawTask =
  | { readonly kind: 'cut'; readonly id: string; readonly step: SawStep }
  | { readonly kind: 'further'; readonly id: string; readonly further: FurtherCut };

type SawnJob = Pick<Job, 'tools' | 'units' | 'stock' | 'region' | 'wood' | 'further' | 'tape'>;

/** Everything that is built: parts as they are asked for, and as they stand. */
export interface Sawn {
  readonly parts: readonly Part[];
  readonly body: Pick<Body, 'pieces' | 'fittings'>;
}

/** The further cuts of some parts, piece by piece; a panel that is glued up is cut to its blank first. */
function furtherOf(parts: readonly Part[], { parts: all, body }: Sawn, job: SawnJob): FurtherCut[] {
  const glued = new Set(cutKinds(all, job).glued);
  const shaped = shapedIn(body);
  return parts.flatMap((part) => furtherCuts(shaped(part), { job, glued: glued.has(part.id) }));
}

/** All cuts of a cutting that has begun: the straight ones, then those that make pieces of blanks. */
export function sawTasks(saw: Saw, built: Sawn, job: SawnJob): SawTask[] {
  const cuts = sawSteps(saw, job.stock.kerf.mm).map((step): SawTask => ({ kind: 'cut', id: step.id, step }));
  const blanks = [...piecesOn(saw).map((piece) => piece.blank), ...saw.made];
  const sawn = new Set(blanks.flatMap(partsOfBlank));
  const ours = built.parts.filter((part) => sawn.has(part.id));
  const further = furtherOf(ours, built, job).map((furtherCut): SawTask => ({
    kind: 'further',
    id: furtherCut.id,
    further: furtherCut,
  }));
  return [...cuts, ...further];
}

/** The parts a blank is of: its id without what piece of them it is; two, where they are nested. */
export const partsOfBlank = (blank: string): string[] => blank.replace(/~\d+$/, '').split('+');

/** Parts of which every piece is cut and every further cut is made. */
export function finishedParts(saw: Saw, tasks: readonly SawTask[], kerfMm: number): Set<string> {
  const done = new Set(saw.done);
  const made = madeBlanks(saw, kerfMm);
  const open = new Set([
    ...piecesOn(saw).flatMap((piece) => (made.has(piece.blank) ? [] : partsOfBlank(piece.blank))),
    ...tasks.flatMap((task) => (task.kind === 'further' && !done.has(task.id) ? [task.further.part] : [])),
  ]);
  const all = [...piecesOn(saw).map((piece) => piece.blank), ...saw.made].flatMap(partsOfBlank);
  return new Set(all.filter((one) => !open.has(one)));
}
