import { figure, less, type Figure } from '../figure';
import { count, length, message } from '../message';
import type { Band } from '../opening';
import { stop, type Problem } from '../problem';
import { alongRun } from './along';
import * as pieces from './pieces';
import type { Across, Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'framed-bench'>;
type Shelf = Input['shelves'][number];

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
    const { asked, shelves } = input;
    const problems = [
      ...shelves.flatMap((shelf) => problemsOf(shelf, input)),
      ...(input.opening.surfaces.includes('back') ? [] : [stop({ is: 'support' }, message('problem.noBackForCleat'))]),
    ];
    const made = problems.length > 0 ? [] : shelves;
    return {
      parts: made.flatMap((shelf) => partsOf(shelf, input)),
      hardware: [],
      holds: made.map((shelf) => holdOf(shelf, input)),
      fastenings: made.flatMap((shelf) => fasteningsOf(shelf, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'cleat-top')),
      hangsMm: () => asked.frameHeight.mm,
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

/** A frame seen from above: how deep, and where its sticks are. Millimetres. */
interface Frame {
  readonly across: Across;
  readonly depthMm: number;
  readonly underMm: number;
  /** Middles of the inner joists, and of the posts, in the frame of the opening. */
  readonly joists: readonly number[];
  readonly posts: readonly number[];
}

function frameOf(shelf: Shelf, input: Input): Frame {
  const { asked, opening, depthOf } = input;
  const { left, right } = opening.extent;
  const run = alongRun(opening, false).across as Across;
  const across = {
    fromMm: Math.max(run.fromMm, left + CUT_IN_PLACE_MM * Number(opening.surfaces.includes('left'))),
    toMm: Math.min(run.toMm, right - CUT_IN_PLACE_MM * Number(opening.surfaces.includes('right'))),
  };
  const depthMm = depthOf(shelf.number) - asked.edgeThickness.mm - asked.overhang.mm;
  const thick = asked.frameThickness.mm;
  const inner = { fromMm: across.fromMm + thick, toMm: across.toMm - thick };
  return {
    across,
    depthMm,
    underMm: shelf.underside.mm,
    joists: divided(inner, asked.joistApart.mm).slice(1, -1),
    posts: divided(
      { fromMm: across.fromMm + asked.post.mm / 2, toMm: across.toMm - asked.post.mm / 2 },
      asked.postApart.mm,
    ),
  };
}
// An end joist is cut in place; until then so much is left beside it.
const CUT_IN_PLACE_MM = 3;

/** Even places from one end to the other, both included, no further apart than asked. */
function divided({ fromMm, toMm }: Across, apartMm: number): number[] {
  const parts = Math.max(Math.ceil((toMm - fromMm) / apartMm - 1e-9), 1);
  return Array.from({ length: parts + 1 }, (_, i) => fromMm + ((toMm - fromMm) * i) / parts);
}

/** A joist between both rails: the frame's depth less their thickness. */
function joistLength({ asked }: Input, depthMm: number): Figure {
  const deep = figure({ label: message('term.frameDepth'), mm: depthMm });
  return less(deep, message('term.bothRails'), 2 * asked.frameThickness.mm);
}

/** How high the floor lies under a post, above the floor mark, millimetres. */
function floorAt({ opening }: Input, across: number, out: number): Figure {
  const label = message('term.floorThere');
  if (!opening.surfaces.includes('floor')) return figure({ label, mm: 0 });
  return figure({ label, mm: Math.round(10 * opening.position({ surface: 'floor', across, out }).mm) / 10 });
}

function partsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish, opening } = input;
  const n = shelf.number;
  const frame = frameOf(shelf, input);
  const [thick, high] = [asked.frameThickness.mm, asked.frameHeight.mm];
  const upTo = frame.underMm;
  const up = { upFrom: upTo - high, upTo };
  const { rule, across: run } = alongRun(opening, false);
  const nosing = { thicknessMm: asked.edgeThickness.mm, heightMm: wish.thickness.mm };
  const top = pieces
    .boardAndNosing({
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: input.depthOf(n),
      nosing,
      ...(rule ? { length: rule } : {}),
    })
    .map((one): PartSpec => ({
      ...one,
      across: run as Across,
      name: message(one.role === 'board' ? 'part.benchTop' : 'part.edgeStrip'),
    }));
  const width = figure({ label: message('term.frameHeight'), mm: high });
  const stick = (
    id: string,
    role: PartSpec['role'],
    name: PartSpec['name'],
    label: string,
    place: Band,
    across: Across,
    long: Figure,
  ): PartSpec => ({
    shelf: n,
    id: `S${n}-${id}`,
    role,
    name,
    label: `${n}${label}`,
    thicknessMm: thick,
    width,
    place,
    across,
    length: { is: 'given', figure: long, rounded: 'down' },
  });
  const inner = { fromMm: frame.across.fromMm + thick, toMm: frame.across.toMm - thick };
  const railLong = less(
    figure({ label: message('term.frameLength'), mm: frame.across.toMm - frame.across.fromMm }),
    message('term.bothEndJoists'),
    2 * thick,
  );
  const joist = joistLength(input, frame.depthMm);
  const end = figure({ label: message('term.frameDepth'), mm: frame.depthMm });
  const railOut = { outFrom: frame.depthMm - thick, outTo: frame.depthMm };
  const post = asked.post.mm;
  const postOut = frame.depthMm - post / 2;
  return [
    ...top,
    stick(
      'back-cleat',
      'back-cleat',
      message('part.wallCleat'),
      'B',
      { ...up, outFrom: 0, outTo: thick },
      inner,
      railLong,
    ),
    stick('rail-front', 'rail-front', message('part.frontRail'), 'R', { ...up, ...railOut }, inner, railLong),
    ...frame.joists.map((x, i) =>
      stick(
        `joist-${i + 1}`,
        'joist',
        message('part.joist'),
        `J${i + 1}`,
        { ...up, outFrom: thick, outTo: frame.depthMm - thick },
        { fromMm: x - thick / 2, toMm: x + thick / 2 },
        joist,
      ),
    ),
    stick(
      'joist-left',
      'joist',
      message('part.endJoist.left'),
      'JL',
      { ...up, outFrom: 0, outTo: frame.depthMm },
      { fromMm: frame.across.fromMm, toMm: inner.fromMm },
      end,
    ),
    stick(
      'joist-right',
      'joist',
      message('part.endJoist.right'),
      'JR',
      { ...up, outFrom: 0, outTo: frame.depthMm },
      { fromMm: inner.toMm, toMm: frame.across.toMm },
      end,
    ),
    ...frame.posts.map((x, i): PartSpec => {
      const floor = floorAt(input, x, postOut);
      return {
        shelf: n,
        id: `S${n}-post-${i + 1}`,
        role: 'post',
        name: message('part.post', { count: count(i + 1) }),
        label: `${n}P${i + 1}`,
        thicknessMm: post,
        width: figure({ label: message('term.postWidth'), mm: post }),
        place: { upFrom: floor.mm, upTo: up.upFrom, outFrom: frame.depthMm - post, outTo: frame.depthMm },
        across: { fromMm: x - post / 2, toMm: x + post / 2 },
        upright: true,
        length: {
          is: 'given',
          figure: less(
            less(figure({ label: message('term.undersideOf'), mm: frame.underMm }), message('term.frameHeight'), high),
            message('term.floorThere'),
            floor.mm,
          ),
          rounded: 'down',
        },
      };
    }),
  ];
}

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

