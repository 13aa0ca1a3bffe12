import fc from 'fast-check';
import { chimneyAlcove } from '../../../rigs/demo';
import type { Job } from '../../../job';
import { message, text } from '../../../base/message';
import { planJob } from '../../../plan';
import type { Ordered } from '../order/network';
import { someSteps } from '../order/testing';
import { outstanding, type Outstanding } from '../outstanding';
import type { Step } from '../step';
import { tripsFor } from '../trips';
import { freeTime, quietTime, usualCalendar, type CalendarWish } from './free';
import { layIntoCalendar, withoutDay } from './lay';
import { momentOf, wallOf, weekday, dayNumber, zoneKnown } from './zoned';

const ZONE = 'Europe/Amsterdam';
const H = 3_600_000;
const utc = (text: string) => Date.parse(`${text}Z`);

describe('moments and walls', () => {
  test('summer and winter time', () => {
    expect(momentOf(ZONE, '2026-07-01', 9 * 60)).toBe(utc('2026-07-01T07:00:00'));
    expect(momentOf(ZONE, '2026-12-01', 9 * 60)).toBe(utc('2026-12-01T08:00:00'));
    expect(momentOf('America/New_York', '2026-12-01', 9 * 60)).toBe(utc('2026-12-01T14:00:00'));
    expect(momentOf('Asia/Kolkata', '2026-12-01', 9 * 60)).toBe(utc('2026-12-01T03:30:00'));
  });

  test('the night the clocks go forward: an hour that is not there is moved on', () => {
    // In Amsterdam 29 March 2026 has no 02:30; the clock shows 03:30.
    expect(momentOf(ZONE, '2026-03-29', 150)).toBe(utc('2026-03-29T01:30:00'));
    expect(wallOf(ZONE, momentOf(ZONE, '2026-03-29', 150))).toEqual({ day: '2026-03-29', minutes: 210 });
    expect(momentOf(ZONE, '2026-03-29', 4 * 60)).toBe(utc('2026-03-29T02:00:00'));
  });

  test('the night they go back: of an hour that comes twice the first is meant', () => {
    expect(momentOf(ZONE, '2026-10-25', 150)).toBe(utc('2026-10-25T00:30:00'));
    expect(momentOf(ZONE, '2026-10-25', 4 * 60)).toBe(utc('2026-10-25T03:00:00'));
  });

  test('there and back, in any zone and year, but for the hours that are left out', () => {
    const zones = [ZONE, 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kolkata', 'UTC', 'America/St_Johns'];
    fc.assert(
      fc.property(
        fc.constantFrom(...zones),
        fc.integer({ min: dayNumber('2020-01-01'), max: dayNumber('2035-12-31') }),
        fc.integer({ min: 0, max: 1439 }),
        (zone, number, minutes) => {
          const day = new Date(number * 24 * H).toISOString().slice(0, 10);
          const back = wallOf(zone, momentOf(zone, day, minutes));
          const off = (dayNumber(back.day) - number) * 1440 + back.minutes - minutes;
          expect([0, 30, 60]).toContain(off);
        },
      ),
    );
  });

  test('days of the week, and zones that are none', () => {
    expect(weekday(dayNumber('2026-05-09'))).toBe(6);
    expect(weekday(dayNumber('1970-01-01'))).toBe(4);
    expect(zoneKnown(ZONE)).toBe(true);
    expect(zoneKnown('Nowhere/Else')).toBe(false);
  });
});

describe('free time', () => {
  const wish = (more: Partial<CalendarWish> = {}): CalendarWish => ({ ...usualCalendar(ZONE, '2026-05-04'), ...more });

  test('evenings and Saturdays, a lost day left out, nothing before now', () => {
    const week = freeTime(wish({ lost: ['2026-05-06'] }), utc('2026-05-05T17:00:00'), 6);
    expect(
      week.map((stretch) => [new Date(stretch.fromMs).toISOString().slice(5, 16), (stretch.toMs - stretch.fromMs) / H]),
    ).toEqual([
      ['05-05T17:00', 2],
      ['05-07T16:30', 2.5],
      ['05-08T16:30', 2.5],
      ['05-09T07:00', 8],
    ]);
  });

  test('a calendar begun long ago goes on from today', () => {
    const later = freeTime(wish({ from: '2024-01-01' }), utc('2026-05-05T17:00:00'), 2);
    expect(later.map((stretch) => new Date(stretch.fromMs).toISOString().slice(0, 16))).toEqual([
      '2026-05-05T17:00',
      '2026-05-06T16:30',
    ]);
  });

  test('a day on which the clocks change is an hour shorter or longer', () => {
    const whole = wish({ free: [{ day: 7, from: '00:00', to: '24:00' }], from: '2026-03-29' });
    expect(freeTime(whole, 0, 1)).toMatchObject([
      { fromMs: utc('2026-03-28T23:00:00'), toMs: utc('2026-03-29T22:00:00') },
    ]);
    expect(
      freeTime({ ...whole, from: '2026-10-25' }, 0, 1).map((stretch) => (stretch.toMs - stretch.fromMs) / H),
    ).toEqual([25]);
  });

  test('quiet hours over midnight take the early and the late part of a day', () => {
    expect(
      quietTime(wish(), '2026-05-05').map((stretch) => [
        wallOf(ZONE, stretch.fromMs).minutes,
        wallOf(ZONE, stretch.toMs).minutes,
      ]),
    ).toEqual([
      [0, 480],
      [1200, 0],
    ]);
    const { quiet: _quiet, ...loud } = wish();
    expect(quietTime(loud, '2026-05-05')).toEqual([]);
  });
});

const plan = planJob(chimneyAlcove());
const laidOut = (
  more: Partial<CalendarWish> = {},
  build: Partial<Job['build']> = {},
  nowMs = utc('2026-05-04T06:00:00'),
) => {
  const own = { ...chimneyAlcove().build, ...build };
  const left = outstanding(plan.build.steps, own, nowMs);
  const order = tripsFor({ build: own, plan, nowMs }).steps.map((step) => step.step);
  return {
    left,
    input: { left, order, build: own, calendar: { ...usualCalendar(ZONE, '2026-05-04'), ...more }, nowMs },
  };
};

describe('the chimney alcove in evenings and Saturdays', () => {
  test('every step has its place in free time, its waits kept, saws silent after eight', () => {
    const { input } = laidOut();
    const { laid, doneMs, problems } = layIntoCalendar(input);
    expect(laid).toHaveLength(plan.build.steps.length);
    expect(problems).toEqual([]);
    expect(doneMs).toBe(Math.max(...laid.map((one) => one.toMs)));
    checked(input, laid);
    for (const one of laid.filter(({ step }) => plan.build.steps.find(({ id }) => id === step)!.loud)) {
      const { minutes } = wallOf(ZONE, one.toMs);
      expect(minutes).toBeLessThanOrEqual(20 * 60);
      expect(wallOf(ZONE, one.fromMs).minutes).toBeGreaterThanOrEqual(8 * 60);
    }
  });

  test('a lost Saturday moves the end, and says by how much', () => {
    const { input } = laidOut();
    const { withMs, withoutMs } = withoutDay(input, '2026-05-09');
    expect(withMs).toBe(layIntoCalendar(input).doneMs);
    expect(withoutMs!).toBeGreaterThan(withMs!);
    expect(withoutDay({ ...input, calendar: { ...input.calendar, lost: ['2026-05-09'] } }, '2026-05-09')).toEqual({
      withMs,
      withoutMs,
    });
  });

  test('a step stays where it was moved, and what hangs on it comes later', () => {
    const at = momentOf(ZONE, '2026-05-16', 10 * 60);
    const { input } = laidOut({ moved: [{ step: 'prime', at }] });
    const { laid, problems } = layIntoCalendar(input);
    expect(problems).toEqual([]);
    expect(laid.find((one) => one.step === 'prime')).toMatchObject({ fromMs: at, moved: true });
    checked(input, laid);
  });

  test('moved before what must come first, it is laid as any other, and said', () => {
    const { input } = laidOut({ moved: [{ step: 'paint-1', at: momentOf(ZONE, '2026-05-04', 19 * 60) }] });
    const { laid, problems } = layIntoCalendar(input);
    expect(problems.map((problem) => problem.message.code)).toEqual(['problem.movedEarly']);
    expect(laid.find((one) => one.step === 'paint-1')!.moved).toBe(false);
    checked(input, laid);
  });

  test('no time at all, and steps longer than any evening, are said', () => {
    expect(layIntoCalendar(laidOut({ free: [] }).input).problems.map((problem) => problem.message.code)).toContain(
      'problem.noTime',
    );
    const { problems, laid } = layIntoCalendar(
      laidOut({ free: [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '10:00', to: '11:00' })) }).input,
    );
    expect(problems.map((problem) => problem.message.code)).toContain('problem.stepTooLong');
    expect(laid.map((one) => one.step)).toContain('drill');
  });
});

