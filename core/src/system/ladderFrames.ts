import { figure, less, type Figure } from '../figure';
import { count, length, message } from '../message';
import { stop, type Problem } from '../problem';
import * as pieces from './pieces';
import type { Across, Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'ladder-frames'>;
type Shelf = Input['shelves'][number];

/**
 * Frames like ladders stand across the run: two uprights with a rung for each shelf between them, joined by pocket
 * screws, two at each joint or it pivots. Boards or slats lie on the rungs, whose tops are the shelves' undersides.
 */
export const ladderFrames: System<'ladder-frames'> = {
  name: 'ladder-frames',
  places: ['run', 'alcove', 'span'],
  traits: { seen: 'plain', liftsOut: true, wants: 'hand' },
  under: (_, asked) => ({ backMm: 0, sideMm: 0, hangsMm: asked.stickWidth.mm }),
  plan: (input) => {
    const { asked, shelves, opening } = input;
    const problems = problemsOf(input);
    const made = problems.length > 0 ? [] : shelves;
    const tall = shelves.at(-1)?.top.mm ?? 0;
    const hasWall = opening.surfaces.includes('back');
    const frames = framesOf(input);
    return {
      parts:
        made.length === 0
          ? []
          : [...made.flatMap((shelf) => boardsOf(shelf, input)), ...frames.flatMap((x, i) => framePieces(x, i, input))],
      hardware: [],
      // What mesh carries only its maker knows.
      holds: asked.deck === 'mesh' ? [] : made.map((shelf) => holdOf(shelf, input)),
      fastenings:
        made.length === 0
          ? []
          : [
              ...frames.flatMap((_, i) => frameJoints(i, input)),
              ...made.flatMap((shelf) => boardScrews(shelf, input)),
              ...(hasWall ? [wallTie(input)] : []),
            ],
      standing: { heightMm: tall, depthMm: deepest(input), fastening: hasWall ? 'frame-1-rear/wall' : null },
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      hangsMm: () => asked.stickWidth.mm,
      order: [
        message(asked.rungJoint === 'pocket' ? 'order.ladder.jig' : 'order.ladder.through'),
        message('order.ladder.frames'),
        message('order.ladder.stand'),
        message(`order.ladder.${asked.deck}`),
        message('order.ladder.tie'),
      ],
      problems,
      cautions: [
        ...(asked.deck === 'mesh' ? [{ message: message('caution.mesh'), stage: 'shelves' } as const] : []),
        { message: message('caution.tipping'), stage: 'shelves' },
        { message: message('caution.strength'), stage: 'shelves' },
      ],
    };
  },
  suit: ({ job: { place, tools }, asked }) => ({
    fors: [
      ...(place.kind === 'run' ? [message('suit.brackets.openEnds')] : []),
      message(asked.deck === 'boards' ? 'suit.posts.noHardware' : 'suit.ladder.wet'),
    ],
    againsts: tools === 'hand' && asked.rungJoint === 'pocket' ? [message('suit.handPockets')] : [],
  }),
};

const deepest = ({ shelves, depthOf }: Pick<Input, 'shelves' | 'depthOf'>) =>
  Math.max(0, ...shelves.map(({ number }) => depthOf(number)));

// Frames keep so far from the side walls, which are crooked.
const FROM_WALL_MM = 10;

/** The boards' stretch across, and the middles of the frames along it. */
function runOf({ opening: { extent, surfaces } }: Pick<Input, 'opening'>): Across {
  return {
    fromMm: extent.left + FROM_WALL_MM * Number(surfaces.includes('left')),
    toMm: extent.right - FROM_WALL_MM * Number(surfaces.includes('right')),
  };
}

function framesOf(input: Input): number[] {
  const { asked } = input;
  const run = runOf(input);
  const [from, to] = [run.fromMm + asked.stickThickness.mm / 2, run.toMm - asked.stickThickness.mm / 2];
  const parts = Math.max(Math.ceil((to - from) / asked.apart.mm - 1e-9), 1);
  return Array.from({ length: parts + 1 }, (_, i) => from + ((to - from) * i) / parts);
}

function boardLength(input: Input): Figure {
  const { extent, surfaces } = input.opening;
  const run = figure({ label: message('term.runLength'), mm: extent.right - extent.left });
  const walls = Number(surfaces.includes('left')) + Number(surfaces.includes('right'));
  return less(run, message('term.endClear'), FROM_WALL_MM * walls);
}

/** How many slats, and the gap between them that comes out even. */
export function slatsOver(
  depthMm: number,
  widthMm: number,
  gapMm: number,
): { readonly count: number; readonly gapMm: number } {
  const n = Math.max(Math.floor((depthMm + gapMm) / (widthMm + gapMm) + 1e-9), 1);
  return { count: n, gapMm: n > 1 ? (depthMm - n * widthMm) / (n - 1) : 0 };
}

function boardsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const across = runOf(input);
  const long = boardLength(input);
  const rule = () => ({ is: 'given', figure: long, rounded: 'down' }) as const;
  const [board] = pieces.boardAndNosing({
    shelf,
    thicknessMm: wish.thickness.mm,
    depthMm,
    nosing: null,
    length: rule,
  }) as [PartSpec];
  if (asked.deck === 'boards') return [{ ...board, across }];
  if (asked.deck === 'mesh') return [{ ...board, role: 'mesh', name: message('part.mesh'), label: `${n}M`, across }];
  const { count: slats, gapMm } = slatsOver(depthMm, asked.slatWidth.mm, asked.slatGap.mm);
  const width = figure({ label: message('term.slatWidth'), mm: asked.slatWidth.mm });
  return Array.from({ length: slats }, (_, i): PartSpec => {
    const outFrom = i * (asked.slatWidth.mm + gapMm);
    const place = { ...board.place, outFrom, outTo: outFrom + asked.slatWidth.mm };
    // The first stands for the shelf where one board would.
    return {
      ...board,
      id: i === 0 ? board.id : `S${n}-slat-${i + 1}`,
      role: i === 0 ? 'board' : 'slat',
      name: message('part.slat'),
      label: `${n}S`,
      width,
      place,
      across,
    };
  });
}

