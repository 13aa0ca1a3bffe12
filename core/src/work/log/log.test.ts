import fc from 'fast-check';
import { chimneyAlcove } from '../../rigs/demo';
import { withDone, withTook, type Job } from '../../job';
import { planJob } from '../../plan';
import { randomFrom } from '../../base/random';
import { learn, waysLearned } from './learn';
import { oddsKept } from './odds';
import { ownTimes } from './times';

describe('own times', () => {
  test('nothing is learned of what was not timed, or took no time', () => {
    expect(ownTimes([])).toEqual([]);
    expect(
      ownTimes([
        { kind: 'cut', usualMin: 0, tookMin: 10 },
        { kind: 'cut', usualMin: 10, tookMin: 0 },
      ]),
    ).toEqual([]);
  });

  test('one step says little, twenty alike say nearly all', () => {
    const twice = (n: number) =>
      ownTimes(Array.from({ length: n }, () => ({ kind: 'cut', usualMin: 30, tookMin: 60 })))[0]!;
    expect(twice(1).factor).toBeGreaterThan(1.2);
    expect(twice(1).factor).toBeLessThan(1.5);
    expect(twice(20).factor).toBeGreaterThan(1.85);
    expect(twice(20).factor).toBeLessThan(2);
    expect(twice(20).of).toBe(20);
  });

  test('a kind seldom done is drawn towards how fast the person is in all', () => {
    const slow = Array.from({ length: 12 }, () => ({ kind: 'sand', usualMin: 20, tookMin: 40 }));
    const [paint, sand] = ownTimes([...slow, { kind: 'paint', usualMin: 20, tookMin: 20 }]);
    expect(sand!.kind).toBe('sand');
    expect(paint!.factor).toBeGreaterThan(1.2);
    expect(paint!.factor).toBeLessThan(sand!.factor);
  });

  test('a step that took a whole day by a break is no measure', () => {
    const usual = Array.from({ length: 10 }, () => ({ kind: 'cut', usualMin: 30, tookMin: 30 }));
    const [one] = ownTimes([...usual, { kind: 'cut', usualMin: 30, tookMin: 1440 }]);
    expect(one!.factor).toBeLessThan(1.25);
  });

  test('the order of the steps changes nothing, and the factor lies between the extremes', () => {
    const took = fc.record({
      kind: fc.constantFrom('cut', 'sand', 'paint'),
      usualMin: fc.integer({ min: 1, max: 200 }),
      tookMin: fc.integer({ min: 1, max: 600 }),
    });
    fc.assert(
      fc.property(fc.array(took, { minLength: 1, maxLength: 30 }), (all) => {
        const found = ownTimes(all);
        ownTimes([...all].reverse()).forEach((ownTime, i) => expect(ownTime.factor).toBeCloseTo(found[i]!.factor, 9));
        const ratios = all.map((one) => Math.min(Math.max(one.tookMin / one.usualMin, 0.2), 5));
        for (const { factor } of found) {
          expect(factor).toBeGreaterThanOrEqual(Math.min(1, ...ratios) - 1e-9);
          expect(factor).toBeLessThanOrEqual(Math.max(1, ...ratios) + 1e-9);
        }
      }),
    );
  });

  test('a simulated person of a known speed is found: the error shrinks with the steps', () => {
    const off = (steps: number) => {
      const errors = Array.from({ length: 200 }, (_, seed) => {
        const draw = randomFrom(seed + 1);
        const truth = Math.exp(draw.between(-0.6, 0.6));
        const all = Array.from({ length: steps }, () => ({
          kind: 'cut',
          usualMin: 30,
          tookMin: 30 * truth * Math.exp(0.5 * draw.normal()),
        }));
        return Math.abs(Math.log((ownTimes(all)[0]?.factor ?? 1) / truth));
      });
      return errors.reduce((sum, error) => sum + error, 0) / errors.length;
    };
    const [few, some, many] = [2, 10, 80].map(off);
    expect(some).toBeLessThan(few!);
    expect(many).toBeLessThan(0.06);
  });
});