/** Whether every wait and window of a laid calendar is kept, and no two steps lie over one another. */
function checked(
  { left, nowMs }: { left: Outstanding; nowMs: number },
  laid: ReturnType<typeof layIntoCalendar>['laid'],
): void {
  const at = new Map(laid.map((one) => [one.step, one]));
  for (const step of left.steps) {
    const own = at.get(step.id);
    if (!own) continue;
    expect(own.fromMs).toBeGreaterThanOrEqual(nowMs);
    for (const lag of step.after) {
      const wait = (own.fromMs - at.get(lag.step)!.toMs) / 60_000;
      expect(wait).toBeGreaterThanOrEqual(lag.leastMin);
      if (lag.mostMin !== null) expect(wait).toBeLessThanOrEqual(lag.mostMin);
    }
  }
  laid.slice(1).forEach((one, i) => expect(one.fromMs).toBeGreaterThanOrEqual(laid[i]!.toMs));
}

const stepOf = ({ id, place, minutes, after }: Ordered, loud: boolean): Step => ({
  id,
  place,
  minutes,
  loud,
  kind: 'own',
  what: message('step.own', { what: text(id) }),
  who: 'alone',
  shelf: null,
  after: after.map((lag) => ({ ...lag, wait: null })),
  how: [],
  check: [],
  tools: [],
  materials: [],
  parts: [],
  fixings: [],
  sheets: [],
  cautions: [],
  guards: [],
  usualMinutes: minutes,
});

