import type { Job, Reading } from '@dormer/core/job/document';
import type { Contradiction, Value } from '@dormer/core/job/merge';
import type { PlainCode } from '@dormer/core/base/message';
import { nameOf, senseWord, senseWords, spotOf } from '@dormer/core/place/reading';
import { phrase, words } from '@dormer/core/say/words/first';
import { language, type Label, type PlainLabel } from '../../labels';
import { conflictEn } from '../../labels/conflict.en';
import { momentWords } from '../../labels/moments';

/** Keys and entries of a path: `shelves.heights[h3].up` is `shelves`, `heights[h3]`, `up`. */
const STEP = /([^.[\]]+)(?:\[([^\]]*)\])?/g;

interface PathStep {
  readonly key: string;
  /** Key of an entry of a list. */
  readonly entry: string | undefined;
}

const stepsOf = (path: string): PathStep[] => [...path.matchAll(STEP)].map(([, key = '', entry]) => ({ key, entry }));

const patternOf = (steps: readonly PathStep[]): string =>
  steps.map(({ key, entry }) => (entry === undefined ? key : `${key}[]`)).join('.');

/** The longest beginning of a path that has a name, and the last key behind it. */
function named(
  steps: readonly PathStep[],
): { readonly key: keyof typeof conflictEn; readonly steps: readonly PathStep[] } | null {
  for (let length = steps.length; length > 0; length -= 1) {
    const beginning = steps.slice(0, length);
    for (const pattern of [patternOf(beginning), patternOf(beginning).replace(/\[\]$/, '')]) {
      const key = `conflict.at.${pattern}`;
      if (key in conflictEn) return { key: key as keyof typeof conflictEn, steps: beginning };
    }
  }
  return null;
}

/** What a contradiction is about: “Shelf 3”, “Reading: width at the front, 900 mm up”. */
export function placeWords({ path }: Contradiction, mine: Job, theirs: Job, label: Label): string {
  const steps = stepsOf(path);
  const found = named(steps);
  if (!found) return path;
  if (found.key === 'conflict.at.shelves.heights[].up' && !areNumbered(mine, theirs)) {
    return label('conflict.lockedShelf');
  }
  // Which of the places it is, and whether that one takes an entry, is known only now.
  const key = found.key as 'conflict.at.readings[]';
  const place = label(key, { entry: entryWords(found.steps, mine) ?? entryWords(found.steps, theirs) ?? '' });
  const last = steps.at(-1)?.key ?? '';
  const field = `conflict.field.${last}`;
  if (found.steps.length === steps.length || !(field in conflictEn)) return place;
  return label(field as 'conflict.field.up', { place });
}

/** Whether both jobs type every shelf. Elsewhere only locked shelves are typed, and the plan numbers them. */
const areNumbered = (...jobs: readonly Job[]): boolean =>
  jobs.every(({ shelves: { way, heights, aligned = [], bottom } }) => {
    const isSeated = bottom.kind === 'floor' || bottom.kind === 'height';
    return way === 'typed' && heights.length > 0 && aligned.length === 0 && isSeated;
  });

/** An entry of a list as one speaks of it; null where this job does not have it. */
function entryWords(steps: readonly PathStep[], job: Job): string | null {
  const last = steps.filter(({ entry }) => entry !== undefined).at(-1);
  if (!last) return null;
  const owner = steps
    .slice(0, steps.indexOf(last))
    .reduce<unknown>((at, { key }) => (at as Record<string, unknown>)?.[key], job);
  const list = (owner as Record<string, readonly Fields[]> | undefined)?.[last.key];
  const number = list?.findIndex((entry) => entry.id === last.entry || String(entry.shelf) === last.entry) ?? -1;
  const entry = list?.[number];
  if (!list || !entry) return null;
  if (last.key === 'readings') return words(nameOf(spotOf(entry as unknown as Reading)), job);
  if (last.key === 'entries') return momentWords(Number(entry.at), Date.now());
  if (last.key === 'heights') return String(rankOf(list, entry));
  if (typeof entry.shelf === 'number') return String(entry.shelf);
  const said = entry.name ?? entry.what ?? entry.note;
  return typeof said === 'string' && said !== '' ? said : String(number + 1);
}