function fasteningsOf(shelf: Shelf, input: Input): Fastening[] {
  const { asked } = input;
  const n = shelf.number;
  const frame = frameOf(shelf, input);
  const [thick, high] = [asked.frameThickness.mm, asked.frameHeight.mm];
  const rows = [high * 0.28, high * 0.72];
  const start = frame.across.fromMm + thick;
  /** Two screws through a rail into the end of a joist. */
  const railIntoJoist = (joist: string, x: number): Fastening => ({
    id: `S${n}-rail-front/S${n}-${joist}`,
    shelf: n,
    through: { is: 'piece', id: `S${n}-rail-front` },
    into: { is: 'piece', id: `S${n}-${joist}`, grain: 'end', haveMm: null },
    with: 'screw',
    passMm: thick,
    spread: { is: 'given', at: rows.map((acrossMm) => ({ alongMm: x - start, acrossMm })) },
    carries: null,
    leverMm: 0,
  });
  /** Pocket screws from the joist's rear end into the cleat. */
  const joistIntoCleat = (joist: string): Fastening => ({
    id: `S${n}-${joist}/S${n}-back-cleat`,
    shelf: n,
    through: { is: 'piece', id: `S${n}-${joist}` },
    into: { is: 'piece', id: `S${n}-back-cleat`, grain: 'side', haveMm: thick },
    with: 'pocket',
    passMm: Math.min(thick / 2, 30),
    spread: { is: 'given', at: rows.map((acrossMm) => ({ alongMm: POCKET_MM, acrossMm })) },
    carries: null,
    leverMm: 0,
  });
  /** An end joist covers the ends of cleat and rail. */
  const endInto = (side: 'left' | 'right', rail: 'back-cleat' | 'rail-front', alongMm: number): Fastening => ({
    id: `S${n}-joist-${side}/S${n}-${rail}`,
    shelf: n,
    through: { is: 'piece', id: `S${n}-joist-${side}` },
    into: { is: 'piece', id: `S${n}-${rail}`, grain: 'end', haveMm: null },
    with: 'screw',
    passMm: thick,
    spread: { is: 'given', at: rows.map((acrossMm) => ({ alongMm, acrossMm })) },
    carries: null,
    leverMm: 0,
  });
  const cleat = pieces.stickToWall({
    shelf: n,
    part: `S${n}-back-cleat`,
    wall: 'back',
    thicknessMm: thick,
    heightMm: high,
  });
  return [
    cleat,
    ...frame.joists.flatMap((x, i) => [railIntoJoist(`joist-${i + 1}`, x), joistIntoCleat(`joist-${i + 1}`)]),
    ...(['left', 'right'] as const).flatMap((side) => [
      endInto(side, 'back-cleat', thick / 2),
      endInto(side, 'rail-front', frame.depthMm - thick / 2),
    ]),
    ...frame.posts.map((x, i): Fastening => ({
      id: `S${n}-rail-front/S${n}-post-${i + 1}`,
      shelf: n,
      through: { is: 'piece', id: `S${n}-post-${i + 1}` },
      into: { is: 'piece', id: `S${n}-rail-front`, grain: 'edge', haveMm: high },
      with: 'pocket',
      passMm: 30,
      spread: {
        is: 'given',
        at: [0.3, 0.7].map((share) => ({
          alongMm: shelfPost(input, frame, x) - POCKET_MM,
          acrossMm: asked.post.mm * share,
        })),
      },
      carries: null,
      leverMm: 0,
    })),
    {
      ...pieces.boardDown({
        shelf: n,
        part: `S${n}-rail-front`,
        thicknessMm: input.wish.thickness.mm,
        haveMm: high,
        spread: { is: 'along', acrossMm: [frame.depthMm - thick / 2], everyMm: 500, least: 2 },
      }),
    },
    {
      ...pieces.boardDown({
        shelf: n,
        part: `S${n}-back-cleat`,
        thicknessMm: input.wish.thickness.mm,
        haveMm: high,
        spread: { is: 'along', acrossMm: [thick / 2], everyMm: 500, least: 2 },
      }),
    },
    pieces.nosingOn({
      shelf: n,
      thicknessMm: asked.edgeThickness.mm,
      heightMm: input.wish.thickness.mm,
      boardMm: input.wish.thickness.mm,
      depthMm: input.depthOf(n) - asked.edgeThickness.mm,
    }),
  ];
}
/** Where a pocket begins, from the end of its piece. */
const POCKET_MM = 38;

const shelfPost = (input: Input, frame: Frame, x: number) =>
  frame.underMm - input.asked.frameHeight.mm - floorAt(input, x, frame.depthMm - input.asked.post.mm / 2).mm;

function problemsOf(shelf: Shelf, input: Input): Problem[] {
  const { asked } = input;
  const frame = frameOf(shelf, input);
  const about = { is: 'shelf', shelf: shelf.number } as const;
  const joist = joistLength(input, frame.depthMm).mm;
  if (joist < 2 * POCKET_MM)
    return [
      stop(
        about,
        message('problem.benchShallow', { shelf: count(shelf.number), depth: length(input.depthOf(shelf.number)) }),
      ),
    ];
  const least = asked.frameHeight.mm + LEAST_POST_MM;
  if (shelf.underside.mm < least)
    return [
      stop(about, message('problem.benchLow', { shelf: count(shelf.number), height: length(asked.frameHeight.mm) })),
    ];
  return [];
}
const LEAST_POST_MM = 100;