function floorAt({ opening }: Input, across: number, out: number): number {
  if (!opening.surfaces.includes('floor')) return 0;
  return Math.round(10 * opening.position({ surface: 'floor', across, out }).mm) / 10;
}

const ENDS = ['rear', 'front'] as const;

/** Two uprights and a rung for each shelf. */
function framePieces(x: number, index: number, input: Input): PartSpec[] {
  const { asked, shelves } = input;
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const depthMm = deepest(input);
  const across = { fromMm: x - thick / 2, toMm: x + thick / 2 };
  const highest = shelves.at(-1)?.top ?? figure();
  const width = figure({ label: message('term.stickWidth'), mm: wide });
  const uprights = ENDS.map((end): PartSpec => {
    const [outFrom, outTo] = end === 'rear' ? [0, wide] : [depthMm - wide, depthMm];
    const floor = floorAt(input, x, (outFrom + outTo) / 2);
    return {
      shelf: 0,
      id: `frame-${index + 1}-${end}`,
      role: 'upright',
      name: message(end === 'rear' ? 'part.upright.rear' : 'part.upright.front', { count: count(index + 1) }),
      label: `F${index + 1}${end === 'rear' ? 'R' : 'F'}`,
      thicknessMm: thick,
      width,
      place: { upFrom: floor, upTo: highest.mm, outFrom, outTo },
      across,
      upright: true,
      length: {
        is: 'given',
        figure: less(figure({ label: message('term.topShelf'), mm: highest.mm }), message('term.floorThere'), floor),
        rounded: 'down',
      },
    };
  });
  const rungs = shelves.map((shelf): PartSpec => ({
    shelf: shelf.number,
    id: `S${shelf.number}-rung-${index + 1}`,
    role: 'rung',
    name: message('part.rung'),
    label: `${shelf.number}G`,
    thicknessMm: thick,
    width,
    place: { upFrom: shelf.underside.mm - wide, upTo: shelf.underside.mm, outFrom: wide, outTo: depthMm - wide },
    across,
    length: {
      is: 'given',
      figure: less(figure({ label: message('term.frameDepth'), mm: depthMm }), message('term.bothUprights'), 2 * wide),
      rounded: 'down',
    },
  }));
  return [...uprights, ...rungs];
}

function holdOf(shelf: Shelf, input: Input): Hold {
  const { asked } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const slats =
    asked.deck === 'slats'
      ? {
          slats: { count: slatsOver(depthMm, asked.slatWidth.mm, asked.slatGap.mm).count, widthMm: asked.slatWidth.mm },
        }
      : {};
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: framesOf(input).map((acrossMm, i) =>
      pieces.restAcross(`S${n}-rung-${i + 1}`, { from: 'opening', acrossMm }, 0, depthMm),
    ),
    ribs: [],
    ...slats,
  };
}

/** Two screws at both ends of every rung: in pockets, or through the upright into the rung's end. */
function frameJoints(index: number, input: Input): Fastening[] {
  const { asked, shelves } = input;
  const wide = asked.stickWidth.mm;
  const rung = deepest(input) - 2 * wide;
  return shelves.flatMap((shelf) =>
    ENDS.map((end): Fastening =>
      asked.rungJoint === 'through'
        ? throughUpright(index, shelf, end, input)
        : {
            id: `S${shelf.number}-rung-${index + 1}/${end}`,
            shelf: shelf.number,
            through: { is: 'piece', id: `S${shelf.number}-rung-${index + 1}` },
            into: { is: 'piece', id: `frame-${index + 1}-${end}`, grain: 'edge', haveMm: wide },
            with: 'pocket',
            passMm: asked.stickThickness.mm * 0.6,
            spread: {
              is: 'given',
              at: [0.3, 0.7].map((share) => ({
                alongMm: end === 'rear' ? POCKET_MM : rung - POCKET_MM,
                acrossMm: wide * share,
              })),
            },
            carries: `S${shelf.number}-rung-${index + 1}`,
            leverMm: 0,
          },
    ),
  );
}
const POCKET_MM = 38;

