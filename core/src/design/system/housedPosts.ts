import { figure, less, plus } from '../../base/figure';
import { message } from '../../base/message';
import * as pieces from './pieces';
import { postProblems, TOP_LEFT_ON_MM } from './postProblems';
import { footOf, gapBehind, offWalls, reachOf, standsOf } from './postStands';
import { betweenPlumb, packedMost, plumbBetween, type PlumbPosts } from './plumbPosts';
import type { Across, Fastening, Hold, Joint, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'housed-posts'>;
type Shelf = Input['shelves'][number];
type Side = 'left' | 'right';

/**
 * Posts stand on the floor against both side walls; shelves slide into grooves across them, or lie in deeper rebates
 * and are screwed down into each post. A shelf is longer than the space between the posts by the depth of both. Each
 * post has its own floor to stand on, so its grooves are measured from its own foot.
 */
export const housedPosts: System<'housed-posts'> = {
  name: 'housed-posts',
  places: ['alcove', 'span'],
  traits: { seen: 'little', liftsOut: true, wants: 'power' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
  }),
  beside: ({ asked }) => asked.postThickness.mm,
  plan: (input) => {
    const { asked, shelves, wish, job } = input;
    const nosing = pieces.nosingOf(asked);
    const hangs = pieces.hangsBelow(nosing, wish.thickness.mm);
    const blocked = postProblems(input);
    const stopped = blocked.filter((problem) => problem.severity === 'stop').map((problem) => problem.about);
    const all = stopped.some((one) => one.kind !== 'shelf');
    const made = all
      ? []
      : shelves.filter((shelf) => !stopped.some((one) => one.kind === 'shelf' && one.shelf === shelf.number));
    const standing = { ...input, shelves: made };
    return {
      parts: made.length === 0 ? [] : [...made.flatMap((shelf) => boardsOf(shelf, standing)), ...postsOf(standing)],
      hardware: [],
      holds: made.map((shelf) => holdOf(shelf, standing)),
      fastenings: made.length === 0 ? [] : fasteningsOf(standing),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: [
        message(jointOrder(asked.joint, job.tools)),
        message(asked.stands === 'plumb' ? 'order.posts.plumb' : 'order.posts.stand'),
        message(asked.joint === 'rebate' ? 'order.posts.rebated' : 'order.posts.shelves'),
        ...(isScrewed(input) ? [message('order.posts.screwed')] : []),
        ...(nosing ? [message('order.nosing')] : []),
      ],
      problems: [...blocked, ...pieces.gapProblems(input.gaps, new Set(shelves.map((shelf) => shelf.number)), hangs)],
      cautions: [...pieces.usualCautions, { message: message('caution.grooveInPairs'), stage: 'cut' }],
    };
  },
  suit: ({ job: { tools } }) => ({
    fors: [message('suit.posts.noHardware')],
    againsts: tools === 'hand' ? [message('suit.handGrooves')] : [],
  }),
};

/** How the joints are cut. */
function jointOrder(joint: Input['asked']['joint'], tools: Input['job']['tools']) {
  if (joint === 'rebate') return tools === 'hand' ? 'order.posts.chiselRebate' : 'order.posts.rebate';
  return tools === 'hand' ? 'order.posts.chisel' : 'order.posts.groove';
}

/** Whether boards are screwed down: the ledges of deep rebates leave enough wood around a screw. */
const isScrewed = ({ asked }: Pick<Input, 'asked'>): boolean =>
  asked.joint === 'rebate' && asked.groove.mm >= SCREWED_FROM_MM;
/** Least depth of a rebate with a screw in the middle, 10 mm from the board's end. Millimetres, assumed. */
const SCREWED_FROM_MM = 20;

/** Where posts stand that are to be plumb; null where they follow their walls. */
function plumbOf(input: Input): PlumbPosts | null {
  return input.asked.stands === 'plumb' && input.shelves.length > 0
    ? plumbBetween(input.opening, { ...reachOf(input), outsMm: standsOf(input).flat() })
    : null;
}

/** Posts, and what lies between them, stand as one where they are plumb. */
const PLUMB_UNIT = 'posts';

/** A board between plumb posts: as long as all the others, let into both sides. */
function plumbBoard(partSpec: PartSpec, plumb: PlumbPosts, { asked }: Input): PartSpec {
  const [thick, into] = [asked.postThickness.mm, asked.groove.mm];
  const across = { fromMm: plumb.leftMm + thick - into, toMm: plumb.rightMm - thick + into };
  return {
    ...partSpec,
    unit: PLUMB_UNIT,
    across,
    length: { kind: 'given', figure: betweenPlumb(plumb, thick, into), rounded: 'down' },
  };
}

function boardsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish } = input;
  const plumb = plumbOf(input);
  const between = [
    { label: message('term.posts'), mm: -2 * asked.postThickness.mm },
    { label: message('term.intoGrooves'), mm: 2 * asked.groove.mm },
    ...(plumb ? [] : offWalls(shelf, input)),
  ];
  return pieces
    .boardAndNosing({
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: input.depthOf(shelf.number),
      nosing: pieces.nosingOf(asked),
    })
    .map((partSpec): PartSpec => {
      if (plumb)
        return partSpec.role === 'board' ? plumbBoard(partSpec, plumb, input) : { ...partSpec, unit: PLUMB_UNIT };
      return partSpec.length.kind === 'between-walls' && partSpec.role === 'board'
        ? { ...partSpec, length: { ...partSpec.length, between } }
        : partSpec;
    });
}

const idOf = (side: Side, k: number) => `post-${side}-${k + 1}`;

