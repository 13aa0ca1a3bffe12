import type { Part } from '../fit';
import type { Fixing } from '../fixing';
import type { Job, SystemName } from '../job';
import type { LaidShelf } from '../layout';
import { message, text, type Message } from '../message';
import type { Caution } from '../problem';
import type { CutKinds } from '../stock';
import type { WaysIn } from './wayIn';
import { systemOf, type Applied, type Hardware } from '../system';

/** What steps are made from: the job, and what the road has made of it so far. */
export interface Work {
  readonly job: Job;
  readonly takes: 'boards' | 'box';
  readonly parts: readonly Part[];
  readonly hardware: readonly Hardware[];
  readonly fixings: readonly Fixing[];
  readonly shelves: readonly LaidShelf[];
  /** The ceiling above the floor mark, millimetres. */
  readonly ceilingMm: number;
  /** From the back of the place to its front, millimetres. */
  readonly depthMm: number;
  /** How each system goes together, first to last. */
  readonly order: Applied['order'];
  readonly cautions: readonly Caution[];
  readonly kinds: CutKinds;
  /** How boards get in, and in which order. */
  readonly waysIn: WaysIn;
}

/** Where in the work an instruction of a support system belongs. */
type Moment = 'joint' | 'pins' | 'make' | 'dry' | 'assemble' | 'stand' | 'support' | 'shelf' | 'front';

const MOMENTS: Readonly<Record<string, Moment>> = {
  'order.cleats.back': 'support',
  'order.cleats.sides': 'support',
  'order.cleats.ends': 'support',
  'order.cleats.corner': 'support',
  'order.board.on': 'shelf',
  'order.board.screwed': 'shelf',
  'order.board.fromBelow': 'shelf',
  'order.nosing': 'front',
  'order.brackets.make': 'make',
  'order.brackets.first': 'support',
  'order.brackets.rest': 'support',
  'order.side.mark': 'shelf',
  'order.side.drill': 'shelf',
  'order.side.prop': 'shelf',
  'order.side.drive': 'shelf',
  'order.posts.groove': 'joint',
  'order.posts.chisel': 'joint',
  'order.posts.stand': 'stand',
  'order.posts.shelves': 'shelf',
  'order.float.rails': 'support',
  'order.float.dry': 'shelf',
  'order.float.slide': 'shelf',
  'order.float.lockBelow': 'shelf',
  'order.float.lockAbove': 'shelf',
  'order.case.dry': 'dry',
  'order.case.glue': 'assemble',
  'order.case.square': 'assemble',
  'order.case.back': 'assemble',
  'order.case.trim': 'front',
  'order.case.stand': 'stand',
  'order.case.pins': 'pins',
  'order.case.screw': 'stand',
  'order.case.shelvesIn': 'shelf',
  'order.tower.spacers': 'assemble',
  'order.tower.dry': 'dry',
  'order.tower.glue': 'assemble',
  'order.tower.top': 'assemble',
  'order.bench.cleat': 'support',
  'order.bench.frame': 'support',
  'order.bench.posts': 'support',
  'order.bench.ends': 'support',
  'order.bench.top': 'shelf',
  'order.bench.edge': 'front',
  'order.ladder.jig': 'make',
  'order.ladder.through': 'assemble',
  'order.ladder.mesh': 'assemble',
  'order.ladder.frames': 'assemble',
  'order.ladder.stand': 'stand',
  'order.ladder.slats': 'shelf',
  'order.ladder.boards': 'shelf',
  'order.ladder.tie': 'stand',
};

/** The instructions of a moment; of one system only, where one is named. */
export function instructions({ order }: Pick<Work, 'order'>, moment: Moment, system?: SystemName): Message[] {
  const all = order
    .filter((one) => system === undefined || one.system === system)
    .flatMap(({ steps }) => steps.filter(({ code }) => MOMENTS[code] === moment));
  return all.filter((one, i) => all.findIndex((other) => other.code === one.code) === i);
}

/** The system that carries a shelf. */
export const systemAt = ({ job }: Pick<Work, 'job'>, shelf: number): SystemName => systemOf(job.support, shelf);

/** Systems that are put together in the workshop and stood up whole. */
export const UNITS: ReadonlySet<SystemName> = new Set(['housed-case', 'pinned-case', 'screwed-tower', 'ladder-frames']);

/** Fixings that go into a wall, or through one. */
export const intoWall = (one: Fixing): boolean => one.into.is === 'wall' || one.through.is === 'wall';

/** The piece or bracket a fixing goes through; null where that is a wall. */
export const throughOf = ({ through }: Fixing): string | null => (through.is === 'wall' ? null : through.id);
/** The piece a fixing bites into; null where that is a wall. */
export const biteOf = ({ into }: Fixing): string | null => (into.is === 'wall' ? null : into.id);

/** Pieces by what is pencilled on them: `1S, 2S, 3S`; null for none, and for more than one reads. */
export function labelsOf(parts: readonly Pick<Part, 'label'>[]): Message | null {
  return parts.length === 0 || parts.length > READ_AT_ONCE
    ? null
    : message('list.labels', { labels: text(parts.map((one) => one.label).join(', ')) });
}

const READ_AT_ONCE = 12;

/** What one hole takes to be drilled and countersunk, minutes (assumed). */
export const BORE_MIN = 0.8;

/** Whole minutes, in fives above a quarter of an hour. */
export const about = (minutes: number): number =>
  minutes <= 15 ? Math.max(1, Math.round(minutes)) : Math.round(minutes / 5) * 5;
