import type { TOOLS } from './limits';
import { usualLength } from './usual';
import type { JobUnit, TypedLength } from '../base/quantity';

/** A length that a support system asks for: what it usually is, in millimetres and as inches are typed. */
interface AskLength {
  readonly kind: 'length';
  readonly mm: number;
  readonly inches: string;
  /** Whether nothing at all is a length here. */
  readonly mayBeNothing: boolean;
}
interface AskCount {
  readonly kind: 'count';
  readonly usual: number;
  readonly least: number;
  readonly most: number;
}
interface AskChoice<Option extends string = string> {
  readonly kind: 'choice';
  /** The first is the usual one. */
  readonly options: readonly [Option, ...Option[]];
  /** What is offered to someone with hand tools only, the usual one first; all of it where left away. */
  readonly byHand?: readonly [Option, ...Option[]];
}
interface AskYes {
  readonly kind: 'yes';
  readonly usual: boolean;
}
/** One thing a support system needs to know. */
export type Ask = AskLength | AskCount | AskChoice | AskYes;

const long = (mm: number, inches: string): AskLength => ({ kind: 'length', mm, inches, mayBeNothing: false });
const orNothing = (mm: number, inches: string): AskLength => ({ kind: 'length', mm, inches, mayBeNothing: true });
const count = (usual: number, least: number, most: number): AskCount => ({ kind: 'count', usual, least, most });
const choice = <const Option extends string>(...options: [Option, ...Option[]]): AskChoice<Option> => ({
  kind: 'choice',
  options,
});
/** A choice of which hand tools leave only some, or make another one usual. */
const choiceByHand = <const Option extends string>(
  options: readonly [Option, ...Option[]],
  byHand: readonly [NoInfer<Option>, ...NoInfer<Option>[]],
): AskChoice<Option> => ({ kind: 'choice', options, byHand });
const yes = (usual: boolean): AskYes => ({ kind: 'yes', usual });

const nosing = (usual: boolean) =>
  ({ nosing: yes(usual), nosingThickness: long(20, '3/4'), nosingHeight: long(45, '1 1/2') }) as const;

/** A case may have a panel behind it, trim about its face, and shelves with a nosing. */
const backed = (usual: boolean) => ({ back: yes(usual), backThickness: long(6, '1/4') }) as const;
const faced = {
  trim: yes(false),
  trimWidth: long(45, '1 3/4'),
  trimThickness: long(15, '1/2'),
  trimReveal: orNothing(3, '1/8'),
  ...nosing(false),
} as const;

/**
 * What each support system needs to know beside the shelves themselves, and what that usually is. A further system is a
 * further entry here, and its file and its line in `system/`.
 */
