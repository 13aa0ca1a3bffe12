import { figure, less, plus, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import {
  type Carcase,
  bottomTop,
  carcaseOf,
  caseProblems,
  inBox,
  insideAcross,
  insideOf,
  lessBack,
  shelfDepth,
  sideOf,
  sideThickness,
  standingDepth,
} from './carcase';
import { backRebate, beforeBack, panelOf } from './casePanel';
import { caseEnds, caseShelf, caseSides, grooveProblems, plinthBoard, tipRail } from './caseParts';
import { beforeSkirting } from './caseSkirting';
import { CORNER_SHARES } from './boxAndTrim';
import { caseTrim } from './caseTrim';
import { fixedShelf } from '../layout';
import * as pieces from './pieces';
import type { Fastening, Hold, Joint, PartSpec, System, SystemInput, SystemResult } from './system';

type Input = SystemInput<'pinned-case'>;
type Shelf = Input['shelves'][number];

/**
 * A case whose shelves lie on pins in rows of holes and are shorter than the inside by a play; one near the middle is
 * screwed fast or let into both sides, so that they cannot bow. Top and bottom stand between the sides and are screwed
 * too.
 */
export const pinnedCase: System<'pinned-case'> = {
  name: 'pinned-case',
  unit: 'case',
  places: ['alcove', 'span', 'run', 'cavity'],
  traits: { seen: 'hidden', liftsOut: true, wants: 'hand' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
  }),
  inside: (input) => insideOf(input, input.asked.plinth.mm),
  standsOn: (input, shelf) => standingDepth(input, shelf),
  plan: (input) => {
    const { asked, shelves, wish, box } = input;
    const carcase = carcaseOf(input);
    const trim = caseTrim(carcase, input);
    const housed = asked.fixedBy === 'housed';
    const problems = [
      ...caseProblems(carcase, input),
      ...(housed ? grooveProblems(asked.groove.mm, sideThickness(input)) : []),
    ];
    const made = problems.length === 0 && shelves.length > 0;
    const room = insideOf(input, asked.plinth.mm);
    const within = { fromMm: room.bottom.mm, toMm: room.top?.mm ?? carcase.topMm - wish.thickness.mm };
    const fixed = fixedShelf(shelves, within)?.number ?? null;
    const nosing = pieces.nosingOf(asked);
    const bottomMm = bottomTop(carcase, asked.plinth.mm, wish.thickness.mm, input.space.fromMm);
    const plinth = plinthBoard(carcase, asked.sideThickness.mm, bottomMm - wish.thickness.mm);
    // Shelves on pins move: only the one that is screwed fast is pinned to the panel.
    const panel = panelOf(carcase, input, asked.sideThickness.mm / 2, (shelf) => shelf === fixed);
    const rail = tipRail(carcase, input);
    return {
      parts: !made
        ? []
        : box
          ? boxShelves(carcase, input, fixed)
          : [
              ...partsOf(carcase, input, fixed),
              ...plinth.parts,
              ...panel.flatMap(({ part }) => part),
              ...rail.parts,
              ...trim.parts,
            ],
      hardware: [],
      holds: made ? shelves.map((shelf) => holdOf(shelf, carcase, input, shelf.number === fixed)) : [],
      fastenings: made
        ? [
            ...endScrews(carcase, input, housed ? null : fixed),
            ...pieces.nosingsOn(shelves, nosing, wish.thickness.mm, (shelf) => shelfDepth(input, shelf).mm),
            ...(box
              ? []
              : [...plinth.fastenings, ...panel.flatMap(({ fastenings }) => fastenings), ...rail.fastenings]),
            ...trim.fastenings,
          ]
        : [],
      ...(box
        ? housings(carcase, input, made ? fixed : null)
        : pieces.standing(made, { heightMm: carcase.high.mm, depthMm: carcase.depthMm, fastening: rail.id })),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: orderOf(input),
      problems: [...problems, ...(made ? trim.problems : [])],
      // A box in a wall cannot tip.
      cautions: [
        ...(box ? [] : [{ message: message('caution.tipping'), stage: 'shelves' } as const]),
        ...pieces.usualCautions,
      ],
    };
  },
  suit: ({ job: { place } }) => ({
    fors: [message('suit.case.adjusts'), ...(place.kind === 'run' ? [message('suit.brackets.openEnds')] : [])],
    againsts: place.kind === 'alcove' ? [message('suit.case.gaps')] : [],
  }),
};

