import { figure, plus, type Figure } from '../../../base/figure';
import { perOwner } from '../../../base/memory';
import type { Thing } from '../../../job';
import { count, message, text } from '../../../base/message';
import { snapToTape, TAPE_STEP_MM, type Tape } from '../../../base/quantity';
import type { Opening } from '../../../place/opening';
import { metAt } from '../keepClear';
import type { Laid, Setting, Top } from '../setting';
import { kindOf, leastFront, pileMm, stancesOf, type Kind } from './kinds';
import { LITTLE_EFFORT, placeThings, USUAL_EFFORT, type Placing } from './place';
import type { Ground, Must } from './settle';
import type { Change, Contents } from './contentsIs';
import { depthAt, fitsAtAll, leftOutProblems, told } from './told';
import { wayOut } from './wayOut';

/** The least clear gap unless said otherwise, millimetres: a hand and what it holds. */
export const LEAST_GAP_MM = 100;

/**
 * Decides the heights by what is to be stored, and what stands on which shelf.
 * @returns null where so many shelves do not fit, however they are laid
 */
export function storeIn(setting: Setting, top: { readonly mm: number }): Laid | null {
  const { held, input } = setting;
  const { job } = input;
  const widthMm = clearWidth(setting, setting.bottom.at.mm, top.mm);
  const shelves = Math.max(job.shelves.count, held.length);
  const placing = decide(setting, top.mm, shelves, widthMm, job.things);
  if (placing.tops.length === 0) return null;
  const tops = placing.tops.map((mm, index): Top => {
    const known = held.find((one) => Math.abs(one.top.mm - mm) < 1e-6);
    return known ?? { top: topFigure(setting, placing, index), held: null, id: null };
  });
  const contents = told(setting, placing, top.mm, widthMm, () =>
    wayOut(setting, top.mm, shelves, (change) => everythingIn(setting, change, widthMm)),
  );
  return { shelves: tops, problems: leftOutProblems(contents, job.things), contents };
}

/**
 * How a top came about: what stands below it with the room it asks for, what hangs into that, the board, and the rest.
 */
function topFigure({ input: { job, under }, bottom }: Setting, { tops, standing }: Placing, index: number): Figure {
  const mm = tops[index] as number;
  const below = tops[index - 1];
  const from = below === undefined ? bottom.at.mm : below;
  const here = standing.filter((one) => one.shelf === index);
  const highest = here.reduce<{ readonly id: string; readonly mm: number } | null>((most, one) => {
    const need = pileMm(one.stance, one.count);
    return need > (most?.mm ?? 0) ? { id: one.kind, mm: need } : most;
  }, null);
  const start = figure({
    label:
      below === undefined ? message('term.bottomBoundary') : message('term.topOfShelfBelow', { shelf: count(index) }),
    mm: from,
  });
  const name = text(job.things.find((thing) => thing.id === highest?.id)?.name ?? '');
  const stood = highest
    ? plus(plus(start, message('term.highest', { name }), highest.mm), message('term.hangsIn'), under.hangsMm)
    : start;
  const board = plus(stood, message('term.plusThickness'), job.shelves.thickness.mm);
  const rest = mm - board.mm;
  return Math.abs(rest) < 1e-6 ? board : plus(board, message('term.roomToSpare'), rest);
}

/** Another support often leaves shelves and things as they are. */
const placings = perOwner<Opening, Placing>(4);

/**
 * What stands on shelves whose heights are decided already.
 * @param tops tops of the shelves above the floor mark, millimetres, rising
 * @returns null where nothing is listed or the top of the space is not known
 */
export function storedOn(setting: Setting, tops: readonly number[]): Contents | null {
  const { input, bottom, top } = setting;
  const { job } = input;
  if (job.things.length === 0 || !top || tops.length === 0) return null;
  const thickness = job.shelves.thickness.mm;
  const topMm = Math.max(top.mm, ...tops);
  const bottomMm = Math.min(bottom.at.mm, (tops[0] as number) - thickness);
  const widthMm = clearWidth(setting, bottomMm, topMm);
  const ground: Ground = {
    ...shared(setting),
    depthsMm: depthsOf(setting, tops.length),
    tops: Float64Array.from(tops),
    count: tops.length,
    bottomMm,
    topMm,
    leastGapMm: 0,
    musts: tops.map((mm) => ({ fromMm: mm, toMm: mm })),
  };
  // No space is higher than this, so what is higher need not be tried.
  const highMm = Math.max(...[...tops, topMm + thickness].map((top, i) => top - thickness - (tops[i - 1] ?? bottomMm)));
  const kinds = kindsFor(setting, ground, job.things, widthMm, highMm);
  const placing = placings(input.opening, [tops, { ...ground, tops: [] }, kinds, widthMm], () =>
    placeThings(ground, ground, kinds, widthMm),
  );
  if (placing.tops.length === 0) return null;
  return told(setting, placing, topMm, widthMm, () => []);
}

/** What no stretch of heights changes: the boards, and what hangs below them. */
function shared({ input: { job, under }, bottom }: Setting) {
  return { thicknessMm: job.shelves.thickness.mm, hangsMm: under.hangsMm, stands: bottom.stands };
}

/** Depth of what things stand on in each space: the bottom boundary, then so many shelves from the lowest up. */
function depthsOf({ input }: Setting, shelves: number): number[] {
  return Array.from({ length: shelves + 1 }, (_, shelf) => depthAt(input, shelf));
}

