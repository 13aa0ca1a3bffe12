import type { Fixing } from '../fixing';
import type { Part } from '../fit';
import type { DesignJob, LoadUse } from '../../job';
import type { Contents } from '../layout';
import type { Opening } from '../../place/opening';
import type { Hardware, Hold } from '../system';
import { beamLoads, type BeamLoad } from './beams';
import { fixingLoads, type FixingLoad } from './fixingLoad';
import { sagLimits } from './limits';
import { lastingStrength, materialsFor, type Material, type Materials } from './materials';
import { heldBoard, leaningLoad, stayingLoad, type HeldBoard } from './model';
import { solvePlate, type PlateResult } from './plate';
import type { PlateLoad } from './plateModel';
import { carriedBy, type Carried } from './uses';
import { materialFor } from './lots';

/** How a shelf stands up to what is put on it. Planning values. Millimetres, kilograms, shares of 1. */
export interface Strength {
  readonly shelf: number;
  readonly carries: { readonly by: LoadUse; readonly kg: number; readonly selfKg: number };
  readonly spanMm: number;
  readonly sag: {
    /** At once, and after years under the same load. */
    readonly nowMm: number;
    readonly lastingMm: number;
    /** Where it is the most: from the board's left end, and out from the back. */
    readonly at: readonly [x: number, y: number];
    readonly seenMm: number;
    readonly usualMm: number;
    /** Whether it is seen, and whether it is more than is usual in building. */
    readonly state: 'good' | 'seen' | 'over';
  };
  /** How much of its bending strength is used by what stands on it for years, and when someone leans on it. */
  readonly bending: number;
  readonly leaning: number;
  readonly fixings: readonly FixingLoad[];
  /** The joint that is nearest to its limit; null where none carries anything. */
  readonly weakest: FixingLoad | null;
  /** `holds`: everything within its limits; `sags`: it bends more than is usual; `fails`: something may give way. */
  readonly state: 'holds' | 'sags' | 'fails';
  /** Sticks that carry it from post to post. */
  readonly beams: readonly BeamLoad[];
  /** The front edge as it hangs after years: along the board, and down. */
  readonly front: readonly (readonly [alongMm: number, downMm: number])[];
}

export interface StrengthInput {
  readonly holds: readonly Hold[];
  readonly parts: readonly Part[];
  readonly hardware: readonly Hardware[];
  readonly fixings: readonly Fixing[];
  readonly contents: Contents | null;
  readonly opening: Pick<Opening, 'extent' | 'surfaces'>;
  /** Where the back wall begins, from which spots on it are told; where the opening does if absent. Millimetres. */
  readonly wallFromMm?: number;
  readonly job: DesignJob;
}

/**
 * Someone leans for a moment: a material bears more then than for years (k_mod, short-term; EN 1995-1-1, table 3.1).
 */
const SHORT = 0.9;

/** A board that is held so that it cannot be reckoned, and one that can, with what it does. */
export interface Solved {
  readonly held: HeldBoard;
  readonly carried: Carried;
  readonly staying: PlateResult;
  readonly leaning: PlateResult;
}

/** What every shelf that is held does under its load; shelves that nothing holds still are left out. */
export function strengthOf(input: StrengthInput): Strength[] {
  const { job, holds, opening, fixings, hardware } = input;
  const materials = materialsFor(job);
  const known = new Map<string, readonly PlateResult[] | null>();
  return holds.flatMap((hold): Strength[] => {
    const solved = solveHold(hold, input, materials, known);
    if (!solved) return [];
    const { held } = solved;
    const ours = fixings.filter((fixing) => fixing.shelf === hold.shelf);
    const loads = fixingLoads({
      held,
      reactions: solved.staying.reactions,
      fixings: ours,
      hardware,
      left: input.wallFromMm ?? opening.extent.left,
      job,
      ...materials,
    });
    const beams = beamLoads(hold, solved.carried.kg + held.selfKg, held.model.lengthMm, materials.stick);
    return [toldStrength(solved, loads, beams, materials)];
  });
}

/** The boards of all shelves as they are held. */
export function heldBoards({ holds, parts, opening, job }: StrengthInput): HeldBoard[] {
  const materials = materialsFor(job);
  return holds.flatMap((hold) => heldBoard({ hold, parts, extent: opening.extent, ...materials }) ?? []);
}

