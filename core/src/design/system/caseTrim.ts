import { figure, less, plus, toTape, type Figure } from '../../base/figure';
import { length, message } from '../../base/message';
import type { Opening } from '../../place/opening';
import { HIDDEN_MM } from '../../place/opening/hidden';
import { doubtful, type Problem } from '../../base/problem';
import type { Carcase } from './carcase';
import type { Across, Fastening, PartSpec, SystemInput, SystemResult } from './system';

/** What a case asks of the trim about its face. */
interface TrimAsked {
  readonly sideThickness: { readonly mm: number };
  readonly trim: boolean;
  readonly trimWidth: { readonly mm: number };
  readonly trimThickness: { readonly mm: number };
  readonly trimReveal: { readonly mm: number };
}

type TrimInput = Pick<SystemInput<'housed-case'>, 'opening' | 'wish' | 'box' | 'job'> & { readonly asked: TrimAsked };

type CaseTrim = Pick<SystemResult, 'parts' | 'fastenings' | 'problems'>;

/**
 * Trim about the face of a case: two uprights that stand square on the floor and a head, mitred where they meet. It
 * stands back from the case's inner edges by the reveal and hides the gap to the walls. To the long point the head is
 * the inside, twice the reveal and twice the trim's width; an upright reaches as far above the inside. A cavity's box
 * has its own trim.
 */
export function caseTrim(carcase: Carcase, { asked, opening, wish, box, job: { tape } }: TrimInput): CaseTrim {
  if (!asked.trim || box) return { parts: [], fastenings: [], problems: [] };
  const [width, reveal, thick] = [asked.trimWidth.mm, asked.trimReveal.mm, asked.trimThickness.mm];
  const { footMm, depthMm } = carcase;
  const side = asked.sideThickness.mm;
  const innerTop = carcase.topMm - wish.thickness.mm;
  const inside: Across = { fromMm: carcase.across.fromMm + side, toMm: carcase.across.toMm - side };
  const pointed = (from: Figure, times: 1 | 2) =>
    plus(
      plus(from, message(times === 2 ? 'term.reveals' : 'term.reveal'), times * reveal),
      message(times === 2 ? 'term.trimWidths' : 'term.oneTrimWidth'),
      times * width,
    );
  const high = less(figure({ label: message('term.caseInsideTop'), mm: innerTop }), message('term.floorThere'), footMm);
  const [uprightLong, headLong] = [pointed(high, 1), pointed(carcase.inside, 2)];
  // As it is cut: what the tape rounds up to goes into the reveal.
  const headMm = footMm + toTape(uprightLong, tape, 'up').mm;
  const half = toTape(headLong, tape, 'up').mm / 2;
  const middle = (inside.fromMm + inside.toMm) / 2;
  const outer: Across = { fromMm: middle - half, toMm: middle + half };
  const wide = figure({ label: message('term.trimWidth'), mm: width });
  const shared = { shelf: 0, role: 'trim', unit: 'case', thicknessMm: thick, width: wide } as const;
  const front = { outFrom: depthMm, outTo: depthMm + thick };
  const upright = (at: 'left' | 'right'): PartSpec => ({
    ...shared,
    id: `case-trim-${at}`,
    name: message(`part.trim.${at}`),
    label: at === 'left' ? 'XL' : 'XR',
    place: { ...front, upFrom: footMm, upTo: headMm },
    across:
      at === 'left'
        ? { fromMm: outer.fromMm, toMm: outer.fromMm + width }
        : { fromMm: outer.toMm - width, toMm: outer.toMm },
    upright: true,
    length: { kind: 'given', figure: uprightLong, rounded: 'up' },
    joints: [{ kind: 'mitred-one', longEdge: at === 'left' ? 'lower' : 'upper' }],
  });
  const head: PartSpec = {
    ...shared,
    id: 'case-trim-head',
    name: message('part.trim.head'),
    label: 'XT',
    place: { ...front, upFrom: headMm - width, upTo: headMm },
    across: outer,
    length: { kind: 'given', figure: headLong, rounded: 'up' },
    joints: [{ kind: 'mitred', longEdge: 'upper' }],
  };
  // Over the middle of what it covers of the board behind it; where that shows whole, over its own.
  const over = (fromMm: number, toMm: number, trimFromMm: number) => {
    const [least, most] = [Math.max(fromMm, trimFromMm), Math.min(toMm, trimFromMm + width)];
    return most > least ? (least + most) / 2 - trimFromMm : width / 2;
  };
  const pinned = (trim: PartSpec, into: string, acrossMm: number): Fastening => ({
    id: `${trim.id}/${into}`,
    shelf: 0,
    through: { kind: 'piece', id: trim.id },
    into: { kind: 'piece', id: into, grain: 'edge', haveMm: depthMm },
    with: 'pin',
    passMm: thick,
    spread: { kind: 'along', acrossMm: [acrossMm], everyMm: 300, least: 2 },
    carries: null,
    leverMm: 0,
  });
  const [left, right] = [upright('left'), upright('right')];
  return {
    parts: [left, right, head],
    fastenings: [
      pinned(left, 'case-left', over(inside.fromMm - side, inside.fromMm, outer.fromMm)),
      pinned(right, 'case-right', over(inside.toMm, inside.toMm + side, outer.toMm - width)),
      pinned(head, 'case-top', over(innerTop, carcase.topMm, headMm - width)),
    ],
    problems: problemsOf({ outer, headMm, carcase }, opening),
  };
}

interface Seat {
  readonly outer: Across;
  readonly headMm: number;
  readonly carcase: Carcase;
}

/**
 * Trim that runs into a wall or the ceiling, or leaves part of the gap beside the case open, at the worst of its
 * height.
 */
function problemsOf({ outer, headMm, carcase: { depthMm, footMm, topMm, across } }: Seat, opening: Opening): Problem[] {
  const about = { kind: 'support' } as const;
  const problems: Problem[] = [];
  const ceiling = opening.clearHeight()?.narrowest.mm ?? null;
  if (ceiling !== null && headMm > ceiling)
    problems.push(doubtful(about, message('problem.trimCeiling', { over: length(headMm - ceiling) })));
  let [over, open] = [0, 0];
  for (const side of ['left', 'right'] as const) {
    if (!opening.surfaces.includes(side)) continue;
    for (const up of [footMm, (footMm + topMm) / 2, topMm]) {
      const wall = opening.position({ surface: side, out: depthMm, up }).mm;
      const beyond = side === 'left' ? wall - outer.fromMm : outer.toMm - wall;
      const beside = side === 'left' ? across.fromMm - wall : wall - across.toMm;
      over = Math.max(over, beyond);
      open = Math.max(open, Math.min(-beyond, beside));
    }
  }
  if (over > TOLERATED_MM) problems.push(doubtful(about, message('problem.trimOver', { over: length(over) })));
  else if (open > HIDDEN_MM) problems.push(doubtful(about, message('problem.trimOpen', { open: length(open) })));
  return problems;
}

// What is planed off trim without a word, millimetres.
const TOLERATED_MM = 0.5;
