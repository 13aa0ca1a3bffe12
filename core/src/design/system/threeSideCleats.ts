import { figure, less, type Figure } from '../../base/figure';
import { length, message } from '../../base/message';
import type { Band } from '../../place/opening';
import { stop, type Problem } from '../../base/problem';
import { corneredShelf } from './corner';
import * as pieces from './pieces';
import type { Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'three-side-cleats'>;

/**
 * A shelf on a cleat along each of three walls, with a nosing along its front that hides cleats and stiffens. In a
 * corner it has a cleat along each of the two walls. Deductions: board depth = shelf depth - nosing; side cleat = shelf
 * depth - back cleat - nosing; the cleats' top lies one thickness below the shelf's top; the nosing must be as high as
 * board and cleat to hide them.
 */
export const threeSideCleats: System<'three-side-cleats'> = {
  name: 'three-side-cleats',
  places: ['alcove', 'span', 'corner'],
  traits: { seen: 'little', liftsOut: false, wants: 'hand' },
  under: (wish, { cleatHeight, nosingHeight }) => {
    const cleat = cleatHeight.mm;
    return { backMm: cleat, sideMm: cleat, hangsMm: Math.max(nosingHeight.mm - wish.thickness.mm, cleat) };
  },
  plan: (input) => {
    const { asked, shelves, wish, opening } = input;
    const corner = input.job.place.kind === 'corner';
    const nosing = corner ? null : nosingOf(input);
    const hangs = Math.max(pieces.hangsBelow(nosing, wish.thickness.mm), asked.cleatHeight.mm);
    const blocked = corner
      ? []
      : shelves.flatMap((shelf) => depthProblems(input, input.depthOf(shelf.number))).slice(0, 1);
    const made = blocked.length > 0 || !opening.surfaces.includes('back') ? [] : shelves;
    const ours = new Set(shelves.map((shelf) => shelf.number));
    const { cleatThickness, cleatHeight, screwedDown } = asked;
    const stick = { thicknessMm: cleatThickness.mm, heightMm: cleatHeight.mm, role: 'cleat', screwedDown } as const;
    const screwed = screwedDown ? [message('order.board.screwed')] : [];
    const cornered = corner ? made.map((shelf) => corneredShelf({ shelf, input, stick })) : [];
    return {
      parts: corner ? cornered.flatMap((shelf) => shelf.parts) : made.flatMap((shelf) => partsOf(shelf, input)),
      hardware: [],
      holds: corner ? cornered.map((shelf) => shelf.hold) : made.map((shelf) => holdOf(shelf.number, input)),
      fastenings: corner
        ? cornered.flatMap((shelf) => shelf.fastenings)
        : made.flatMap((shelf) => fasteningsOf(shelf.number, input)),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, 'cleat-top')),
      order: corner
        ? [message('order.cleats.corner'), message('order.board.on'), ...screwed]
        : [
            message('order.cleats.back'),
            message('order.cleats.sides'),
            message('order.board.on'),
            ...screwed,
            message('order.nosing'),
          ],
      problems: [
        ...blocked,
        ...pieces.gapProblems(input.gaps, ours, hangs),
        ...(corner
          ? []
          : pieces.nosingShort(nosing, wish.thickness.mm, asked.cleatHeight.mm, message('term.cleatHeight'))),
        ...pieces.floorProblems(shelves, hangs),
        ...(opening.surfaces.includes('back') ? [] : [stop({ kind: 'support' }, message('problem.noBackForCleat'))]),
      ],
      cautions: pieces.usualCautions,
    };
  },
  suit: ({ opening, job: { place } }) => ({
    fors: [
      message('suit.cleats.stiff'),
      ...(place.kind === 'alcove' || place.kind === 'corner' ? [message('suit.cleats.anyWall')] : []),
    ],
    againsts: opening.surfaces.includes('back') ? [] : [message('suit.noBack')],
  }),
};

const nosingOf = ({ asked }: Pick<Input, 'asked'>): pieces.Nosing => ({
  thicknessMm: asked.nosingThickness.mm,
  heightMm: asked.nosingHeight.mm,
});

/** Along a side wall: from the face of the back cleat to the nosing. */
function sideCleat({ asked }: Input, depthMm: number): Figure {
  const shelf = figure({ label: message('term.shelfDepth'), mm: depthMm });
  const backCleat = less(shelf, message('term.lessBackCleat'), asked.cleatThickness.mm);
  return less(backCleat, message('term.lessNosing'), asked.nosingThickness.mm);
}

