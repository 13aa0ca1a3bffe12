import type { Part } from '../../design/fit';
import type { Job } from '../../job';
import { isStick, materialIdFor } from '../../design/load/lots';
import type { Outline } from '../../place/opening';
import { snapToTape } from '../../base/quantity';
import { nestPair } from './nest';

/** What is cut from stock for a part, or for a piece of one: its rough size, with what is left on. Millimetres. */
export interface Blank {
  /** The part's id; with what piece of it, where it is made of several: `S1-board~2`. */
  readonly id: string;
  /** The parts that come from it: two, where they are nested head to tail. */
  readonly parts: readonly string[];
  readonly label: string;
  readonly form: 'flat' | 'stick' | 'rod';
  readonly material: string;
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
  /** Whether its grain may run across. */
  readonly turn: boolean;
  /** For two nested parts, how far along the second stands. */
  readonly shiftMm?: number;
  /**
   * Where it is one of several that make up a part: joined end to end, side by side as strips, or face to face as
   * layers.
   */
  readonly piece?: { readonly number: number; readonly of: number; readonly kind: 'joined' | 'strip' | 'layer' };
}

/** Materials whose face looks alike both ways. */
const NO_GRAIN: ReadonlySet<string> = new Set(['mdf', 'chipboard']);

/** The blanks of a job's parts, each as large as its part with what is left on for fitting; corner shelves in pairs. */
export function blanksOf(
  parts: readonly Part[],
  job: Pick<Job, 'wood' | 'stock' | 'region' | 'further' | 'tape'>,
): Blank[] {
  // Mesh is bought as it is. The board of a hollow shelf is its upper skin.
  const cut = parts.filter((part) => part.role !== 'mesh');
  const corners = cut.filter((part) => part.corner !== null && !isStick(part.role));
  const others = cut.filter((part) => !corners.includes(part));
  return [...others.map((part) => blankOf(part, job)), ...paired(corners, job)];
}

function blankOf(part: Part, job: Pick<Job, 'wood' | 'further'>): Blank {
  const rod = part.role === 'closet-rod';
  const stick = isStick(part.role);
  const material = materialIdFor(part.role, job);
  return {
    id: part.id,
    parts: [part.id],
    label: part.label,
    form: rod ? 'rod' : stick ? 'stick' : 'flat',
    material,
    thicknessMm: part.thicknessMm,
    widthMm: part.width.mm,
    lengthMm: part.length.mm,
    turn: NO_GRAIN.has(material),
  };
}

/** Corner shelves two to a blank, the largest first, where that takes less than one beside the other. */
function paired(parts: readonly Part[], job: Pick<Job, 'wood' | 'stock' | 'region' | 'further' | 'tape'>): Blank[] {
  const order = [...parts].sort((a, b) => b.thicknessMm - a.thicknessMm || b.length.mm - a.length.mm);
  const blanks: Blank[] = [];
  while (order.length > 0) {
    const first = order.shift()!;
    const second = order[0]?.thicknessMm === first.thicknessMm ? order[0] : undefined;
    const alone = sized(first, job);
    if (!second) {
      blanks.push(alone);
      continue;
    }
    const kerfMm = job.stock.kerf.mm;
    const pair = nestPair(first.corner!.outline, second.corner!.outline, kerfMm);
    const other = sized(second, job);
    if (pair.lengthMm >= alone.lengthMm + other.lengthMm + kerfMm) {
      blanks.push(alone);
      continue;
    }
    order.shift();
    const { shiftMm } = pair;
    const [lengthMm, widthMm] = [pair.lengthMm, pair.widthMm].map((mm) => snapToTape(mm, job.tape, 'up')) as [
      number,
      number,
    ];
    blanks.push({
      ...alone,
      id: `${first.id}+${second.id}`,
      parts: [first.id, second.id],
      label: `${first.label} ${second.label}`,
      lengthMm,
      widthMm,
      shiftMm,
    });
  }
  return blanks;
}

/** A corner shelf's blank: the box about its outline. */
function sized(part: Part, job: Pick<Job, 'wood' | 'further' | 'tape'>): Blank {
  const [xs, ys] = [0, 1].map((axis) => part.corner!.outline.map((point) => point[axis as 0 | 1]));
  // A blank is cut to a mark of the tape, never smaller than what comes out of it.
  const up = (mm: number) => snapToTape(mm, job.tape, 'up');
  const span = (all: readonly number[]) => Math.max(...all) - Math.min(...all);
  return { ...blankOf(part, job), lengthMm: up(span(xs!)), widthMm: up(span(ys!)), turn: true };
}

