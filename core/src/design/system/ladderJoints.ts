import { floorAt } from '../../place/opening/floorAt';
import { deckOf, deepest, ENDS, framesOf, runOf, slatsOver, type LadderInput } from './ladderPieces';
import * as pieces from './pieces';
import type { Fastening } from './system';

type Input = LadderInput;
type Shelf = Input['shelves'][number];

/** Two screws at both ends of every rung: in pockets, or through the upright into the rung's end. */
export function frameJoints(index: number, input: Input): Fastening[] {
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
            through: { kind: 'piece', id: `S${shelf.number}-rung-${index + 1}` },
            into: {
              kind: 'piece',
              id: `frame-${index + 1}-${end}`,
              grain: 'edge',
              haveMm: Math.min(wide, pocketRoom(asked.stickThickness.mm)),
            },
            with: 'pocket',
            passMm: asked.stickThickness.mm * 0.6,
            spread: {
              kind: 'given',
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
/** Slope of a pocket, and the wood left beside a screw that slants through a stick. Degrees; millimetres. */
const POCKET = { degrees: 15, leftMm: 2 } as const;

/** How far a pocket screw goes in a stick before it comes out at its side, millimetres. */
const pocketRoom = (thicknessMm: number): number =>
  (thicknessMm / 2 - POCKET.leftMm) / Math.sin((POCKET.degrees * Math.PI) / 180);

/** Where a pocket begins, from the end of its piece. */
export const POCKET_MM = 38;

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
  const upMm =
    underside.mm -
    wide -
    floorAt(input.opening, { across: framesOf(input)[index] as number, out: (outFrom + outTo) / 2 });
  return {
    id: `S${n}-rung-${index + 1}/${end}`,
    shelf: n,
    through: { kind: 'piece', id: `frame-${index + 1}-${end}` },
    into: { kind: 'piece', id: `S${n}-rung-${index + 1}`, grain: 'end', haveMm: (deepest(input) - 2 * wide) / 2 - 2 },
    with: 'screw',
    edge: true,
    passMm: wide,
    spread: {
      kind: 'given',
      at: [0.3, 0.7].map((share) => ({ alongMm: upMm + wide * share, acrossMm: asked.stickThickness.mm / 2 })),
    },
    carries: `S${n}-rung-${index + 1}`,
    leverMm: 0,
  };
}

/**
 * Screws from above into each rung: two through a board or mesh; one through each slat, into the rung below it or, at
 * the front and the back of the topmost deck, into the upright.
 */
export function boardScrews(shelf: Shelf, input: Input): Fastening[] {
  const { asked } = input;
  const deck = deckOf(shelf, input);
  const stick = asked.stickWidth.mm;
  const [rear, front] = [stick, deepest(input) - stick];
  if (asked.deck !== 'slats') {
    // Over the rung, which lies between the uprights.
    const [from, to] = [Math.max(deck.outFrom, rear), Math.min(deck.outTo, front)].map((out) => out - deck.outFrom) as [
      number,
      number,
    ];
    const inMm = Math.min(30, (to - from) / 4);
    return framesOf(input).map((x, i) =>
      downInto(
        { board: `S${shelf.number}-board`, into: rungOf(shelf, i), x, acrosses: [from + inMm, to - inMm] },
        shelf,
        input,
      ),
    );
  }
  const width = asked.slatWidth.mm;
  const { count, gapMm } = slatsOver(deck.outTo - deck.outFrom, width, asked.slatGap.mm);
  return Array.from({ length: count }, (_, k) => {
    const fromMm = deck.outFrom + k * (width + gapMm);
    const middle = fromMm + width / 2;
    // A slat over the joint of rung and upright is screwed to that of the two it covers more of.
    const end = middle < rear ? 'rear' : middle > front ? 'front' : null;
    const [least, most] = end === 'rear' ? [0, rear] : end === 'front' ? [front, front + stick] : [rear, front];
    const out = (Math.max(fromMm, least) + Math.min(fromMm + width, most)) / 2;
    return framesOf(input).map((x, i) =>
      downInto(
        {
          board: k === 0 ? `S${shelf.number}-board` : `S${shelf.number}-slat-${k + 1}`,
          into: end ? `frame-${i + 1}-${end}` : rungOf(shelf, i),
          x,
          acrosses: [out - fromMm],
        },
        shelf,
        input,
      ),
    );
  }).flat();
}

/** Boards are pinned to a stick thinner than this, not screwed. Millimetres. */
const THIN_MM = 24;

const rungOf = ({ number }: Shelf, frame: number): string => `S${number}-rung-${frame + 1}`;

interface Down {
  readonly board: string;
  readonly into: string;
  /** Middle of the frame across the opening. */
  readonly x: number;
  readonly acrosses: readonly number[];
}

function downInto({ board, into, x, acrosses }: Down, { number: n }: Shelf, input: Input): Fastening {
  const { asked, wish } = input;
  const upright = into.startsWith('frame-');
  // Beside the screws of the joints: in a rung they run to its middle from the left, in an upright on to the right.
  const alongMm = x - runOf(input).fromMm + (upright ? -1 : 1) * (asked.stickThickness.mm / 4);
  return {
    id: `${board}/${into}`,
    shelf: n,
    through: { kind: 'piece', id: board },
    into: {
      kind: 'piece',
      id: into,
      ...(upright ? { grain: 'end', haveMm: null } : { grain: 'edge', haveMm: asked.stickWidth.mm }),
    },
    // In a thin stick there is no room for a screw beside those of the joint.
    with: asked.stickThickness.mm < THIN_MM ? 'pin' : 'screw',
    passMm: wish.thickness.mm,
    spread: { kind: 'given', at: acrosses.map((acrossMm) => ({ alongMm, acrossMm })) },
    carries: null,
    leverMm: 0,
  };
}

/** The first frame’s rear upright tied to the wall, so that the whole cannot tip. */
export function wallTie(input: Input): Fastening {
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
    spread: { kind: 'along', acrossMm: [asked.stickThickness.mm / 2], everyMm: 900, least: 2 },
    avoidMm: shelves.map((shelf) => ({ fromMm: shelf.underside.mm - asked.stickWidth.mm, toMm: shelf.top.mm })),
  };
}
