import { chimneyAlcove, cloakroomCloset } from '@dormer/core/demo';
import { readJob } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { oneMore, typedFrom } from './heights';

let last = 0;
const newId = () => `h${(last += 1)}`;

test('going on by hand begins with the heights as they were', () => {
  const job = chimneyAlcove();
  const tops = planJob(job).shelves.map((shelf) => shelf.top.mm);
  const byHand = typedFrom(tops, job, newId);
  expect(readJob(byHand)).toMatchObject({ ok: true });
  expect(planJob(byHand).shelves.map((shelf) => shelf.top.mm)).toEqual(tops);
});

test('heights typed before are found again', () => {
  const closet = cloakroomCloset();
  const equal = { ...closet, shelves: { ...closet.shelves, way: 'equal-gaps' as const } };
  expect(typedFrom([100, 200, 300], equal, newId).shelves.heights).toEqual(closet.shelves.heights);
});

test('one more goes above the highest, on a mark of the tape, and stays below the ceiling while it can', () => {
  const closet = cloakroomCloset();
  const highest = 80 * 25.4;
  const more = oneMore(closet, newId(), 96 * 25.4);
  const added = more.shelves.heights.at(-1)!;
  expect(added.up.mm).toBeGreaterThan(highest);
  expect(added.up.mm).toBeLessThan(96 * 25.4);
  expect((added.up.mm / 25.4) * 16).toBeCloseTo(Math.round((added.up.mm / 25.4) * 16), 6);
  const low = oneMore(closet, newId(), 84 * 25.4).shelves.heights.at(-1)!;
  expect(low.up.mm).toBeLessThan(84 * 25.4);
  expect(readJob(more)).toMatchObject({ ok: true });
});

test('the first of all has a height to begin with', () => {
  const job = { ...chimneyAlcove(), shelves: { ...chimneyAlcove().shelves, way: 'typed' as const, heights: [] } };
  expect(oneMore(job, newId(), 2400).shelves.heights).toMatchObject([{ up: { mm: 350, typed: '350' } }]);
});