/** Where a long board may be joined end to end, from its left end: over the middle of what carries it. Millimetres. */
export function joinsOver(
  part: Part,
  parts: readonly Part[],
  hardware: readonly { shelf: number; across: { fromMm: number; toMm: number } }[],
  { extent }: Outline,
): number[] {
  const carrying = new Set<Part['role']>(['joist', 'bracket-arm', 'post', 'upright', 'rung', 'divider']);
  const spans = [
    ...parts.flatMap((one) => (carrying.has(one.role) && one.shelf === part.shelf && one.across ? [one.across] : [])),
    ...hardware.flatMap((one) => (one.shelf === part.shelf ? [one.across] : [])),
  ];
  const left = part.across?.fromMm ?? part.fit?.seat.acrossMm ?? extent.left;
  const at = spans.map((span) => (span.fromMm + span.toMm) / 2 - left);
  return [...new Set(at.map((mm) => Math.round(mm)))]
    .filter((mm) => mm > 0 && mm < part.length.mm)
    .sort((a, b) => a - b);
}

/**
 * A blank in pieces joined end to end, none longer than can be had, each joint over a support where there is one.
 * @param over where it may be joined, from its left end
 * @returns the pieces, and whether every joint lies over a support
 */
export function joinedFrom(
  blank: Blank,
  longestMm: number,
  over: readonly number[],
): { blanks: Blank[]; atMm: number[]; supported: boolean } {
  const least = Math.ceil(blank.lengthMm / longestMm - 1e-9);
  const atMm: number[] = [];
  let from = 0;
  while (blank.lengthMm - from > longestMm + 1e-6) {
    const reach = over.filter((mm) => mm > from + 1 && mm - from <= longestMm + 1e-6);
    // The last that still reaches; with none, in even pieces.
    const next = reach.at(-1);
    if (next === undefined) break;
    atMm.push(next);
    from = next;
  }
  const supported = blank.lengthMm - from <= longestMm + 1e-6;
  const cuts = supported
    ? atMm
    : Array.from({ length: least - 1 }, (_, i) => Math.round((blank.lengthMm * (i + 1)) / least));
  const ends = [...cuts, blank.lengthMm];
  return {
    atMm: cuts,
    supported,
    blanks: ends.map((end, i) => ({
      ...blank,
      id: `${blank.id}~${i + 1}`,
      label: `${blank.label}-${i + 1}`,
      lengthMm: end - (cuts[i - 1] ?? 0),
      piece: { number: i + 1, of: ends.length, kind: 'joined' as const },
    })),
  };
}

/** What jointing takes off each edge of a strip, and what a glued panel is cut to at last. Millimetres. */
export const JOINTING = { edgeMm: 2, panelMm: 4, endMm: 15 } as const;

export interface GlueUp {
  readonly part: string;
  readonly label: string;
  readonly strips: number;
  /** What each is ripped to, before its edges are planed. */
  readonly stripMm: number;
  readonly fromSection: string;
}

/**
 * How many strips of a board make a panel: each loses so much on both edges to be jointed, the panel is cut to width
 * at last. Grain of each turned against its neighbour's.
 */
export function stripsFor(widthMm: number, boardMm: number): { count: number; stripMm: number } {
  const { edgeMm, panelMm } = JOINTING;
  const count = Math.ceil((widthMm + panelMm) / (boardMm - 2 * edgeMm) - 1e-9);
  return { count, stripMm: (widthMm + panelMm) / count + 2 * edgeMm };
}

/** A blank as the strips it is glued up from. */
export function stripsOf(blank: Blank, boardMm: number): Blank[] {
  const { count, stripMm } = stripsFor(blank.widthMm, boardMm);
  return Array.from({ length: count }, (_, i) => ({
    ...blank,
    id: `${blank.id}~${i + 1}`,
    label: `${blank.label}-${i + 1}`,
    widthMm: stripMm,
    lengthMm: blank.lengthMm + 2 * JOINTING.endMm,
    piece: { number: i + 1, of: count, kind: 'strip' as const },
  }));
}

/** A blank as layers glued face to face. */
export function layersOf(blank: Blank, count: number, thicknessMm: number): Blank[] {
  return Array.from({ length: count }, (_, i) => ({
    ...blank,
    id: `${blank.id}~${i + 1}`,
    label: `${blank.label}-${i + 1}`,
    thicknessMm,
    piece: { number: i + 1, of: count, kind: 'layer' as const },
  }));
}
