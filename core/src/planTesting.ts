import { newJob, typedLength, type Bay, type Job, type Reading } from './job';
import { type Plan } from './plan';

export const mm = (value: number) => typedLength(String(value), 'mm');

export const width = (at: 'front' | 'back', up: number, value: number): Reading => ({
  kind: 'width',
  id: `w-${at}-${up}-${value}`,
  at,
  up: mm(up),
  value: mm(value),
});

export const height = (value: number): Reading => ({
  kind: 'height',
  id: `h-${value}`,
  side: 'left',
  at: 'front',
  value: mm(value),
});

export const depth = (value: number): Reading => ({
  kind: 'depth',
  id: `d-${value}`,
  side: 'left',
  up: mm(1200),
  value: mm(value),
});

/** A plain alcove, 1000 wide, 400 deep, 2400 high; boards 18, cleats 20 x 45, nosing 20 x 65. */
export function plain(change: Partial<Job> = {}, shelves: Partial<Job['shelves']> = {}): Job {
  const start = newJob({ id: 'plain', name: 'Plain', kind: 'alcove', units: 'mm' });
  const readings = [width('back', 1200, 1000), width('front', 1200, 1000), depth(400), height(2400)];
  return { ...start, readings, ...change, shelves: { ...start.shelves, ...shelves } };
}

export const codes = (plan: Plan) => plan.problems.map((problem) => problem.message.code);

export const part = (plan: Plan, id: string) => plan.parts.find((one) => one.id === id);

/** A closet 2400 wide and high, 600 deep, its walls square and true; boards 18, 400 deep. */
export const closet = plain(
  {
    readings: [
      ...[300, 1200, 2100].flatMap((up) => [width('back', up, 2400), width('front', up, 2400)]),
      depth(600),
      height(2400),
    ],
  },
  { count: 4, depth: mm(400), top: { kind: 'height', up: mm(2200) } },
);

/** A bay of the closet beside the main one: two shelves on battens, unless said otherwise. */
export const beside = (id: string, change: Partial<Extract<Bay, { kind: 'beside' }>> = {}): Bay => ({
  kind: 'beside',
  id,
  name: '',
  shelves: { ...closet.shelves, count: 2 },
  support: { system: 'three-side-cleats', own: {} },
  ...change,
});
export const main = (wide?: number): Bay => ({ kind: 'main', id: 'm', ...(wide ? { width: mm(wide) } : {}) });

/** A tower 610 wide with 800 to its left, and what is left to its right. */
export const towered: Job = {
  ...closet,
  support: { system: 'screwed-tower', own: {} },
  bays: [beside('l', { width: mm(800) }), main(610), beside('r')],
};
