import { TAPE_STEP_MM, type Tape } from '../../base/quantity';
import { apart, near, touch } from './apart';
import type { Stander } from './screws';
import { dot, type Vector } from './vector';

/** Where two pieces or fittings touch. */
export interface Contact {
  readonly a: string;
  readonly b: string;
  /** Square to the faces that touch, from the first to the second. */
  readonly normal: Vector;
  readonly at: Vector;
  readonly areaMm2: number;
}

/** Two pieces or fittings that are in one another, and how deep. Millimetres. */
export interface Overlap {
  readonly a: string;
  readonly b: string;
  readonly deepMm: number;
}

/** Two solids share no more depth than this: what is rounded and what is planed off. Millimetres. */
export const SHARED_MM = 0.3;
/** They touch where no more than this is between them, beside what a tape rounds down to. Millimetres. */
const TOUCH_MM = 0.3;
/** Faces that share less than this touch at an edge only, square millimetres. */
const LEAST_AREA_MM2 = 20;

/** Whether two things are meant to be in one another: a pin in its hole. */
const driven = (a: Stander, b: Stander): boolean => [a, b].some((one) => one.id.startsWith('pin-'));

/** Where the solids of a body touch one another, and where they are in one another. */
export function meetingsOf(
  standing: ReadonlyMap<string, Stander>,
  tape: Tape,
): { readonly contacts: Contact[]; readonly overlaps: Overlap[] } {
  // A piece may be short by a mark of the tape at either end.
  const touchMm = TOUCH_MM + TAPE_STEP_MM[tape];
  const contacts: Contact[] = [];
  const overlaps: Overlap[] = [];
  const all = [...standing.values()];
  all.forEach((a, i) => {
    for (const b of all.slice(i + 1)) {
      if (!near(a.placed.bounds, b.placed.bounds, touchMm)) continue;
      const { deepMm, touches } = meeting(a, b, touchMm);
      if (deepMm > SHARED_MM && !driven(a, b)) overlaps.push({ a: a.id, b: b.id, deepMm });
      contacts.push(...touches.map((one) => ({ a: a.id, b: b.id, ...one })));
    }
  });
  return { contacts, overlaps };
}

/** How two solids meet: how deep at the most, and every side on which they touch. */
function meeting(a: Stander, b: Stander, touchMm: number) {
  let deepMm = 0;
  const touches: { normal: Vector; at: Vector; areaMm2: number }[] = [];
  a.placed.parts.forEach((first, i) => {
    b.placed.parts.forEach((second, k) => {
      if (!near(a.placed.each[i]!, b.placed.each[k]!, touchMm)) return;
      const { mm, normal } = apart(first, second, SHARED_MM);
      deepMm = Math.max(deepMm, -mm);
      if (mm > touchMm || mm < -SHARED_MM) return;
      const found = touch(first.body, second.body, normal);
      if (!found) return;
      const same = touches.findIndex((one) => dot(one.normal, normal) > SAME_WAY);
      const other = touches[same];
      if (!other) touches.push(found);
      else if (found.areaMm2 > other.areaMm2) touches[same] = { ...found, areaMm2: found.areaMm2 + other.areaMm2 };
      else touches[same] = { ...other, areaMm2: found.areaMm2 + other.areaMm2 };
    });
  });
  return { deepMm, touches: touches.filter((one) => one.areaMm2 >= LEAST_AREA_MM2) };
}
const SAME_WAY = 0.999;
