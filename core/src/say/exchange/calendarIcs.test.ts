import ICAL from 'ical.js';
import { layIntoCalendar, outstanding, usualCalendar } from '../../work/steps';
import { momentOf } from '../../work/steps/calendar/zoned';
import { chimneyAlcove } from '../../rigs/demo';
import { planJob } from '../../plan';
import { calendarIcs, entryId, readCalendarIcs } from './calendarIcs';

const ZONE = 'Europe/Amsterdam';
const job = chimneyAlcove();
const { steps } = planJob(job).build;
// In the week in which clocks go forward.
const nowMs = Date.UTC(2026, 2, 23, 6);
const calendar = usualCalendar(ZONE, '2026-03-23');
const { laid } = layIntoCalendar({
  left: outstanding(steps, job.build, nowMs),
  order: steps.map((step) => step.id),
  build: job.build,
  calendar,
  nowMs,
});
const placeNames = { workshop: 'Workshop', site: 'At the place', shop: 'Shop' };
const file = calendarIcs({ job, laid, steps, placeNames, nowMs });
const of = { job, laid, steps, zone: ZONE };
/** The file with the beginning of one entry written otherwise. */
const moved = (step: string, start: string) => {
  const id = entryId(job.id, step);
  const parts = file.split('BEGIN:VEVENT');
  return parts
    .map((part) => (unfolded(part).includes(`UID:${id}`) ? part.replace(/DTSTART[^\r\n]*/, `DTSTART${start}`) : part))
    .join('BEGIN:VEVENT');
};
const unfolded = (contents: string) => contents.replace(/\r?\n[ \t]/g, '');

test('another package reads what was written: every step, at its moment, across the change of clocks', () => {
  const events = new ICAL.Component(ICAL.parse(file))
    .getAllSubcomponents('vevent')
    .map((getAllComponent) => new ICAL.Event(getAllComponent));
  expect(events).toHaveLength(steps.length);
  const before = laid.filter((one) => one.fromMs < Date.UTC(2026, 2, 29, 1)).length;
  expect(before).toBeGreaterThan(0);
  expect(before).toBeLessThan(laid.length);
  for (const one of laid) {
    const event = events.find((each) => each.uid === entryId(job.id, one.step))!;
    expect(event.startDate.toJSDate().getTime()).toBe(one.fromMs);
    expect(event.endDate.toJSDate().getTime()).toBe(one.toMs);
  }
  const cut = events.find((event) => event.uid === entryId(job.id, 'cut-boards'))!;
  expect(cut.summary).toBe('Cut 5 boards');
  expect(cut.location).toBe('Workshop');
  expect(cut.description).toContain('push sticks');
});

test('lines are no longer than the standard has them, and end as it says', () => {
  const lines = file.split('\r\n');
  expect(file.includes('\n\n')).toBe(false);
  expect(Math.max(...lines.map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
});

test('the same job has the same ids, another one others', () => {
  const ids = (contents: string) =>
    unfolded(contents)
      .match(/UID:.*/g)!
      .map((one) => one.trim());
  expect(ids(calendarIcs({ job, laid, steps, placeNames, nowMs: nowMs + 9e7 }))).toEqual(ids(file));
  expect(
    new Set([...ids(file), ...ids(calendarIcs({ job: { ...job, id: 'other' }, laid, steps, placeNames, nowMs }))]).size,
  ).toBe(2 * laid.length);
});

test('read back as it is, nothing has moved', () => {
  expect(readCalendarIcs(file, of)).toEqual({ ok: true, value: { moved: [], same: laid.length, unknown: [] } });
});

test('moved in a calendar: in UTC, in a named zone on either side of the change of clocks, by the clock on the wall', () => {
  const read = (start: string, zone = ZONE) => {
    const result = readCalendarIcs(moved('prime', start), { ...of, zone });
    return result.ok ? result.value.moved : [];
  };
  const noon = Date.UTC(2026, 2, 30, 10);
  expect(read(':20260330T100000Z')).toEqual([{ step: 'prime', at: noon }]);
  expect(read(';TZID=Europe/Amsterdam:20260330T120000')).toEqual([{ step: 'prime', at: noon }]);
  expect(read(';TZID=Europe/Amsterdam:20260328T120000')).toEqual([{ step: 'prime', at: Date.UTC(2026, 2, 28, 11) }]);
  expect(read(';TZID=America/New_York:20260330T060000')).toEqual([{ step: 'prime', at: noon }]);
  expect(read(':20260330T120000')).toEqual([{ step: 'prime', at: noon }]);
  expect(read(';TZID=A zone of its own:20260330T120000')).toEqual([
    { step: 'prime', at: momentOf(ZONE, '2026-03-30', 720) },
  ]);
});

test('an entry with a changed id is named and left alone; the others are taken', () => {
  const changed = moved('prime', ':20260330T100000Z').replace(entryId(job.id, 'sand'), 'someone-else@elsewhere');
  const read = readCalendarIcs(changed, of);
  expect(read.ok && read.value.moved.map((one) => one.step)).toEqual(['prime']);
  expect(read.ok && read.value.unknown).toMatchObject([
    { code: 'ics.unknownEntry', params: { name: { text: 'Sand all pieces while they lie flat' } } },
  ]);
});

test('what is no calendar is refused in plain words', () => {
  const code = (contents: string) => {
    const read = readCalendarIcs(contents, of);
    return read.ok ? null : read.error.code;
  };
  expect(code('')).toBe('ics.unreadable');
  expect(code('kind,value\nwidth,1120')).toBe('ics.unreadable');
  expect(code(file.slice(0, 900))).toBe('ics.unreadable');
  expect(code('BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR')).toBe('ics.nothing');
  expect(code('x'.repeat(2_000_001))).toBe('ics.tooLarge');
  const bare = file.replace(/DTSTART[^\r\n]*\r\n/, '');
  const read = readCalendarIcs(bare, of);
  expect(read.ok && read.value.unknown.map((message) => message.code)).toEqual(['ics.noStart']);
});