function solveHold(
  hold: Hold,
  { parts, contents, opening, job }: StrengthInput,
  materials: Materials,
  known: Map<string, readonly PlateResult[] | null>,
): Solved | null {
  const held = heldBoard({ hold, parts, extent: opening.extent, ...materials });
  if (!held) return null;
  const carried = carriedBy(hold.shelf, held.model.lengthMm, job, contents);
  const staying = stayingLoad(held, carried);
  const loads = [staying, leaningLoad(held, staying)];
  const results = solveOnce(held, loads, known);
  const [first, second] = results ?? [];
  return first && second ? { held, carried, staying: first, leaning: second } : null;
}

/** Shelves that are alike are solved once; what carries each is named anew. */
function solveOnce(
  held: HeldBoard,
  loads: readonly PlateLoad[],
  known: Map<string, readonly PlateResult[] | null>,
): readonly PlateResult[] | null {
  const names = new Map(held.model.rests.map((one, i) => [`${i}`, one.id]));
  const model = { ...held.model, rests: held.model.rests.map((one, i) => ({ ...one, id: `${i}` })) };
  const ribs = model.ribs.map((rib) => ({ ...rib, id: '' }));
  const key = JSON.stringify([{ ...model, ribs }, loads], (_, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 1000) / 1000 : value,
  );
  const found = known.has(key) ? (known.get(key) as readonly PlateResult[] | null) : solvePlate(model, loads);
  known.set(key, found);
  return (
    found &&
    found.map((plateResult) => ({
      ...plateResult,
      reactions: plateResult.reactions.map((at) => ({ ...at, id: names.get(at.id) as string })),
    }))
  );
}

/**
 * How much of its strength a board and its ribs use.
 * @param lasting under a load that stays for years; else for a moment
 * @returns a share: 1 is all of it
 */
export function bendingUsed({ stress }: PlateResult, { board, front }: Materials, lasting: boolean): number {
  const bears = (material: Material) => {
    const { along, across } = lastingStrength(material);
    const by = lasting ? 1 : SHORT / material.lasting;
    return { along: along * by, across: across * by };
  };
  const [boards, fronts] = [bears(board), bears(front)];
  return Math.max(
    stress.along / boards.along,
    stress.across / boards.across,
    ...stress.ribs.map((rib) => rib / fronts.along),
  );
}

function toldStrength(
  { held, carried, staying, leaning }: Solved,
  fixings: readonly FixingLoad[],
  beams: readonly BeamLoad[],
  materials: Materials,
): Strength {
  const { shelf, spanMm, selfKg } = held;
  const sag = sagOf(staying, spanMm, materials);
  const weakest = fixings.reduce<FixingLoad | null>(
    (worst, fixing) => (!worst || fixing.used > worst.used ? fixing : worst),
    null,
  );
  const [bending, leans] = [bendingUsed(staying, materials, true), bendingUsed(leaning, materials, false)];
  const fails = Math.max(bending, leans, weakest?.used ?? 0, ...beams.map((beam) => beam.bending)) > 1;
  const sags = sag.state === 'over' || beams.some((beam) => beam.lastingMm > beam.usualMm);
  const { grid, sagMm } = staying;
  const row = grid.ys.length - 1;
  return {
    shelf,
    carries: { by: carried.by, kg: carried.kg, selfKg },
    spanMm,
    sag,
    bending,
    leaning: leans,
    fixings,
    weakest,
    beams,
    state: fails ? 'fails' : sags ? 'sags' : 'holds',
    front: held.model.outline
      ? []
      : grid.xs.map((x, i) => [x, (sagMm[i]?.[row] as number) * (1 + materials.board.creep)] as const),
  };
}

/** Sag at once and for good, against what is seen and what is usual. */
export function sagOf({ mostMm, mostAt }: PlateResult, spanMm: number, { board }: Materials): Strength['sag'] {
  const limits = sagLimits(spanMm);
  const lastingMm = mostMm * (1 + board.creep);
  return {
    nowMm: mostMm,
    lastingMm,
    at: mostAt,
    ...limits,
    state: lastingMm > limits.usualMm ? 'over' : lastingMm > limits.seenMm ? 'seen' : 'good',
  };
}

/** What all pieces weigh together, kilograms. */
export function weightOf(parts: readonly Part[], job: Pick<DesignJob, 'wood' | 'further'>): number {
  return parts.reduce((sum, { role, length, width, thicknessMm }) => {
    const { densityKgM3 } = materialFor(role, job);
    return sum + (length.mm * width.mm * thicknessMm * densityKgM3) / 1e9;
  }, 0);
}
