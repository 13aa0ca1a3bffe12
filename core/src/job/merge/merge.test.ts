import fc from 'fast-check';
import { demoJobs, chimneyAlcove } from '../../rigs/demo';
import { readJob } from '../readJob';
import type { Job, Reading } from '../schema';
import { mergeJobs } from './mergeJobs';

const base = chimneyAlcove();
const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });
const [first, second] = base.readings as [Reading, Reading];
const paths = (merged: ReturnType<typeof mergeJobs>) => merged.contradictions.map(({ path }) => path);

describe('what one side changed is taken from it', () => {
  test('a name here, notes there, a reading on each side', () => {
    const mine: Job = { ...base, name: 'Mine', readings: [...base.readings, { ...first, id: 'from-phone' }] };
    const theirs: Job = { ...base, notes: 'Theirs', readings: [...base.readings, { ...first, id: 'from-laptop' }] };
    const { job, contradictions } = mergeJobs(base, mine, theirs);
    expect(contradictions).toEqual([]);
    expect(job).toMatchObject({ name: 'Mine', notes: 'Theirs' });
    expect(job.readings.slice(-2).map(({ id }) => id)).toEqual(['from-phone', 'from-laptop']);
  });

  test('a reading removed here stays removed, one corrected there stays corrected', () => {
    const mine: Job = { ...base, readings: base.readings.filter(({ id }) => id !== first.id) };
    const corrected = { ...second, note: undefined, value: mm(1234) } as unknown as Reading;
    const theirs: Job = { ...base, readings: base.readings.map((r) => (r.id === second.id ? corrected : r)) };
    const { job, contradictions } = mergeJobs(base, mine, theirs);
    expect(contradictions).toEqual([]);
    expect(job.readings.map(({ id }) => id)).not.toContain(first.id);
    expect(job.readings.find(({ id }) => id === second.id)).toEqual(corrected);
  });

  test('ticks, entries of the diary and photos of both sides', () => {
    const tick = (step: string, at: number): Job['build']['done'][number] => ({ step, at });
    const entry = (id: string): Job['log']['entries'][number] => ({ id, at: 1, kind: 'note', text: id });
    const mine: Job = {
      ...base,
      build: { ...base.build, done: [tick('a', 1), tick('b', 2)] },
      log: { ...base.log, entries: [...base.log.entries, entry('mine')] },
    };
    const theirs: Job = {
      ...base,
      build: { ...base.build, done: [tick('b', 9), tick('c', 3)] },
      log: { ...base.log, entries: [...base.log.entries, entry('theirs')] },
    };
    const { job, contradictions } = mergeJobs(base, mine, theirs);
    expect(contradictions).toEqual([]);
    expect(job.build.done.map(({ step }) => step)).toEqual(['a', 'b', 'c']);
    expect(job.log.entries.slice(-2).map(({ id }) => id)).toEqual(['mine', 'theirs']);
  });

  test('different fields of one thing', () => {
    const [thing] = demoJobs().flatMap(({ things }) => things);
    expect(thing).toBeDefined();
    const before: Job = { ...base, things: [thing!] };
    const mine: Job = { ...base, things: [{ ...thing!, name: 'Large books' }] };
    const theirs: Job = { ...base, things: [{ ...thing!, count: 99 }] };
    const { job, contradictions } = mergeJobs(before, mine, theirs);
    expect(contradictions).toEqual([]);
    expect(job.things).toEqual([{ ...thing!, name: 'Large books', count: 99 }]);
  });

  test('words that stand twice in a list stay twice', () => {
    const before: Job = { ...base, stock: { ...base.stock, ticked: ['a', 'a'] } };
    const mine: Job = { ...base, stock: { ...base.stock, ticked: ['a', 'a', 'b'] } };
    const theirs: Job = { ...base, stock: { ...base.stock, ticked: ['a', 'a', 'c'] } };
    expect(mergeJobs(before, mine, theirs).job.stock.ticked).toEqual(['a', 'a', 'b', 'c']);
  });
});

describe('true contradictions', () => {
  const height = (id: string, up: number) => ({ id, up: mm(up) });
  const withHeights = (up: number): Job => ({
    ...base,
    shelves: { ...base.shelves, way: 'typed', heights: [height('h1', 400), height('h3', up)] },
  });

  test('one shelf at two heights: one contradiction, which a choice settles', () => {
    const [before, mine, theirs] = [withHeights(1100), withHeights(1180), withHeights(1210)];
    const merged = mergeJobs(before, mine, theirs);
    expect(merged.contradictions).toEqual([{ path: 'shelves.heights[h3].up', mine: mm(1180), theirs: mm(1210) }]);
    expect(merged.job).toEqual(theirs);
    expect(mergeJobs(before, mine, theirs, () => 'mine').job).toEqual(mine);
  });

  test('a reading corrected on both sides is one thing, not half of each', () => {
    const changed = (value: number, verdict?: 'kept') =>
      ({ ...first, value: mm(value), ...(verdict ? { verdict } : {}) }) as unknown as Reading;
    const with_ = (reading: Reading): Job => ({ ...base, readings: [reading, ...base.readings.slice(1)] });
    const merged = mergeJobs(base, with_(changed(1000)), with_(changed(1001, 'kept')));
    expect(paths(merged)).toEqual([`readings[${first.id}]`]);
  });

  test('removed here, changed there', () => {
    const mine: Job = { ...base, readings: base.readings.slice(1) };
    const changed = { ...first, value: mm(1000) } as unknown as Reading;
    const theirs: Job = { ...base, readings: [changed, ...base.readings.slice(1)] };
    const { contradictions } = mergeJobs(base, mine, theirs);
    expect(contradictions).toEqual([{ path: `readings[${first.id}]`, mine: undefined, theirs: changed }]);
    expect(mergeJobs(base, mine, theirs, () => 'mine').job).toEqual(mine);
  });

  test('where two ways of one wish were chosen, the wish is asked for whole', () => {
    const bottom = (wish: Job['shelves']['bottom']): Job => ({ ...base, shelves: { ...base.shelves, bottom: wish } });
    const rail = bottom({ kind: 'rail', up: mm(1600), clear: mm(40) });
    expect(paths(mergeJobs(base, rail, bottom({ kind: 'base', up: mm(90) })))).toEqual(['shelves.bottom']);
  });
});

