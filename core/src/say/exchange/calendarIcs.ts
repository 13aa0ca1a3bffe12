import ICAL from 'ical.js';
import ical, { ICalEventStatus } from 'ical-generator';
import type { Laid } from '../../work/steps/calendar/lay';
import { momentOf, zoneKnown } from '../../work/steps/calendar/zoned';
import type { Step } from '../../work/steps/step';
import type { Job } from '../../job/document';
import { message, text, type Message } from '../../base/message';
import { ok, refused, type Result } from '../../base/result';
import { words, type Reader } from '../words/render';

/** A calendar file larger than this is not one of a job. Characters. */
const LONGEST_ICS = 2_000_000;
const DOMAIN = 'dormer';

interface WriteCalendar {
  readonly job: Pick<Job, 'id' | 'name'> & Reader;
  readonly laid: readonly Laid[];
  readonly steps: readonly Step[];
  readonly placeNames: Readonly<Record<Step['place'], string>>;
  /** When it is written, milliseconds since 1970. */
  readonly nowMs: number;
}

/** What an entry of a calendar is known by: the same for the same step of the same job, however often it is written. */
export const entryId = (job: string, step: string): string => `${job}/${step}@${DOMAIN}`;

/**
 * The steps of a job as a calendar (iCalendar, RFC 5545): an entry each, its id stable, its times as moments (UTC), so
 * that no change of clocks moves it.
 */
export function calendarIcs({ job, laid, steps, placeNames, nowMs }: WriteCalendar): string {
  const calendar = ical({ name: job.name, prodId: { company: 'Dormer', product: 'Dormer', language: 'EN' } });
  for (const one of laid) {
    const step = steps.find(({ id }) => id === one.step);
    if (!step) continue;
    const lines = [...step.how, ...step.check, ...step.cautions].map((each) => `- ${words(each, job)}`);
    calendar.createEvent({
      id: entryId(job.id, step.id),
      stamp: new Date(nowMs),
      start: new Date(one.fromMs),
      end: new Date(one.toMs),
      summary: words(step.what, job),
      description: lines.join('\n'),
      location: placeNames[step.place],
      status: ICalEventStatus.CONFIRMED,
    });
  }
  return calendar.toString();
}

/** What a calendar says of the steps of a job. */
export interface ReadCalendar {
  /** Steps that are begun at another time than they were laid at; milliseconds since 1970. */
  readonly moved: readonly { readonly step: string; readonly at: number }[];
  /** How many stand where they stood. */
  readonly same: number;
  /** Entries that are of no step, and why nothing was done about them. */
  readonly unknown: readonly Message[];
}

interface CalendarOf {
  readonly job: Pick<Job, 'id'>;
  readonly laid: readonly Laid[];
  readonly steps: readonly Pick<Step, 'id'>[];
  /** The zone of times that name none. */
  readonly zone: string;
}

/**
 * Reads a calendar back, after it was moved about in another program: entries are known by their ids. Times may be in
 * UTC, in a named zone, or as the clock on the wall shows.
 */
export function readCalendarIcs(
  contents: string,
  { job, laid, steps, zone }: CalendarOf,
): Result<ReadCalendar, Message> {
  if (contents.length > LONGEST_ICS)
    return refused(message('ics.tooLarge', { most: text(`${LONGEST_ICS / 1_000_000} MB`) }));
  let events: ICAL.Component[];
  try {
    const parsed: unknown = ICAL.parse(contents.replace(/^\uFEFF/, '').trim());
    // Several calendars may stand in one file, one after another.
    const roots = (Array.isArray(parsed) && Array.isArray(parsed[0]) ? parsed : [parsed]) as unknown[][];
    events = roots.flatMap((root) => new ICAL.Component(root as never).getAllSubcomponents('vevent'));
  } catch {
    return refused(message('ics.unreadable'));
  }
  if (events.length === 0) return refused(message('ics.nothing'));
  const at = new Map(laid.map((one) => [one.step, one.fromMs]));
  const known = new Map(steps.map((step) => [entryId(job.id, step.id), step.id]));
  const moved: { step: string; at: number }[] = [];
  const unknown: Message[] = [];
  let same = 0;
  for (const event of events) {
    const name = String(event.getFirstPropertyValue('summary') ?? '').slice(0, 120);
    const step = known.get(String(event.getFirstPropertyValue('uid') ?? ''));
    if (step === undefined) {
      unknown.push(message('ics.unknownEntry', { name: text(name || '?') }));
      continue;
    }
    const start = startOf(event, zone);
    if (start === null) {
      unknown.push(message('ics.noStart', { name: text(name) }));
      continue;
    }
    const stood = at.get(step);
    // What is done has no place in the calendar any more.
    if (stood === undefined) continue;
    if (Math.abs(stood - start) < 60_000) same += 1;
    else moved.push({ step, at: start });
  }
  return ok({ moved, same, unknown });
}

/** When an entry begins, milliseconds since 1970; null where it does not say. */
function startOf(event: ICAL.Component, zone: string): number | null {
  const property = event.getFirstProperty('dtstart');
  const value: unknown = property?.getFirstValue();
  if (!(value instanceof ICAL.Time)) return null;
  const { year, month, day, hour, minute } = value;
  if (value.zone === ICAL.Timezone.utcTimezone) return Date.UTC(year, month - 1, day, hour, minute);
  const named = property?.getFirstParameter('tzid');
  const two = (number: number) => String(number).padStart(2, '0');
  const wall = `${year}-${two(month)}-${two(day)}`;
  return momentOf(named && zoneKnown(named) ? named : zone, wall, hour * 60 + minute);
}
