import { figure, less, type Figure } from '../figure';
import { count, length, message } from '../message';
import type { Band } from '../opening';
import { wallKindOf } from '../place';
import { doubtful, stop, type Problem } from '../problem';
import { alongRun, uprightsAlong, type Uprights } from './along';
import { braceOf } from './brace';
import * as pieces from './pieces';
import type { Across, Fastening, Hardware, Hold, Joint, PartSpec, System, SystemInput } from './system';
import { zonesAcross } from './zones';

type Input = SystemInput<'brackets'>;
type Shelf = Input['shelves'][number];

/**
 * A shelf on brackets that hang off the back wall: bought, rated for a pair, or made of sticks with a brace. A
 * bracket's top lies one thickness below the shelf's top, and higher by what it is let into the board.
 */
export const brackets: System<'brackets'> = {
  name: 'brackets',
  places: ['alcove', 'span', 'run'],
  traits: { seen: 'plain', liftsOut: true, wants: 'hand' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: Math.max(
      pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
      asked.made === 'shop' ? asked.stickThickness.mm : 0,
    ),
  }),
  plan: (input) => {
    const { asked, shelves, wish, opening } = input;
    const nosing = pieces.nosingOf(asked);
    const blocked = problemsOf(input);
    const stopped = blocked.some((one) => one.severity === 'stop');
    const made = stopped ? [] : shelves.map((shelf) => ({ shelf, uprights: uprightsOf(shelf, input) }));
    return {
      parts: made.flatMap(({ shelf, uprights }) => partsOf(shelf, uprights, input)),
      hardware:
        asked.made === 'bought' ? made.flatMap(({ shelf, uprights }) => hardwareOf(shelf, uprights, input)) : [],
      holds: made.map(({ shelf, uprights }) => holdOf(shelf, uprights, input)),
      fastenings: made.flatMap(({ shelf, uprights }) => fasteningsOf(shelf, uprights, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'bracket-top', asked.notch.mm)),
      hangsMm: () => pieces.hangsBelow(nosing, wish.thickness.mm),
      order: [
        ...(asked.made === 'shop' ? [message('order.brackets.make')] : []),
        message('order.brackets.first'),
        message('order.brackets.rest'),
        message('order.board.on'),
        message('order.board.fromBelow'),
        ...(nosing ? [message('order.nosing')] : []),
      ],
      problems: [
        ...blocked,
        ...pieces.floorProblems(shelves, asked.leg.mm),
        ...(opening.surfaces.includes('back') ? [] : [stop({ is: 'support' }, message('problem.noBackForBrackets'))]),
        ...made.flatMap(({ shelf, uprights }) =>
          uprights.guessed.length > 0
            ? [
                doubtful(
                  { is: 'shelf', shelf: shelf.number },
                  message('problem.bracketNoStud', {
                    shelf: count(shelf.number),
                    count: count(uprights.guessed.length),
                  }),
                ),
              ]
            : [],
        ),
        ...made.flatMap(({ shelf, uprights }) =>
          uprights.blocked > 0
            ? [
                doubtful(
                  { is: 'shelf', shelf: shelf.number },
                  message('problem.studBlocked', { shelf: count(shelf.number), count: count(uprights.blocked) }),
                ),
              ]
            : [],
        ),
      ],
      cautions: [
        ...pieces.usualCautions,
        ...(asked.made === 'bought' ? [{ message: message('caution.ratedLoad'), stage: 'shelves' } as const] : []),
      ],
    };
  },
  suit: ({ opening, job: { place, fixing }, shelves, asked }) => {
    if (!opening.surfaces.includes('back')) return { fors: [], againsts: [message('suit.noBack')] };
    const lined = wallKindOf(place, 'back') === 'lined';
    const { left, right } = opening.extent;
    const studs = place.studs
      .filter((one) => one.wall === 'back' && one.from.mm < right - left)
      .map((one) => one.from.mm);
    const near = (end: number) => studs.some((one) => Math.abs(one - end) <= NEAR_END_MM);
    const noStud = lined && (!near(0) || !near(right - left));
    const low = shelves.some((one) => one.underside.mm > 0 && one.underside.mm < asked.leg.mm);
    return {
      fors: [
        ...(lined && studs.length >= 2 ? [message('suit.brackets.studs', { count: count(studs.length) })] : []),
        ...(place.kind === 'run' ? [message('suit.brackets.openEnds')] : []),
      ],
      againsts: [
        ...(noStud
          ? [
              message(fixing.anchors ? 'suit.brackets.noStud' : 'suit.brackets.noStudNoAnchor', {
                near: length(NEAR_END_MM),
              }),
            ]
          : []),
        ...(low ? [message('suit.brackets.floor')] : []),
      ],
    };
  },
};