function partsOf(shelf: Input['shelves'][number], input: Input): PartSpec[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
  const [board, ...nosing] = pieces.boardAndNosing({
    shelf,
    thicknessMm: wish.thickness.mm,
    depthMm,
    nosing: nosingOf(input),
  });
  const under = shelf.underside.mm;
  const boardFront = pieces.boardDepth(depthMm, nosingOf(input)).mm;
  const backPlace: Band = {
    upFrom: under - asked.cleatHeight.mm,
    upTo: under,
    outFrom: 0,
    outTo: asked.cleatThickness.mm,
  };
  const sidePlace: Band = { ...backPlace, outFrom: asked.cleatThickness.mm, outTo: boardFront };
  const cleat = {
    shelf: n,
    thicknessMm: asked.cleatThickness.mm,
    width: figure({ label: message('term.cleatHeight'), mm: asked.cleatHeight.mm }),
  };
  const along = (side: 'left' | 'right') =>
    ({ kind: 'along-side', side, band: sidePlace, figure: sideCleat(input, depthMm) }) as const;
  const ends = { label: message('term.cleatClearance'), mm: asked.cleatShort.mm };
  return [
    board as PartSpec,
    {
      ...cleat,
      id: `S${n}-back-cleat`,
      role: 'back-cleat',
      name: message('part.backCleat'),
      label: `${n}B`,
      place: backPlace,
      length: { kind: 'between-walls', band: backPlace, stance: 'on-edge', least: ends },
    },
    {
      ...cleat,
      id: `S${n}-side-cleat-left`,
      role: 'side-cleat-left',
      name: message('part.sideCleat.left'),
      label: `${n}L`,
      place: sidePlace,
      length: along('left'),
    },
    {
      ...cleat,
      id: `S${n}-side-cleat-right`,
      role: 'side-cleat-right',
      name: message('part.sideCleat.right'),
      label: `${n}R`,
      place: sidePlace,
      length: along('right'),
    },
    ...nosing,
  ];
}

function holdOf(n: number, input: Input): Hold {
  const { asked, wish } = input;
  const depth = pieces.boardDepth(input.depthOf(n), nosingOf(input)).mm;
  const half = asked.cleatThickness.mm / 2;
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: [
      pieces.restAlong(`S${n}-back-cleat`, half),
      pieces.restAcross(`S${n}-side-cleat-left`, { from: 'left', inMm: half }, half, depth),
      pieces.restAcross(`S${n}-side-cleat-right`, { from: 'right', inMm: half }, half, depth),
    ],
    ribs: pieces.nosingRib(n, nosingOf(input), wish.thickness.mm, depth),
  };
}

function fasteningsOf(n: number, input: Input): Fastening[] {
  const { asked, wish } = input;
  const [thick, high] = [asked.cleatThickness.mm, asked.cleatHeight.mm];
  const toWall = (part: string, wall: 'left' | 'back' | 'right') =>
    pieces.stickToWall({ shelf: n, part, wall, thicknessMm: thick, heightMm: high });
  const down = (part: string, spread: Fastening['spread']) =>
    pieces.boardDown({ shelf: n, part, thicknessMm: wish.thickness.mm, haveMm: high, spread });
  const inset = thick / 2;
  return [
    toWall(`S${n}-back-cleat`, 'back'),
    toWall(`S${n}-side-cleat-left`, 'left'),
    toWall(`S${n}-side-cleat-right`, 'right'),
    // Three across the back, so that the shelf cannot kick up.
    ...(asked.screwedDown
      ? [down(`S${n}-back-cleat`, { kind: 'along', acrossMm: [inset], everyMm: 400, least: 3 })]
      : []),
    pieces.nosingOn({
      shelf: n,
      thicknessMm: asked.nosingThickness.mm,
      heightMm: asked.nosingHeight.mm,
      boardMm: wish.thickness.mm,
      depthMm: pieces.boardDepth(input.depthOf(n), nosingOf(input)).mm,
    }),
  ];
}

function depthProblems({ asked, ...input }: Input, depthMm: number): Problem[] {
  const blocked = pieces.noDepthProblems(depthMm, nosingOf({ asked }));
  if (blocked.length > 0) return blocked;
  if (sideCleat({ ...input, asked }, depthMm).mm > 0) return [];
  const needed = asked.cleatThickness.mm + asked.nosingThickness.mm;
  return [
    stop({ kind: 'support' }, message('problem.noSideCleat', { depth: length(depthMm), needed: length(needed) })),
  ];
}