function kindsFor(
  { input: { job } }: Setting,
  { topMm, bottomMm, depthsMm = [] }: Ground,
  things: readonly Thing[],
  widthMm: number,
  highMm = topMm - bottomMm,
): Kind[] {
  const most = {
    widthMm,
    depthMm: Math.max(...depthsMm),
    highMm,
    even: new Set(depthsMm).size === 1,
  };
  return things.map((thing) => kindOf(thing, job.people, most));
}

function everythingIn(setting: Setting, { shelves, bottomMm, topMm }: Change, widthMm: number): boolean {
  const { things, shelves: wish } = setting.input.job;
  const able = things.filter((thing) => fitsAtAll(thing, setting, widthMm));
  const front = able.reduce((sum, one) => sum + leastFront({ stances: stancesOf(one), count: one.count }), 0);
  if (front > widthMm * (topMm - bottomMm - shelves * wish.thickness.mm)) return false;
  const changed = {
    ...setting,
    bottom: { ...setting.bottom, at: figure({ label: message('term.bottomTyped'), mm: bottomMm }) },
  };
  const placing = decide(changed, topMm, shelves, widthMm, things, true);
  const couldStand = new Set(able.map((one) => one.id));
  return placing.tops.length > 0 && placing.out.every((one) => !couldStand.has(one.kind));
}

function decide(
  setting: Setting,
  topMm: number,
  shelves: number,
  widthMm: number,
  things: readonly Thing[],
  quick = false,
): Placing {
  const { held, input, blocked, bottom } = setting;
  const { job } = input;
  const bottomMm = bottom.at.mm;
  const thickness = job.shelves.thickness.mm;
  const musts: Must[] = held.map((one) => ({ fromMm: one.top.mm, toMm: one.top.mm }));
  // Sides of a case with pins are held apart by one shelf near the middle that is fixed.
  const middle = (bottomMm + topMm) / 2;
  if (job.pins && held.length === 0) musts.push({ fromMm: middle - NEAR_MIDDLE_MM, toMm: middle + NEAR_MIDDLE_MM });
  const free = (mm: number) => mm >= bottomMm + thickness - 1e-6 && mm < topMm && metAt(mm, blocked).length === 0;
  const edges = blocked.flatMap((one) => [
    snapToTape(one.fromMm, job.tape, 'down'),
    snapToTape(one.toMm, job.tape, 'up'),
  ]);
  const always = [
    ...held.map((one) => one.top.mm),
    ...[...edges, snapToTape(bottomMm + thickness, job.tape, 'up')].filter(free),
  ];
  const step = markMm(job.tape);
  const all = (every: number): Float64Array => {
    const marks: number[] = [];
    for (let mm = Math.ceil(bottomMm / step) * step; mm < topMm; mm += step * every) if (free(mm)) marks.push(mm);
    return Float64Array.from([...new Set([...marks, ...always])].sort((a, b) => a - b));
  };
  // Held shelves may be nearer to one another than others would be laid.
  const asked = job.shelves.leastGap?.mm ?? LEAST_GAP_MM;
  const between = held.slice(1).map((one, i) => one.top.mm - thickness - (held[i] as (typeof held)[number]).top.mm);
  const last = held.at(-1);
  const ground = {
    ...shared(setting),
    depthsMm: depthsOf(setting, shelves),
    count: shelves,
    bottomMm: Math.min(bottomMm, ...held.map((one) => one.top.mm - thickness)),
    topMm: Math.max(topMm, last ? last.top.mm : 0),
    leastGapMm: Math.max(Math.min(asked, ...between, last ? Math.max(topMm - last.top.mm, 0) : Infinity), 0),
    musts,
  };
  const coarse = all(Math.max(Math.round((topMm - bottomMm) / step / COARSE_HEIGHTS), 1));
  const kinds = kindsFor(setting, { ...ground, tops: coarse }, things, widthMm);
  return placeThings(
    { ...ground, tops: all(1) },
    { ...ground, tops: coarse },
    kinds,
    widthMm,
    quick ? LITTLE_EFFORT : USUAL_EFFORT,
  );
}

/** A fixed shelf within this of the middle still keeps the sides from bowing, millimetres. */
const NEAR_MIDDLE_MM = 90;
/** As many heights as the coarse search looks at, about. */
const COARSE_HEIGHTS = 90;

/** Tops lie on marks of the tape no finer than this: a pencil line is not. */
function markMm(tape: Tape): number {
  const step = TAPE_STEP_MM[tape];
  return step < 1 ? 2 * step : step;
}

/** The least clear width over a range of heights, rounded down to the tape: between walls, posts, or case sides. */
function clearWidth({ input: { opening, job, besideMm = 0 }, inside }: Setting, fromUp: number, toUp: number): number {
  const { extent, surfaces } = opening;
  if (inside) return snapToTape(inside.across.toMm - inside.across.fromMm, job.tape, 'down');
  if (!surfaces.includes('left') || !surfaces.includes('right')) return extent.right - extent.left - 2 * besideMm;
  const widths = Array.from({ length: 9 }, (_, i) => {
    const up = fromUp + ((toUp - fromUp) * i) / 8;
    const at = (surface: 'left' | 'right', out: number) => opening.position({ surface, out, up }).mm;
    return [0, job.shelves.depth.mm].map((out) => at('right', out) - at('left', out));
  });
  return snapToTape(Math.min(...widths.flat()) - 2 * besideMm, job.tape, 'down');
}
