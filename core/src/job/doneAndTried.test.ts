import { chimneyAlcove } from '../rigs/demo';
import {
  duplicateJob,
  withBuild,
  withDone,
  withLog,
  withOpen,
  withSkipped,
  readJob,
  shaved,
  trialsOf,
  withReading,
  withoutReading,
  withVerdict,
  type Reading,
  typedLength,
} from '.';

test('readings are put in, replaced by id, and taken out without touching the job they came from', () => {
  const job = chimneyAlcove();
  const first = job.readings[0]!;
  const changed = withReading(job, { ...first, value: { mm: 1000, typed: '1000', unit: 'mm' } } as Reading);
  expect(changed.readings).toHaveLength(job.readings.length);
  expect(changed.readings[0]?.value).toMatchObject({ mm: 1000 });
  expect(withReading(job, { ...first, id: 'new' }).readings).toHaveLength(job.readings.length + 1);
  expect(withoutReading(job, first.id).readings.map((r) => r.id)).not.toContain(first.id);
  expect(job.readings[0]?.value).toMatchObject({ mm: 1123 });
});

test('the person’s word on a reading is put on it, and taken back', () => {
  const job = chimneyAlcove();
  const { id } = job.readings[0]!;
  const dropped = withVerdict(job, id, 'dropped');
  expect(dropped.readings[0]).toMatchObject({ id, verdict: 'dropped' });
  expect(withVerdict(dropped, id, undefined)).toEqual(job);
});

describe('a board that was tried', () => {
  const cut = { up: 1000, thickness: 18, depth: 300, back: 1000, left: 3, right: 0 };

  test('is the one at its height: a shelf that was moved has no notes', () => {
    const trial = {
      id: 't',
      shelf: 2,
      end: 'left',
      at: 'front',
      kind: 'gap',
      value: typedLength('1', 'mm'),
      cut,
    } as const;
    expect(trialsOf([trial], 2, 1001)).toEqual([trial]);
    expect(trialsOf([trial], 2, 1200)).toEqual([]);
    expect(trialsOf([trial], 3, 1000)).toEqual([]);
  });

  test('shaved by 1: at the front its end runs out less, at the back its back edge is shorter and the front stays', () => {
    expect(shaved(cut, 'left', 'front', 1)).toEqual({ ...cut, left: 2 });
    const back = shaved(cut, 'right', 'back', 1);
    expect(back).toEqual({ ...cut, back: 999, right: 1 });
    expect(back.back + back.left + back.right).toBe(cut.back + cut.left + cut.right);
    expect(shaved(cut, 'left', 'middle', 1)).toEqual({ ...cut, back: 999 });
  });
});

test('a copy is another piece of work: nothing of it is done or noted, how it is gone about stays', () => {
  const calendar = {
    zone: 'UTC',
    from: '2026-05-04',
    free: [],
    lost: ['2026-05-05'],
    moved: [{ step: 'sand', at: 1 }],
  };
  const begun = withSkipped(
    withDone(withBuild(chimneyAlcove(), { cut: 'in-place', packed: ['level'], calendar }), 'buy', 1),
    'caulk',
    'no-time',
    '',
  );
  const lived = withLog(begun, { entries: [{ id: 'a', at: 1, kind: 'note', text: 'Damp' }], paid: 10 });
  const copy = duplicateJob(lived, 'b', 'Copy');
  expect(copy.build).toMatchObject({ cut: 'in-place', done: [], skipped: [], packed: [] });
  expect(copy.build.calendar).toEqual({ ...calendar, lost: [], moved: [] });
  expect(copy.log).toEqual({ entries: [], fits: [], next: '' });
  expect(readJob(JSON.parse(JSON.stringify(lived)))).toEqual({ ok: true, value: lived });
});

test('ticks: done, left out and open again are one of the three', () => {
  const done = withDone(chimneyAlcove(), 'buy', 5);
  expect(withSkipped(done, 'buy', 'was-done', ' from before ').build).toMatchObject({
    done: [],
    skipped: [{ step: 'buy', why: 'was-done', note: 'from before' }],
  });
  expect(withDone(withSkipped(done, 'buy', 'was-done', ''), 'buy', 6).build).toMatchObject({
    done: [{ step: 'buy', at: 6 }],
    skipped: [],
  });
  expect(withOpen(done, 'buy').build).toMatchObject({ done: [], skipped: [] });
});
