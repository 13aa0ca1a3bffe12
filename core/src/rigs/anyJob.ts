import {
  BOX_BACKS,
  BOX_CORNERS,
  newJob,
  SUPPORT_ASKS,
  SYSTEM_NAMES,
  usualLength,
  withSystem,
  type Ask,
  type Job,
  type PlaceKind,
  type SystemName,
} from '../job';
import { plannedAt } from '../design/system';
import { specOf } from '../place/kinds';
import type { Spot } from '../place/reading';
import type { TypedLength } from '../base/quantity';
import { randomFrom, type Random } from '../base/random';
import { crookedRoom, takeAll } from './practice';

const PLACES: readonly PlaceKind[] = ['alcove', 'cavity', 'corner', 'span', 'run'];

/** Sizes of places there are, millimetres: from the least to the most. */
const SIZES: Readonly<Record<PlaceKind, readonly [wide: Span, deep: Span, high: Span]>> = {
  alcove: [
    [600, 1800],
    [250, 650],
    [2200, 2600],
  ],
  cavity: [
    [300, 700],
    [80, 200],
    [600, 1900],
  ],
  corner: [
    [350, 700],
    [350, 700],
    [2200, 2600],
  ],
  span: [
    [500, 1800],
    [250, 600],
    [2100, 2500],
  ],
  run: [
    [1200, 4000],
    [300, 700],
    [2200, 2600],
  ],
};
type Span = readonly [from: number, to: number];

/**
 * A job by chance, as someone might ask for it: any place with a crooked room's own readings, any support that is
 * planned there, some shelves on another one, either unit, any tools, its sizes and choices about what is usual.
 * @param seed a whole number; the same one makes the same job
 */
export function anyJob(seed: number): Job {
  const random = randomFrom(seed);
  const kind = random.pick(PLACES);
  const units = random.pick(['mm', 'in'] as const);
  const start = newJob({ id: `any-${seed}`, name: `Any ${seed}`, kind, units });
  const side =
    kind === 'run' ? random.pick(['none', 'left', 'right'] as const) : random.pick(['left', 'right'] as const);
  const [wide, deep, high] = SIZES[kind].map(([from, to]) => Math.round(random.between(from, to))) as [
    number,
    number,
    number,
  ];
  const told = (mm: number): TypedLength => usualLength(Math.round(mm), inches(mm), units);
  const place: Job['place'] = {
    ...start.place,
    ...(specOf(start.place).sides.length > 0 ? { side } : {}),
    ...(kind === 'span' || kind === 'cavity' ? { back: random.uniform() < 0.5 } : {}),
    walls:
      kind === 'cavity' ? 'studs' : kind === 'span' ? 'panel' : random.pick(['lined', 'plaster', 'studs'] as const),
    rough: { width: told(wide), depth: told(deep), height: told(high) },
    studs: [],
    keepClears: [],
  };
  const room = crookedRoom({
    place,
    seed,
    size: { widthMm: wide, depthMm: deep, heightMm: high },
    crooked: random.between(0.2, 1),
  });
  const systems = SYSTEM_NAMES.filter((name) => plannedAt(name, place));
  const system = random.pick(systems);
  const count = 1 + Math.floor(random.between(0, 6));
  const other = random.uniform() < 0.3 && count > 1 ? random.pick(systems) : null;
  const job: Job = {
    ...start,
    place: furnished(place, wide, high, random, told),
    tools: random.pick(['hand', 'power'] as const),
    readings: takeAll(room, spotsFor(place, high), seed),
    shelves: {
      ...start.shelves,
      count,
      bottom: { kind: 'height', up: told(kind === 'cavity' ? 0 : random.between(0, 500)) },
      thickness: told(random.pick([12, 18, 19, 25, 27, 40])),
      depth: told(Math.min(random.between(120, 450), deep - 10)),
    },
    corner: {
      ...start.corner,
      shape: random.pick(['triangle', 'rounded', 'clipped', 'ell'] as const),
      side: told(random.between(250, 450)),
      arm: told(random.between(90, 180)),
    },
    fit: {
      ...start.fit,
      habit: random.pick(['loose', 'snug', 'scribed'] as const),
    },
    ...(random.uniform() < 0.4
      ? {
          pins: {
            pitch: told(32),
            either: 2,
            diameter: told(5),
            hangs: told(2.5),
            setBack: told(37),
          },
        }
      : {}),
  };
  const supported = withSystem(job, job.support.system, system);
  const own = Object.fromEntries(
    systems.map((name) => [name, random.uniform() < 0.7 ? saidOf(name, random, told, job.tools) : {}]),
  );
  const dividers = dividersBy(randomFrom(seed + DIVIDED), count, wide, told);
  return {
    ...supported,
    ...(job.box ? { box: { ...job.box, ...boxedBy(job.box, randomFrom(seed + BOXED), { wide, told }) } } : {}),
    ...(dividers.length > 0 ? { further: { dividers, holes: [] } } : {}),
    support: {
      ...supported.support,
      own: { ...supported.support.own, ...own },
      shelves: other ? [{ shelf: 1 + Math.floor(random.between(0, count)), system: other }] : [],
    },
  };
}

/** Dividers are drawn by a chance of their own. */
const DIVIDED = 1_000_000;

/** So is what a box is. */
const BOXED = 2_000_000;

