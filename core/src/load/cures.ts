import { askedOf, type Change, type Job, type SystemName } from '../job';
import { count, length, message, nested, type Message } from '../message';
import type { Part } from '../fit';
import { MM_PER_INCH } from '../quantity';
import { systemOf } from '../system';
import { materialsFor, materialsOf, stiffnessOf, type Material, type Materials } from './materials';
import { leaningLoad, stayingLoad, type HeldBoard } from './model';
import { solvePlate, type PlateModel } from './plate';
import { bendingUsed, heldBoards, sagOf, type Strength, type StrengthInput } from './strength';
import { carriedBy } from './uses';

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

/** Thicknesses and nosings as they are sold, millimetres. */
const THICKNESSES = {
  metric: [12, 15, 18, 22, 27, 32, 36, 40, 45, 50, 60],
  inch: [0.5, 0.625, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5].map((one) => one * MM_PER_INCH),
};
const NOSINGS = { metric: [35, 45, 57, 70, 95, 120], inch: [1.5, 2.5, 3.5, 5.5].map((one) => one * MM_PER_INCH) };
const of = <T>(both: { readonly metric: T; readonly inch: T }, { units }: Pick<Job, 'units'>): T =>
  units === 'in' ? both.inch : both.metric;
/** A bracket more, with its screws, as litres of wood cost. */
const BRACKET_PRICE = 4;
const SCREW_PRICE = 0.1;

/**
 * What would cure shelves that sag or give way, the cheapest first: for each system that carries one, reckoned for its
 * worst shelf with the whole plate.
 */
export function curesFor(input: StrengthInput, strengths: readonly Strength[]): Cure[] {
  const { job } = input;
  const bad = strengths.filter((one) => one.state !== 'holds' || one.sag.state !== 'good');
  const systems = [...new Set(bad.map((one) => systemOf(job.support, one.shelf)))];
  return systems.flatMap((system) => {
    const ours = bad.filter((one) => systemOf(job.support, one.shelf) === system);
    const worst = ours.reduce((a, b) => (badness(b) > badness(a) ? b : a));
    const held = heldBoards(input).find((one) => one.shelf === worst.shelf);
    return held ? curesOf(held, worst, system, input) : [];
  });
}

const badness = ({ sag, bending, leaning, weakest }: Strength) =>
  Math.max(sag.lastingMm / sag.seenMm, bending, leaning, weakest?.used ?? 0);

interface Tried {
  readonly sagMm: number;
  readonly used: number;
  readonly good: boolean;
}

