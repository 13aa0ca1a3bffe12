import type { CutPiece, Job, Offcut, Saw } from '../../job';
import { FURTHER } from '../../design/shaping';
import { piecesOn } from './cutPieces';
import type { Cutting } from './cuttingPlan';
import { nodesOf, type CutNode, type Rect } from './sheets/layout';
import { stepsOf, type Cuttable, type SawStep } from './steps';

/** Cutting begun: the layouts as they stand are kept, whatever is planned later, until they are cut or planned anew. */
export function sawBegun({ layouts }: Pick<Cutting, 'layouts'>): Saw {
  return {
    layouts: layouts.map((layout) => {
      const { form, material, thicknessMm, widthMm, lengthMm, section, id } = layout.item;
      return {
        id: layout.id,
        form,
        material,
        thicknessMm,
        widthMm,
        lengthMm,
        item: layout.from === 'shop' ? id : section,
        group: layout.group,
        trimMm: layout.trimMm,
        from: layout.from,
        ...(layout.from === 'rack' ? { rack: id.replace(/^rack:/, '') } : {}),
        tree: layout.tree as Saw['layouts'][number]['tree'],
      };
    }),
    done: [],
    made: [],
    wrong: [],
  };
}

/** The layouts of a cutting that has begun, as they are cut. */
export const cuttables = (saw: Saw): Cuttable[] =>
  saw.layouts.map((layout) => ({ ...layout, tree: layout.tree as CutNode }));

/** Every cut of a cutting that has begun. */
export const sawSteps = (saw: Saw, kerfMm: number): SawStep[] => stepsOf(cuttables(saw), kerfMm);

/** Blanks that are cut: by cuts that are ticked, and those of layouts that were planned anew since. */
export function madeBlanks(saw: Saw, kerfMm: number): Set<string> {
  const made = new Set(saw.made);
  const done = new Set(saw.done);
  const steps = sawSteps(saw, kerfMm);
  for (const one of steps) if (done.has(one.id) && one.gives.part !== null) made.add(one.gives.part);
  // The last piece of a row falls off with the cut before it.
  for (const layout of saw.layouts) {
    for (const { node, path } of withPaths(layout.tree as CutNode, [])) {
      if (node.kind !== 'cut') continue;
      const last = node.pieces.length - 1;
      const piece = node.pieces[last];
      const own = steps.filter((step) => step.layout === layout.id && step.path.join() === path.join() && step.at >= 0);
      if (
        piece?.kind === 'part' &&
        !own.some((sawStep) => sawStep.at === last) &&
        own.every((sawStep) => done.has(sawStep.id))
      )
        made.add(piece.part);
    }
  }
  return made;
}

/** The job's cut pieces with those of a cutting that has begun, for when that is over or planned again. */
export function withCut(cut: readonly CutPiece[], saw: Saw, kerfMm: number): CutPiece[] {
  const made = madeBlanks(saw, kerfMm);
  const fresh = piecesOn(saw).filter((piece) => made.has(piece.blank));
  const again = new Set(fresh.map((one) => one.blank));
  return [...cut.filter((one) => !again.has(one.blank)), ...fresh];
}

function withPaths(node: CutNode, path: readonly number[]): { node: CutNode; path: readonly number[] }[] {
  return [
    { node, path },
    ...(node.kind === 'cut' ? node.pieces.flatMap((piece, i) => withPaths(piece, [...path, i])) : []),
  ];
}

/**
 * Everything that lies on the bench: boards not begun, what is left of those that are, and pieces that were cut wrong.
 */
export function benchOf(saw: Saw, kerfMm: number, wrong?: { step: SawStep; sizeMm: number }): Offcut[] {
  const done = new Set(saw.done);
  const made = madeBlanks(saw, kerfMm);
  const steps = sawSteps(saw, kerfMm);
  const pieces: Offcut[] = [];
  for (const layout of saw.layouts) {
    const own = steps.filter((step) => step.layout === layout.id);
    const touched = own.some((sawStep) => done.has(sawStep.id)) || wrong?.step.layout === layout.id;
    const put = (rect: Pick<Rect, 'lengthMm' | 'widthMm'>) => {
      if (rect.lengthMm < LEAST_MM || rect.widthMm < LEAST_MM) return;
      const { form, material, thicknessMm } = layout;
      pieces.push({
        id: `${layout.id}-${pieces.length + 1}`,
        item: layout.item,
        form,
        material,
        thicknessMm,
        note: layout.id,
        lengthMm: rect.lengthMm,
        widthMm: rect.widthMm,
      });
    };
    if (!touched) {
      put({ lengthMm: layout.lengthMm, widthMm: layout.widthMm });
      continue;
    }
    walk(layout.tree as CutNode, []);

    function walk(node: CutNode, path: readonly number[]): void {
      if (node.kind === 'part') {
        if (!made.has(node.part)) put(node);
        return;
      }
      if (node.kind === 'rest') return put(node);
      const along = node.way === 'cross';
      const [from, size] = along ? (['xMm', 'lengthMm'] as const) : (['yMm', 'widthMm'] as const);
      const end = node[from] + node[size];
      for (const [at, piece] of node.pieces.entries()) {
        const step = own.find((sawStep) => sawStep.at === at && sawStep.path.join() === path.join());
        if (wrong && step?.id === wrong.step.id) {
          const nowMm = wrong.sizeMm - step.overMm;
          put({ ...rect(piece), [size]: nowMm });
          put({ ...rect(node), [size]: end - piece[from] - nowMm - kerfMm });
          return;
        }
        // Not cut yet: the rest of the row is one piece still.
        if (step && !done.has(step.id)) return put({ ...rect(node), [size]: end - piece[from] });
        walk(piece, [...path, at]);
      }
    }
  }
  return pieces;
}

