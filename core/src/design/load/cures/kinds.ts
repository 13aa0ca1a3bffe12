import { askedOf, type Change, type Job } from '../../../job';
import { count, length, message, nested, type Message } from '../../../base/message';
import { MM_PER_INCH } from '../../../base/quantity';
import { materialsOf, stiffnessOf, type Material, type Materials } from '../materials';
import type { PlateModel } from '../plateModel';
import type { Strength } from '../strength';
import { evenRests, nosed, nosing, thicker } from './stiffer';
import { leastGood, type Found, type Trial } from './trial';

/** Thicknesses and nosings as they are sold, millimetres. */
const THICKNESSES = {
  metric: [12, 15, 18, 22, 27, 32, 36, 40, 45, 50, 60],
  inch: [0.5, 0.625, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5].map((inches) => inches * MM_PER_INCH),
};
const NOSINGS = {
  metric: [35, 45, 57, 70, 95, 120],
  inch: [1.5, 2.5, 3.5, 5.5].map((inches) => inches * MM_PER_INCH),
};
const sold = (both: { readonly metric: number[]; readonly inch: number[] }, { units }: Pick<Job, 'units'>): number[] =>
  units === 'in' ? both.inch : both.metric;

/** A bracket more, with its screws, as litres of wood cost. */
const BRACKET_PRICE = 4;
const SCREW_PRICE = 0.1;
/** Most screws that fit in one joint (assumed). */
const MOST_SCREWS = 8;
/**
 * Distance from the wall at which a back cleat carries; sections of that cleat and its nosing. Millimetres (assumed).
 */
const BACK_CLEAT_MM = 10;
const CLEAT_SECTION_MM2 = 45 * 20;
const NOSING_MM = { thick: 20, section: 65 * 20 };

/** Tries higher nosings; null when the system has none or no size is enough. */
export function higherNosing(trial: Trial): Found | null {
  const { job, system, model, materials } = trial;
  const asked = askedOf(job, system) as Readonly<Record<string, unknown>>;
  const thick = asked.nosingThickness as { mm: number } | undefined;
  if (!thick || model.outline) return null;
  const now = model.ribs[0]?.heightMm ?? 0;
  const higher = sold(NOSINGS, job).filter((mm) => mm > now && mm > model.thicknessMm);
  const found = leastGood(higher, trial, (mm) => nosed(model, mm, thick.mm, materials.front));
  if (!found) return null;
  const litres = ((found.size - now) * thick.mm * model.lengthMm) / 1e6;
  return {
    change: { kind: 'nosing', system, heightMm: found.size },
    words: message('cure.nosing', { height: length(found.size) }),
    tried: found.tried,
    cost: litres * materials.front.price,
  };
}

const isHollow = ({ support }: Trial['job']) => support.system === 'floating-rails';

const thicknessesAbove = (job: Trial['job'], { thicknessMm }: PlateModel) =>
  sold(THICKNESSES, job).filter((mm) => mm > thicknessMm + 0.5);

/** Tries thicker boards; null for hollow shelves or when no size is enough. */
export function thickerBoard(trial: Trial): Found | null {
  const { job, model, materials, boardLitres } = trial;
  if (isHollow(job)) return null;
  const found = leastGood(thicknessesAbove(job, model), trial, (mm) => thicker(model, mm));
  if (!found) return null;
  return {
    change: { kind: 'thickness', mm: found.size },
    words: message('cure.thickness', { thickness: length(found.size) }),
    tried: found.tried,
    cost: boardLitres * (found.size / model.thicknessMm - 1) * materials.board.price,
  };
}

/** Woods stiffer after years of load, cheapest first. */
function stifferWoods({ job, materials }: Trial): Material[] {
  const lasting = ({ eAlongMpa, creep }: Material) => eAlongMpa / (1 + creep);
  return materialsOf(job.wood.own)
    .filter((material) => lasting(material) > lasting(materials.board))
    .sort((a, b) => a.price - b.price);
}

/** Tries other woods, cheapest first; null when none is enough. */
export function otherWood(trial: Trial): Found | null {
  const { model, materials, boardLitres, tryOut, tryRoughly } = trial;
  for (const board of stifferWoods(trial)) {
    const [of, by] = [
      { ...model, stiffness: stiffnessOf(board) },
      { ...materials, board },
    ];
    if (!tryRoughly(of, by).good) continue;
    const tried = tryOut(of, by);
    if (!tried.good) continue;
    return {
      change: { kind: 'material', id: board.id },
      words: message('cure.material', { material: nested(board.name) }),
      tried,
      cost: Math.max(boardLitres * (board.price - materials.board.price), 0),
    };
  }
  return null;
}

