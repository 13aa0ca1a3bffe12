import { figure, less } from '../../base/figure';
import { message } from '../../base/message';
import type { Inside } from '../layout';
import {
  type Carcase,
  bottomTop,
  carcaseOf,
  caseProblems,
  insideAcross,
  insideOf,
  lessBack,
  shelfDepth,
  standingDepth,
} from './carcase';
import { beforeBack, panelOf } from './casePanel';
import { caseShelf, caseSides, plinthBoard, tipRail } from './caseParts';
import { beforeSkirting } from './caseSkirting';
import { sideIntoEnd } from './pinnedCase';
import { caseTrim } from './caseTrim';
import * as pieces from './pieces';
import type { Fastening, Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'screwed-tower'>;

/**
 * A tower of plain butt joints: shelves stand between the sides and are screwed through them, on spacer blocks that set
 * their heights and are cut in one go. The top lies over both sides; a filler stands under the bottom; the sides are
 * notched over a skirting.
 */
export const screwedTower: System<'screwed-tower'> = {
  name: 'screwed-tower',
  unit: 'case',
  places: ['alcove', 'span', 'run'],
  traits: { seen: 'plain', liftsOut: false, wants: 'hand' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
  }),
  inside: (input) => betweenSpacers(insideOf(input, input.asked.filler.mm), input),
  standsOn: (input, shelf) => standingDepth(input, shelf),
  plan: (input) => {
    const { asked, shelves, wish } = input;
    const carcase = carcaseOf(input);
    const trim = caseTrim(carcase, input);
    const problems = caseProblems(carcase, input);
    const made = problems.length === 0 && shelves.length > 0;
    const nosing = pieces.nosingOf(asked);
    const behindMm = asked.back ? asked.backThickness.mm : 0;
    // The panel lies behind the sides.
    const rail = tipRail(carcase, input, behindMm);
    const bottom = bottomTop(carcase, asked.filler.mm, wish.thickness.mm, input.space.fromMm);
    // It lies over the rear edges of both sides.
    const plinth = plinthBoard(carcase, asked.sideThickness.mm, bottom - wish.thickness.mm, behindMm);
    const panel = panelOf(carcase, input, asked.sideThickness.mm);
    const deep = lessBack(figure({ label: message('term.shelfDepth'), mm: carcase.depthMm }), asked).mm;
    const boards = [
      { id: 'case-bottom', topMm: bottom, depthMm: deep },
      ...shelves.map((shelf) => ({
        id: `S${shelf.number}-board`,
        topMm: shelf.top.mm,
        depthMm: shelfDepth(input, shelf.number).mm,
      })),
    ];
    return {
      parts: made
        ? [
            ...partsOf(carcase, bottom, input),
            ...plinth.parts,
            ...panel.flatMap(({ part }) => part),
            ...rail.parts,
            ...trim.parts,
          ]
        : [],
      hardware: [],
      holds: made ? shelves.map((shelf) => holdOf(shelf.number, input)) : [],
      fastenings: made
        ? [
            ...boards.flatMap(({ id, topMm, depthMm }) =>
              sideIntoEnd({
                carcase,
                id,
                upMm: topMm - wish.thickness.mm / 2,
                sideMm: asked.sideThickness.mm,
                screws: asked.screws,
                depthMm,
              }),
            ),
            ...topDown(carcase, input, deep),
            ...plinth.fastenings,
            ...panel.flatMap(({ fastenings }) => fastenings),
            ...pieces.nosingsOn(shelves, nosing, wish.thickness.mm, (shelf) => shelfDepth(input, shelf).mm),
            ...rail.fastenings,
            ...trim.fastenings,
          ]
        : [],
      ...pieces.standing(made, { heightMm: carcase.high.mm, depthMm: carcase.depthMm, fastening: rail.id }),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: [
        ...(asked.spacers ? [message('order.tower.spacers')] : []),
        message('order.tower.dry'),
        message('order.tower.glue'),
        message('order.case.square'),
        message('order.tower.top'),
        ...(asked.back ? [message('order.case.back')] : []),
        message('order.case.stand'),
        ...(asked.trim ? [message('order.case.trim')] : []),
      ],
      problems: [...problems, ...(made ? trim.problems : [])],
      cautions: [{ message: message('caution.tipping'), stage: 'shelves' }, ...pieces.usualCautions],
    };
  },
  suit: ({ job: { place } }) => ({
    fors: [message('suit.tower.plain'), ...(place.kind === 'run' ? [message('suit.brackets.openEnds')] : [])],
    againsts: place.kind === 'alcove' ? [message('suit.case.gaps')] : [],
  }),
};

/** A shelf is screwed through both sides. */
function holdOf(n: number, input: Input): Hold {
  const { asked, wish } = input;
  const depth = shelfDepth(input, n).mm;
  const rests = (['left', 'right'] as const).map((side) =>
    pieces.restAcross(`case-${side}`, { from: side, inMm: 0 }, 0, depth),
  );
  const ribs = pieces.nosingRib(n, pieces.nosingOf(asked), wish.thickness.mm, depth);
  return { shelf: n, board: `S${n}-board`, rests, ribs };
}

