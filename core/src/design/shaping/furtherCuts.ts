import { angle, choice, length, message, text } from '../../base/message';
import type { Part } from '../fit';
import { boxCut, slotCut } from './boxCuts';
import { cutId, FURTHER, type FurtherCut, type LooseCut, type Shaped } from './cut';
import { endCuts, isFlat } from './endCuts';
import { shapeOf, type Cutter } from './shape';

export interface FurtherOptions {
  readonly job: Cutter;
  /** The piece is a panel glued up from strips. */
  readonly glued?: boolean;
}

/**
 * Every cut a piece takes beyond the two straight ones that cut its blank to length and width, read off its solid:
 * ends that run out of square, bevels, mitres, scribed edges, an outline, housings, rebates, notches, slots and holes.
 * None for a plain rectangle.
 */
export function furtherCuts(shaped: Shaped, { job, glued = false }: FurtherOptions): FurtherCut[] {
  const { part, solid, named } = shaped;
  const { id, label, corner, length: long, width } = part;
  const piece = text(label);
  const shape = shapeOf(part, solid, job);
  const hand = job.tools === 'hand';
  const cuts: LooseCut[] = [
    ...(glued ? [panelCut(piece, { wide: width.mm, long: long.mm })] : []),
    ...endCuts(shaped, shape, hand),
    ...backCut(part),
    ...(corner ? [outlineCut(piece, corner)] : []),
    ...shape.boxes.map((box) => boxCut(box, { piece, shape, hand, named })),
    ...shape.slots.map((slot) => slotCut(slot, piece)),
    ...holeCuts(part, piece),
  ];
  return measured(part, cuts).map((cut) => ({ ...cut, id: `${FURTHER}${id}/${cut.id}`, part: id, label }));
}

type Piece = ReturnType<typeof text>;

/** A glued-up panel is cut to its size before anything else. */
function panelCut(piece: Piece, { wide, long }: { readonly wide: number; readonly long: number }): LooseCut {
  const how = [message('further.panel', { piece, wide: length(wide), long: length(long) })];
  return { id: cutId('panel', wide, long), kind: 'panel', figure: length(long), how };
}

/** A corner shelf is cut to its template. */
function outlineCut(piece: Piece, corner: NonNullable<Part['corner']>): LooseCut {
  const { shape, backMm, sideMm, cutDegrees } = corner;
  const sizes = { piece, back: length(backMm), side: length(sideMm), angle: angle(cutDegrees) };
  return {
    id: cutId(`outline-${shape}`, backMm, sideMm, cutDegrees),
    kind: 'outline',
    figure: length(backMm),
    how: [message(`further.outline.${shape}`, sizes)],
  };
}

/** Holes for cables, by their marks. */
function holeCuts({ holes = [] }: Part, piece: Piece): LooseCut[] {
  return holes.map(({ diameterMm, alongMm, backMm, from }) => {
    const along = { along: length(alongMm), side: choice(from), back: length(backMm) };
    return {
      id: cutId(`hole-${from}`, diameterMm, alongMm, backMm),
      kind: 'hole',
      figure: length(diameterMm),
      how: [message('further.hole', { piece, diameter: length(diameterMm), ...along })],
    };
  });
}

/** A back edge that is scribed to its wall. */
function backCut({ label, fit }: Part): LooseCut[] {
  const leftOn = fit?.back?.allowanceMm ?? 0;
  if (leftOn <= 0) return [];
  const how = [message('further.back', { piece: text(label), by: length(leftOn) })];
  return [{ id: cutId('back', leftOn), kind: 'back', figure: length(leftOn), how }];
}

/** Adds the finished lengths of both edges to the last end cut of a piece between walls. */
function measured(part: Part, cuts: readonly LooseCut[]): LooseCut[] {
  const { edges, label, width, fit } = part;
  const last = cuts.filter(({ kind }) => kind === 'end' || kind === 'back').at(-1);
  if (!last || !edges || !fit) return [...cuts];
  const sizes = {
    piece: text(label),
    back: length(edges.back.mm),
    front: length(edges.front.mm),
    deep: length(width.mm - (fit.back?.allowanceMm ?? 0)),
  };
  const measures = message(isFlat(part) ? 'further.measures.board' : 'further.measures.edge', sizes);
  return cuts.map((cut) => (cut === last ? { ...last, how: [...last.how, measures] } : cut));
}