/** Tries more brackets; null for other systems or when no number is enough. */
export function moreBrackets(trial: Trial): Found | null {
  const { system, model } = trial;
  if (system !== 'brackets') return null;
  const now = model.rests.length;
  const numbers = [1, 2, 3, 4, 6].map((more) => now + more);
  const found = leastGood(numbers, trial, (n) => ({ ...model, rests: evenRests(model, n) }));
  if (!found) return null;
  const apartMm = Math.floor(model.lengthMm / found.size / 10) * 10;
  return {
    change: { kind: 'apart', mm: apartMm },
    words: message('cure.apart', { apart: length(apartMm) }),
    tried: found.tried,
    cost: (found.size - now) * BRACKET_PRICE,
  };
}

/** A change that is not enough by itself, and what the board is with it. */
interface Base {
  readonly change: Change;
  readonly words: Message;
  readonly model: PlateModel;
  readonly by: Materials;
  readonly cost: number;
}

/** Tries cleats on three sides instead of two: a cure, or a base for a pair; null without a back wall. */
export function backCleat(trial: Trial, hasBack: boolean): { found: Found | null; base: Base } | null {
  const { job, system, model, materials, tryOut } = trial;
  if (system !== 'end-cleats' || !hasBack) return null;
  const back = { id: 'back', from: [0, BACK_CLEAT_MM] as const, to: [model.lengthMm, BACK_CLEAT_MM] as const };
  const heightMm = model.ribs[0]?.heightMm ?? askedOf(job, 'three-side-cleats').nosingHeight.mm;
  const onCleats = {
    ...model,
    rests: [...model.rests, back],
    ribs: [nosing(model, heightMm, NOSING_MM.thick, materials.front)],
  };
  const tried = tryOut(onCleats);
  const litres = ((CLEAT_SECTION_MM2 + NOSING_MM.section) * model.lengthMm) / 1e6;
  const change: Change = { kind: 'system', from: system, to: 'three-side-cleats' };
  const words = message('cure.system', { system: nested(message('system.three-side-cleats')) });
  const cost = litres * materials.front.price;
  const base = { change, words, model: onCleats, by: materials, cost };
  return { found: tried.good ? { change, words, tried, cost } : null, base };
}

/** Pairs of changes when no single one is enough: another wood or a back cleat, with a thicker board. */
export function together(trial: Trial, cleat: Base | null): Found[] {
  const { job, model, materials, boardLitres } = trial;
  if (isHollow(job)) return [];
  const woods = stifferWoods(trial).map((board): Base => ({
    change: { kind: 'material', id: board.id },
    words: message('cure.material', { material: nested(board.name) }),
    model: { ...model, stiffness: stiffnessOf(board) },
    by: { ...materials, board },
    cost: boardLitres * (board.price - materials.board.price),
  }));
  return [...(cleat ? [cleat] : []), ...woods].flatMap((base) => {
    const sizes = thicknessesAbove(job, model);
    const found = leastGood(sizes, trial, (mm) => thicker(base.model, mm), base.by);
    if (!found) return [];
    const more = boardLitres * (found.size / model.thicknessMm - 1) * base.by.board.price;
    return [
      {
        change: { kind: 'all', changes: [base.change, { kind: 'thickness', mm: found.size }] } as const,
        words: message('cure.both', {
          first: nested(base.words),
          second: nested(message('cure.thickness', { thickness: length(found.size) })),
        }),
        tried: found.tried,
        cost: Math.max(base.cost, 0) + more,
      },
    ];
  });
}

/** Counts the screws the weakest joint needs; null when the joint holds or the screws find no place. */
export function moreScrews({ job, system }: Trial, weakest: Strength['weakest']): Found | null {
  const asked = askedOf(job, system) as Readonly<Record<string, unknown>>;
  const screws = asked.screws as number | undefined;
  if (!weakest || weakest.used <= 1 || weakest.into === 'rating' || screws === undefined) return null;
  const needed = Math.ceil(screws * weakest.used);
  if (needed > MOST_SCREWS) return null;
  return {
    change: { kind: 'screws', system, count: needed },
    words: message('cure.screws', { count: count(needed) }),
    tried: { sagMm: 0, used: (weakest.used * screws) / needed, good: true },
    cost: (needed - screws) * SCREW_PRICE,
  };
}