/** Smaller than this nothing is made of it. Millimetres. */
const LEAST_MM = 15;

const rect = ({ xMm, yMm, lengthMm, widthMm }: Rect): Rect => ({ xMm, yMm, lengthMm, widthMm });

/** A cut that went wrong: what is known of it, before anything is planned anew. */
export function afterWrong(saw: Saw, step: SawStep, sizeMm: number, { kerf }: Pick<Job['stock'], 'kerf'>) {
  return {
    // A piece that is still too long is cut again; there is nothing to plan.
    again: sizeMm > step.settingMm + 0.5,
    bench: benchOf(saw, kerf.mm, { step, sizeMm }),
    made: madeBlanks(saw, kerf.mm),
  };
}

/**
 * The cutting as it goes on, planned anew from what is on the bench; what it still takes is `layouts` from the shop.
 */
export function sawAgain(
  saw: Saw,
  step: SawStep,
  sizeMm: number,
  cutting: Pick<Cutting, 'layouts'>,
  kerfMm: number,
): Saw {
  const along = step.kind === 'cross';
  const fresh = sawBegun(cutting);
  const turn = saw.wrong.length + 2;
  // What the new layouts do not use stays on the bench as it is, and goes on the rack with the other rests.
  const used = new Set(cutting.layouts.map((layout) => layout.item.id));
  const spare = benchOf(saw, kerfMm, { step, sizeMm })
    .filter((one) => !used.has(`bench:${one.id}`))
    .map(keptWhole);
  return {
    // Named anew, so that a tick of before is not taken for one of now.
    layouts: [...fresh.layouts, ...spare].map((one) => ({ ...one, id: `${one.id}r${turn}` })),
    // What makes pieces of blanks that are cut stays done.
    done: saw.done.filter((one) => one.startsWith(FURTHER)),
    made: [...madeBlanks(saw, kerfMm)],
    wrong: [
      ...saw.wrong,
      {
        part: step.gives.part ?? '',
        lengthMm: along ? sizeMm : step.gives.lengthMm,
        widthMm: along ? step.gives.widthMm : sizeMm,
      },
    ],
  };
}

/** A piece of the bench that nothing is cut from. */
function keptWhole({ id, note: _note, ...piece }: Offcut): Saw['layouts'][number] {
  const { lengthMm, widthMm } = piece;
  return {
    ...piece,
    id: `spare-${id}`,
    from: 'bench',
    group: 'spare',
    trimMm: 0,
    tree: { kind: 'rest', xMm: 0, yMm: 0, lengthMm, widthMm },
  };
}

/** What is left of boards that are cut up, large enough to keep: for the rack. */
export function restsToKeep(saw: Saw, { keep, kerf }: Pick<Job['stock'], 'keep' | 'kerf'>): Offcut[] {
  const done = new Set(saw.done);
  const steps = sawSteps(saw, kerf.mm);
  const over = saw.layouts.filter((layout) =>
    steps.filter((step) => step.layout === layout.id).every((step) => done.has(step.id)),
  );
  return over.flatMap((layout) =>
    nodesOf(layout.tree as CutNode).flatMap((node): Offcut[] => {
      const { form, material, thicknessMm, item } = layout;
      if (
        node.kind !== 'rest' ||
        Math.max(node.lengthMm, node.widthMm) < keep.mm ||
        Math.min(node.lengthMm, node.widthMm) < 20
      )
        return [];
      const [lengthMm, widthMm] = [node.lengthMm, node.widthMm];
      return [
        {
          id: `${layout.id}-${Math.round(node.xMm)}-${Math.round(node.yMm)}`,
          item,
          form,
          material,
          thicknessMm,
          widthMm,
          lengthMm,
          note: '',
        },
      ];
    }),
  );
}
