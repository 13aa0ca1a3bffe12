import type { Often, Person } from '../../../job';

/** Heights of a standing person's body above the floor, millimetres. */
export interface Reach {
  readonly hipMm: number;
  readonly eyeMm: number;
  /** As high as the fingers come, feet on the floor. */
  readonly reachMm: number;
}

// Shares of a person's height: Drillis and Contini, "Body segment parameters" (1966). The fingers come as high as
// the shoulder (0.818) with the arm (0.186 + 0.146 + 0.108) on top of it.
const HIP = 0.53;
const EYE = 0.936;
const FINGERS = 0.818 + 0.186 + 0.146 + 0.108;

/** Someone nobody said anything of, millimetres. */
export const USUAL_PERSON_MM = 1680;

/** Hip, eye and reach of a person of a height. */
export function reachOf(heightMm: number): Reach {
  return { hipMm: HIP * heightMm, eyeMm: EYE * heightMm, reachMm: FINGERS * heightMm };
}

/** Those who reach for a thing: the one who is named, else everyone, else someone of a usual height. */
export function reachesFor(who: string | undefined, people: readonly Person[]): Reach[] {
  const named = people.filter((person) => person.id === who);
  const all = named.length > 0 ? named : people;
  return all.length > 0 ? all.map((one) => reachOf(one.height.mm)) : [reachOf(USUAL_PERSON_MM)];
}

/** What one millimetre out of reach counts, by how often a thing is fetched. */
const USE: Readonly<Record<Often, number>> = { daily: 1, weekly: 0.3, rarely: 0 };
// What is rarely fetched gives up the good heights: for each millimetre below the eye.
const AWAY = 0.15;
// For each kilogram and each millimetre it is lifted above the floor.
const HEAVY = 0.02;

export interface Fetched {
  readonly often: Often;
  readonly reaches: readonly Reach[];
  /** All of this kind together. */
  readonly kg: number;
  /** Where a hand takes it, above what it stands on, millimetres. */
  readonly handMm: number;
}

/**
 * How much trouble it is to have all of a kind stand with their feet between two heights: the least over them. In
 * millimetres off the heights between hip and eye of whoever reaches for it, for a thing fetched daily; a weekly one
 * counts less; one rarely fetched is the better the higher; and a heavy one the better the lower. Convex in the height.
 */
export function effortAt(fromMm: number, toMm: number, { often, reaches, kg, handMm }: Fetched): number {
  const low = fromMm + handMm;
  const high = toMm + handMm;
  let off = 0;
  for (const { hipMm, eyeMm, reachMm } of reaches) {
    if (often === 'rarely') off += AWAY * Math.max(0, eyeMm - high);
    else off += USE[often] * (Math.max(0, hipMm - high, low - eyeMm) + Math.max(0, low - reachMm));
  }
  return off / reaches.length + HEAVY * kg * Math.max(0, fromMm);
}

/** Effort of fetching a thing from each height, millimetres. */
export function effortsOver(tops: Float64Array, fetched: Fetched): Float64Array {
  const efforts = new Float64Array(tops.length);
  for (let j = 0; j < tops.length; j += 1) efforts[j] = effortAt(tops[j] as number, tops[j] as number, fetched);
  return efforts;
}
