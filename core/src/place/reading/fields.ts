import type { Reading, ReadingKind, ReadingOf } from '../../job';
import { ENDS, SIDES, SPOTS_OUT } from '../../job/limits';
import type { TypedLength } from '../../base/quantity';

/** Fields that belong to what was read, not to where. */
type Answer = 'value' | 'other' | 'gap' | 'leans' | 'falls' | 'shape';
type Said = Answer | 'id' | 'with' | 'sd' | 'verdict' | 'blind' | 'simulated';

type SpotFrom<R> = R extends Reading
  ? {
      readonly [
        K in Exclude<keyof R, Said> as R[K] extends TypedLength ? `${K & string}Mm` : K
      ]: R[K] extends TypedLength ? number : R[K];
    }
  : never;

/** Where a reading is or will be taken: the reading without what it said. Lengths in millimetres. */
export type Spot = SpotFrom<Reading>;
export type SpotOf<Kind extends ReadingKind> = SpotFrom<ReadingOf<Kind>>;

/** A field of a spot: one of a few words, or a length. */
export type Field =
  | {
      readonly kind: 'choice';
      readonly name: string;
      readonly options: readonly string[];
      /** Left away, it always counts. */
      readonly when?: (spot: Spot) => boolean;
    }
  | { readonly kind: 'length'; readonly name: string; readonly usualMm: number };

const at: Field = { kind: 'choice', name: 'at', options: SPOTS_OUT };
const side: Field = { kind: 'choice', name: 'side', options: SIDES };
const corner: Field = { kind: 'choice', name: 'corner', options: ENDS };
const up: Field = { kind: 'length', name: 'up', usualMm: 1200 };
const over = (usualMm: number): Field => ({ kind: 'length', name: 'over', usualMm });
const wall: Field = { kind: 'choice', name: 'wall', options: ['left', 'right', 'back'] };
const from: Field = { kind: 'choice', name: 'from', options: ENDS };
const onBack = (spot: Spot) => 'wall' in spot && spot.wall === 'back';
const onSide = (spot: Spot) => 'wall' in spot && spot.wall !== 'back';
const upright = (spot: Spot) => spot.kind !== 'straightedge' || spot.run === 'upright';

/** The fields of every kind of reading, in the order one would say them. */
export const FIELDS: { readonly [Kind in ReadingKind]: readonly Field[] } = {
  width: [at, up],
  depth: [side, up],
  height: [side, at],
  corner: [corner, up],
  square: [corner, up, { kind: 'length', name: 'blade', usualMm: 400 }],
  plumb: [wall, { ...at, when: onSide }, { ...side, when: onBack }, { ...up, usualMm: 600 }, over(1200)],
  level: [
    { kind: 'choice', name: 'of', options: ['floor', 'ceiling'] },
    { kind: 'choice', name: 'along', options: ['across', 'out'] },
    { ...at, when: (spot) => 'along' in spot && spot.along === 'across' },
    { ...side, when: (spot) => 'along' in spot && spot.along === 'out' },
    over(1000),
  ],
  straightedge: [
    wall,
    { kind: 'choice', name: 'run', options: ['level', 'upright'] },
    { ...at, when: (spot) => onSide(spot) && upright(spot) },
    { ...side, when: (spot) => onBack(spot) && upright(spot) },
    up,
    over(800),
  ],
  offset: [
    wall,
    up,
    { kind: 'length', name: 'start', usualMm: 0 },
    { kind: 'length', name: 'end', usualMm: 300 },
    { kind: 'length', name: 'on', usualMm: 150 },
  ],
  diagonal: [from, up],
  face: [from, at],
  triangle: [
    corner,
    up,
    { kind: 'length', name: 'first', usualMm: 0 },
    { kind: 'length', name: 'second', usualMm: 400 },
    { kind: 'length', name: 'out', usualMm: 300 },
  ],
  line: [side, at],
};

/** The fields of a spot that count, given its other fields. */
export function fieldsOf(spot: Spot): Field[] {
  return FIELDS[spot.kind].filter((field) => field.kind === 'length' || !field.when || field.when(spot));
}

/** The word that goes with a figure when its sign matters: which end the gap is at, which way a wall leans. */
export interface Sense {
  readonly name: 'gap' | 'leans' | 'falls' | 'shape';
  /** The first is the positive one. */
  readonly options: readonly [string, string];
}

/** What is to be said besides the figure; null where the figure says it all. */
export function senseOf(spot: Spot): Sense | null {
  switch (spot.kind) {
    case 'square':
      return { name: 'gap', options: ['tip', 'heel'] };
    case 'plumb':
      return { name: 'leans', options: ['out', 'in'] };
    case 'level':
      return { name: 'falls', options: spot.along === 'across' ? ['left', 'right'] : ['back', 'front'] };
    case 'straightedge':
    case 'offset':
      return { name: 'shape', options: ['hollow', 'belly'] };
    default:
      return null;
  }
}

/** Whether a spot is read in degrees rather than as a length. */
export const isAngle = (spot: Spot): boolean => spot.kind === 'corner';

/** Whether a spot is best shown from the front or from above. */
export function viewOf(spot: Spot): 'elevation' | 'plan' {
  if (spot.kind === 'straightedge') return spot.run === 'level' ? 'plan' : 'elevation';
  return ['depth', 'offset', 'corner', 'square', 'diagonal', 'triangle'].includes(spot.kind) ? 'plan' : 'elevation';
}
