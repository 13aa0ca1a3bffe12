import type { SkipReason, StepPlace, Wait } from '../../job';
import type { Message } from '../../base/message';

/** Sorts of work: what one’s own time is learned by. */
export const STEP_KINDS = [
  'clear',
  'check',
  'open',
  'fill',
  'sand',
  'paint',
  'measure',
  'mark',
  'buy',
  'cut',
  'glue',
  'joint',
  'drill',
  'dry-fit',
  'assemble',
  'support',
  'shelf',
  'trim',
  'caulk',
  'load',
  'look-back',
  'own',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** Tools that are packed. */
export const TOOLS_OF_STEPS = [
  'tape',
  'pencil',
  'level',
  'square',
  'stud-finder',
  'pry-bar',
  'hammer',
  'driver',
  'drill',
  'countersink',
  'masonry-bit',
  'saw',
  'hand-saw',
  'plane',
  'chisel',
  'router',
  'clamps',
  'jig',
  'sander',
  'sanding-block',
  'filler-knife',
  'brush',
  'roller',
  'cloths',
  'caulk-gun',
  'pin-hammer',
  'shims',
  'prop-sticks',
  'ladder',
  'vacuum',
  'mask',
  'eye-ear',
  'dust-sheet',
] as const;
export type StepTool = (typeof TOOLS_OF_STEPS)[number];

/** What is printed and taken along. */
export type PrintedSheet = 'shopping' | 'layouts' | 'cut-list' | 'drilling' | 'templates' | 'marks';

/** What must come before a step, and how long lies between. Minutes. */
export interface StepLag {
  readonly step: string;
  readonly leastMin: number;
  readonly mostMin: number | null;
  /** What is waited for; null where nothing is. */
  readonly wait: Wait | null;
}

/** One step of the work. Plain data; it survives JSON. */
export interface Step {
  /** Stable as long as the job asks for it: `fill-1`, `S2-support`, `own:a1b2`. Ticks hang on it. */
  readonly id: string;
  readonly kind: StepKind;
  readonly what: Message;
  readonly place: StepPlace;
  /** Time with both hands on it. */
  readonly minutes: number;
  /** What is usual for it, before own times are taken into account. */
  readonly usualMinutes: number;
  readonly after: readonly StepLag[];
  readonly who: 'alone' | 'help';
  /** It is heard next door. */
  readonly loud: boolean;
  readonly how: readonly Message[];
  /** What to look at when it is done, and what is good. */
  readonly check: readonly Message[];
  readonly tools: readonly StepTool[];
  readonly materials: readonly Message[];
  /** Pieces that are handled, by their ids; fixings that are driven, by theirs. */
  readonly parts: readonly string[];
  readonly fixings: readonly string[];
  readonly sheets: readonly PrintedSheet[];
  readonly cautions: readonly Message[];
  /** What guards against a mistake that came again in other jobs. */
  readonly guards: readonly Message[];
  /** The shelf it is about; null where it is about none or several. */
  readonly shelf: number | null;
}

export type { SkipReason };
