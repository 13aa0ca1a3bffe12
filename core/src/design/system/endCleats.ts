import { figure, less, type Figure } from '../../base/figure';
import { about, length, message } from '../../base/message';
import type { Band } from '../../place/opening';
import { doubtful, stop, type Problem } from '../../base/problem';
import * as pieces from './pieces';
import type { Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'end-cleats'>;

/**
 * A shelf on a cleat at either end, nothing behind it: it spans the whole width. A cleat stops short of the front and
 * is cut off there at 45°, so that it is little seen; its length is along its upper edge, under the board. A loose
 * shelf lifts out.
 */
export const endCleats: System<'end-cleats'> = {
  name: 'end-cleats',
  places: ['alcove', 'span'],
  traits: { seen: 'little', liftsOut: true, wants: 'hand' },
  under: (wish, asked) => {
    const cleat = asked.cleatHeight.mm;
    return {
      backMm: 0,
      sideMm: cleat,
      hangsMm: Math.max(pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm), cleat),
    };
  },
  plan: (input) => {
    const { asked, shelves, wish } = input;
    const nosing = pieces.nosingOf(asked);
    const hangs = Math.max(pieces.hangsBelow(nosing, wish.thickness.mm), asked.cleatHeight.mm);
    const blocked = shelves.flatMap((shelf) => depthProblems(input, input.depthOf(shelf.number))).slice(0, 1);
    const made = blocked.length > 0 ? [] : shelves;
    return {
      parts: made.flatMap((shelf) => partsOf(shelf, input)),
      hardware: [],
      holds: made.map((shelf) => holdOf(shelf.number, input)),
      fastenings: made.flatMap((shelf) => fasteningsOf(shelf.number, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'cleat-top')),
      order: [
        message('order.cleats.ends'),
        message('order.board.on'),
        ...(asked.loose ? [] : [message('order.board.screwed')]),
        ...(nosing ? [message('order.nosing')] : []),
      ],
      problems: [
        ...blocked,
        ...pieces.gapProblems(input.gaps, new Set(shelves.map((shelf) => shelf.number)), hangs),
        ...pieces.floorProblems(shelves, hangs),
        ...cornerProblems(input),
      ],
      cautions: pieces.usualCautions,
    };
  },
  suit: ({ opening: { extent } }) => {
    const across = extent.right - extent.left;
    return {
      fors: [message('suit.endCleats.fewest')],
      againsts: across > WIDE_MM ? [message('suit.wideSpan', { span: about(across) })] : [],
    };
  },
};

// A board on its ends alone is long beyond this, whatever it is made of.
const WIDE_MM = 800;

const BEHIND_NOSING_MM = 1;

/** Along the board's underside: from the back to where it stops short of the front. */
function cleatLength({ asked }: Pick<Input, 'asked'>, depthMm: number): Figure {
  const nosing = pieces.nosingOf(asked);
  // A nosing goes home on the board, not on a cleat that leans with its wall.
  const setBack = nosing ? Math.max(asked.setBack.mm, BEHIND_NOSING_MM) : asked.setBack.mm;
  return less(pieces.boardDepth(depthMm, nosing), message('term.cleatSetBack'), setBack);
}

function partsOf(shelf: Input['shelves'][number], input: Input): PartSpec[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const boards = pieces.boardAndNosing({
    shelf,
    thicknessMm: wish.thickness.mm,
    depthMm,
    nosing: pieces.nosingOf(asked),
  });
  const under = shelf.underside.mm;
  const long = cleatLength(input, depthMm);
  const place: Band = { upFrom: under - asked.cleatHeight.mm, upTo: under, outFrom: 0, outTo: long.mm };
  const cleat = (side: 'left' | 'right'): PartSpec => ({
    shelf: n,
    id: `S${n}-side-cleat-${side}`,
    role: `side-cleat-${side}`,
    name: message(`part.sideCleat.${side}`),
    label: `${n}${side === 'left' ? 'L' : 'R'}`,
    thicknessMm: asked.cleatThickness.mm,
    width: figure({ label: message('term.cleatHeight'), mm: asked.cleatHeight.mm }),
    place,
    length: { kind: 'given', figure: long, rounded: 'down' },
    ...(asked.frontCut === '45' ? { joints: [{ kind: 'clipped' }] as const } : {}),
  });
  return [...boards, cleat('left'), cleat('right')];
}

