import { newPlace, typedLength, type Job, type Reading } from '../../job';
import {
  crookedRoom,
  endError,
  FIXED_ORDER,
  followAdvice,
  randomOrder,
  takeAll,
  TRIAL_BOARDS,
  TRIAL_SIZE,
} from '../../rigs/practice';
import type { Spot } from '../reading';
import { words } from '../../say/words';
import { advise, candidates, surveyOf, type Advice } from '.';
import { exactly, jobOf, width } from './testing';

const advice = (job: Job, boards = TRIAL_BOARDS): Advice => advise({ job, survey: surveyOf(job), boards });
const first = (job: Job) => advice(job).next[0];
const plain = jobOf([]);
const room = (seed: number) => crookedRoom({ place: plain.place, seed, size: TRIAL_SIZE });

test('with nothing read a width at a shelf comes first, and its reason is said in words', () => {
  const next = first(plain);
  expect(next?.spot).toMatchObject({ kind: 'width' });
  expect(TRIAL_BOARDS.map((trialBoard) => trialBoard.upMm)).toContain(
    next && 'upMm' in next.spot ? next.spot.upMm : null,
  );
  expect(words(next!.why, plain)).toMatch(/^Width of shelf \d at the \w+: not measured yet\.$/);
  const begun = jobOf([
    exactly(width('back', 1200), 1130, 'a'),
    exactly({ kind: 'depth', side: 'middle', upMm: 1200 }, 365, 'b'),
  ]);
  expect(words(first(begun)!.why, plain)).toMatch(/^.*: sure to within .* mm now, within .* mm after this reading\.$/);
});

test('while no board is planned it takes one of each size first: the ceiling decides where boards go', () => {
  const kinds = new Set(followAdvice(room(2), plain, [], 6, 2).map((one) => one.kind));
  for (const kind of ['width', 'depth', 'height'] as const) expect(kinds).toContain(kind);
});

/** Widths that agree at so many heights, and one that is off by so much. */
const withOdd = (heights: readonly number[], off: number) =>
  jobOf([
    ...heights.flatMap((up) => [
      exactly(width('back', up), 1000, `b${up}`),
      exactly(width('front', up), 1000, `f${up}`),
    ]),
    exactly(width('front', 1200), 1000 + off, 'odd'),
  ]);

test('a reading that counts but is likely a slip is read again, the last time it is asked for', () => {
  const job = withOdd([500, 1900], 7);
  expect(surveyOf(job).checks.find((check) => check.id === 'odd')).toMatchObject({ state: 'used' });
  const next = first(job);
  expect(next).toMatchObject({ again: 'odd' });
  expect(words(next!.why, plain)).toMatch(/does not quite match the others/);
  const again = { ...exactly(width('front', 1200), 1007, 'again'), blind: true as const };
  expect(first({ ...job, readings: [...job.readings, again] })?.again ?? null).toBeNull();
});

test('one that stands out as far, but by less than people slip by, is not', () => {
  const job = withOdd([500, 850, 1550, 1900], 4.5);
  const check = surveyOf(job).checks.find((readingCheck) => readingCheck.id === 'odd');
  expect(check).toMatchObject({ state: 'used' });
  expect(check?.w).toBeGreaterThan(2.7);
  expect(first(job)?.again ?? null).toBeNull();
});

test('followed from nothing to boards, it takes their widths, then how square, and ends with enough', () => {
  const readings = followAdvice(room(2), plain, TRIAL_BOARDS, 40, 2);
  const kinds = new Set(readings.slice(0, 8).map((reading) => reading.kind));
  for (const kind of ['width', 'depth', 'square'] as const) expect(kinds).toContain(kind);
  expect(readings.map((reading) => reading.kind)).toContain('height');
  expect(readings.length).toBeGreaterThanOrEqual(10);
  expect(readings.length).toBeLessThanOrEqual(24);
  const end = advice(jobOf(readings));
  expect(end).toMatchObject({ enough: true, next: [], unknown: [] });
  // Two standard deviations of what boards depend on, and the truth within reach of it.
  expect(end.sureMm).toBeLessThan(3.5);
});

test('nobody is sent up and down the ladder: the next stays at the height of the last more often than not', () => {
  const readings = followAdvice(room(3), plain, TRIAL_BOARDS, 12, 3);
  const ups = readings.flatMap((reading) => ('up' in reading ? [reading.up.mm] : []));
  const moves = ups.slice(1).filter((up, i) => up !== ups[i]).length;
  expect(moves).toBeLessThanOrEqual((ups.length - 1) * 0.6);
});

