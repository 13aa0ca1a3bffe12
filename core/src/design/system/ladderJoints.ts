import { floorAt } from '../../place/opening/floorAt';
import { deepest, ENDS, framesOf, runOf, type LadderInput } from './ladderPieces';
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
            into: { kind: 'piece', id: `frame-${index + 1}-${end}`, grain: 'edge', haveMm: wide },
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
    into: { kind: 'piece', id: `S${n}-rung-${index + 1}`, grain: 'end', haveMm: deepest(input) - 2 * wide },
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

/** Two screws from above into each rung, through the first slat or the board. */
export function boardScrews({ number: n }: Shelf, input: Input): Fastening[] {
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
    through: { kind: 'piece', id: `S${n}-board` },
    into: { kind: 'piece', id: `S${n}-rung-${i + 1}`, grain: 'edge', haveMm: asked.stickWidth.mm },
    with: 'screw',
    passMm: wish.thickness.mm,
    spread: { kind: 'given', at: backs.map((acrossMm) => ({ alongMm: x - run.fromMm, acrossMm })) },
    carries: null,
    leverMm: 0,
  }));
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