function holdOf(n: number, input: Input): Hold {
  const { asked, wish } = input;
  const depthMm = input.depthOf(n);
  const nosing = pieces.nosingOf(asked);
  const [half, to] = [asked.cleatThickness.mm / 2, cleatLength(input, depthMm).mm];
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: [
      pieces.restAcross(`S${n}-side-cleat-left`, { from: 'left', inMm: half }, 0, to),
      pieces.restAcross(`S${n}-side-cleat-right`, { from: 'right', inMm: half }, 0, to),
    ],
    ribs: pieces.nosingRib(n, nosing, wish.thickness.mm, pieces.boardDepth(depthMm, nosing).mm),
  };
}

function fasteningsOf(n: number, input: Input): Fastening[] {
  const { asked, wish } = input;
  const [thicknessMm, heightMm] = [asked.cleatThickness.mm, asked.cleatHeight.mm];
  const nosing = pieces.nosingOf(asked);
  const boardMm = pieces.boardDepth(input.depthOf(n), nosing).mm;
  return [
    ...(['left', 'right'] as const).map((wall) => {
      const fastening = pieces.stickToWall({ shelf: n, part: `S${n}-side-cleat-${wall}`, wall, thicknessMm, heightMm });
      // Where the front end is cut off, a screw stays clear of the cut.
      return asked.frontCut === '45' ? { ...fastening, shortMm: heightMm / 2 } : fastening;
    }),
    ...(asked.loose
      ? []
      : (['left', 'right'] as const).map((side) =>
          pieces.boardDown({
            shelf: n,
            part: `S${n}-side-cleat-${side}`,
            thicknessMm: wish.thickness.mm,
            haveMm: heightMm,
            spread: {
              kind: 'from-end',
              end: side,
              inMm: thicknessMm / 2,
              fromMm: 0,
              // Where its front end is cut off a screw would come out below.
              toMm: wholeTo(input, cleatLength(input, input.depthOf(n)).mm),
              everyMm: 300,
              least: 2,
            },
          }),
        )),
    ...(nosing ? [pieces.nosingOn({ shelf: n, ...nosing, boardMm: wish.thickness.mm, depthMm: boardMm })] : []),
  ];
}

/** How far out from the back a cleat is as high as it is behind, millimetres. */
const wholeTo = ({ asked }: Pick<Input, 'asked'>, longMm: number): number =>
  asked.frontCut === '45' ? Math.max(longMm - asked.cleatHeight.mm, longMm / 2) : longMm;

function depthProblems(input: Input, depthMm: number): Problem[] {
  const { asked } = input;
  const blocked = pieces.noDepthProblems(depthMm, pieces.nosingOf(asked));
  if (blocked.length > 0) return blocked;
  const long = cleatLength(input, depthMm).mm;
  const least = asked.frontCut === '45' ? asked.cleatHeight.mm : 0;
  if (long > least) return [];
  return [
    stop(
      { kind: 'support' },
      message('problem.noCleatLength', { depth: length(depthMm), setBack: length(asked.setBack.mm) }),
    ),
  ];
}

/** A board on its ends must lie at the back too: a cleat that ends far behind the front lets it tip when leaned on. */
function cornerProblems({ asked, shelves, depthOf }: Input): Problem[] {
  const far = shelves.filter(({ number }) => asked.setBack.mm > depthOf(number) / 3);
  return far.length === 0
    ? []
    : [doubtful({ kind: 'support' }, message('problem.tipsForward', { setBack: length(asked.setBack.mm) }))];
}
