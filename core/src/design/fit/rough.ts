import { figure } from '../../base/figure';
import { usualCorner, type Job } from '../../job';
import type { Opening } from '../../place/opening';
import type { PartSpec } from '../system';
import { BARE } from './bare';
import { cornerOutline, type CornerFit } from './corner';
import type { Part } from './part';

/**
 * Pieces about as long as the opening has them, without looking at how crooked it is: enough to compare support systems
 * by, far too little to cut by.
 */
export function roughParts(specs: readonly PartSpec[], opening: Opening, job: Pick<Job, 'corner' | 'units'>): Part[] {
  const { left, right } = opening.extent;
  return specs.map((spec): Part => {
    const { length: rule, joints = [], ...alike } = spec;
    const piece = { ...alike, ...BARE, joints };
    const long = (mm: number) => figure({ label: spec.name, mm });
    switch (rule.kind) {
      case 'given':
        return { ...piece, length: rule.figure };
      case 'along-side':
        return { ...piece, length: rule.figure };
      case 'between-walls': {
        const off = (rule.between ?? []).reduce((sum, one) => sum + one.mm, 0);
        const mm = right - left + off;
        return {
          ...piece,
          across: piece.across ?? { fromMm: left - off / 2, toMm: right + off / 2 },
          length: long(mm),
        };
      }
      case 'corner':
        return roughCorner(piece, spec, opening, job);
    }
  });
}

function roughCorner(
  piece: Omit<Part, 'length'>,
  spec: PartSpec,
  opening: Opening,
  job: Pick<Job, 'corner' | 'units'>,
): Part {
  const wish = job.corner ?? usualCorner(job.units);
  const side = opening.surfaces.includes('left') ? 'left' : 'right';
  const mirror = side === 'left' ? 1 : -1;
  const backMm = spec.width.mm;
  const long = (mm: number) => figure({ label: spec.name, mm });
  if (spec.role === 'rail-back') return { ...piece, length: long(wish.side.mm * 0.8) };
  if (spec.role === 'rail-side') return { ...piece, length: long(wish.side.mm * 0.8) };
  const outline = cornerOutline(wish, backMm, SQUARE).map(([x, y]) => [mirror * x, y] as const);
  const corner: CornerFit = { ...NO_CORNER, shape: wish.shape, side, backMm, sideMm: wish.side.mm, outline };
  return { ...piece, length: long(backMm), corner };
}

const SQUARE = 90;
const RANGE = { mm: 0, fromMm: 0, toMm: 0 };
const NO_CORNER: CornerFit = {
  shape: 'triangle',
  side: 'left',
  degrees: SQUARE,
  sureDegrees: 0,
  cutDegrees: SQUARE,
  backMm: 0,
  sideMm: 0,
  frontMm: null,
  outline: [],
  mitreDegrees: SQUARE / 2,
  tiltDegrees: SQUARE / 2,
  rails: { backMm: 0, sideMm: 0, setBackMm: 0, thicknessMm: 0 },
  worst: RANGE,
  neatOdds: 0,
  off: { back: [], side: [] },
  sameAs: null,
};