test('a suspect is taken again before anything else, once', () => {
  const steady = [500, 850, 1200, 1550, 1900].flatMap((up) => [
    exactly(width('back', up), 1000, `b${up}`),
    exactly(width('front', up), 1000, `f${up}`),
  ]);
  const slipped = steady.map((one) => (one.id === 'f1200' ? exactly(width('front', 1200), 1025.4, 'f1200') : one));
  expect(first(jobOf(slipped))).toMatchObject({ again: 'f1200', spot: width('front', 1200) });
  const repeated = [...slipped, { ...exactly(width('front', 1200), 1000, 'repeat'), blind: true } as Reading];
  expect(first(jobOf(repeated))?.again ?? null).toBeNull();
});

test('readings that nothing else checks are named; read once more, they are checked', () => {
  const depth: Spot = { kind: 'depth', side: 'middle', upMm: 1200 };
  const widths = [500, 850, 1200, 1550, 1900].flatMap((up) => [
    exactly(width('back', up), 1000, `b${up}`),
    exactly(width('front', up), 1000, `f${up}`),
  ]);
  const once = advice(jobOf([...widths, exactly(depth, 365, 'depth')]));
  expect(once.unchecked).toEqual(['depth']);
  expect(advice(jobOf([...widths, exactly(depth, 365, 'depth'), exactly(depth, 366, 'again')])).unchecked).toEqual([]);
  // Of widths far apart a slip may pass; of widths side by side it may not.
  expect(advice(jobOf([exactly(width('back', 1200), 1000, 'alone')])).unchecked).toEqual(['alone']);
});

test('only what the kit can read is advised, and nothing on the skirting or behind the rail', () => {
  const place = {
    ...newPlace('alcove'),
    skirting: { height: typedLength('600', 'mm'), thickness: typedLength('18', 'mm') },
    rail: { up: typedLength('1150', 'mm'), height: typedLength('80', 'mm'), thickness: typedLength('15', 'mm') },
  };
  const job = jobOf([], { place, kit: ['tape'] });
  const survey = surveyOf(job);
  const all = candidates({ survey, place, units: 'mm', kit: job.kit, heightsMm: [300, 500, 1200, 1900] });
  expect(new Set(all.map((candidate) => candidate.with))).toEqual(new Set(['tape']));
  const ups = all.flatMap(({ spot }) => ('upMm' in spot ? [spot.upMm] : []));
  expect(new Set(ups)).toEqual(new Set([1900]));
});

test.each(['alcove', 'cavity', 'corner', 'span', 'run'] as const)('a sensible catalogue for a %s', (kind) => {
  const place = newPlace(kind);
  const job = jobOf([], { place, kit: ['tape', 'level', 'square', 'straightedge', 'bevel'] });
  const survey = surveyOf(job);
  const heightsMm = [0.1, 0.3, 0.5, 0.7, 0.9].map((share) => share * survey.extent.height);
  const all = candidates({ survey, place, units: 'mm', kit: job.kit, heightsMm });
  expect(all.length).toBeGreaterThanOrEqual(15);
  expect(all.length).toBeLessThanOrEqual(200);
  expect(all.every(({ spot }) => survey.spec.readings.includes(spot.kind))).toBe(true);
  // Each can be put to the survey as it is.
  const spots: Spot[] = all.map((candidate) => candidate.spot);
  const readings = spots.map((spot, i): Reading =>
    exactly(spot, spot.kind === 'corner' ? 90 : 300, `r${i}`, { other: 400 }),
  );
  expect(surveyOf(jobOf(readings, { place })).checks.every((check) => check.state !== 'foreign')).toBe(true);
});

test('the advised order beats a fixed one of good sense and one by chance, at the shelf ends', () => {
  const rooms = Array.from({ length: 30 }, (_, i) => i + 1);
  const mean = (list: (seed: number) => Reading[], count: number) =>
    rooms.reduce(
      (sum, seed) => sum + endError(room(seed), surveyOf(jobOf(list(seed).slice(0, count))), TRIAL_BOARDS),
      0,
    ) / rooms.length;
  const advised = new Map(rooms.map((seed) => [seed, followAdvice(room(seed), plain, TRIAL_BOARDS, 12, seed)]));
  for (const count of [6, 8, 10, 12]) {
    const ours = mean((seed) => advised.get(seed) ?? [], count);
    expect(ours).toBeLessThan(mean((seed) => takeAll(room(seed), FIXED_ORDER, seed), count));
    expect(ours).toBeLessThan(mean((seed) => takeAll(room(seed), randomOrder(seed), seed), count));
  }
}, 60_000);
