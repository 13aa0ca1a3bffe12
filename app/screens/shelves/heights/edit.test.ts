import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import { readJob, typedLength, type Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { added, locked, moved, removed, wayChanged } from './edit';

let last = 0;
const newId = () => `h${(last += 1)}`;
const mm = (typed: string) => typedLength(typed, 'mm');
const alcove = chimneyAlcove();
const plan = planJob(alcove);
const topsOf = (job: Job) => planJob(job).shelves.map((shelf) => shelf.top.mm);
const tops = topsOf(alcove);

test('going on by hand begins with the heights as they were, and back again there are as many', () => {
  const typed = wayChanged(alcove, plan.shelves, 'typed', newId);
  expect(readJob(typed)).toMatchObject({ ok: true });
  expect(topsOf(typed)).toEqual(tops);
  const fewer = removed(typed, planJob(typed).shelves, 2);
  const back = wayChanged(fewer, planJob(fewer).shelves, 'equal-gaps', newId);
  expect(back.shelves).toMatchObject({ count: 4, heights: [] });
});

test('a shelf that is dragged has every height typed; a locked one moves by itself', () => {
  const dragged = moved(alcove, plan.shelves, 2, mm('1000'), newId);
  expect(dragged.shelves.way).toBe('typed');
  expect(topsOf(dragged)).toEqual([tops[0], 1000, ...tops.slice(2)]);
  const held = locked(alcove, plan.shelves, 2, true, newId);
  const pushed = moved(held, planJob(held).shelves, 2, mm('1000'), newId);
  expect(pushed.shelves.way).toBe('equal-gaps');
  expect(topsOf(pushed)).toContain(1000);
});

test('dragged, locked and spaced anew: the locked one stays, the others are even about it', () => {
  const dragged = moved(alcove, plan.shelves, 3, mm('1300'), newId);
  const held = locked(dragged, planJob(dragged).shelves, 3, true, newId);
  const again = wayChanged(held, planJob(held).shelves, 'equal-gaps', newId);
  expect(again.shelves.heights).toMatchObject([{ up: { mm: 1300 }, locked: true }]);
  expect(topsOf(again)).toHaveLength(5);
  expect(topsOf(again)).toContain(1300);
  const free = locked(again, planJob(again).shelves, 3, false, newId);
  expect(topsOf(free)).toEqual(tops);
  // Where heights are typed, unlocking leaves it where it is.
  const loose = locked(held, planJob(held).shelves, 3, false, newId);
  expect(loose.shelves.heights.every((height) => !height.locked)).toBe(true);
  expect(topsOf(loose)).toContain(1300);
});

test('one more goes into the widest gap where heights are typed, and is one more to share out elsewhere', () => {
  const closet = cloakroomCloset();
  const more = added(closet, planJob(closet), newId);
  // Above the upper shelf, at 80 in, there is most room: 15 3/4 strong; its middle and half a board.
  expect(more.shelves.heights.at(-1)?.up.mm).toBeCloseTo(88.25 * 25.4, -0.5);
  expect(readJob(more)).toMatchObject({ ok: true });
  expect(added(alcove, plan, newId).shelves.count).toBe(6);
  const none = { ...closet, shelves: { ...closet.shelves, heights: [] } };
  expect(added(none, { ...planJob(none), gaps: [] }, newId).shelves.heights).toHaveLength(1);
});

test('what is lined up follows what it is lined up with, and is removed with it', () => {
  const to = { kind: 'mark', name: 'Cabinet', up: mm('1200') } as const;
  const job: Job = { ...alcove, shelves: { ...alcove.shelves, aligned: [{ id: 'a', to, face: 'top' }] } };
  const shelves = planJob(job).shelves;
  const number = shelves.find((shelf) => shelf.held === 'aligned')!.number;
  expect(moved(job, shelves, number, mm('1000'), newId)).toBe(job);
  expect(locked(job, shelves, number, true, newId)).toBe(job);
  expect(removed(job, shelves, number).shelves).toMatchObject({ count: 4, aligned: [] });
});
