import { figure, less, plus, type Figure } from '../../base/figure';
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

type TrimInput = Pick<SystemInput<'housed-case'>, 'opening' | 'wish' | 'box'> & { readonly asked: TrimAsked };

type CaseTrim = Pick<SystemResult, 'parts' | 'fastenings' | 'problems'>;

/**
 * Trim about the face of a case: two uprights that stand square on the floor and a head, mitred where they meet. It
 * stands back from the case's inner edges by the reveal and hides the gap to the walls. To the long point the head is
 * the inside, twice the reveal and twice the trim's width; an upright reaches as far above the inside. A cavity's box
 * has its own trim.
 */
export function caseTrim(carcase: Carcase, { asked, opening, wish, box }: TrimInput): CaseTrim {
  if (!asked.trim || box) return { parts: [], fastenings: [], problems: [] };
  const [width, reveal, thick] = [asked.trimWidth.mm, asked.trimReveal.mm, asked.trimThickness.mm];
  const out = reveal + width;
  const { footMm, depthMm } = carcase;
  const innerTop = carcase.topMm - wish.thickness.mm;
  const inside: Across = {
    fromMm: carcase.across.fromMm + asked.sideThickness.mm,
    toMm: carcase.across.toMm - asked.sideThickness.mm,
  };
  const outer: Across = { fromMm: inside.fromMm - out, toMm: inside.toMm + out };
  const wide = figure({ label: message('term.trimWidth'), mm: width });
  const pointed = (from: Figure, times: 1 | 2) =>
    plus(
      plus(from, message(times === 2 ? 'term.reveals' : 'term.reveal'), times * reveal),
      message(times === 2 ? 'term.trimWidths' : 'term.oneTrimWidth'),
      times * width,
    );
  const shared = { shelf: 0, role: 'trim', thicknessMm: thick, width: wide } as const;
  const front = { outFrom: depthMm, outTo: depthMm + thick };
  const high = less(figure({ label: message('term.caseInsideTop'), mm: innerTop }), message('term.floorThere'), footMm);
  const upright = (side: 'left' | 'right'): PartSpec => ({
    ...shared,
    id: `case-trim-${side}`,
    name: message(`part.trim.${side}`),
    label: side === 'left' ? 'XL' : 'XR',
    place: { ...front, upFrom: footMm, upTo: innerTop + out },
    across:
      side === 'left'
        ? { fromMm: outer.fromMm, toMm: outer.fromMm + width }
        : { fromMm: outer.toMm - width, toMm: outer.toMm },
    upright: true,
    length: { kind: 'given', figure: pointed(high, 1), rounded: 'up' },
    joint: { kind: 'mitred-one' },
  });
  const head: PartSpec = {
    ...shared,
    id: 'case-trim-head',
    name: message('part.trim.head'),
    label: 'XT',
    place: { ...front, upFrom: innerTop + reveal, upTo: innerTop + out },
    across: outer,
    length: { kind: 'given', figure: pointed(carcase.inside, 2), rounded: 'up' },
    joint: { kind: 'mitred' },
  };
  const pinned = (trim: PartSpec, into: string): Fastening => ({
    id: `${trim.id}/${into}`,
    shelf: 0,
    through: { kind: 'piece', id: trim.id },
    into: { kind: 'piece', id: into, grain: 'edge', haveMm: depthMm },
    with: 'pin',
    passMm: thick,
    spread: { kind: 'along', acrossMm: [Math.min(asked.sideThickness.mm / 2, width / 2)], everyMm: 300, least: 2 },
    carries: null,
    leverMm: 0,
  });
  const [left, right] = [upright('left'), upright('right')];
  return {
    parts: [left, right, head],
    fastenings: [pinned(left, 'case-left'), pinned(right, 'case-right'), pinned(head, 'case-top')],
    problems: problemsOf({ outer, headMm: innerTop + out, carcase }, opening),
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
