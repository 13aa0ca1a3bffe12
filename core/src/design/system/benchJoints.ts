import { frameOf, underPost, type BenchInput, type BenchShelf, type Frame } from './benchFrame';
import * as pieces from './pieces';
import type { Fastening } from './system';

/** Where a pocket begins, from the end of its piece. */
export const POCKET_MM = 38;
const POST_POCKET_PASS_MM = 30;
const MOST_PASS_MM = 30;

/**
 * Where the two screws of each joint are, one above the other, as shares of the frame's height: those of one joint are
 * at other heights than those that cross them. A cleat has its own at 0.28 and 0.72, a low one in its middle; those of
 * the posts come up into the rail from below.
 */
const ROWS = {
  joistFront: [0.62, 0.9],
  railEnds: [0.66, 0.9],
  joistRear: { high: [0.4, 0.6], low: [0.2, 0.8] },
  cleatEnds: { high: [0.14, 0.5], low: [0.2, 0.8] },
} as const;

function rowsOf({ asked }: BenchInput, joint: keyof typeof ROWS): number[] {
  const rows = ROWS[joint];
  const high = asked.frameHeight.mm;
  return ('high' in rows ? rows[high < pieces.TWO_ROWS_MM ? 'low' : 'high'] : rows).map((share) => high * share);
}

/** All screws of a bench: cleat, joists, ends, posts, top, edge. */
export function benchJoints(shelf: BenchShelf, input: BenchInput): Fastening[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const frame = frameOf(shelf, input);
  const [thick, high] = [asked.frameThickness.mm, asked.frameHeight.mm];
  const cleat = { shelf: n, part: `S${n}-back-cleat`, wall: 'back', thicknessMm: thick, heightMm: high } as const;
  const topInto = (part: string, outMm: number) =>
    pieces.boardDown({
      shelf: n,
      part: `S${n}-${part}`,
      thicknessMm: wish.thickness.mm,
      haveMm: high,
      spread: { kind: 'along', acrossMm: [outMm], everyMm: 500, least: 2 },
    });
  return [
    pieces.stickToWall(cleat),
    ...frame.joists.flatMap((x, i) => [
      railIntoJoist(n, i + 1, x - (frame.across.fromMm + thick), input),
      joistIntoCleat(n, i + 1, input),
    ]),
    ...(['left', 'right'] as const).flatMap((side) => [
      endInto(n, side, 'back-cleat', thick / 2, input),
      endInto(n, side, 'rail-front', frame.depthMm - thick / 2, input),
    ]),
    ...frame.posts.map((x, i) => postIntoRail(n, i + 1, postLong(shelf, input, frame, x), input)),
    topInto('rail-front', frame.depthMm - thick / 2),
    topInto('back-cleat', thick / 2),
    pieces.nosingOn({
      shelf: n,
      thicknessMm: asked.edgeThickness.mm,
      heightMm: wish.thickness.mm,
      boardMm: wish.thickness.mm,
      depthMm: input.depthOf(n) - asked.edgeThickness.mm,
    }),
  ];
}

/** Two screws through the rail into the end of a joist. */
const railIntoJoist = (n: number, joist: number, alongMm: number, input: BenchInput): Fastening => ({
  id: `S${n}-rail-front/S${n}-joist-${joist}`,
  shelf: n,
  through: { kind: 'piece', id: `S${n}-rail-front` },
  into: { kind: 'piece', id: `S${n}-joist-${joist}`, grain: 'end', haveMm: null },
  with: 'screw',
  passMm: input.asked.frameThickness.mm,
  spread: { kind: 'given', at: rowsOf(input, 'joistFront').map((acrossMm) => ({ alongMm, acrossMm })) },
  carries: null,
  leverMm: 0,
});

/** Pocket screws from the joist's rear end into the cleat. */
const joistIntoCleat = (n: number, joist: number, input: BenchInput): Fastening => ({
  id: `S${n}-joist-${joist}/S${n}-back-cleat`,
  shelf: n,
  through: { kind: 'piece', id: `S${n}-joist-${joist}` },
  into: { kind: 'piece', id: `S${n}-back-cleat`, grain: 'side', haveMm: input.asked.frameThickness.mm },
  with: 'pocket',
  passMm: Math.min(input.asked.frameThickness.mm / 2, MOST_PASS_MM),
  spread: { kind: 'given', at: rowsOf(input, 'joistRear').map((acrossMm) => ({ alongMm: POCKET_MM, acrossMm })) },
  carries: null,
  leverMm: 0,
});

/** An end joist covers the ends of cleat and rail. */
const endInto = (
  n: number,
  side: 'left' | 'right',
  rail: 'back-cleat' | 'rail-front',
  alongMm: number,
  input: BenchInput,
): Fastening => ({
  id: `S${n}-joist-${side}/S${n}-${rail}`,
  shelf: n,
  through: { kind: 'piece', id: `S${n}-joist-${side}` },
  into: { kind: 'piece', id: `S${n}-${rail}`, grain: 'end', haveMm: null },
  with: 'screw',
  passMm: input.asked.frameThickness.mm,
  spread: {
    kind: 'given',
    at: rowsOf(input, rail === 'back-cleat' ? 'cleatEnds' : 'railEnds').map((acrossMm) => ({ alongMm, acrossMm })),
  },
  carries: null,
  leverMm: 0,
});

/** Pocket screws from a post's upper end into the rail. */
const postIntoRail = (n: number, post: number, longMm: number, { asked }: BenchInput): Fastening => ({
  id: `S${n}-rail-front/S${n}-post-${post}`,
  shelf: n,
  through: { kind: 'piece', id: `S${n}-post-${post}` },
  into: { kind: 'piece', id: `S${n}-rail-front`, grain: 'edge', haveMm: asked.frameHeight.mm },
  with: 'pocket',
  passMm: POST_POCKET_PASS_MM,
  spread: {
    kind: 'given',
    // Over the rail, which is flush with the post's front.
    at: [0.3, 0.7].map((share) => ({
      alongMm: longMm - POCKET_MM,
      acrossMm: asked.post.mm - Math.min(asked.frameThickness.mm, asked.post.mm) * share,
    })),
  },
  carries: null,
  leverMm: 0,
});

const postLong = (shelf: BenchShelf, input: BenchInput, frame: Frame, x: number) =>
  frame.underMm -
  input.asked.frameHeight.mm -
  underPost(input, shelf, { across: x, out: frame.depthMm - input.asked.post.mm / 2 }).mm;
