import { newPlace, type Reading } from '../../job';
import { words } from '../../say/words';
import { chanceOfSlip, slipsOf, surveyOf, type ReadingCheck } from '.';
import { exactly, jobOf, surveyWith, width } from './testing';

const heights = [300, 700, 1100, 1500, 1900, 2250];
/** Widths of a straight opening, 1000 wide, back and front at six heights. */
const straight = (change: Readonly<Record<string, number>> = {}): Reading[] =>
  heights.flatMap((up) =>
    (['back', 'front'] as const).map((out) => exactly(width(out, up), change[`${out}${up}`] ?? 1000, `${out}${up}`)),
  );
const check = (readings: Reading[], id: string) =>
  surveyWith(readings).checks.find((readingCheck) => readingCheck.id === id) as ReadingCheck;
const aside = (readings: Reading[]) =>
  surveyWith(readings)
    .checks.filter((readingCheck) => readingCheck.state === 'aside')
    .map((readingCheck) => readingCheck.id);

test('readings that agree are all used, and each is off by next to nothing', () => {
  const { checks } = surveyWith(straight());
  expect(checks.map((readingCheck) => readingCheck.state)).toEqual(checks.map(() => 'used'));
  expect(Math.max(...checks.map((readingCheck) => Math.abs(readingCheck.off)))).toBeLessThan(0.1);
});

test('a reading an inch out is set aside, and what the others expect there is told', () => {
  const readings = straight({ front1100: 1025.4 });
  expect(aside(readings)).toEqual(['front1100']);
  expect(check(readings, 'front1100')).toMatchObject({ state: 'aside', against: null });
  expect(check(readings, 'front1100').expected).toBeCloseTo(1000, 0);
  expect(check(readings, 'front1100').off).toBeCloseTo(25.4, 0);
  // The walls are as if it had never been read.
  const survey = surveyWith(readings);
  const width = (s: typeof survey) =>
    s.solved.mean([
      { surface: 'right', s: 376, z: 1100, weight: 1 },
      { surface: 'left', s: 376, z: 1100, weight: -1 },
    ]);
  expect(width(survey)).toBeCloseTo(1000, 1);
});

test('two slips are both set aside, and one that only looked wrong beside them comes back', () => {
  expect(aside(straight({ front1100: 1025.4, back1900: 975 })).sort()).toEqual(['back1900', 'front1100']);
  expect(aside(straight({ front1100: 1040, front1500: 1040 })).sort()).toEqual(['front1100', 'front1500']);
});

test('of two that disagree and nothing else, either may be the slip: both are named', () => {
  const readings = [exactly(width('back', 1200), 1000, 'a'), exactly(width('back', 1200), 1025, 'b')];
  const { checks } = surveyWith(readings);
  const out = checks.filter((readingCheck) => readingCheck.state === 'aside');
  expect(out).toHaveLength(1);
  expect(out[0]?.against).toBe(out[0]?.id === 'a' ? 'b' : 'a');
});

test('a crooked wall is no slip: a steady taper of 40 stays', () => {
  const change = Object.fromEntries(
    heights.flatMap((up) => ['back', 'front'].map((out) => [`${out}${up}`, 1000 + up / 50])),
  );
  expect(aside(straight(change))).toEqual([]);
});

test('one the person keeps is never set aside; one they leave out does not count but is still compared', () => {
  const slipped = straight({ front1100: 1025.4 });
  const said = (verdict: Reading['verdict']) =>
    slipped.map((one) => (one.id === 'front1100' ? { ...one, verdict } : one)) as Reading[];
  expect(check(said('kept'), 'front1100').state).toBe('used');
  expect(check(said('dropped'), 'front1100')).toMatchObject({ state: 'dropped', expected: expect.closeTo(1000, 0) });
});

test('a reading of a wall the place does not have is named and does not count', () => {
  const readings = [exactly(width('back', 1200), 1000, 'w')];
  const survey = surveyOf(jobOf(readings, { place: newPlace('corner') }));
  expect(survey.checks).toMatchObject([{ id: 'w', state: 'foreign', expected: null }]);
});

describe('what slip it looks like', () => {
  const said = (typed: number, expected: number, unit: 'mm' | 'in' = 'mm') => {
    const reading = exactly(width('back', 1200), typed, 'r');
    const value = { mm: typed, typed: unit === 'in' ? String(typed / 25.4) : String(typed), unit };
    const check = { id: 'r', state: 'aside', expected, off: typed - expected, sd: 1, w: 9, against: null } as const;
    return slipsOf({ ...reading, value } as Reading, check).map((slip) => slip.code);
  };
  test.each([
    ['an inch over: started at the one', 1025.4, 1000, 'mm', 'slip.startedAtOne'],
    ['a centimetre', 1010, 1000.4, 'mm', 'slip.centimetre'],
    ['the wrong hundred', 1127, 1027.5, 'mm', 'slip.decimetre'],
    ['687 for 678', 687, 678.2, 'mm', 'slip.swapped'],
    ['the tape’s case left out', 925, 1000, 'mm', 'slip.tapeCase'],
    ['centimetres typed as millimetres', 112.7, 1127.4, 'mm', 'slip.otherUnit'],
    ['inches typed as millimetres', 44.375, 1127, 'mm', 'slip.otherUnit'],
    ['half an inch misread', 44.5 * 25.4, 44 * 25.4, 'in', 'slip.fraction'],
  ] as const)('%s', (_, typed, expected, unit, code) => {
    expect(said(typed, expected, unit)[0]).toBe(code);
  });

  test('a gap of 35 where 2 is expected is no figure in another unit', () => {
    const gap = exactly({ kind: 'square', corner: 'left', upMm: 1200, bladeMm: 320 }, 35, 'r');
    expect(slipsOf(gap, { id: 'r', state: 'aside', expected: 3, off: 32, sd: 2, w: 16, against: null })).toEqual([]);
  });

  test('nothing is made up where nothing fits', () => {
    expect(said(1044, 1000)).toEqual([]);
  });

  test('it is said in words, the figure in the person’s own unit', () => {
    const reading = exactly(width('back', 1200), 687, 'r');
    const [slip] = slipsOf(reading, { id: 'r', state: 'aside', expected: 678, off: 9, sd: 1, w: 9, against: null });
    expect(words(slip!, { units: 'mm', tape: '1mm' })).toBe('Perhaps two digits were swapped: 678?');
  });
});

describe('how likely a length is a slip', () => {
  test('by hand: 10 mm off where 4 is usual. Good: e^-3.125 = 0.0439; a centimetre: 1/4 of 1; any size: 0.078', () => {
    const slip = (0.25 + (4 / Math.hypot(4, 50)) * Math.exp(-50 / (16 + 2500))) / 2;
    expect(chanceOfSlip(10, 4)).toBeCloseTo((0.05 * slip) / (0.05 * slip + 0.95 * Math.exp(-3.125)), 3);
    expect(chanceOfSlip(10, 4)).toBeGreaterThan(0.1);
  });

  test('as far off in standard deviations, but no size people slip by, it is less likely one', () => {
    expect(chanceOfSlip(2.5, 1)).toBeLessThan(chanceOfSlip(10, 4) / 3);
  });

  test('what agrees is none; what is far off is one; which way makes no difference', () => {
    expect(chanceOfSlip(0, 1)).toBeLessThan(0.01);
    expect(chanceOfSlip(25.4, 2)).toBeGreaterThan(0.999);
    expect(chanceOfSlip(-9, 3)).toBeCloseTo(chanceOfSlip(9, 3), 12);
  });
});