// A shelf that stands out beyond its last bracket by more than this dips at its end.
const NEAR_END_MM = 300;
// Without a stud at its place a bracket is about so wide on the wall.
const BOUGHT_WIDE_MM = 25;
/** A brace stops so far short of the ends of arm and leg. */
const BRACE_BACK_MM = 20;

const wideOf = ({ asked }: Input) => (asked.made === 'shop' ? asked.stickWidth.mm : BOUGHT_WIDE_MM);

function bandOf({ underside }: Shelf, { asked }: Input): Band {
  const upTo = underside.mm + asked.notch.mm;
  return { upFrom: upTo - asked.leg.mm, upTo, outFrom: 0, outTo: asked.arm.mm };
}

function uprightsOf(shelf: Shelf, input: Input): Uprights {
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

function partsOf(shelf: Shelf, { acrosses }: Uprights, input: Input): PartSpec[] {
  const { asked, wish, opening, job } = input;
  const { rule, across } = alongRun(opening, job.place.kind !== 'run');
  const boards = pieces
    .boardAndNosing({
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: input.depthOf(shelf.number),
      nosing: pieces.nosingOf(asked),
      ...(rule ? { length: rule } : {}),
    })
    .map((one) => (across ? { ...one, across } : one));
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
    length: { is: 'given', figure: long, rounded: 'down' },
    ...(role === 'bracket-leg' ? { upright: true as const } : {}),
    ...(joint ? { joint } : {}),
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
      { is: 'braced', degrees: brace.degrees, otherDegrees: brace.otherDegrees },
    ),
  ];
}

function braceFor({ asked }: Input) {
  const thick = asked.stickThickness.mm;
  return braceOf({ outMm: asked.arm.mm - thick - BRACE_BACK_MM, downMm: asked.leg.mm - thick - BRACE_BACK_MM });
}

function hardwareOf(shelf: Shelf, { acrosses }: Uprights, input: Input): Hardware[] {
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

const carrier = (n: number, i: number, { asked }: Input) =>
  asked.made === 'shop' ? `S${n}-bracket-leg-${i + 1}` : `S${n}-bracket-${i + 1}`;

function holdOf({ number: n }: Shelf, { acrosses }: Uprights, input: Input): Hold {
  const { asked, wish } = input;
  const nosing = pieces.nosingOf(asked);
  const boardMm = pieces.boardDepth(input.depthOf(n), nosing).mm;
  const to = Math.min(asked.arm.mm, boardMm);
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: acrosses.map((acrossMm, i) => pieces.restAcross(carrier(n, i, input), { from: 'opening', acrossMm }, 0, to)),
    ribs: pieces.nosingRib(n, nosing, wish.thickness.mm, boardMm),
  };
}

/** What screws of a bracket keep from its ends. */
const FROM_END_MM = 25;

