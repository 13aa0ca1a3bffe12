import { figure, less, plus } from '../../base/figure';
import { message } from '../../base/message';
import { bottomTop, shelfDepth, type BackedAsked, type Carcase, type CaseInput } from './carcase';
import { skirtingBehind } from './caseSkirting';
import type { Fastening, Joint, PartSpec } from './system';

interface BackPanel {
  readonly carcase: Carcase;
  readonly thicknessMm: number;
  /** How far it reaches over, or into, either side, counted from the side's inner face. Millimetres. */
  readonly overMm: number;
  readonly upFromMm: number;
  /** Boards whose rear edges it is pinned to: their ids, the middle of their thickness, and how deep they are. */
  readonly boards: readonly { readonly id: string; readonly upMm: number; readonly deepMm: number }[];
}

/**
 * The panel that closes a case behind: it lies in a rebate of both sides, or over them, and holds the whole case
 * square. It is pinned to both sides and to every board.
 */
function backPanel({ carcase, thicknessMm, overMm, upFromMm, boards }: BackPanel): {
  readonly part: PartSpec;
  readonly fastenings: readonly Fastening[];
} {
  const wide = less(
    plus(carcase.inside, message('term.intoRebates'), 2 * overMm),
    message('term.panelPlay'),
    PANEL_PLAY_MM,
  );
  const high = less(
    less(figure({ label: message('term.caseTop'), mm: carcase.topMm }), message('term.undersideOf'), upFromMm),
    message('term.panelPlay'),
    PANEL_PLAY_MM,
  );
  const part: PartSpec = {
    shelf: 0,
    id: 'back-panel',
    role: 'back-panel',
    name: message('part.backPanel'),
    label: 'CP',
    thicknessMm,
    width: wide,
    place: { upFrom: upFromMm, upTo: carcase.topMm, outFrom: 0, outTo: thicknessMm },
    across: carcase.across,
    upright: true,
    length: { kind: 'given', figure: high, rounded: 'down' },
  };
  const deepest = carcase.depthMm - thicknessMm;
  const pinned = (id: string, spread: Fastening['spread'], haveMm = deepest): Fastening => ({
    id: `back-panel/${id}`,
    shelf: 0,
    through: { kind: 'piece', id: part.id },
    into: { kind: 'piece', id, grain: 'edge', haveMm },
    with: 'pin',
    passMm: thicknessMm,
    spread,
    carries: null,
    leverMm: 0,
  });
  const edge = (overMm - PANEL_PLAY_MM / 2) / 2;
  // Into the sides only between two boards, which reach into them.
  const ups = boards.map(({ upMm }) => upMm);
  const alongs = ups.slice(1).flatMap((to, i) => {
    const from = ups[i] as number;
    const many = Math.max(1, Math.round((to - from) / PIN_EVERY_MM));
    return Array.from({ length: many }, (_, k) => from + ((k + 0.5) * (to - from)) / many - upFromMm);
  });
  // Where it reaches too little over a side, its boards hold it alone.
  const reached = edge < LEAST_EDGE_MM ? [] : (['left', 'right'] as const);
  const sides = reached.map((side) =>
    pinned(`case-${side}`, {
      kind: 'given',
      at: alongs.map((alongMm) => ({ alongMm, acrossMm: side === 'left' ? edge : wide.mm - edge })),
    }),
  );
  const count = Math.max(2, Math.ceil(carcase.inside.mm / PIN_EVERY_MM));
  const acrosses = Array.from({ length: count }, (_, i) => overMm + ((i + 0.5) * carcase.inside.mm) / count);
  const shelves = boards.map(({ id, upMm, deepMm }) =>
    pinned(id, { kind: 'given', at: acrosses.map((acrossMm) => ({ alongMm: upMm - upFromMm, acrossMm })) }, deepMm),
  );
  return { part, fastenings: [...sides, ...shelves] };
}
/** Less than this is nothing: what is left of sums. Millimetres. */
const NO_MATTER_MM = 0.05;
const PANEL_PLAY_MM = 2;
/** A pin keeps so far from the edge of a panel, millimetres. */
const LEAST_EDGE_MM = 2;
const PIN_EVERY_MM = 150;

/**
 * The back panel of a case with its pins, where one is asked for.
 * @param overMm how far it reaches over, or into, either side
 * @param pinned whether a shelf is pinned to it, by its number
 */
export function panelOf(
  carcase: Carcase,
  input: CaseInput & { readonly asked: BackedAsked & { readonly plinth?: Mm; readonly filler?: Mm } },
  overMm: number,
  pinned: (shelf: number) => boolean = () => true,
): ReturnType<typeof backPanel>[] {
  const { asked, box, shelves, wish, space } = input;
  if (!asked.back || box) return [];
  const thick = wish.thickness.mm;
  const bottom = bottomTop(carcase, (asked.plinth ?? asked.filler ?? NO_PLINTH).mm, thick, space.fromMm);
  // Clear of the skirting the sides are notched over.
  const upFromMm = Math.max(bottom - thick, skirtingBehind(carcase, input).upToMm);
  const deepMm = carcase.depthMm - asked.backThickness.mm;
  const boards = [
    { id: 'case-bottom', upMm: bottom - thick / 2, deepMm },
    ...shelves
      .filter(({ number }) => pinned(number))
      .map(({ number, underside }) => ({
        id: `S${number}-board`,
        upMm: underside.mm + thick / 2,
        deepMm: shelfDepth(input, number).mm,
      })),
    { id: 'case-top', upMm: carcase.topMm - thick / 2, deepMm },
  ];
  // A board that lies lower than the skirting ends in front of it, and of the panel.
  const reached = boards.filter(({ upMm }) => upMm - thick / 2 > upFromMm - NO_MATTER_MM);
  return [backPanel({ carcase, thicknessMm: asked.backThickness.mm, overMm, upFromMm, boards: reached })];
}

interface Mm {
  readonly mm: number;
}
const NO_PLINTH: Mm = { mm: 0 };

/** The rebate a back panel lies in, along the rear edge of both sides: none where there is no panel. */
export const backRebate = (
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
  deepMm: number,
): readonly Joint[] => (back ? [{ kind: 'rebated', deepMm, wideMm: backThickness.mm }] : []);

/** A board of a case moved out by the panel behind it. */
export function beforeBack(
  one: PartSpec,
  { back, backThickness }: Pick<BackedAsked, 'back' | 'backThickness'>,
): PartSpec {
  const behind = back ? backThickness.mm : 0;
  return { ...one, place: { ...one.place, outFrom: behind, outTo: behind + one.width.mm } };
}