function curesOf(held: HeldBoard, { shelf, weakest }: Strength, system: SystemName, input: StrengthInput): Cure[] {
  const { job, parts } = input;
  const materials = materialsFor(job);
  const asked = askedOf(job, system) as Readonly<Record<string, unknown>>;
  const boardLitres = litresOf(parts, system, job, 'board');
  const cures: Cure[] = [];
  const give = (change: Change, words: Message, tried: Tried, cost: number) =>
    cures.push({ system, shelf, change, words, sagMm: tried.sagMm, used: tried.used, cost });
  const carried = carriedBy(shelf, held.model.lengthMm, job, input.contents);
  const tryOut = (model: PlateModel, by: Materials): Tried => {
    const board = { ...held, model };
    const staying = stayingLoad(board, carried);
    const solved = solvePlate(model, [staying, leaningLoad(board, staying)]);
    if (!solved?.[0] || !solved[1]) return { sagMm: Infinity, used: Infinity, good: false };
    const sag = sagOf(solved[0], held.spanMm, by);
    const used = Math.max(bendingUsed(solved[0], by, true), bendingUsed(solved[1], by, false));
    return { sagMm: sag.lastingMm, used, good: sag.state === 'good' && used <= 1 };
  };
  /** The first of some models, in their order, that is good. */
  const first = <T>(all: readonly T[], model: (one: T) => PlateModel, by: (one: T) => Materials) => {
    for (const one of all) {
      const tried = tryOut(model(one), by(one));
      if (tried.good) return { one, tried };
    }
    return null;
  };
  /** The least of some models, each stiffer than the one before, that is good. */
  const least = <T>(all: readonly T[], model: (one: T) => PlateModel, by = materials) => {
    let found: { readonly one: T; readonly tried: Tried } | null = null;
    for (let [low, high] = [0, all.length]; low < high;) {
      const middle = (low + high) >> 1;
      const one = all[middle] as T;
      const tried = tryOut(model(one), by);
      if (tried.good) [found, high] = [{ one, tried }, middle];
      else low = middle + 1;
    }
    return found;
  };
  const { model } = held;
  const joints = weakest !== null && weakest.used > 1;
  const bends = !tryOut(model, materials).good;
  if (bends) {
    const together: Base[] = [];
    const [rib] = model.ribs;
    const hollow = job.support.system === 'floating-rails';
    const thick = asked.nosingThickness as { mm: number } | undefined;
    if (thick && !model.outline) {
      const found = least(
        of(NOSINGS, job).filter((mm) => mm > (rib?.heightMm ?? 0) && mm > model.thicknessMm),
        (mm) => nosed(model, mm, thick.mm, materials.stick),
      );
      if (found) {
        const more = (found.one - (rib?.heightMm ?? 0)) * thick.mm * model.lengthMm;
        give(
          { is: 'nosing', system, heightMm: found.one },
          message('cure.nosing', { height: length(found.one) }),
          found.tried,
          (more / 1e6) * materials.stick.price,
        );
      }
    }
    if (!hollow) {
      const found = least(
        of(THICKNESSES, job).filter((mm) => mm > model.thicknessMm + 0.5),
        (mm) => thicker(model, mm),
      );
      if (found)
        give(
          { is: 'thickness', mm: found.one },
          message('cure.thickness', { thickness: length(found.one) }),
          found.tried,
          boardLitres * (found.one / model.thicknessMm - 1) * materials.board.price,
        );
    }
    const others = materialsOf(job.wood.own)
      .filter((one) => one.eAlongMpa / (1 + one.creep) > materials.board.eAlongMpa / (1 + materials.board.creep))
      .sort((a, b) => a.price - b.price);
    const found = first(
      others,
      (one) => ({ ...model, stiffness: stiffnessOf(one) }),
      (one) => ({ ...materials, board: one }),
    );
    if (found)
      give(
        { is: 'material', id: found.one.id },
        message('cure.material', { material: nested(found.one.name) }),
        found.tried,
        Math.max(boardLitres * (found.one.price - materials.board.price), 0),
      );
    if (system === 'brackets') {
      const now = model.rests.length;
      const found = least(
        [1, 2, 3, 4, 6].map((more) => now + more),
        (n) => ({ ...model, rests: evenRests(model, n) }),
      );
      if (found) {
        const apartMm = Math.floor(model.lengthMm / found.one / 10) * 10;
        give(
          { is: 'apart', mm: apartMm },
          message('cure.apart', { apart: length(apartMm) }),
          found.tried,
          (found.one - now) * BRACKET_PRICE,
        );
      }
    }
    if (system === 'end-cleats' && input.opening.surfaces.includes('back')) {
      const back = { id: 'back', from: [0, BACK_CLEAT_MM] as const, to: [model.lengthMm, BACK_CLEAT_MM] as const };
      const onCleats = {
        ...model,
        rests: [...model.rests, back],
        ribs: [nosing(model, rib?.heightMm ?? usualNosing(job), 20, materials.stick)],
      };
      const tried = tryOut(onCleats, materials);
      const litres = ((45 * 20 + 65 * 20) * model.lengthMm) / 1e6;
      const change: Change = { is: 'system', from: system, to: 'three-side-cleats' };
      const words = message('cure.system', { system: nested(message('system.three-side-cleats')) });
      const cost = litres * materials.stick.price;
      if (tried.good) give(change, words, tried, cost);
      else together.push({ change, words, model: onCleats, by: materials, cost });
    }
    // What nothing cures alone, two things may.
    if (cures.length === 0) {
      for (const one of others)
        together.push({
          change: { is: 'material', id: one.id },
          words: message('cure.material', { material: nested(one.name) }),
          model: { ...model, stiffness: stiffnessOf(one) },
          by: { ...materials, board: one },
          cost: boardLitres * (one.price - materials.board.price),
        });
      for (const base of hollow ? [] : together) {
        const found = least(
          of(THICKNESSES, job).filter((mm) => mm > model.thicknessMm + 0.5),
          (mm) => thicker(base.model, mm),
          base.by,
        );
        if (!found) continue;
        const more = boardLitres * (found.one / model.thicknessMm - 1) * base.by.board.price;
        give(
          { is: 'all', changes: [base.change, { is: 'thickness', mm: found.one }] },
          message('cure.both', {
            first: nested(base.words),
            second: nested(message('cure.thickness', { thickness: length(found.one) })),
          }),
          found.tried,
          Math.max(base.cost, 0) + more,
        );
      }
    }
  }
  const screws = asked.screws as number | undefined;
  if (joints && screws !== undefined) {
    const needed = Math.ceil(screws * weakest.used);
    if (needed <= 8 && weakest.into !== 'rating')
      give(
        { is: 'screws', system, count: needed },
        message('cure.screws', { count: count(needed) }),
        { sagMm: 0, used: (weakest.used * screws) / needed, good: true },
        (needed - screws) * SCREW_PRICE,
      );
  }
  return cures.sort((a, b) => a.cost - b.cost).slice(0, MOST);
}

