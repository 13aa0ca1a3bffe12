import { count, length, message } from '../../base/message';
import { stop, type Problem } from '../../base/problem';
import { frameOf, joistLength, underPost, type BenchInput, type BenchShelf } from './benchFrame';
import { benchJoints, POCKET_MM } from './benchJoints';
import { benchParts } from './benchParts';
import * as pieces from './pieces';
import type { Hold, System } from './system';

type Input = BenchInput;
type Shelf = BenchShelf;

/**
 * A bench top on a frame: a cleat on the wall, a rail along the front, joists between them, posts under the rail, an
 * edge strip along the top. A joist is as long as the frame is deep less both rails' thickness; those at the ends cover
 * the ends of the rails and are cut last, in place. Each post is as long as its own floor asks.
 */
export const framedBench: System<'framed-bench'> = {
  name: 'framed-bench',
  places: ['run', 'alcove', 'span'],
  traits: { seen: 'plain', liftsOut: false, wants: 'hand' },
  under: (_, asked) => ({ backMm: asked.frameHeight.mm, sideMm: asked.frameHeight.mm, hangsMm: asked.frameHeight.mm }),
  plan: (input) => {
    const { shelves } = input;
    const problems = [
      ...shelves.flatMap((shelf) => problemsOf(shelf, input)),
      ...(input.opening.surfaces.includes('back')
        ? []
        : [stop({ kind: 'support' }, message('problem.noBackForCleat'))]),
    ];
    const made = problems.length > 0 ? [] : shelves;
    return {
      parts: made.flatMap((shelf) => benchParts(shelf, input)),
      hardware: [],
      holds: made.map((shelf) => holdOf(shelf, input)),
      fastenings: made.flatMap((shelf) => benchJoints(shelf, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'cleat-top')),
      order: [
        message('order.bench.cleat'),
        message('order.bench.frame'),
        message('order.bench.posts'),
        message('order.bench.ends'),
        message('order.bench.top'),
        message('order.bench.edge'),
      ],
      problems,
      cautions: pieces.usualCautions,
    };
  },
  suit: ({ shelves, opening }) => ({
    fors: [message('suit.bench.heavy')],
    againsts: [
      ...(opening.surfaces.includes('back') ? [] : [message('suit.noBack')]),
      ...(shelves.length > 1 ? [message('suit.bench.onlyLow')] : []),
    ],
  }),
};

function holdOf(shelf: Shelf, input: Input): Hold {
  const { asked, wish } = input;
  const n = shelf.number;
  const frame = frameOf(shelf, input);
  const thick = asked.frameThickness.mm;
  const line = (by: string, out: number) => pieces.restAlong(by, out);
  const joist = (id: string, acrossMm: number) =>
    pieces.restAcross(`S${n}-${id}`, { from: 'opening', acrossMm }, 0, frame.depthMm);
  const boardMm = input.depthOf(n) - asked.edgeThickness.mm;
  const spans = frame.posts.slice(1).map((x, i) => x - (frame.posts[i] as number));
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: [
      line(`S${n}-back-cleat`, thick / 2),
      line(`S${n}-rail-front`, frame.depthMm - thick / 2),
      ...frame.joists.map((x, i) => joist(`joist-${i + 1}`, x)),
      joist('joist-left', frame.across.fromMm + thick / 2),
      joist('joist-right', frame.across.toMm - thick / 2),
    ],
    ribs: pieces.nosingRib(
      n,
      { thicknessMm: asked.edgeThickness.mm, heightMm: wish.thickness.mm },
      wish.thickness.mm,
      boardMm,
    ),
    beams: [
      {
        part: `S${n}-rail-front`,
        spanMm: Math.max(...spans, 0),
        heightMm: asked.frameHeight.mm,
        thicknessMm: thick,
        share: 0.5,
      },
    ],
  };
}

function problemsOf(shelf: Shelf, input: Input): Problem[] {
  const { asked } = input;
  const frame = frameOf(shelf, input);
  const about = { kind: 'shelf', shelf: shelf.number } as const;
  const joist = joistLength(input, frame.depthMm).mm;
  if (joist < 2 * POCKET_MM)
    return [
      stop(
        about,
        message('problem.benchShallow', { shelf: count(shelf.number), depth: length(input.depthOf(shelf.number)) }),
      ),
    ];
  const least = asked.frameHeight.mm + LEAST_POST_MM;
  const foot = underPost(input, shelf, { across: frame.posts[0] ?? 0, out: frame.depthMm - asked.post.mm / 2 }).mm;
  if (shelf.underside.mm - Math.max(foot, 0) < least)
    return [
      stop(about, message('problem.benchLow', { shelf: count(shelf.number), height: length(asked.frameHeight.mm) })),
    ];
  return [];
}
const LEAST_POST_MM = 100;
