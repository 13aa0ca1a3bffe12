import { demoJobs } from '../../rigs/demo';
import {
  askedOf,
  asksShown,
  offered,
  SUPPORT_ASKS,
  SYSTEM_NAMES,
  typedLength,
  type Ask,
  type Job,
  type PlaceKind,
  type SystemName,
} from '../../job';
import { createMemory } from '../../base/memory';
import { planFrom } from '../../plan';
import { plannedAt } from './table';

const mm = (value: number) => typedLength(String(value), 'mm');
const memory = createMemory(3);

/** What a person has of a plan: what is built, how, and what is wrong with it. */
function madeOf(job: Job): string {
  const { body, build, problems } = planFrom(job, memory);
  return JSON.stringify([body, build, problems]);
}

/** A job of a kind of place on one system, with rows of holes only where shelves lie on pins. */
function jobAt(kind: PlaceKind, system: SystemName, own: Readonly<Record<string, unknown>>): Job {
  const { pins: _pins, ...job } = demoJobs().find((one) => one.place.kind === kind)!;
  const thickness = system === 'floating-rails' ? mm(40) : job.shelves.thickness;
  return { ...job, shelves: { ...job.shelves, thickness }, support: { system, own: { [system]: own } } } as Job;
}

const asksOf = (system: SystemName): [string, Ask][] => Object.entries(SUPPORT_ASKS[system]);

/** Other answers to try, the likeliest to change something first. */
function otherAnswers(ask: Ask, now: unknown, job: Job): unknown[] {
  switch (ask.kind) {
    case 'length': {
      const { mm: was } = now as { mm: number };
      return [0.8, 1.5, 0.5, 2.5].map((by) => mm(Math.max(1, Math.round(was * by)))).concat(mm(700));
    }
    case 'count':
      return [ask.usual + 1, ask.least, ask.most];
    case 'choice':
      return offered(ask, job.tools).filter((option) => option !== now);
    case 'yes':
      return [now !== true];
  }
}

/** Answers that between them show every field: everything that is wished, and each option of each choice. */
function settings(system: SystemName): Readonly<Record<string, unknown>>[] {
  const wished = Object.fromEntries(asksOf(system).flatMap(([key, ask]) => (ask.kind === 'yes' ? [[key, true]] : [])));
  const options = asksOf(system).flatMap(([key, ask]) =>
    ask.kind === 'choice' ? ask.options.map((option) => ({ ...wished, [key]: option })) : [],
  );
  return [wished, ...options];
}

const everywhere = (['alcove', 'cavity', 'corner'] as const).flatMap((kind) =>
  SYSTEM_NAMES.map((system) => [kind, system] as const),
);
const rest = [
  ['span', 'side-screwed'],
  ['span', 'housed-posts'],
  ['run', 'brackets'],
  ['run', 'screwed-tower'],
] as const;
const combinations = [...everywhere, ...rest].filter(([kind, system]) =>
  plannedAt(system, demoJobs().find((job) => job.place.kind === kind)!.place),
);

test('there are supports to ask about at every kind of place', () => {
  expect(combinations.length).toBeGreaterThan(15);
});

test.each(combinations)('every field that is shown changes something: %s, %s', (kind, system) => {
  const seen = new Set<string>();
  const dead = new Set<string>();
  for (const own of settings(system)) {
    const job = jobAt(kind, system, own);
    const before = madeOf(job);
    for (const key of asksShown(job, system)) {
      if (seen.has(key)) continue;
      const ask = (SUPPORT_ASKS[system] as Readonly<Record<string, Ask>>)[key]!;
      const now = (askedOf(job, system) as Readonly<Record<string, unknown>>)[key];
      const alive = otherAnswers(ask, now, job).some(
        (answer) => madeOf(jobAt(kind, system, { ...own, [key]: answer })) !== before,
      );
      (alive ? seen : dead).add(key);
    }
  }
  expect([...dead].filter((key) => !seen.has(key))).toEqual([]);
  expect(seen.size).toBeGreaterThan(0);
});