export const SUPPORT_ASKS = {
  'three-side-cleats': {
    cleatThickness: long(20, '3/4'),
    cleatHeight: long(45, '1 1/2'),
    cleatShort: orNothing(4, '1/8'),
    nosingThickness: long(20, '3/4'),
    nosingHeight: long(65, '2 1/2'),
    screwedDown: yes(true),
  },
  'end-cleats': {
    cleatThickness: long(20, '3/4'),
    cleatHeight: long(45, '1 1/2'),
    setBack: orNothing(20, '3/4'),
    frontCut: choice('45', 'square'),
    loose: yes(false),
    ...nosing(false),
  },
  'housed-posts': {
    postThickness: long(27, '1'),
    postWidth: long(70, '2 3/4'),
    groove: long(8, '5/16'),
    joint: choiceByHand(['groove', 'rebate'], ['rebate', 'groove']),
    stands: choice('wall', 'plumb'),
    ...nosing(false),
  },
  brackets: {
    made: choice('bought', 'shop'),
    arm: long(250, '10'),
    leg: long(300, '12'),
    stickThickness: long(30, '1 1/4'),
    stickWidth: long(45, '1 3/4'),
    apart: long(800, '32'),
    ratedKg: count(50, 1, 1000),
    screws: count(2, 2, 8),
    notch: orNothing(0, '0'),
    ...nosing(false),
  },
  'side-screwed': {
    screws: count(3, 2, 8),
    fromEdge: long(40, '1 1/2'),
    ...nosing(false),
  },
  'floating-rails': {
    made: choiceByHand(['hollow', 'laminated'], ['hollow']),
    railThickness: long(30, '1 1/4'),
    skin: long(9, '3/8'),
    frontThickness: long(20, '3/4'),
    shave: orNothing(1, '1/32'),
    setBack: long(20, '3/4'),
    lock: choice('below', 'above'),
  },
  'housed-case': {
    sideThickness: long(18, '3/4'),
    groove: long(6, '1/4'),
    play: orNothing(10, '3/8'),
    plinth: orNothing(60, '2 1/2'),
    ...backed(true),
    ...faced,
  },
  'pinned-case': {
    sideThickness: long(18, '3/4'),
    shelfPlay: long(3, '1/8'),
    pinSetBack: long(37, '1 1/2'),
    fixedBy: choice('screwed', 'housed'),
    groove: long(6, '1/4'),
    play: orNothing(10, '3/8'),
    plinth: orNothing(60, '2 1/2'),
    ...backed(true),
    ...faced,
  },
  'screwed-tower': {
    sideThickness: long(18, '3/4'),
    screws: count(3, 2, 6),
    spacers: yes(true),
    play: orNothing(10, '3/8'),
    filler: orNothing(60, '2 1/2'),
    ...backed(false),
    ...faced,
  },
  'framed-bench': {
    frameThickness: long(45, '1 1/2'),
    frameHeight: long(95, '3 1/2'),
    joistApart: long(600, '24'),
    post: long(70, '2 3/4'),
    postApart: long(1500, '60'),
    overhang: orNothing(30, '1 1/4'),
    edgeThickness: long(20, '3/4'),
  },
  'ladder-frames': {
    stickThickness: long(27, '1'),
    stickWidth: long(45, '1 3/4'),
    apart: long(800, '32'),
    rungJoint: choiceByHand(['pocket', 'through'], ['through']),
    deck: choice('boards', 'slats', 'mesh'),
    slatWidth: long(45, '1 3/4'),
    slatGap: long(15, '5/8'),
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Ask>>>>;

export type SystemName = keyof typeof SUPPORT_ASKS;
export const SYSTEM_NAMES = Object.keys(SUPPORT_ASKS) as [SystemName, ...SystemName[]];

/** What a thing that is asked is answered with. */
type AnswerTo<Asked> = Asked extends AskLength
  ? TypedLength
  : Asked extends AskCount
    ? number
    : Asked extends AskChoice<infer Option>
      ? Option
      : boolean;
/** Everything a system asks, answered. */
export type Asked<Name extends SystemName> = {
  readonly [Key in keyof (typeof SUPPORT_ASKS)[Name]]: AnswerTo<(typeof SUPPORT_ASKS)[Name][Key]>;
};

/** Hand tools only, or power tools. */
type Tools = (typeof TOOLS)[number];

/** What of a choice is offered with such tools, the usual one first. */
export const offered = ({ options, byHand }: AskChoice, tools: Tools): readonly [string, ...string[]] =>
  tools === 'hand' && byHand ? byHand : options;

/** What one ask is answered with before anyone says otherwise. */
function usualAnswer(ask: Ask, units: JobUnit, tools: Tools): TypedLength | number | string | boolean {
  switch (ask.kind) {
    case 'length':
      return usualLength(ask.mm, ask.inches, units);
    case 'choice':
      return offered(ask, tools)[0];
    default:
      return ask.usual;
  }
}

/** What decides how a system is answered: what was said of it, and what is usual for the unit and the tools. */
export interface Asking {
  readonly support: { readonly own: { readonly [One in SystemName]?: object | undefined } };
  readonly units: JobUnit;
  readonly tools: Tools;
}

/** What was said of a system; what nobody said as it usually is. */
export function askedOf<Name extends SystemName>({ support, units, tools }: Asking, name: Name): Asked<Name> {
  const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[name];
  const said = (support.own[name] ?? {}) as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    Object.entries(asks).map(([key, ask]) => [key, said[key] ?? usualAnswer(ask, units, tools)]),
  ) as Asked<Name>;
}

/** Fields of a case that the box of a cavity replaces. The box has its own trim. */
const OF_CASE = ['sideThickness', 'play', 'plinth', 'back', 'backThickness'];
const OF_TRIM = ['trimWidth', 'trimThickness', 'trimReveal'];
const OF_NOSING = ['nosingThickness', 'nosingHeight'];

/** Fields that change nothing at a kind of place. */
const NOT_ASKED: Readonly<Record<string, readonly string[]>> = {
  'cavity/housed-case': [...OF_CASE, 'trim', ...OF_TRIM],
  'cavity/pinned-case': [...OF_CASE, 'trim', ...OF_TRIM],
  'corner/three-side-cleats': ['cleatShort', ...OF_NOSING],
  'corner/floating-rails': ['frontThickness'],
};

/**
 * Keys of the fields to show for a system. Leaves out fields that change nothing at the place, or because of another
 * answer: sizes of a nosing that is not wanted, slats of a solid deck, sticks of bought brackets.
 */
export function asksShown(
  job: Asking & { readonly place: { readonly kind: string }; readonly pins?: unknown },
  system: SystemName,
): string[] {
  const said = askedOf(job, system) as Readonly<Record<string, unknown>>;
  const idle = new Set([
    ...(NOT_ASKED[`${job.place.kind}/${system}`] ?? []),
    ...(said.nosing === false ? OF_NOSING : []),
    ...(said.trim === false ? OF_TRIM : []),
    ...(said.back === false ? ['backThickness'] : []),
    ...(said.fixedBy === 'screwed' ? ['groove'] : []),
    ...(said.deck !== undefined && said.deck !== 'slats' ? ['slatWidth', 'slatGap'] : []),
    ...(system === 'brackets' ? (said.made === 'bought' ? ['stickThickness', 'stickWidth'] : ['ratedKg']) : []),
    // The form for rows of pin holes asks the same.
    ...(job.pins ? ['pinSetBack'] : []),
  ]);
  return Object.keys(SUPPORT_ASKS[system]).filter((key) => !idle.has(key));
}
