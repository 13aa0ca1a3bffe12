import { figure, plus, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import { formatLength, MM_PER_INCH, type JobUnit } from '../../base/quantity';

/** A screw or pin as it is bought. Millimetres. */
export interface Screw {
  readonly kind: 'screw' | 'pin' | 'pocket';
  readonly diameterMm: number;
  readonly lengthMm: number;
  /** As it stands on the packet: `5 × 70`, `#10 × 2 3/4 in`. */
  readonly size: string;
}

/** What a screw is for: heavier ones hold things to walls. */
export type Duty = 'wall' | 'wood' | 'pin' | 'pocket';

interface Range {
  readonly diameterMm: number;
  readonly name: string;
  /** Lengths there are, millimetres. */
  readonly lengths: readonly number[];
}

const inches = (...all: number[]) => all.map((one) => one * MM_PER_INCH);

const METRIC: Readonly<Record<Duty, Range>> = {
  wall: { diameterMm: 5, name: '5', lengths: [20, 25, 30, 35, 40, 50, 60, 70, 80, 90, 100, 120] },
  wood: { diameterMm: 4, name: '4', lengths: [12, 16, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80] },
  pin: { diameterMm: 1.2, name: '1.2', lengths: [20, 25, 30, 40, 50] },
  pocket: { diameterMm: 4, name: '4', lengths: [25, 32, 38, 50, 64] },
};
const INCH: Readonly<Record<Duty, Range>> = {
  wall: { diameterMm: 4.83, name: '#10', lengths: inches(0.75, 1, 1.25, 1.5, 2, 2.5, 2.75, 3, 3.5, 4) },
  wood: { diameterMm: 4.17, name: '#8', lengths: inches(0.5, 0.625, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3) },
  pin: { diameterMm: 1.22, name: '18 ga', lengths: inches(0.75, 1, 1.25, 1.5, 2) },
  pocket: { diameterMm: 4.17, name: '#8', lengths: inches(1, 1.25, 1.5, 2, 2.5) },
};

/** What a screw passes before it bites, how deep it should bite, and how deep it may go at the most. Millimetres. */
export interface Way {
  /** Thickness of what it holds. */
  readonly passMm: number;
  /** Lining between that and what it bites into. */
  readonly liningMm: number;
  readonly biteMm: number;
  /** How deep what it bites into is: it must not come out again. */
  readonly haveMm: number;
}

/** A screw, how its length came about, and how deep it bites. */
export interface ChosenScrew {
  readonly screw: Screw;
  readonly length: Figure;
  readonly biteMm: number;
}

// What must be left of what a screw bites into, so that its tip does not show.
const LEFT_MM = 2;

/**
 * The screw for a joint: long enough for what it passes and its bite; where that would come out at the far side, the
 * longest that does not. Wood too thick for the longest of its own kind takes the stouter ones for walls.
 * @returns null where none there is bites at all
 */
export function screwFor(duty: Duty, way: Way, units: JobUnit): ChosenScrew | null {
  const own = screwOf(duty, way, units);
  const longest = (units === 'in' ? INCH : METRIC).wood.lengths.at(-1) as number;
  const wanted = way.passMm + way.liningMm + Math.min(way.biteMm, way.haveMm - LEFT_MM);
  if (duty !== 'wood' || wanted <= longest) return own;
  const stouter = screwOf('wall', way, units);
  return stouter && stouter.biteMm > (own?.biteMm ?? 0) ? stouter : own;
}

function screwOf(duty: Duty, { passMm, liningMm, biteMm, haveMm }: Way, units: JobUnit): ChosenScrew | null {
  const range = (units === 'in' ? INCH : METRIC)[duty];
  const before = passMm + liningMm;
  const most = before + haveMm - LEFT_MM;
  const { lengths } = range;
  const fitting = lengths.filter((length) => length <= most + 1e-6);
  const lengthMm = fitting.find((one) => one >= before + biteMm - 1e-6) ?? fitting.at(-1);
  if (lengthMm === undefined || lengthMm <= before) return null;
  let told = figure({ label: message('term.passes'), mm: passMm });
  told = plus(told, message('term.lining'), liningMm);
  const bite = lengthMm - before;
  told = plus(told, message('term.bite'), bite);
  const long = units === 'in' ? formatLength(lengthMm, { unit: 'in', denominator: 16, withUnit: true }) : lengthMm;
  const size = `${range.name} × ${long}`;
  return {
    screw: { kind: duty === 'wall' || duty === 'wood' ? 'screw' : duty, diameterMm: range.diameterMm, lengthMm, size },
    length: told,
    biteMm: bite,
  };
}

/**
 * The core of a wood screw between its threads, as a share of its diameter: what bears and what a pilot hole is for.
 */
export const ROOT = 0.65;

/** Holes for a screw, millimetres, as drills come: through what it holds, and into what it bites. */
export interface HoleSizes {
  readonly clearanceMm: number;
  readonly pilotMm: number;
  /** Across a countersunk head; 0 where there is none. */
  readonly countersinkMm: number;
}

/**
 * The hole for a plug in masonry: as wide as the plug for a screw so thick, and deeper than the screw goes.
 * Millimetres.
 */
export interface PlugHole {
  readonly drillMm: number;
  readonly deepMm: number;
}

const PLUG_DEEPER_MM = 10;

/**
 * The hole for a plug in masonry: as wide as its screw takes, and deeper than the screw bites.
 * @param biteMm how deep the screw goes into the wall
 */
export const plugHole = ({ diameterMm }: Screw, biteMm: number, units: JobUnit): PlugHole => ({
  drillMm: units === 'in' ? drill(diameterMm * 1.6, units, 'nearest') : Math.round(diameterMm * 1.6),
  deepMm: biteMm + PLUG_DEEPER_MM,
});

/** Drills there are in inches: from a sixteenth to a quarter by sixty-fourths, then by thirty-seconds. */
const INCH_DRILLS = [4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 18, 20, 22, 24].map(
  (one) => (one / 64) * MM_PER_INCH,
);

const drill = (mm: number, units: JobUnit, way: 'nearest' | 'up') => {
  if (units !== 'in') return way === 'up' ? Math.ceil(mm * 2 - 1e-9) / 2 : Math.round(mm * 2) / 2;
  if (way === 'up') return INCH_DRILLS.find((inchDrill) => inchDrill >= mm - 1e-9) ?? mm;
  return INCH_DRILLS.reduce((best, inchDrill) => (Math.abs(inchDrill - mm) < Math.abs(best - mm) ? inchDrill : best));
};

/** Clearance, pilot and countersink for a screw: the pilot a little less than its core. */
export function holesFor({ kind, diameterMm }: Screw, units: JobUnit): HoleSizes {
  if (kind !== 'screw') return { clearanceMm: 0, pilotMm: 0, countersinkMm: 0 };
  return {
    clearanceMm: drill(diameterMm + 0.25, units, 'up'),
    pilotMm: drill(diameterMm * ROOT * 0.95, units, 'nearest'),
    countersinkMm: Math.round(diameterMm * 2),
  };
}
