import { figure, plus } from '../../base/figure';
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
import { caseTrim } from './caseTrim';
import * as pieces from './pieces';
import type { Hold, PartSpec, System, SystemInput } from './system';

type Input = SystemInput<'housed-case'>;

/**
 * A case whose shelves, top and bottom are let into grooves across its sides; a back panel keeps it square. A shelf is
 * as long as the inside and twice the groove's depth; a groove is as wide as the shelf is really thick.
 */
export const housedCase: System<'housed-case'> = {
  name: 'housed-case',
  unit: 'case',
  places: ['alcove', 'span', 'run', 'cavity'],
  traits: { seen: 'hidden', liftsOut: false, wants: 'power' },
  under: (wish, asked) => ({
    backMm: 0,
    sideMm: 0,
    hangsMm: pieces.hangsBelow(pieces.nosingOf(asked), wish.thickness.mm),
  }),
  inside: (input) => insideOf(input, input.asked.plinth.mm),
  standsOn: (input, shelf) => standingDepth(input, shelf),
  plan: (input) => {
    const { asked, shelves, job, wish, box } = input;
    const carcase = carcaseOf(input);
    const trim = caseTrim(carcase, input);
    const problems = [...caseProblems(carcase, input), ...grooveProblems(asked.groove.mm, sideThickness(input))];
    const made = problems.length === 0 && shelves.length > 0;
    const nosing = pieces.nosingOf(asked);
    const bottomMm = bottomTop(carcase, asked.plinth.mm, wish.thickness.mm, input.space.fromMm);
    const plinth = plinthBoard(carcase, asked.sideThickness.mm, bottomMm - wish.thickness.mm);
    const panel = panelOf(carcase, input, asked.groove.mm);
    const rail = tipRail(carcase, input);
    return {
      parts: !made
        ? []
        : box
          ? boxShelves(carcase, input)
          : [
              ...partsOf(carcase, input),
              ...plinth.parts,
              ...panel.flatMap(({ part }) => part),
              ...rail.parts,
              ...trim.parts,
            ],
      hardware: [],
      holds: made ? shelves.map((shelf) => holdOf(shelf.number, carcase, input)) : [],
      fastenings: made
        ? [
            ...pieces.nosingsOn(shelves, nosing, wish.thickness.mm, (shelf) => shelfDepth(input, shelf).mm),
            ...(box
              ? []
              : [
                  ...plinth.fastenings,
                  ...panel.flatMap(({ fastenings }) => fastenings),
                  ...rail.fastenings,
                  ...trim.fastenings,
                ]),
          ]
        : [],
      ...(box
        ? {
            boxSides: {
              kind: 'housed',
              depthMm: asked.groove.mm,
              wideMm: wish.thickness.mm,
              atMm: made ? shelves.map((shelf) => shelf.underside.mm - carcase.footMm) : [],
            } as const,
          }
        : pieces.standing(made, { heightMm: carcase.high.mm, depthMm: carcase.depthMm, fastening: rail.id })),
      marks: shelves.flatMap((shelf) => pieces.shelfMarks(shelf, input.levelLineUpMm, null)),
      order: [
        message(job.tools === 'hand' ? 'order.posts.chisel' : 'order.posts.groove'),
        message('order.case.dry'),
        message('order.case.glue'),
        message('order.case.square'),
        ...((box ? box.backMm > 0 : asked.back) ? [message('order.case.back')] : []),
        message('order.case.stand'),
        ...(asked.trim && !box ? [message('order.case.trim')] : []),
      ],
      problems: [...problems, ...(made ? trim.problems : [])],
      // A box in a wall cannot tip.
      cautions: [
        ...(box ? [] : [{ message: message('caution.tipping'), stage: 'shelves' } as const]),
        { message: message('caution.grooveInPairs'), stage: 'cut' },
        ...pieces.usualCautions,
      ],
    };
  },
  suit: ({ job: { tools, place } }) => ({
    fors: [message('suit.case.square'), ...(place.kind === 'run' ? [message('suit.brackets.openEnds')] : [])],
    againsts: [
      ...(tools === 'hand' ? [message('suit.handGrooves')] : []),
      ...(place.kind === 'alcove' ? [message('suit.case.gaps')] : []),
    ],
  }),
};

/** A shelf lies in both its grooves, and is pinned to the panel all along its back. */
function holdOf(n: number, carcase: Carcase, input: Input): Hold {
  const { asked, wish, box } = input;
  const depth = shelfDepth(input, n).mm;
  return {
    shelf: n,
    board: `S${n}-board`,
    rests: [
      ...(['left', 'right'] as const).map((side) =>
        pieces.restAcross(sideOf(carcase, side), { from: side, inMm: asked.groove.mm / 2 }, 0, depth),
      ),
      ...(asked.back && !box ? [pieces.restAlong('back-panel', 0)] : []),
    ],
    ribs: pieces.nosingRib(n, pieces.nosingOf(asked), wish.thickness.mm, depth),
  };
}

/** Shelves let into the sides of a cavity's box. */
function boxShelves(carcase: Carcase, input: Input): PartSpec[] {
  const { asked, shelves, wish, box } = input;
  const long = plus(carcase.inside, message('term.intoGrooves'), 2 * asked.groove.mm);
  const across = insideAcross(carcase, wish.thickness.mm, asked.groove.mm);
  const nosing = pieces.nosingOf(asked);
  return shelves.flatMap((shelf) =>
    caseShelf({
      carcase,
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: carcase.depthMm,
      long,
      across,
      nosing,
    }).map((one) => (box ? inBox(one, box, nosing) : one)),
  );
}

function partsOf(carcase: Carcase, input: Input): PartSpec[] {
  const { asked, shelves, wish, space } = input;
  const thick = wish.thickness.mm;
  const bottom = bottomTop(carcase, asked.plinth.mm, thick, space.fromMm);
  const long = plus(carcase.inside, message('term.intoGrooves'), 2 * asked.groove.mm);
  const across = insideAcross(carcase, asked.sideThickness.mm, asked.groove.mm);
  const undersides = [bottom - thick, ...shelves.map((shelf) => shelf.underside.mm), carcase.topMm - thick];
  const width = figure({ label: message('term.shelfDepth'), mm: carcase.depthMm });
  const inner = lessBack(width, asked);
  const forward = (partSpec: PartSpec) => beforeSkirting(beforeBack(partSpec, asked), carcase, input);
  return [
    ...caseSides(carcase, input, width, () => [
      {
        kind: 'housed',
        depthMm: asked.groove.mm,
        wideMm: thick,
        atMm: undersides.map((mm) => mm - carcase.footMm),
      },
      ...backRebate(asked, asked.groove.mm),
    ]),
    ...caseEnds(carcase, bottom, thick, inner, long, across).map(forward),
    ...shelves.flatMap((shelf) =>
      caseShelf({
        carcase,
        shelf,
        thicknessMm: thick,
        depthMm: input.depthOf(shelf.number),
        long,
        across,
        nosing: pieces.nosingOf(asked),
      }).map((partSpec) =>
        partSpec.role === 'board' ? forward({ ...partSpec, width: shelfDepth(input, shelf.number) }) : partSpec,
      ),
    ),
  ];
}