function postsOf(input: Input): PartSpec[] {
  const { asked, shelves, opening, wish } = input;
  const { left, right } = opening.extent;
  const thick = asked.postThickness.mm;
  const plumb = plumbOf(input);
  const backs = { left: plumb?.leftMm ?? left, right: plumb?.rightMm ?? right };
  return (['left', 'right'] as const).flatMap((side) =>
    standsOf(input).map(([outFrom = 0, outTo = 0], k): PartSpec => {
      const across: Across =
        side === 'left'
          ? { fromMm: backs.left, toMm: backs.left + thick }
          : { fromMm: backs.right - thick, toMm: backs.right };
      const foot = footOf(input, side, (outFrom + outTo) / 2);
      const top = shelves.at(-1)?.top ?? figure();
      const upTo = top.mm + TOP_LEFT_ON_MM;
      const long = plus(
        less(figure({ label: message('term.topShelf'), mm: top.mm }), message('term.floorThere'), foot),
        message('term.postAbove'),
        TOP_LEFT_ON_MM,
      );
      return {
        ...(plumb ? { unit: PLUMB_UNIT, plumb: true as const } : {}),
        shelf: 0,
        id: idOf(side, k),
        role: side === 'left' ? 'post-left' : 'post-right',
        name: message(side === 'left' ? 'part.post.left' : 'part.post.right'),
        label: `${side === 'left' ? 'L' : 'R'}${k + 1}`,
        thicknessMm: thick,
        width: figure({ label: message('term.postWidth'), mm: outTo - outFrom }),
        place: { upFrom: foot, upTo, outFrom, outTo },
        across,
        upright: true,
        length: { kind: 'given', figure: long, rounded: 'down' },
        joints: [
          ...skirted(input, outFrom),
          {
            kind: 'housed',
            depthMm: asked.groove.mm,
            wideMm: wish.thickness.mm,
            atMm: shelves.map((shelf) => shelf.underside.mm - foot),
          },
        ],
      };
    }),
  );
}

/** A post is cut out at its foot for the skirting of its side wall, and at the back for that of the back wall. */
function skirted({ job: { place } }: Input, outFromMm: number): Joint[] {
  const { skirting } = place;
  if (!skirting) return [];
  const cut = { deepMm: skirting.thickness.mm, highMm: skirting.height.mm };
  return [
    { kind: 'footed', ...cut },
    ...(outFromMm < cut.deepMm && place.back ? [{ kind: 'notched', ...cut } as const] : []),
  ];
}

function holdOf(shelf: Shelf, input: Input): Hold {
  const { asked, wish } = input;
  const n = shelf.number;
  const nosing = pieces.nosingOf(asked);
  const depth = pieces.boardDepth(input.depthOf(n), nosing).mm;
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: (['left', 'right'] as const).flatMap((side) =>
      standsOf(input).map(([from = 0, to = 0], k) =>
        pieces.restAcross(idOf(side, k), { from: side, inMm: asked.groove.mm / 2 }, from, Math.min(to, depth)),
      ),
    ),
    ribs: pieces.nosingRib(n, nosing, wish.thickness.mm, depth),
  };
}

function fasteningsOf(input: Input): Fastening[] {
  const { asked, wish, shelves } = input;
  const nosing = pieces.nosingOf(asked);
  const plumb = plumbOf(input);
  const gap = (side: Side, outsMm: readonly number[]) =>
    plumb ? packedMost(input.opening, plumb, side, { ...reachOf(input), outsMm }) : gapBehind(input, side, outsMm);
  const posts = (['left', 'right'] as const).flatMap((side) =>
    standsOf(input).map(([from = 0, to = 0], k): Fastening => ({
      ...pieces.stickToWall({
        shelf: 0,
        part: idOf(side, k),
        wall: side,
        thicknessMm: asked.postThickness.mm,
        heightMm: to - from,
      }),
      passMm: asked.postThickness.mm + gap(side, [from, to]),
      // The floor carries it.
      carries: null,
      spread: { kind: 'along', acrossMm: [(to - from) / 2], everyMm: 600, least: 2 },
      avoidMm: shelves.map((shelf) => ({ fromMm: shelf.underside.mm, toMm: shelf.top.mm })),
    })),
  );
  return [
    ...posts,
    ...(isScrewed(input) ? shelves.flatMap((shelf) => screwedDown(shelf, input)) : []),
    ...pieces.nosingsOn(
      shelves,
      nosing,
      wish.thickness.mm,
      (shelf) => pieces.boardDepth(input.depthOf(shelf), nosing).mm,
    ),
  ];
}

/** One screw through the board into the ledge of each post. */
function screwedDown({ number, underside }: Shelf, input: Input): Fastening[] {
  const { asked, wish, shelves } = input;
  const lower = shelves.filter((shelf) => shelf.top.mm < underside.mm).at(-1)?.top.mm ?? 0;
  const haveMm = underside.mm - lower;
  return (['left', 'right'] as const).flatMap((end) =>
    standsOf(input).map(([from = 0, to = 0], k): Fastening => {
      const middle = (from + to) / 2;
      return {
        ...pieces.boardDown({
          shelf: number,
          part: idOf(end, k),
          thicknessMm: wish.thickness.mm,
          haveMm,
          spread: {
            kind: 'from-end',
            end,
            inMm: asked.groove.mm / 2,
            fromMm: middle,
            toMm: middle,
            everyMm: 100,
            least: 1,
          },
        }),
        into: { kind: 'piece', id: idOf(end, k), grain: 'end', haveMm },
      };
    }),
  );
}