function fasteningsOf(shelf: Shelf, { acrosses }: Uprights, input: Input): Fastening[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const shop = asked.made === 'shop';
  const nosing = pieces.nosingOf(asked);
  const legMm = shop ? asked.leg.mm - asked.stickThickness.mm : asked.leg.mm;
  const spots = Array.from(
    { length: asked.screws },
    (_, k) => FROM_END_MM + ((legMm - 2 * FROM_END_MM) * k) / (asked.screws - 1),
  );
  const wide = wideOf(input);
  const walls = acrosses.map((_, i): Fastening => ({
    id: `${carrier(n, i, input)}/wall`,
    shelf: n,
    through: { is: shop ? 'piece' : 'hardware', id: carrier(n, i, input) },
    into: { is: 'wall', wall: 'back' },
    with: 'screw',
    passMm: shop ? asked.stickThickness.mm : BOUGHT_PLATE_MM,
    spread: { is: 'given', at: spots.map((alongMm) => ({ alongMm, acrossMm: wide / 2 })) },
    carries: carrier(n, i, input),
    // It tips about its foot: the uppermost screw is pulled.
    leverMm: (spots.at(-1) as number) - (shop ? 0 : FROM_END_MM / 2),
  }));
  // Up through the bracket's arm, and never out at the top of the board.
  const armSpots = [0.25, 0.8].map((share) => ({ alongMm: asked.arm.mm * share, acrossMm: wide / 2 }));
  const boards = acrosses.map((_, i): Fastening => {
    const id = shop ? `S${n}-bracket-arm-${i + 1}` : carrier(n, i, input);
    return {
      id: `${id}/board`,
      shelf: n,
      through: { is: shop ? 'piece' : 'hardware', id },
      into: { is: 'piece', id: `S${n}-board`, grain: 'side', haveMm: wish.thickness.mm - asked.notch.mm },
      with: 'screw',
      passMm: shop ? asked.stickThickness.mm : BOUGHT_PLATE_MM,
      spread: { is: 'given', at: armSpots },
      carries: null,
      leverMm: 0,
    };
  });
  const joints = shop ? acrosses.flatMap((_, i) => bracketJoints(n, i + 1, input)) : [];
  return [
    ...walls,
    ...boards,
    ...joints,
    ...(nosing
      ? [
          pieces.nosingOn({
            shelf: n,
            ...nosing,
            boardMm: wish.thickness.mm,
            depthMm: pieces.boardDepth(input.depthOf(n), nosing).mm,
          }),
        ]
      : []),
  ];
}

const BOUGHT_PLATE_MM = 3;

/** Two screws at each joint of a bracket that is made, or it pivots. */
function bracketJoints(n: number, i: number, { asked }: Input): Fastening[] {
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const joint = (from: string, to: string, alongMm: number, haveMm: number): Fastening => ({
    id: `S${n}-${from}-${i}/${to}`,
    shelf: n,
    through: { is: 'piece', id: `S${n}-${from}-${i}` },
    into: { is: 'piece', id: `S${n}-${to}-${i}`, grain: 'end', haveMm },
    with: 'screw',
    passMm: thick,
    spread: {
      is: 'given',
      at: [
        { alongMm, acrossMm: wide * 0.3 },
        { alongMm, acrossMm: wide * 0.7 },
      ],
    },
    carries: null,
    leverMm: 0,
  });
  const brace = braceFor({ asked } as Input);
  return [
    joint('bracket-arm', 'bracket-leg', thick / 2, asked.leg.mm - thick),
    joint('bracket-arm', 'bracket-brace', asked.arm.mm - BRACE_BACK_MM - thick, brace.length.mm / 2),
    joint('bracket-leg', 'bracket-brace', BRACE_BACK_MM + thick, brace.length.mm / 2),
  ];
}

function problemsOf(input: Input): Problem[] {
  const { asked, shelves } = input;
  const nosing = pieces.nosingOf(asked);
  const problems = shelves.flatMap((shelf): Problem[] => {
    const depthMm = input.depthOf(shelf.number);
    const about = { is: 'shelf', shelf: shelf.number } as const;
    const empty = pieces.noDepthProblems(depthMm, nosing);
    if (empty.length > 0) return empty;
    const board = pieces.boardDepth(depthMm, nosing).mm;
    const sizes = { arm: length(asked.arm.mm), board: length(board) };
    if (asked.arm.mm > board)
      return [stop(about, message('problem.bracketTooDeep', { shelf: count(shelf.number), ...sizes }))];
    if (asked.arm.mm < board * LEAST_ARM) {
      const least = length(board * LEAST_ARM);
      return [doubtful(about, message('problem.bracketShort', { shelf: count(shelf.number), ...sizes, least }))];
    }
    return [];
  });
  const { length: brace } = braceFor(input);
  // Beyond the foot of the brace there must be wood on arm and leg to screw through.
  const thick = asked.stickThickness.mm;
  const stubby = Math.min(asked.leg.mm - 2 * thick, asked.arm.mm - 2 * thick) <= BRACE_BACK_MM;
  const short = asked.made === 'shop' && (stubby || !(brace.mm > 2 * asked.stickWidth.mm));
  return [
    ...problems,
    ...(short
      ? [stop({ is: 'support' }, message('problem.noBrace', { arm: length(asked.arm.mm), leg: length(asked.leg.mm) }))]
      : []),
  ];
}

/** A bracket carries a board to about two thirds of its depth at the least. */
const LEAST_ARM = 2 / 3;
