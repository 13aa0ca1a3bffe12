import type { Part } from '../../fit';
import type { Change, Job, SystemName } from '../../../job';
import type { Message } from '../../../base/message';
import { systemOf } from '../../system';
import type { HeldBoard } from '../model';
import { heldBoards, type Strength, type StrengthInput } from '../strength';
import { backCleat, higherNosing, moreBrackets, moreScrews, otherWood, thickerBoard, together } from './kinds';
import { trialOf, type Found, type Trial } from './trial';

/** Something that would make a shelf stiff and strong enough, reckoned through. */
export interface Cure {
  readonly system: SystemName;
  /** The shelf it was reckoned for: the worst of those the system carries. */
  readonly shelf: number;
  readonly change: Change;
  readonly words: Message;
  readonly sagMm: number;
  readonly used: number;
  /** In relation to the others only. */
  readonly cost: number;
}

/** More than so many are no help in choosing. */
const MOST = 5;

/**
 * What would cure shelves that sag or give way, the cheapest first: for each system that carries one, reckoned for its
 * worst shelf with the whole plate.
 */
export function curesFor(input: StrengthInput, strengths: readonly Strength[]): Cure[] {
  const { support } = input.job;
  const bad = strengths.filter(({ state, sag }) => state !== 'holds' || sag.state !== 'good');
  const systems = [...new Set(bad.map(({ shelf }) => systemOf(support, shelf)))];
  return systems.flatMap((system) => {
    const ours = bad.filter(({ shelf }) => systemOf(support, shelf) === system);
    const worst = ours.reduce((a, b) => (badness(b) > badness(a) ? b : a));
    const held = heldBoards(input).find(({ shelf }) => shelf === worst.shelf);
    return held ? curesOf(held, worst, system, input) : [];
  });
}

const badness = ({ sag, bending, leaning, weakest }: Strength) =>
  Math.max(sag.lastingMm / sag.seenMm, bending, leaning, weakest?.used ?? 0);

const isStiff = ({ sag, bending, leaning }: Strength) => sag.state === 'good' && Math.max(bending, leaning) <= 1;

function curesOf(held: HeldBoard, worst: Strength, system: SystemName, input: StrengthInput): Cure[] {
  const { shelf, weakest } = worst;
  const { job, parts, contents, opening } = input;
  const trial = trialOf(held, { job, system, contents, boardLitres: litresOf(parts, system, job) });
  const stiffer = isStiff(worst) ? [] : stifferBoards(trial, opening.surfaces.includes('back'));
  const screwed = moreScrews(trial, weakest);
  return [...stiffer, ...(screwed ? [screwed] : [])]
    .map(({ change, words, tried, cost }) => ({
      system,
      shelf,
      change,
      words,
      sagMm: tried.sagMm,
      used: tried.used,
      cost,
    }))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST);
}

/** Cures for a board that bends too much: single changes first, then pairs. */
function stifferBoards(trial: Trial, hasBack: boolean): Found[] {
  const cleat = backCleat(trial, hasBack);
  const alone = [
    higherNosing(trial),
    thickerBoard(trial),
    otherWood(trial),
    moreBrackets(trial),
    cleat?.found ?? null,
  ].filter((found) => found !== null);
  return alone.length > 0 ? alone : together(trial, cleat?.base ?? null);
}

/** Wood of the boards a system carries, litres. */
function litresOf(parts: readonly Part[], system: SystemName, { support }: Pick<Job, 'support'>): number {
  return parts
    .filter(({ role, shelf }) => role === 'board' && systemOf(support, shelf) === system)
    .reduce((sum, { length, width, thicknessMm }) => sum + (length.mm * width.mm * thicknessMm) / 1e6, 0);
}
