import { count, length, message } from '../../base/message';
import { wallKindOf } from '../../place/kinds';
import { doubtful, stop, type Problem } from '../../base/problem';
import type { Uprights } from './along';
import { fasteningsOf } from './bracketJoints';
import { BRACE_BACK_MM, braceFor, carrier, hardwareOf, partsOf, uprightsOf, type BracketsInput } from './bracketPieces';
import * as pieces from './pieces';
import type { Hold, System } from './system';

type Input = BracketsInput;
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
    const { asked, shelves, opening } = input;
    const nosing = pieces.nosingOf(asked);
    const blocked = problemsOf(input);
    const stopped = blocked.some((problem) => problem.severity === 'stop') || !opening.surfaces.includes('back');
    const made = stopped ? [] : shelves.map((shelf) => ({ shelf, uprights: uprightsOf(shelf, input) }));
    return {
      parts: made.flatMap(({ shelf, uprights }) => partsOf(shelf, uprights, input)),
      hardware:
        asked.made === 'bought' ? made.flatMap(({ shelf, uprights }) => hardwareOf(shelf, uprights, input)) : [],
      holds: made.map(({ shelf, uprights }) => holdOf(shelf, uprights, input)),
      fastenings: made.flatMap(({ shelf, uprights }) => fasteningsOf(shelf, uprights, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'bracket-top', asked.notch.mm)),
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
        ...pieces.gapProblems(input.gaps, new Set(shelves.map((shelf) => shelf.number)), asked.leg.mm - asked.notch.mm),
        ...(opening.surfaces.includes('back') ? [] : [stop({ kind: 'support' }, message('problem.noBackForBrackets'))]),
        ...made.flatMap(({ shelf, uprights }) =>
          uprights.guessed.length > 0
            ? [
                doubtful(
                  { kind: 'shelf', shelf: shelf.number },
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
                  { kind: 'shelf', shelf: shelf.number },
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
      .filter((stud) => stud.wall === 'back' && stud.from.mm < right - left)
      .map((stud) => stud.from.mm);
    const near = (end: number) => studs.some((stud) => Math.abs(stud - end) <= NEAR_END_MM);
    const noStud = lined && (!near(0) || !near(right - left));
    const low = shelves.some((shelf) => shelf.underside.mm > 0 && shelf.underside.mm < asked.leg.mm);
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

function problemsOf(input: Input): Problem[] {
  const { asked, shelves } = input;
  const nosing = pieces.nosingOf(asked);
  const problems = shelves.flatMap((shelf): Problem[] => {
    const depthMm = input.depthOf(shelf.number);
    const about = { kind: 'shelf', shelf: shelf.number } as const;
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
      ? [
          stop(
            { kind: 'support' },
            message('problem.noBrace', { arm: length(asked.arm.mm), leg: length(asked.leg.mm) }),
          ),
        ]
      : []),
  ];
}

/** A bracket carries a board to about two thirds of its depth at the least. */
const LEAST_ARM = 2 / 3;