type Fields = Readonly<Record<string, unknown>>;

/** Number of a shelf by its height, from below. */
function rankOf(list: readonly Fields[], entry: Fields): number {
  const up = (one: Fields) => (one.up as { mm: number }).mm;
  return list.filter((other) => up(other) <= up(entry)).length;
}

/** What one side of a contradiction says: “5 mm at the tip”, “1180 mm”, “95 %”. */
export function sideWords({ path }: Contradiction, value: Value, job: Job, label: Label): string {
  const steps = stepsOf(path);
  const said = valueWords(value, label, steps.at(-1)?.key);
  const isReading = steps.length === 1 && steps[0]?.key === 'readings' && value !== undefined;
  const sense = isReading ? senseWord(value as unknown as Reading) : null;
  return sense === null ? said : `${said} ${words(senseWords(sense), job)}`;
}

/** A value as one reads it: a length as it was typed, a number with its unit, a wish by its parts. */
function valueWords(value: Value, label: Label, key = ''): string {
  if (value === undefined) return label('conflict.removed');
  if (value === null || value === '') return label('conflict.none');
  if (typeof value === 'boolean') return label(value ? 'conflict.yes' : 'conflict.no');
  if (typeof value === 'number') return `${value}${UNITS[key] ?? ''}`;
  if (typeof value === 'string') return choiceWords(key, value, label);
  if (isList(value)) return label('conflict.entries', { count: value.length });
  if ('typed' in value) return [value.typed, unitOf(value)].filter(Boolean).join(' ');
  if (value.value !== undefined) return valueWords(value.value, label, key);
  const parts = Object.entries(value).filter(([key]) => key !== 'id');
  return parts.map(([name, part]) => valueWords(part, label, name)).join(', ');
}

/** Beginnings of the keys under which screens name what can be chosen, by the keys of the job. */
const ON_SCREEN: Readonly<Record<string, readonly string[]>> = {
  region: ['menu.region'],
  units: ['unit'],
  tools: ['tools'],
  way: ['way'],
  use: ['load'],
  often: ['often'],
  style: ['ends'],
  habit: ['habit'],
  supports: ['ways.supports'],
  finish: ['ways.finish'],
  cut: ['ways.cut'],
  hold: ['ways.hold'],
};

/** Beginnings of the codes under which the core names what can be chosen. */
const IN_CORE: Readonly<Record<string, string>> = { system: 'system', material: 'material', cause: 'mistake' };

/** Keys whose words a person typed. */
const TYPED: ReadonlySet<string> = new Set(['name', 'notes', 'note', 'text', 'what', 'next']);

/** What was chosen, as the screen names it where it is chosen; else the words as they stand. */
function choiceWords(key: string, value: string, label: Label): string {
  const known = new Set(
    [...(ON_SCREEN[key] ?? []), ...(IN_CORE[key] ? [IN_CORE[key]] : [])].map((from) => `${from}.${value}`),
  );
  const said = [...known].flatMap((name) => [label(name as PlainLabel), phrase(name as PlainCode, language())]);
  const isInnerWord = !TYPED.has(key) && /^[a-z]+(-[a-z]+)+$/.test(value);
  return said.find((words) => !known.has(words)) ?? (isInnerWord ? value.replaceAll('-', ' ') : value);
}

/** Units of bare numbers in a job, by their keys. */
const UNITS: Readonly<Record<string, string>> = {
  odds: ' %',
  minutes: ' min',
  least: ' min',
  most: ' min',
  workshop: ' min',
  shop: ' min',
  mm: ' mm',
  degrees: '°',
  kg: ' kg',
};

const isList = (value: Value): value is readonly Value[] => Array.isArray(value);

/** Unit of a quantity as typed; angles have none of their own. */
const unitOf = ({ unit, typed }: { readonly [key: string]: Value }): string =>
  typeof unit === 'string' && !String(typed).includes(unit) ? unit : '';