/** More than so many are no help in choosing. */
const MOST = 5;

/** A change that is not enough by itself, and what the board is with it. */
interface Base {
  readonly change: Change;
  readonly words: Message;
  readonly model: PlateModel;
  readonly by: Materials;
  readonly cost: number;
}

/** Where a back cleat carries, about, out from the wall. */
const BACK_CLEAT_MM = 10;

const usualNosing = (job: Job) => askedOf(job, 'three-side-cleats').nosingHeight.mm;

function nosing(
  { lengthMm, depthMm, thicknessMm }: PlateModel,
  heightMm: number,
  thickMm: number,
  stick: Material,
): PlateModel['ribs'][number] {
  return {
    id: 'nosing',
    fromMm: 0,
    toMm: lengthMm,
    outMm: depthMm,
    thicknessMm: thickMm,
    heightMm,
    offsetMm: thicknessMm / 2 - heightMm / 2,
    modulusMpa: stick.eAlongMpa,
    shearMpa: stick.shearMpa,
  };
}

/**
 * The plate with a higher nosing; one that had none becomes less deep by its thickness, for the shelf stays as deep.
 */
function nosed(model: PlateModel, heightMm: number, thickMm: number, stick: Material): PlateModel {
  const depthMm = model.ribs.length > 0 ? model.depthMm : model.depthMm - thickMm;
  const within = ([x, y]: readonly [number, number]) => [x, Math.min(y, depthMm)] as const;
  const rests = model.rests.map((rest) => ({ ...rest, from: within(rest.from), to: within(rest.to) }));
  const board = { ...model, depthMm, rests };
  return { ...board, ribs: [nosing(board, heightMm, thickMm, stick)] };
}

/** The plate with a thicker board: a nosing whose top lies level with it moves along. */
function thicker(model: PlateModel, thicknessMm: number): PlateModel {
  const by = (thicknessMm - model.thicknessMm) / 2;
  return {
    ...model,
    thicknessMm,
    ribs: model.ribs.map((rib) => ({ ...rib, offsetMm: rib.offsetMm === 0 ? 0 : rib.offsetMm + by })),
  };
}

/** So many brackets, even, half a space in from the ends. */
function evenRests({ lengthMm, rests }: PlateModel, n: number): PlateModel['rests'] {
  const reach = Math.max(...rests.map((one) => one.to[1]));
  return Array.from({ length: n }, (_, i) => {
    const x = ((i + 0.5) * lengthMm) / n;
    return { id: `${i}`, from: [x, 0] as const, to: [x, reach] as const };
  });
}

/** Wood of the boards a system carries, litres. */
function litresOf(parts: readonly Part[], system: SystemName, { support }: Job, role: Part['role']): number {
  return parts
    .filter((one) => one.role === role && systemOf(support, one.shelf) === system)
    .reduce((sum, one) => sum + (one.length.mm * one.width.mm * one.thicknessMm) / 1e6, 0);
}
