import { newJob, typedLength, type Job, type Reading } from './job';
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
