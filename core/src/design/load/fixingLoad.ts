import type { Fixing, Hole } from '../fixing';
import { ROOT } from '../fixing';
import type { Job } from '../../job';
import type { Hardware } from '../system';
import {
  bearingOf,
  END_GRAIN,
  lateralYield,
  reliableLateral,
  screwYieldMpa,
  withdrawal,
  type YieldMode,
} from './dowel';
import { GRAVITY } from './limits';
import type { Material } from './materials';
import type { HeldBoard } from './model';
import { ANCHOR_KG, PLUG_KG } from './ratings';
import type { PlateResult } from './plate';

/** What the worst-loaded hole of a joint carries, and what it may. Newtons. */
export interface FixingLoad {
  readonly fixing: string;
  /** Which of its holes, from 1; 0 for a bracket by its own rating. */
  readonly hole: number;
  readonly into: Hole['into'] | 'rating';
  readonly shearN: number;
  readonly mayShearN: number;
  readonly pullN: number;
  readonly mayPullN: number;
  /** Share of what it may carry: 1 is all of it. */
  readonly used: number;
  /** How the joint would yield, for a screw in wood. */
  readonly mode: YieldMode | null;
}

/** Framing timber as it is found in walls: softwood. */
const STUD_GRAVITY = 0.42;
/** Steel bears as this, N/mm² (NDS 2018, table 12N). */
const STEEL_MPA = 425;

interface CapacityInput {
  readonly fixing: Fixing;
  readonly job: Pick<Job, 'fixing'>;
  readonly board: Material;
  readonly stick: Material;
}

/** What one hole may carry sideways and in pull, newtons. */
export function mayCarry(
  hole: Pick<Hole, 'into'>,
  { fixing, job, board, stick }: CapacityInput,
): { readonly shearN: number; readonly pullN: number; readonly mode: YieldMode | null } {
  if (hole.into === 'anchor' || hole.into === 'plug') {
    const said = hole.into === 'anchor' ? (job.fixing.anchorKg?.kg ?? ANCHOR_KG) : (job.fixing.plugKg?.kg ?? PLUG_KG);
    return { shearN: said * GRAVITY, pullN: (said * GRAVITY) / 2, mode: null };
  }
  const { screw, passMm, liningMm, biteMm } = fixing;
  const root = screw.diameterMm * ROOT;
  const intoEnd = fixing.into.kind === 'piece' && fixing.into.grain === 'end';
  const main = hole.into === 'stud' ? STUD_GRAVITY : (intoEnd ? board : stick).densityKgM3 / 1000;
  const steel = fixing.through.kind === 'hardware';
  const { newtons, mode } = lateralYield({
    main: { lengthMm: biteMm, bearingMpa: bearingOf(main) * (intoEnd ? END_GRAIN : 1) },
    side: { lengthMm: passMm, bearingMpa: steel ? STEEL_MPA : bearingOf(stick.densityKgM3 / 1000) },
    gapMm: liningMm,
    dowel: { diameterMm: root, yieldMpa: screwYieldMpa(screw.diameterMm) },
  });
  return {
    shearN: reliableLateral(newtons, root),
    pullN: intoEnd ? 0 : withdrawal(main, screw.diameterMm, biteMm),
    mode,
  };
}

interface SharesInput extends Omit<CapacityInput, 'fixing'> {
  readonly held: HeldBoard;
  readonly reactions: PlateResult['reactions'];
  readonly fixings: readonly Fixing[];
  readonly hardware: readonly Hardware[];
  readonly left: number;
}

/** What every joint of a shelf carries of it: by the holes nearest to where the board bears. */
export function fixingLoads({
  held,
  reactions,
  fixings,
  hardware,
  left,
  job,
  board,
  stick,
}: SharesInput): FixingLoad[] {
  const own = fixings.flatMap((fixing): FixingLoad[] => {
    if (!fixing.carries) return [];
    const here = reactions.filter((reaction) => reaction.id === fixing.carries);
    const whole = here.reduce((sum, one) => sum + one.newtons, 0);
    const shares =
      fixing.leverMm > 0
        ? fixing.holes.map(() => whole / fixing.holes.length)
        : nearestShares(fixing, here, held, left);
    // A bracket tips about its foot: its uppermost screws are pulled.
    const arm = whole > 0 ? here.reduce((sum, one) => sum + one.newtons * one.at[1], 0) / whole : 0;
    const top = Math.max(...fixing.holes.map((hole) => hole.alongMm));
    const upper = fixing.holes.filter((hole) => hole.alongMm > top - 1).length;
    const loads = fixing.holes.map((hole, i): FixingLoad => {
      const may = mayCarry(hole, { fixing, job, board, stick });
      const shearN = Math.max(shares[i] as number, 0);
      const pullN =
        fixing.leverMm > 0 && hole.alongMm > top - 1 ? (Math.max(whole, 0) * arm) / fixing.leverMm / upper : 0;
      // Both at once: their squares add up (EN 1995-1-1, 8.3.3).
      const used = Math.hypot(shearN / may.shearN, pullN > 0 ? pullN / may.pullN : 0);
      return {
        fixing: fixing.id,
        hole: i + 1,
        into: hole.into,
        shearN,
        mayShearN: may.shearN,
        pullN,
        mayPullN: may.pullN,
        used,
        mode: may.mode,
      };
    });
    return loads.length === 0 ? [] : [loads.reduce((worst, load) => (load.used > worst.used ? load : worst))];
  });
  const rated = hardware.flatMap((item): FixingLoad[] => {
    if (item.shelf !== held.shelf) return [];
    const shearN = Math.max(
      reactions.reduce((sum, reaction) => sum + (reaction.id === item.id ? reaction.newtons : 0), 0),
      0,
    );
    const mayShearN = item.ratedKg * GRAVITY;
    return [
      {
        fixing: item.id,
        hole: 0,
        into: 'rating',
        shearN,
        mayShearN,
        pullN: 0,
        mayPullN: 0,
        used: shearN / mayShearN,
        mode: null,
      },
    ];
  });
  return [...own, ...rated];
}

/** Each bit of a line of bearing goes to the holes nearest to it along that line. */
function nearestShares(
  { holes, into, through }: Fixing,
  reactions: PlateResult['reactions'],
  { startMm, mirror, model: { outline } }: HeldBoard,
  left: number,
): number[] {
  const shares = holes.map(() => 0);
  const wall = into.kind === 'wall' ? into.wall : through.kind === 'wall' ? through.wall : null;
  const place = (hole: Hole) => hole.spot?.alongMm ?? hole.alongMm;
  for (const { at, newtons } of reactions) {
    const along = wall === 'back' ? (outline ? (mirror === 1 ? at[0] : -left - at[0]) : startMm + at[0] - left) : at[1];
    const off = holes.map((hole) => Math.abs(place(hole) - along));
    const least = Math.min(...off);
    const near = off.flatMap((one, i) => (one <= least + 1 ? [i] : []));
    for (const i of near) shares[i] = (shares[i] as number) + newtons / near.length;
  }
  return shares;
}
