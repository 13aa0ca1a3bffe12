import fc from 'fast-check';
import { chimneyAlcove, cloakroomCloset, demoJobs } from '../../rigs/demo';
import { SYSTEM_NAMES, typedLength, type Job, type SystemName } from '../../job';
import { planJob, type Plan } from '../../plan';
import { blanksOf } from '../../work/stock';
import { plannedAt } from '../system';

const mm = (value: number) => typedLength(String(value), 'mm');
const typedHeights = (job: Job, system: SystemName, ...tops: number[]): Job => ({
  ...job,
  support: { system, own: {} },
  shelves: {
    ...job.shelves,
    way: 'typed',
    count: tops.length,
    heights: tops.map((top, i) => ({ id: `h${i}`, up: mm(top) })),
  },
});
const stops = (plan: Plan) =>
  plan.problems
    .filter((problem) => problem.severity === 'stop')
    .map((problem) => [problem.about, problem.message.code]);

test('a tower above a rail has no block of less than nothing: the shelf below it is named, the others go on', () => {
  const closet = cloakroomCloset();
  // The rail's own shelf lies at 66 in; one was typed at 13 in.
  const job = typedHeights(closet, 'screwed-tower', 330, 2032);
  const plan = planJob(job);
  // The rail of the closet would run through the tower's sides.
  expect(stops(plan)).toEqual([
    [{ kind: 'shelf', shelf: 1 }, 'problem.shelfInCaseBottom'],
    [{ kind: 'support' }, 'body.inOneAnother'],
  ]);
  expect(plan.parts.filter((part) => part.role === 'board').map((part) => part.shelf)).toEqual([2, 3]);
  const spacers = plan.parts.filter((part) => part.role === 'spacer');
  expect(spacers.map((spacer) => spacer.shelf)).toEqual([3, 3]);
  expect(Math.min(...spacers.map((spacer) => spacer.length.mm))).toBeGreaterThan(50);
});

test('a filler of nothing is no piece', () => {
  const alcove = chimneyAlcove();
  const bottom = { kind: 'floor' } as const;
  const tower = { 'screwed-tower': { filler: typedLength('0', 'mm') } };
  const job: Job = {
    ...alcove,
    shelves: { ...alcove.shelves, bottom },
    support: { system: 'screwed-tower', own: tower },
  };
  const { parts } = planJob(job);
  expect(parts.length).toBeGreaterThan(10);
  expect(parts.filter((part) => part.role === 'filler')).toEqual([]);
  expect(blanksOf(parts, job).filter((blank) => blank.label === 'CF')).toEqual([]);
});

test('posts never come out longer than the place is high: the shelf that asks for it is named', () => {
  const job = typedHeights(chimneyAlcove(), 'housed-posts', 900, 2455);
  const plan = planJob(job);
  expect(stops(plan)).toEqual([[{ kind: 'shelf', shelf: 2 }, 'problem.postsUnderCeiling']]);
  const posts = plan.parts.filter((part) => part.role.startsWith('post-'));
  expect(posts).toHaveLength(4);
  for (const post of posts) {
    expect(post.length.mm).toBeLessThan(1000);
    expect(post.joints).toContainEqual(expect.objectContaining({ kind: 'housed', atMm: [expect.any(Number)] }));
  }
  expect(plan.parts.filter((part) => part.role === 'board').map((part) => part.shelf)).toEqual([1]);
});

test('whatever is asked for, every piece has a size, and none is higher than its place', () => {
  const places = demoJobs().filter((job) => job.place.kind !== 'corner');
  const asked = places.flatMap((job) =>
    SYSTEM_NAMES.filter((system) => plannedAt(system, job.place)).map((system) => [job, system] as const),
  );
  const answers = fc.record({
    filler: fc.constantFrom(0, 40, 200),
    plinth: fc.constantFrom(0, 80),
    thick: fc.constantFrom(12, 18, 40),
  });
  const heights = fc.array(fc.integer({ min: 10, max: 2600 }), { minLength: 1, maxLength: 4 });
  let looked = 0;
  fc.assert(
    fc.property(fc.constantFrom(...asked), heights, answers, ([job, system], tops, { filler, plinth, thick }) => {
      const typed = typedHeights(job, system, ...tops);
      const own = {
        'screwed-tower': { filler: mm(filler) },
        'housed-case': { plinth: mm(plinth) },
        'pinned-case': { plinth: mm(plinth) },
      };
      const plan = planJob({ ...typed, support: { system, own }, shelves: { ...typed.shelves, thickness: mm(thick) } });
      const { height } = plan.opening.extent;
      for (const part of plan.parts) {
        expect(Math.min(part.length.mm, part.width.mm, part.thicknessMm)).toBeGreaterThanOrEqual(1);
        if (part.upright && part.role !== 'trim' && job.place.kind !== 'run')
          expect(part.length.mm).toBeLessThan(height + 60);
      }
      looked += plan.parts.length;
    }),
    { numRuns: 60 },
  );
  expect(looked).toBeGreaterThan(200);
});
