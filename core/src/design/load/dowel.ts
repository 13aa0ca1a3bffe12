/**
 * Lateral capacity of one screw, nail or bolt through one member into another, in single shear, with or without a gap
 * between them (lining the screw crosses and that does not bear).
 *
 * Source: American Wood Council, Technical Report 12, General Dowel Equations for Calculating Lateral Connection Values
 * (2014), table 1. Without a gap they are the equations of EN 1995-1-1, 8.2.2, without its rope effect.
 */

export interface DowelMember {
  /** How long the dowel bears in it, millimetres. */
  readonly lengthMm: number;
  /** Dowel bearing strength, N/mm². */
  readonly bearingMpa: number;
}

export interface Dowel {
  /** Of the shank that bears: the root diameter of a wood screw, millimetres. */
  readonly diameterMm: number;
  /** Bending yield strength, N/mm². */
  readonly yieldMpa: number;
}

/** The six ways such a joint yields, as they are named in the field. */
export const YIELD_MODES = ['Im', 'Is', 'II', 'IIIm', 'IIIs', 'IV'] as const;
export type YieldMode = (typeof YIELD_MODES)[number];

export interface DowelInput {
  /** Where the tip is, and what the screw is driven through. */
  readonly main: DowelMember;
  readonly side: DowelMember;
  readonly gapMm: number;
  readonly dowel: Dowel;
}

/** Yield load of a joint, newtons, in each mode; the least of them governs. */
export function lateralYield({ main, side, gapMm: g, dowel }: DowelInput): {
  readonly modes: Readonly<Record<YieldMode, number>>;
  readonly mode: YieldMode;
  readonly newtons: number;
} {
  const { diameterMm: d, yieldMpa } = dowel;
  const [qm, qs] = [main.bearingMpa * d, side.bearingMpa * d];
  const [lm, ls] = [main.lengthMm, side.lengthMm];
  const moment = (yieldMpa * d ** 3) / 6;
  /** The load p at which a·p² + b·p + c is nothing. */
  const load = (a: number, b: number, c: number) => (-b + Math.sqrt(b * b - 4 * a * c)) / (2 * a);
  const modes = {
    Im: qm * lm,
    Is: qs * ls,
    II: load(1 / (4 * qs) + 1 / (4 * qm), ls / 2 + g + lm / 2, -(qs * ls * ls) / 4 - (qm * lm * lm) / 4),
    IIIm: load(1 / (2 * qs) + 1 / (4 * qm), g + lm / 2, -moment - (qm * lm * lm) / 4),
    IIIs: load(1 / (4 * qs) + 1 / (2 * qm), ls / 2 + g, -(qs * ls * ls) / 4 - moment),
    IV: load(1 / (2 * qs) + 1 / (2 * qm), g, -2 * moment),
  };
  const mode = YIELD_MODES.reduce((least, yieldMode) => (modes[yieldMode] < modes[least] ? yieldMode : least));
  return { modes, mode, newtons: modes[mode] };
}

const PSI = 0.00689476;
const MM_PER_INCH = 25.4;

/**
 * Bearing strength of wood under a dowel thinner than a quarter of an inch, N/mm²: 16 600 G^1.84 psi (NDS for Wood
 * Construction 2018, table 12.3.3, note 2).
 * @param gravity density over that of water
 */
export const bearingOf = (gravity: number): number => 16_600 * gravity ** 1.84 * PSI;

/** Bending yield strength of common screws by their diameter, N/mm² (NDS 2018, table I1). */
export function screwYieldMpa(diameterMm: number): number {
  const inches = diameterMm / MM_PER_INCH;
  const psi = inches <= 0.142 ? 100_000 : inches <= 0.177 ? 90_000 : inches <= 0.236 ? 80_000 : 70_000;
  return psi * PSI;
}

/**
 * The load across a screw that one may rely on and that stays: its yield over K_D (NDS 2018, table 12.3.1B), times 0.9
 * (table 2.3.2).
 * @returns newtons
 */
export function reliableLateral(yieldN: number, diameterMm: number): number {
  const inches = diameterMm / MM_PER_INCH;
  const reduction = inches <= 0.17 ? 2.2 : 10 * inches + 0.5;
  return (yieldN / reduction) * PERMANENT;
}

const PERMANENT = 0.9;
/** Into end grain a screw bears less sideways (NDS 2018, 12.5.2.2). */
export const END_GRAIN = 0.67;

/**
 * What a wood screw holds against being pulled out of side grain, newtons: 2850 G² D lb for each inch of thread in the
 * wood (NDS 2018, 12.2.2), for a load that stays.
 * @param diameterMm of the thread @param threadMm of thread in the wood
 */
export function withdrawal(gravity: number, diameterMm: number, threadMm: number): number {
  const newtonsPerMm = (2850 * gravity ** 2 * (diameterMm / MM_PER_INCH) * 4.44822) / MM_PER_INCH;
  return newtonsPerMm * threadMm * PERMANENT;
}
