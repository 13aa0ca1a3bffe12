import { areaInside, type Candidate, type SheetWork } from './candidates';
import { fillSheet, type Manner } from './fill';
import { flattened, restsOf, settingsOf, type CutNode } from './layout';

/** Number of ways to try. */
const TURNS = 24;
/** Settings a full-size rest is worth (assumed). */
const REST_WORTH = 3;

/**
 * The same panels on the same sheet with the fewest settings, and the largest rest, that a few tries come upon.
 * @param counts how many of each panel lie on the sheet
 */
export function neatest(work: SheetWork, sheet: Candidate, counts: readonly number[]): CutNode {
  const { inside, areas, filling, random } = work;
  const size = inside[sheet.kind]!;
  const same = counts.every((count, i) => count === sheet.counts[i]);
  const score = (node: CutNode) =>
    settingsOf(node) - (Math.max(0, ...restsOf(node).map(areaInside)) / areaInside(size)) * REST_WORTH;
  let chosen = same ? sheet.layout : null;
  for (let turn = 0; turn < TURNS; turn += 1) {
    const after = [...counts];
    const manner: Manner = {
      worth: areas,
      by: turn % 2 ? 'panels' : 'strips',
      split: (['rip', 'cross', 'larger', 'longer'] as const)[(turn >> 1) % 4]!,
      random,
    };
    const node = flattened(fillSheet(filling, size, after, manner));
    if (after.every((count) => count === 0) && (!chosen || score(node) < score(chosen))) chosen = node;
  }
  // What is over of the layout that was chosen becomes a rest.
  return chosen ?? without(work, sheet.layout, counts);
}

/** Turns surplus panels of a layout into rests. */
function without({ wanted }: SheetWork, node: CutNode, counts: readonly number[]): CutNode {
  const stay = [...counts];
  const walk = (piece: CutNode): CutNode => {
    if (piece.kind === 'cut') return { ...piece, pieces: piece.pieces.map(walk) };
    if (piece.kind !== 'part') return piece;
    const i = wanted.findIndex((panel) => panel.id === piece.part);
    stay[i]! -= 1;
    const { xMm, yMm, lengthMm, widthMm } = piece;
    return stay[i]! >= 0 ? piece : { xMm, yMm, lengthMm, widthMm, kind: 'rest' };
  };
  return walk(node);
}