/** A panel at the back of every other box, over it or in rebates; corners and trim either way; some sizes typed. */
const boxedBy = (
  { trim }: NonNullable<Job['box']>,
  random: Random,
  { wide, told }: { readonly wide: number; readonly told: (mm: number) => TypedLength },
) => ({
  ...(random.uniform() < 0.5 ? { back: told(random.pick([3, 6, 9])) } : {}),
  corners: random.pick(BOX_CORNERS),
  backFit: random.pick(BOX_BACKS),
  trim: random.uniform() < 0.3 ? { ...trim, foot: false as const } : trim,
  ...(random.uniform() < 0.2 ? { size: { width: told(wide - random.between(15, 40)) } } : {}),
});

/** Now and then a divider or two on a shelf, as high as the gap or 80 mm. */
function dividersBy(random: Random, shelves: number, wide: number, told: (mm: number) => TypedLength) {
  if (random.uniform() > 0.25) return [];
  const first = Math.floor(random.between(0, shelves));
  return Array.from({ length: Math.min(1 + Math.floor(random.between(0, 2)), shelves) }, (_, i) => ({
    id: `divider-${i}`,
    shelf: 1 + ((first + i) % shelves),
    at: told(random.between(0.25, 0.75) * wide),
    ...(random.uniform() < 0.5 ? { height: told(80) } : {}),
  }));
}

/** An inch figure for about so many millimetres: in sixteenths. */
function inches(mm: number): string {
  const sixteenths = Math.max(Math.round((mm / 25.4) * 16), 0);
  const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16];
  return rest === 0 ? `${whole}` : `${whole} ${rest}/16`;
}

/** Studs, skirting, a chair rail, an outlet: each of them or not. */
function furnished(
  place: Job['place'],
  wide: number,
  high: number,
  random: Random,
  told: (mm: number) => TypedLength,
): Job['place'] {
  const spacing = random.pick([400, 600]);
  const first = random.between(60, spacing);
  const studded = place.walls === 'studs' || (place.walls === 'lined' && random.uniform() < 0.7);
  const studs = studded
    ? (['left', 'back', 'right'] as const).flatMap((wall) =>
        Array.from({ length: Math.floor((wide - first) / spacing) + 1 }, (_, i) => ({
          id: `stud-${wall}-${i}`,
          wall,
          from: told(first + i * spacing),
          found: 'magnet' as const,
        })),
      )
    : [];
  const skirted = place.kind !== 'cavity' && random.uniform() < 0.4;
  const railed = place.kind !== 'cavity' && random.uniform() < 0.15;
  const outlet = place.kind !== 'cavity' && place.back && random.uniform() < 0.3;
  return {
    ...place,
    studs,
    ...(skirted ? { skirting: { height: told(random.between(60, 150)), thickness: told(15) } } : {}),
    ...(railed ? { rail: { up: told(900), height: told(60), thickness: told(20) } } : {}),
    keepClears: outlet
      ? [
          {
            id: 'outlet',
            what: 'outlet',
            wall: 'back',
            from: told(random.between(0.1, 0.8) * wide),
            up: told(random.between(0.1, 0.6) * high),
            width: told(85),
            height: told(85),
            note: '',
          },
        ]
      : [],
  };
}

/** Readings enough to plan by, of what makes sense at such a place. */
function spotsFor({ kind, side, back }: Job['place'], high: number): Spot[] {
  const ups = [0.15, 0.5, 0.85].map((share) => Math.round(share * high));
  const heights: Spot[] = [
    { kind: 'height', side: 'left', at: 'front' },
    { kind: 'height', side: 'right', at: 'front' },
  ];
  if (kind === 'corner' || kind === 'run') {
    const corner: Spot[] = ups.map((upMm) => ({ kind: 'corner', corner: side === 'right' ? 'right' : 'left', upMm }));
    return [...(kind === 'corner' ? corner : []), heights[0] as Spot];
  }
  return [
    ...ups.flatMap((upMm): Spot[] => [
      { kind: 'width', at: 'back', upMm },
      { kind: 'width', at: 'front', upMm },
    ]),
    ...(back
      ? (['left', 'right'] as const).map((at): Spot => ({ kind: 'depth', side: at, upMm: ups[1] as number }))
      : []),
    ...heights,
  ];
}

/** Answers to what a system asks: lengths from half to twice what is usual, any choice, yes or no. */
function saidOf(
  name: SystemName,
  random: Random,
  told: (mm: number) => TypedLength,
  tools: Job['tools'],
): Record<string, unknown> {
  const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[name];
  return Object.fromEntries(
    Object.entries(asks).flatMap(([key, ask]): [string, unknown][] => {
      if (random.uniform() < 0.5) return [];
      switch (ask.kind) {
        case 'length':
          return [[key, told(ask.mayBeNothing && random.uniform() < 0.2 ? 0 : ask.mm * random.between(0.6, 1.6))]];
        case 'count':
          return [[key, Math.min(Math.max(Math.round(ask.usual * random.between(0.6, 1.6)), ask.least), ask.most)]];
        case 'choice':
          return [[key, random.pick(tools === 'hand' && ask.byHand ? ask.byHand : ask.options)]];
        default:
          return [[key, random.uniform() < 0.5]];
      }
    }),
  );
}