test('random work in random free time: waits and windows are kept, nothing overlaps, loud steps leave quiet hours alone', () => {
  const free = fc.array(
    fc.record({
      day: fc.integer({ min: 1, max: 7 }),
      from: fc.constantFrom('08:00', '12:00', '18:30'),
      to: fc.constantFrom('19:30', '21:00', '23:00'),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const moves = fc.array(fc.record({ which: fc.nat(14), hours: fc.integer({ min: 0, max: 300 }) }), { maxLength: 3 });
  fc.assert(
    fc.property(someSteps({ most: 14, limits: true }), free, moves, fc.boolean(), (some, hours, moved, quiet) => {
      const steps = some.map((one, i) => stepOf(one, i % 3 === 0));
      const nowMs = utc('2026-03-26T06:00:00');
      const calendar: CalendarWish = {
        ...usualCalendar(ZONE, '2026-03-26'),
        free: hours,
        moved: moved.flatMap(({ which, hours: later }) =>
          steps[which] ? [{ step: steps[which].id, at: nowMs + later * H }] : [],
        ),
      };
      const { quiet: _quiet, ...loud } = calendar;
      const left: Outstanding = { steps, at: null, running: [] };
      const { laid, doneMs, problems } = layIntoCalendar({
        left,
        order: steps.map((step) => step.id),
        build: chimneyAlcove().build,
        calendar: quiet ? calendar : loud,
        nowMs,
      });
      checked({ left, nowMs }, laid);
      expect(new Set(laid.map((one) => one.step)).size).toBe(laid.length);
      if (laid.length < steps.length)
        expect(problems.map((problem) => problem.message.code)).toContain('problem.noTime');
      else expect(doneMs).not.toBeNull();
      for (const one of laid) {
        if (!quiet || one.moved || !steps.find(({ id }) => id === one.step)!.loud) continue;
        for (const silent of quietTime(calendar, wallOf(ZONE, one.fromMs).day))
          expect(one.fromMs >= silent.toMs || one.toMs <= silent.fromMs).toBe(true);
      }
    }),
    { numRuns: 150 },
  );
});
