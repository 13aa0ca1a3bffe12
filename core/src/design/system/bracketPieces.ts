import { figure, less, type Figure } from '../../base/figure';
import { length, message } from '../../base/message';
import type { Band } from '../../place/opening';
import { alongRun, uprightsAlong, type Uprights } from './along';
import { braceOf } from './brace';
import * as pieces from './pieces';
import type { Across, Hardware, Joint, PartSpec, SystemInput } from './system';
import { zonesAcross } from './zones';

export type BracketsInput = SystemInput<'brackets'>;
type Input = BracketsInput;
type Shelf = Input['shelves'][number];

// Without a stud at its place a bracket is about so wide on the wall.
const BOUGHT_WIDE_MM = 25;
/** A brace stops so far short of the ends of arm and leg. */
export const BRACE_BACK_MM = 20;

/** Width of a bracket on the wall, millimetres. */
export const wideOf = ({ asked }: Input) => (asked.made === 'shop' ? asked.stickWidth.mm : BOUGHT_WIDE_MM);

/** Band of a shelf's brackets, from foot to top. */
function bandOf({ underside }: Shelf, { asked }: Input): Band {
  const upTo = underside.mm + asked.notch.mm;
  return { upFrom: upTo - asked.leg.mm, upTo, outFrom: 0, outTo: asked.arm.mm };
}

/** Places of a shelf's brackets along the wall. */
export function uprightsOf(shelf: Shelf, input: Input): Uprights {
  const { job, opening, asked } = input;
  const { upFrom, upTo } = bandOf(shelf, input);
  return uprightsAlong({
    place: job.place,
    opening,
    lowMm: upFrom,
    highMm: upTo,
    apartMm: asked.apart.mm,
    wideMm: wideOf(input),
    zones: zonesAcross(job.place, opening.extent),
  });
}

const acrossOf = (x: number, wide: number): Across => ({ fromMm: x - wide / 2, toMm: x + wide / 2 });

/** Board and nosing of a shelf, and the pieces of shop-made brackets. */
export function partsOf(shelf: Shelf, { acrosses }: Uprights, input: Input): PartSpec[] {
  const { asked, wish, opening, job } = input;
  const { rule, across } = alongRun(opening, job.place.kind !== 'run');
  const notchedFor = acrosses.flatMap((_, i) => topsOf(shelf.number, i, input));
  const boards = pieces
    .boardAndNosing({
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: input.depthOf(shelf.number),
      nosing: pieces.nosingOf(asked),
      ...(rule ? { length: rule } : {}),
    })
    .map((partSpec) => (across ? { ...partSpec, across } : partSpec))
    .map((partSpec) => (partSpec.role === 'board' && asked.notch.mm > 0 ? { ...partSpec, notchedFor } : partSpec));
  return asked.made === 'bought'
    ? boards
    : [...boards, ...acrosses.flatMap((x, i) => bracketParts(shelf, x, i, input))];
}

/** Arm, leg and brace of one bracket that is made. The arm lies on the leg; the brace stands between them. */
function bracketParts(shelf: Shelf, x: number, index: number, input: Input): PartSpec[] {
  const { asked } = input;
  const { upFrom, upTo } = bandOf(shelf, input);
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const n = shelf.number;
  const brace = braceFor(input);
  const width = figure({ label: message('term.stickWidth'), mm: wide });
  const piece = (
    role: 'bracket-arm' | 'bracket-leg' | 'bracket-brace',
    letter: string,
    long: Figure,
    place: Band,
    joint?: Joint,
  ): PartSpec => ({
    shelf: n,
    id: `S${n}-${role}-${index + 1}`,
    role,
    name: message(
      `part.${role === 'bracket-arm' ? 'bracketArm' : role === 'bracket-leg' ? 'bracketLeg' : 'bracketBrace'}`,
    ),
    label: `${n}${letter}${index + 1}`,
    thicknessMm: thick,
    width,
    place,
    across: acrossOf(x, wide),
    length: { kind: 'given', figure: long, rounded: 'down' },
    ...(role === 'bracket-leg' ? { upright: true as const } : {}),
    ...(joint ? { joints: [joint] } : {}),
  });
  const arm = figure({ label: message('term.arm'), mm: asked.arm.mm });
  const leg = less(figure({ label: message('term.leg'), mm: asked.leg.mm }), message('term.lessArm'), thick);
  return [
    piece('bracket-arm', 'A', arm, { upFrom: upTo - thick, upTo, outFrom: 0, outTo: asked.arm.mm }),
    piece('bracket-leg', 'G', leg, { upFrom, upTo: upTo - thick, outFrom: 0, outTo: thick }),
    piece(
      'bracket-brace',
      'D',
      brace.length,
      { upFrom: upFrom + BRACE_BACK_MM, upTo: upTo - thick, outFrom: thick, outTo: asked.arm.mm - BRACE_BACK_MM },
      { kind: 'braced', degrees: brace.degrees, otherDegrees: brace.otherDegrees },
    ),
  ];
}

/** Brace of a shop-made bracket. */
export function braceFor({ asked }: Pick<Input, 'asked'>) {
  const thick = asked.stickThickness.mm;
  return braceOf({ outMm: asked.arm.mm - thick - BRACE_BACK_MM, downMm: asked.leg.mm - thick - BRACE_BACK_MM });
}

/**
 * Where arm and leg are screwed to their brace: at seven tenths of the face it lies on them with, from its point, and
 * how deep it is there. Millimetres.
 */
export function braceJoints({ asked }: Pick<Input, 'asked'>) {
  const thick = asked.stickThickness.mm;
  const slope = (braceFor({ asked }).otherDegrees * Math.PI) / 180;
  const [arm, leg] = [(0.7 * thick) / Math.sin(slope), (0.7 * thick) / Math.cos(slope)];
  return {
    arm: { fromPointMm: arm, haveMm: arm * Math.tan(slope) },
    leg: { fromPointMm: leg, haveMm: leg / Math.tan(slope) },
  };
}

/** Bought brackets of a shelf. */
export function hardwareOf(shelf: Shelf, { acrosses }: Uprights, input: Input): Hardware[] {
  return acrosses.map((x, i) => ({
    id: `S${shelf.number}-bracket-${i + 1}`,
    shelf: shelf.number,
    what: 'bracket',
    name: message('hardware.bracket', { arm: length(input.asked.arm.mm), leg: length(input.asked.leg.mm) }),
    ratedKg: input.asked.ratedKg / 2,
    place: bandOf(shelf, input),
    across: acrossOf(x, BOUGHT_WIDE_MM),
  }));
}

/** Ids of what reaches up to a board at one bracket: a notched board is let over them. */
const topsOf = (n: number, i: number, { asked }: Input): string[] =>
  asked.made === 'shop'
    ? [`S${n}-bracket-arm-${i + 1}`, `S${n}-bracket-leg-${i + 1}`, `S${n}-bracket-brace-${i + 1}`]
    : [`S${n}-bracket-${i + 1}`];

/**
 * Id of the part that carries a shelf at one bracket.
 * @param n number of the shelf, from 1
 * @param i index of the bracket, from 0 at the left
 */
export const carrier = (n: number, i: number, { asked }: Input) =>
  asked.made === 'shop' ? `S${n}-bracket-leg-${i + 1}` : `S${n}-bracket-${i + 1}`;