function partsOf(carcase: Carcase, bottomMm: number, input: Input): PartSpec[] {
  const { asked, shelves, wish } = input;
  const [thick, side] = [wish.thickness.mm, asked.sideThickness.mm];
  const width = lessBack(figure({ label: message('term.shelfDepth'), mm: carcase.depthMm }), asked);
  const forward = (partSpec: PartSpec) => beforeSkirting(beforeBack(partSpec, asked), carcase, input);
  const across = insideAcross(carcase, side, 0);
  // The sides end under the top, which lies over them.
  const lower: Carcase = {
    ...carcase,
    high: less(carcase.high, message('term.lessTop'), thick),
    topMm: carcase.topMm - thick,
  };
  const top: PartSpec = {
    shelf: 0,
    id: 'case-top',
    role: 'case-top',
    name: message('part.caseTop'),
    label: 'CT',
    thicknessMm: thick,
    width,
    place: { upFrom: carcase.topMm - thick, upTo: carcase.topMm, outFrom: 0, outTo: carcase.depthMm },
    across: carcase.across,
    length: { kind: 'given', figure: carcase.wide, rounded: 'down' },
  };
  const bottom: PartSpec = {
    ...top,
    id: 'case-bottom',
    role: 'case-bottom',
    name: message('part.caseBottom'),
    label: 'CB',
    place: { ...top.place, upFrom: bottomMm - thick, upTo: bottomMm },
    across,
    length: { kind: 'given', figure: carcase.inside, rounded: 'down' },
  };
  return [
    ...[...caseSides(lower, input, width, () => []), top, bottom].map(forward),
    ...shelves
      .flatMap((shelf) =>
        caseShelf({
          carcase,
          shelf,
          thicknessMm: thick,
          depthMm: input.depthOf(shelf.number),
          long: carcase.inside,
          across,
          nosing: pieces.nosingOf(asked),
        }),
      )
      .map((partSpec) =>
        partSpec.role === 'board' ? forward({ ...partSpec, width: shelfDepth(input, partSpec.shelf) }) : partSpec,
      ),
    ...(asked.spacers ? spacersOf(carcase, bottomMm, input) : []),
  ];
}

/** Screws through the top into the upper ends of both sides. */
function topDown(carcase: Carcase, { asked, wish }: Input, depthMm: number): Fastening[] {
  const side = asked.sideThickness.mm;
  const edge = Math.min(40, depthMm / 4);
  const outs = Array.from({ length: asked.screws }, (_, k) => edge + ((depthMm - 2 * edge) * k) / (asked.screws - 1));
  return (['left', 'right'] as const).map((at): Fastening => {
    const alongMm = at === 'left' ? side / 2 : carcase.wide.mm - side / 2;
    return {
      id: `case-top/case-${at}`,
      shelf: 0,
      through: { kind: 'piece', id: 'case-top' },
      into: { kind: 'piece', id: `case-${at}`, grain: 'end', haveMm: null },
      with: 'screw',
      passMm: wish.thickness.mm,
      spread: { kind: 'given', at: outs.map((acrossMm) => ({ alongMm, acrossMm })) },
      carries: null,
      leverMm: 0,
    };
  });
}

const SPACER_MM = 60;
/** Less than this is nothing: what is left of sums of lengths. Millimetres. */
const NONE_MM = 0.05;

/** The inside between the blocks at both sides, where things stand. */
function betweenSpacers(inside: Inside, { asked }: Pick<Input, 'asked'>): Inside {
  if (!asked.spacers) return inside;
  const { fromMm, toMm } = inside.across;
  const blockMm = asked.sideThickness.mm;
  return { ...inside, across: { fromMm: fromMm + blockMm, toMm: toMm - blockMm } };
}

/** Two blocks under each shelf, one at either side, as long as the clear gap below it. */
function spacersOf(carcase: Carcase, bottomMm: number, { asked, shelves }: Input): PartSpec[] {
  const side = asked.sideThickness.mm;
  return shelves.flatMap((shelf, i): PartSpec[] => {
    const from = shelves[i - 1]?.top.mm ?? bottomMm;
    const long = less(
      figure({ label: message('term.undersideOf'), mm: shelf.underside.mm }),
      message(i === 0 ? 'term.bottomBoard' : 'term.topOfHeld'),
      from,
    );
    // A shelf that lies on what is below it stands on no blocks.
    if (Math.abs(long.mm) < NONE_MM) return [];
    return (['left', 'right'] as const).map((at): PartSpec => {
      const inner = insideAcross(carcase, side, 0);
      return {
        shelf: shelf.number,
        id: `S${shelf.number}-spacer-${at}`,
        role: 'spacer',
        name: message('part.spacer'),
        label: `${shelf.number}K`,
        thicknessMm: side,
        width: figure({ label: message('term.spacerWidth'), mm: SPACER_MM }),
        place: {
          upFrom: from,
          upTo: shelf.underside.mm,
          outFrom: carcase.depthMm / 2 - SPACER_MM / 2,
          outTo: carcase.depthMm / 2 + SPACER_MM / 2,
        },
        across:
          at === 'left'
            ? { fromMm: inner.fromMm, toMm: inner.fromMm + side }
            : { fromMm: inner.toMm - side, toMm: inner.toMm },
        upright: true,
        length: { kind: 'given', figure: long, rounded: 'down' },
      };
    });
  });
}