/** How it goes together. */
function orderOf({ asked, job, box }: Input): SystemResult['order'] {
  const housed = asked.fixedBy === 'housed';
  return [
    ...(housed ? [message(job.tools === 'hand' ? 'order.posts.chisel' : 'order.posts.groove')] : []),
    message('order.case.pins'),
    message(housed ? 'order.case.glueFixed' : 'order.case.screw'),
    message('order.case.square'),
    ...((box ? box.backMm > 0 : asked.back) ? [message('order.case.back')] : []),
    message('order.case.stand'),
    ...(asked.trim && !box ? [message('order.case.trim')] : []),
    message('order.case.shelvesIn'),
  ];
}

/** What the fixed shelf is let into: a housing across each side of a cavity's box. */
function housings(carcase: Carcase, input: Input, fixed: number | null): Pick<SystemResult, 'boxSides'> {
  const [joint] = housingOf(carcase, input, fixed);
  return joint ? { boxSides: joint } : {};
}

/** The housing of the fixed shelf across a side, if it is let in. */
function housingOf(carcase: Carcase, { asked, shelves, wish }: Input, fixed: number | null): Joint[] {
  const shelf = shelves.find(({ number }) => number === fixed);
  if (asked.fixedBy !== 'housed' || !shelf) return [];
  const atMm = [shelf.underside.mm - carcase.footMm];
  return [{ kind: 'housed', depthMm: asked.groove.mm, wideMm: wish.thickness.mm, atMm }];
}

/** How long a shelf is, and how far it is let into the sides at each end; negative: how far it ends short of them. */
function lengthOf(carcase: Carcase, { asked }: Input, isFixed: boolean): { long: Figure; intoMm: number } {
  const { inside } = carcase;
  if (!isFixed)
    return { long: less(inside, message('term.shelfPlay'), asked.shelfPlay.mm), intoMm: -asked.shelfPlay.mm / 2 };
  if (asked.fixedBy === 'screwed') return { long: inside, intoMm: 0 };
  return { long: plus(inside, message('term.intoGrooves'), 2 * asked.groove.mm), intoMm: asked.groove.mm };
}

/** Shelves in a cavity's box: shorter than its inside by their play, but for the fixed one. */
function boxShelves(carcase: Carcase, input: Input, fixed: number | null): PartSpec[] {
  const { asked, shelves, wish, box } = input;
  const thick = wish.thickness.mm;
  const nosing = pieces.nosingOf(asked);
  return shelves.flatMap((shelf) => {
    const { long, intoMm } = lengthOf(carcase, input, shelf.number === fixed);
    return caseShelf({
      carcase,
      shelf,
      thicknessMm: thick,
      depthMm: carcase.depthMm,
      long,
      across: insideAcross(carcase, thick, intoMm),
      nosing,
    }).map((one) => (box ? inBox(one, box, nosing) : one));
  });
}

function partsOf(carcase: Carcase, input: Input, fixed: number | null): PartSpec[] {
  const { asked, shelves, wish, space } = input;
  const [thick, side] = [wish.thickness.mm, asked.sideThickness.mm];
  const bottom = bottomTop(carcase, asked.plinth.mm, thick, space.fromMm);
  const width = figure({ label: message('term.shelfDepth'), mm: carcase.depthMm });
  const inner = lessBack(width, asked);
  const forward = (partSpec: PartSpec) => beforeSkirting(beforeBack(partSpec, asked), carcase, input);
  return [
    ...caseSides(carcase, input, width, () => [...housingOf(carcase, input, fixed), ...backRebate(asked, side / 2)]),
    ...caseEnds(carcase, bottom, thick, inner, carcase.inside, insideAcross(carcase, side, 0)).map(forward),
    ...shelves.flatMap((shelf) => {
      const { long, intoMm } = lengthOf(carcase, input, shelf.number === fixed);
      return caseShelf({
        carcase,
        shelf,
        thicknessMm: thick,
        depthMm: input.depthOf(shelf.number),
        long,
        across: insideAcross(carcase, side, intoMm),
        nosing: pieces.nosingOf(asked),
      }).map((partSpec) =>
        partSpec.role === 'board' ? forward({ ...partSpec, width: shelfDepth(input, shelf.number) }) : partSpec,
      );
    }),
  ];
}