/** Two screws through an upright, at the height of a rung, into the rung's end. */
function throughUpright(
  index: number,
  { number: n, underside }: Shelf,
  end: (typeof ENDS)[number],
  input: Input,
): Fastening {
  const { asked } = input;
  const wide = asked.stickWidth.mm;
  const [outFrom, outTo] = end === 'rear' ? [0, wide] : [deepest(input) - wide, deepest(input)];
  const upMm = underside.mm - wide - floorAt(input, framesOf(input)[index] as number, (outFrom + outTo) / 2);
  return {
    id: `S${n}-rung-${index + 1}/${end}`,
    shelf: n,
    through: { is: 'piece', id: `frame-${index + 1}-${end}` },
    into: { is: 'piece', id: `S${n}-rung-${index + 1}`, grain: 'end', haveMm: deepest(input) - 2 * wide },
    with: 'screw',
    edge: true,
    passMm: wide,
    spread: {
      is: 'given',
      at: [0.3, 0.7].map((share) => ({ alongMm: upMm + wide * share, acrossMm: asked.stickThickness.mm / 2 })),
    },
    carries: `S${n}-rung-${index + 1}`,
    leverMm: 0,
  };
}

/** Two screws from above into each rung, through the first slat or the board. */
function boardScrews({ number: n }: Shelf, input: Input): Fastening[] {
  const { asked, wish } = input;
  const run = runOf(input);
  const slats = asked.deck === 'slats';
  const width = slats ? asked.slatWidth.mm : input.depthOf(n);
  const stick = asked.stickWidth.mm;
  // On the rung, which lies between the uprights, and on the board, which may be shallower than the frame.
  const onRung = [stick + Math.min(30, (width - stick) * 0.3), Math.min(width - 12, deepest(input) - stick - 30)];
  const backs = slats ? [width * 0.3, width * 0.7] : onRung;
  return framesOf(input).map((x, i): Fastening => ({
    id: `S${n}-board/S${n}-rung-${i + 1}`,
    shelf: n,
    through: { is: 'piece', id: `S${n}-board` },
    into: { is: 'piece', id: `S${n}-rung-${i + 1}`, grain: 'edge', haveMm: asked.stickWidth.mm },
    with: 'screw',
    passMm: wish.thickness.mm,
    spread: { is: 'given', at: backs.map((acrossMm) => ({ alongMm: x - run.fromMm, acrossMm })) },
    carries: null,
    leverMm: 0,
  }));
}

/** The first frame’s rear upright tied to the wall, so that the whole cannot tip. */
function wallTie(input: Input): Fastening {
  const { asked, shelves } = input;
  const tie = pieces.stickToWall({
    shelf: 0,
    part: 'frame-1-rear',
    wall: 'back',
    thicknessMm: asked.stickWidth.mm,
    heightMm: asked.stickThickness.mm,
  });
  return {
    ...tie,
    edge: true,
    carries: null,
    spread: { is: 'along', acrossMm: [asked.stickThickness.mm / 2], everyMm: 900, least: 2 },
    avoidMm: shelves.map((one) => ({ fromMm: one.underside.mm - asked.stickWidth.mm, toMm: one.top.mm })),
  };
}

/** A board reaches so far beyond the rear uprights, so that it can be screwed to the rungs. */
const ON_RUNG_MM = 40;

function problemsOf(input: Input): Problem[] {
  const { asked, shelves } = input;
  const low = shelves.find((one) => one.underside.mm < asked.stickWidth.mm);
  const shallow = deepest(input) - 2 * asked.stickWidth.mm;
  if (shelves.length > 0 && shallow < 2 * POCKET_MM)
    return [
      stop(
        { is: 'support' },
        message('problem.ladderShallow', {
          depth: length(deepest(input)),
          needed: length(2 * asked.stickWidth.mm + 2 * POCKET_MM),
        }),
      ),
    ];
  const needed = asked.stickWidth.mm + ON_RUNG_MM;
  const narrow = shelves.find(({ number }) => input.depthOf(number) < needed);
  if (narrow)
    return [
      stop(
        { is: 'support' },
        message('problem.ladderBoard', {
          shelf: count(narrow.number),
          depth: length(input.depthOf(narrow.number)),
          needed: length(needed),
        }),
      ),
    ];
  return low ? pieces.floorProblems([low], asked.stickWidth.mm) : [];
}