describe('what was said of boards, and what they did', () => {
  test('eight of ten: Wilson’s interval is 49 to 94 percent', () => {
    const all = Array.from({ length: 10 }, (_, i) => ({ odds: 97, went: i < 8 }));
    const [bin] = oddsKept(all);
    expect(bin).toMatchObject({ from: 95, to: 99, said: 97, went: 8, of: 10 });
    expect(bin!.least).toBeCloseTo(49.0, 1);
    expect(bin!.most).toBeCloseTo(94.3, 1);
  });

  test('each board is in one bin, and the truth of a person who keeps what was said lies in its interval, mostly', () => {
    const draw = randomFrom(5);
    let inside = 0;
    let bins = 0;
    for (let person = 0; person < 200; person += 1) {
      const all = Array.from({ length: 60 }, () => ({ odds: draw.pick([70, 85, 92, 97, 99.5]), went: false })).map(
        (one) => ({ ...one, went: draw.uniform() * 100 < one.odds }),
      );
      const kept = oddsKept(all);
      expect(kept.reduce((sum, one) => sum + one.of, 0)).toBe(60);
      for (const one of kept) {
        bins += 1;
        if (one.said >= one.least - 1e-9 && one.said <= one.most + 1e-9) inside += 1;
      }
    }
    expect(inside / bins).toBeGreaterThan(0.9);
  });
});

describe('across jobs', () => {
  const entry = (id: string, cause: 'kerf' | 'misread' | 'other', minutes = 10) => ({
    id,
    at: 0,
    text: '',
    kind: 'mistake' as const,
    cause,
    minutes,
  });
  const lived = (more: Partial<Job['log']>, job = chimneyAlcove()): Job => ({ ...job, log: { ...job.log, ...more } });

  test('mistakes are counted by cause; one that came twice is guarded against where it bites', () => {
    const lessons = learn([
      lived({ entries: [entry('a', 'kerf', 20), entry('b', 'misread')], next: 'Prime before cutting' }),
      lived({ entries: [entry('c', 'kerf', 15)] }),
    ]);
    expect(lessons.mistakes).toEqual([
      { cause: 'kerf', times: 2, minutes: 35 },
      { cause: 'misread', times: 1, minutes: 10 },
    ]);
    expect(lessons.next).toEqual([{ job: 'Chimney alcove, reading room', text: 'Prime before cutting' }]);
    const learned = waysLearned(lessons);
    expect(learned.mistakes).toEqual([{ cause: 'kerf', times: 2 }]);
    const { steps } = planJob({ ...chimneyAlcove(), learned }).build;
    expect(steps.filter((step) => step.guards.length > 0).map((step) => [step.id, step.guards[0]!.code])).toEqual([
      ['cut-boards', 'guard.kerf'],
      ['cut-sticks', 'guard.kerf'],
    ]);
  });

  test('a copy of a job tells nothing new', () => {
    const job = lived({ entries: [entry('a', 'kerf')], fits: [{ id: 'f', at: 0, shelf: 1, odds: 97, went: true }] });
    const { mistakes, odds } = learn([job, { ...job, id: 'copy' }]);
    expect(mistakes).toMatchObject([{ times: 1 }]);
    expect(odds).toMatchObject([{ of: 1 }]);
  });

  test('own times are learned from what steps took, and the next job is planned with them', () => {
    const job = chimneyAlcove();
    const slow = Array.from({ length: 12 }, (_, i) => i).reduce(
      (one, i) => withTook(withDone(one, `own:${i}`, i), `own:${i}`, { minutes: 60, usual: 30, kind: 'cut' }),
      job,
    );
    const learned = waysLearned(learn([slow]));
    expect(learned.times[0]).toMatchObject({ kind: 'cut', of: 12 });
    const [usual, own] = [job, { ...job, learned }].map((one) =>
      planJob(one).build.steps.find(({ id }) => id === 'cut-boards')!,
    );
    expect(own!.minutes).toBeGreaterThan(1.6 * usual!.minutes);
    expect(own!.usualMinutes).toBe(usual!.minutes);
  });

  test('nothing lived, nothing taught', () => {
    expect(learn([])).toEqual({ jobs: 0, times: [], errors: [], odds: [], mistakes: [], next: [] });
    expect(waysLearned(learn([chimneyAlcove()]))).toEqual({ times: [], mistakes: [] });
  });
});