test('with no common beginning nothing counts as removed, and what differs is asked', () => {
  const mine: Job = { ...base, name: 'Mine', readings: base.readings.slice(1) };
  const theirs: Job = { ...base, readings: base.readings.slice(0, -1) };
  const merged = mergeJobs(null, mine, theirs);
  expect(paths(merged)).toEqual(['name']);
  expect(new Set(merged.job.readings.map(({ id }) => id))).toEqual(new Set(base.readings.map(({ id }) => id)));
});

/** Edits as people make them, one after another, with ids of their own side. */
const edits = (side: string) =>
  fc.array(
    fc.oneof(
      fc.nat({ max: 30 }).map((n) => (job: Job): Job => ({ ...job, name: `${side} ${n}` })),
      fc.nat({ max: 5 }).map((n) => (job: Job): Job => ({ ...job, notes: `note ${n}` })),
      fc.nat({ max: 20 }).map((n) => (job: Job): Job => {
        const source = job.readings[n % Math.max(1, job.readings.length)];
        const id = `${side}-${job.readings.length}`;
        if (!source || job.readings.some((reading) => reading.id === id)) return job;
        return { ...job, readings: [...job.readings, { ...source, id }] };
      }),
      fc
        .nat({ max: 20 })
        .map((n) => (job: Job): Job => ({ ...job, readings: job.readings.filter((_, index) => index !== n) })),
      fc.nat({ max: 9 }).map((n) => (job: Job): Job => ({ ...job, shelves: { ...job.shelves, count: n } })),
      fc.integer({ min: 200, max: 400 }).map((depth) => (job: Job): Job => ({
        ...job,
        shelves: { ...job.shelves, depth: mm(depth) },
      })),
      fc.nat({ max: 9 }).map((n) => (job: Job): Job => {
        const step = `own:${n}`;
        const done = job.build.done.filter((tick) => tick.step !== step);
        return { ...job, build: { ...job.build, done: [...done, { step, at: n + side.length }] } };
      }),
    ),
    { maxLength: 6 },
  );

const applied = (job: Job, all: readonly ((job: Job) => Job)[]) => all.reduce((now, edit) => edit(now), job);
const anyStart = fc.constantFrom(...demoJobs());

test('an unchanged side gives way, and the same change on both sides is one change', () => {
  fc.assert(
    fc.property(anyStart, edits('a'), (start, all) => {
      const changed = applied(start, all);
      for (const merged of [mergeJobs(start, changed, start), mergeJobs(start, start, changed)]) {
        expect(merged).toEqual({ job: changed, contradictions: [] });
      }
      expect(mergeJobs(start, changed, JSON.parse(JSON.stringify(changed)) as Job)).toEqual({
        job: changed,
        contradictions: [],
      });
    }),
  );
});

test('nothing that either side added is lost, what both kept is kept, and the outcome is a job', () => {
  fc.assert(
    fc.property(anyStart, edits('a'), edits('b'), (start, here, there) => {
      const [mine, theirs] = [applied(start, here), applied(start, there)];
      const { job, contradictions } = mergeJobs(start, mine, theirs);
      const ids = (of: Job) => of.readings.map(({ id }) => id);
      const added = [...ids(mine), ...ids(theirs)].filter((id) => !ids(start).includes(id));
      const kept = ids(start).filter((id) => ids(mine).includes(id) && ids(theirs).includes(id));
      expect(new Set(ids(job))).toEqual(new Set([...added, ...kept]));
      expect(ids(job)).toHaveLength(new Set(ids(job)).size);
      expect(readJob(job).ok).toBe(true);
      // Whatever is chosen everywhere, each choice is in the outcome.
      const chosen = mergeJobs(start, mine, theirs, () => 'mine').job;
      for (const { path } of contradictions) if (path === 'name') expect(chosen.name).toBe(mine.name);
    }),
  );
});

test('which side is mine changes nothing but the order and the choice', () => {
  fc.assert(
    fc.property(anyStart, edits('a'), edits('b'), (start, here, there) => {
      const [mine, theirs] = [applied(start, here), applied(start, there)];
      const [one, other] = [mergeJobs(start, mine, theirs), mergeJobs(start, theirs, mine)];
      expect(paths(one).sort()).toEqual(paths(other).sort());
      const sorted = (job: Job) => [...job.readings].sort((a, b) => a.id.localeCompare(b.id));
      expect(sorted(one.job)).toEqual(sorted(other.job));
    }),
  );
});
