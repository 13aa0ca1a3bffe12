import fc from 'fast-check';
import { newPlace, PLACE_KINDS, readJob, type Job, type Reading } from '../../job';
import { planJob } from '../../plan';
import { spotOfKind } from '../reading';
import { words } from '../../say/words';
import { exactly, jobOf, width } from './testing';

const codes = (job: Job) => planJob(job).problems.map((problem) => problem.message.code);
/** A plan of anything holds numbers only, and a sentence for every problem. */
function sound(job: Job): void {
  const plan = planJob(job);
  expect(JSON.stringify(plan)).not.toMatch(/NaN|Infinity|null,null,null,null,null/);
  for (const problem of plan.problems) expect(words(problem.message, job)).toMatch(/^[A-Z0-9“].*[.?]$/);
}

test('readings that contradict one another are named, and there is a plan', () => {
  const job = jobOf([1000, 1400, 700, 1250].map((value, i) => exactly(width('back', 1200), value, `r${i}`)));
  sound(job);
  expect(codes(job).filter((code) => code.startsWith('problem.reading')).length).toBeGreaterThan(0);
});

test('a diagonal shorter than the width is set aside, not solved for', () => {
  const job = jobOf([
    ...[700, 1200, 1700].flatMap((up) => [
      exactly(width('back', up), 1000, `b${up}`),
      exactly(width('front', up), 1000, `f${up}`),
    ]),
    exactly({ kind: 'depth', side: 'left', upMm: 1200 }, 400, 'd'),
    exactly({ kind: 'diagonal', from: 'left', upMm: 1200 }, 900, 'short'),
  ]);
  sound(job);
  expect(planJob(job).readings.find((reading) => reading.id === 'short')?.state).toBe('aside');
});

test('all readings at one height say nothing of the others, and that is said', () => {
  const job = jobOf(['back', 'front', 'middle'].map((at, i) => exactly(width(at as 'back', 1200), 1000 + i, `r${i}`)));
  sound(job);
  const { advice } = planJob(job);
  expect(advice.enough).toBe(false);
  expect(advice.unknown.length).toBeGreaterThan(0);
});

test.each(PLACE_KINDS)('one reading only, or none, in a %s', (kind) => {
  const place = newPlace(kind);
  sound(jobOf([], { place }));
  for (const reading of ['width', 'height', 'line', 'square', 'diagonal', 'triangle'] as const) {
    sound(jobOf([exactly(spotOfKind(reading), 500, 'r', { other: 600 })], { place }));
  }
});

test('500 readings are solved, even when every tenth is a slip', () => {
  const readings = Array.from({ length: 500 }, (_, i) =>
    exactly(width(i % 2 === 0 ? 'back' : 'front', 4 * i + 100), 1000 + (i % 10 === 3 ? 30 : 0), `r${i}`),
  );
  const plan = planJob(jobOf(readings));
  expect(plan.readings.filter((reading) => reading.state === 'aside').length).toBe(50);
}, 60_000);

test('what cannot be a reading is refused with a sentence that names it', () => {
  const refusal = (reading: unknown) => {
    const read = readJob({ ...jobOf([]), readings: [reading] });
    return read.ok
      ? ''
      : read.error.faults.map((fault) => words(fault.message, { units: 'mm', tape: '1mm' })).join(' ');
  };
  const flat = exactly({ kind: 'corner', corner: 'left', upMm: 1200 }, 180, 'r');
  expect(refusal(flat)).toMatch(/readings\[0\]\.value\.degrees is 180: 160 at most/);
  const below = { ...exactly(width('back', 1200), 1000, 'r'), value: { mm: -40, typed: '-40', unit: 'mm' } };
  expect(refusal(below)).toMatch(/readings\[0\]\.value\.mm is -40: 0.1 at least/);
});

test('whatever is read, and however wrong, the plan is sound', () => {
  const spot = fc.constantFrom(
    ...([
      'width',
      'depth',
      'height',
      'corner',
      'square',
      'plumb',
      'level',
      'straightedge',
      'diagonal',
      'face',
      'triangle',
      'line',
    ] as const),
  );
  const anything = fc.record({
    kind: fc.constantFrom(...PLACE_KINDS),
    taken: fc.array(fc.tuple(spot, fc.integer({ min: 1, max: 4000 }), fc.integer({ min: 1, max: 4000 })), {
      maxLength: 8,
    }),
  });
  fc.assert(
    fc.property(anything, ({ kind, taken }) => {
      const readings = taken.map(([what, value, other], i): Reading =>
        exactly(spotOfKind(what), what === 'corner' ? 20 + (value % 141) : value, `r${i}`, { other }),
      );
      sound(jobOf(readings, { place: newPlace(kind) }));
    }),
    { numRuns: 60 },
  );
});
