import { count, length, message } from '../../base/message';
import { stop, type Problem } from '../../base/problem';
import { boardScrews, frameJoints, POCKET_MM, wallTie } from './ladderJoints';
import { boardsOf, deckOf, deepest, framePieces, framesOf, slatsOver, type LadderInput } from './ladderPieces';
import * as pieces from './pieces';
import type { Hold, System } from './system';

type Input = LadderInput;
type Shelf = Input['shelves'][number];

/**
 * Frames like ladders stand across the run: two uprights with a rung for each shelf between them, joined by pocket
 * screws, two at each joint or it pivots. Boards or slats lie on the rungs, whose tops are the shelves' undersides.
 */
export const ladderFrames: System<'ladder-frames'> = {
  name: 'ladder-frames',
  unit: 'frames',
  places: ['run', 'alcove', 'span'],
  traits: { seen: 'plain', liftsOut: true, wants: 'hand' },
  under: (_, asked) => ({ backMm: 0, sideMm: 0, hangsMm: asked.stickWidth.mm }),
  beside: (input) => (framesOf(input)[0] ?? 0) + input.asked.stickThickness.mm / 2 - input.opening.extent.left,
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

function holdOf(shelf: Shelf, input: Input): Hold {
  const { asked } = input;
  const n = shelf.number;
  const deck = deckOf(shelf, input);
  const depthMm = deck.outTo - deck.outFrom;
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

/** A rung has room for the pockets of both its ends, and for wood between their screws. Millimetres. */
const LEAST_RUNG_MM = 2 * POCKET_MM + 15;

/** A board reaches so far beyond the rear uprights, so that it can be screwed to the rungs. */
const ON_RUNG_MM = 40;

function problemsOf(input: Input): Problem[] {
  const { asked, shelves } = input;
  const low = shelves.find((shelf) => shelf.underside.mm < asked.stickWidth.mm);
  const shallow = deepest(input) - 2 * asked.stickWidth.mm;
  if (shelves.length > 0 && shallow < LEAST_RUNG_MM)
    return [
      stop(
        { kind: 'support' },
        message('problem.ladderShallow', {
          depth: length(deepest(input)),
          needed: length(2 * asked.stickWidth.mm + LEAST_RUNG_MM),
        }),
      ),
    ];
  const needed = asked.stickWidth.mm + ON_RUNG_MM;
  const narrow = shelves.find(({ number }) => input.depthOf(number) < needed);
  if (narrow)
    return [
      stop(
        { kind: 'support' },
        message('problem.ladderBoard', {
          shelf: count(narrow.number),
          depth: length(input.depthOf(narrow.number)),
          needed: length(needed),
        }),
      ),
    ];
  return low ? pieces.floorProblems([low], asked.stickWidth.mm) : [];
}