/** On four pins, set back from both edges; the fixed one along both its ends. */
function holdOf({ number: n }: Shelf, carcase: Carcase, input: Input, fast: boolean): Hold {
  const { asked, wish, job } = input;
  const nosing = pieces.nosingOf(asked);
  const depth = shelfDepth(input, n).mm;
  const setBack = Math.min((job.pins?.setBack ?? asked.pinSetBack).mm, depth / 3);
  const backs = [setBack, depth - setBack];
  const housedMm = asked.fixedBy === 'housed' ? asked.groove.mm : 0;
  const rests = (['left', 'right'] as const).flatMap((side) =>
    fast
      ? [pieces.restAcross(sideOf(carcase, side), { from: side, inMm: housedMm / 2 }, 0, depth)]
      : backs.map((out) => pieces.restAcross(`pins-${side}`, { from: side, inMm: PIN_IN_MM }, out, out)),
  );
  return { shelf: n, board: `S${n}-board`, rests, ribs: pieces.nosingRib(n, nosing, wish.thickness.mm, depth) };
}
/** How far in from a shelf's end a pin carries it. */
const PIN_IN_MM = 4;

/** Screws through both sides into the ends of the top, the bottom and the fixed shelf. */
function endScrews(carcase: Carcase, input: Input, fixed: number | null): Fastening[] {
  const { asked, wish, space, shelves, box } = input;
  const bottom = bottomTop(carcase, asked.plinth.mm, wish.thickness.mm, space.fromMm);
  const shelf = shelves.find((laidShelf) => laidShelf.number === fixed);
  const into = [
    ...(box
      ? []
      : [
          { id: 'case-top', topMm: carcase.topMm, depthMm: carcase.depthMm },
          { id: 'case-bottom', topMm: bottom, depthMm: carcase.depthMm },
        ]),
    ...(shelf
      ? [
          {
            id: `S${shelf.number}-board`,
            topMm: shelf.top.mm,
            depthMm: box ? carcase.depthMm : pieces.boardDepth(input.depthOf(shelf.number), pieces.nosingOf(asked)).mm,
            ...(box ? { boardMm: shelfDepth(input, shelf.number).mm } : {}),
          },
        ]
      : []),
  ];
  return into.flatMap(({ id, topMm, depthMm, boardMm = depthMm }) =>
    sideIntoEnd({
      carcase,
      id,
      upMm: topMm - wish.thickness.mm / 2,
      sideMm: sideThickness(input),
      screws: depthMm < NARROW_MM ? 2 : 3,
      depthMm,
      boardMm,
    }),
  );
}

// A board no deeper than this takes two screws at each end.
const NARROW_MM = 150;

interface SideIntoEnd {
  readonly carcase: Carcase;
  readonly id: string;
  readonly upMm: number;
  readonly sideMm: number;
  readonly screws: number;
  readonly depthMm: number;
  /** Depth of the board they go into, where a strip in front of it takes some of that; as deep when left away. */
  readonly boardMm?: number;
}

/** Screws through both sides of a case into the end grain of a board, on the middle of its thickness. */
export function sideIntoEnd({
  carcase,
  id,
  upMm,
  sideMm,
  screws,
  depthMm,
  boardMm = depthMm,
}: SideIntoEnd): Fastening[] {
  // The sides of a box have the screws through its shims at a quarter and three quarters.
  const share = carcase.sides === 'box' ? depthMm * CORNER_SHARES[0] : Math.min(40, depthMm / 4);
  // A strip in front takes the room for that: then as near to the edges of the board as may be.
  const edge = boardMm < depthMm ? NEAR_EDGE_MM : share;
  const outs = Array.from({ length: screws }, (_, k) => edge + ((boardMm - 2 * edge) * k) / (screws - 1));
  const { boardsFromMm } = carcase;
  return (['left', 'right'] as const).map((side) => ({
    id: `${sideOf(carcase, side)}/${id}`,
    shelf: shelfOf(id),
    through: { kind: 'piece', id: sideOf(carcase, side) },
    into: { kind: 'piece', id, grain: 'end', haveMm: null },
    with: 'screw',
    passMm: sideMm,
    spread: {
      kind: 'given',
      at: outs.map((out) => ({ alongMm: upMm - carcase.footMm, acrossMm: boardsFromMm + out })),
    },
    carries: shelfOf(id) > 0 ? sideOf(carcase, side) : null,
    leverMm: 0,
  }));
}

/** A screw into the end of a board keeps so far from its edges, millimetres. */
const NEAR_EDGE_MM = 12;

const shelfOf = (id: string) => Number(/^S(\d+)-/.exec(id)?.[1] ?? 0);
