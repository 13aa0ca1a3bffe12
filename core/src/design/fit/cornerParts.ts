import { figure, less, plus, toTape, type Figure } from '../../base/figure';
import { usualCorner } from '../../job';
import { about as roughly, angle, count, message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Tape } from '../../base/quantity';
import type { PartSpec } from '../system';
import { BARE } from './bare';
import { fitCorner, sharedTemplates, type CornerFit } from './corner';
import { HIDDEN_MM } from '../../place/opening/hidden';
import type { Fitted, FitPartsOptions, Part } from './part';

const SAMPLES = 400;

/** Shelves of a corner with their rails: each by the corner's angle at its own height. */
export function cornerParts({ specs, opening, job }: FitPartsOptions): Fitted {
  const wish = job.corner ?? usualCorner(job.units);
  const side = opening.surfaces.includes('left') ? 'left' : 'right';
  const boards = specs.filter((spec) => spec.role === 'board' && spec.length.kind === 'corner');
  // Of a shelf with nothing along the walls no rail is asked for.
  const railOf = (shelf: number) => {
    const rail = specs.find((spec) => spec.role === 'rail-back' && spec.shelf === shelf);
    const setBackMm = rail?.length.kind === 'corner' ? rail.length.setBackMm : undefined;
    return { railMm: rail?.thicknessMm ?? 0, ...(setBackMm === undefined ? {} : { setBackMm }) };
  };
  const fits = boards.map((spec) => ({
    shelf: spec.shelf,
    fit: fitCorner({
      opening,
      side,
      upFrom: spec.place.upFrom,
      upTo: spec.place.upTo,
      wish,
      backMm: spec.width.mm,
      ...railOf(spec.shelf),
      samples: SAMPLES,
    }),
  }));
  const shared = new Map(sharedTemplates(fits).map((fit, i) => [boards[i]?.shelf, fit]));
  const parts = specs.flatMap((spec): Part[] => {
    const fit = shared.get(spec.shelf);
    if (spec.length.kind !== 'corner' || !fit) return [];
    const { length: _rule, ...piece } = spec;
    if (spec.role === 'board' || spec.role === 'skin')
      return [{ ...piece, ...BARE, ...stockOf(fit, job.tape), corner: fit, joints: spec.joints ?? [] }];
    return [
      {
        ...piece,
        ...BARE,
        length: toTape(railLength(spec, fit), job.tape, 'down'),
      },
    ];
  });
  return { parts, problems: boards.flatMap((spec) => gapProblem(spec, shared.get(spec.shelf) as CornerFit)) };
}

/** The rectangle of stock a shelf comes out of: along the back wall, and out from it. */
function stockOf(fit: CornerFit, tape: Tape): { length: Figure; width: Figure } {
  const size = (axis: 0 | 1) => {
    const all = fit.outline.map((point) => point[axis]);
    return Math.max(...all) - Math.min(...all);
  };
  const runs = message('term.cornerRuns', { angle: angle(fit.cutDegrees) });
  const legBack = figure({ label: message('term.legBack'), mm: fit.backMm });
  const legSide = figure({ label: message('term.legSide'), mm: fit.sideMm });
  return {
    length: toTape(plus(legBack, runs, size(0) - fit.backMm), tape, 'up'),
    width: toTape(plus(legSide, runs, size(1) - fit.sideMm), tape, 'up'),
  };
}

function railLength({ role }: PartSpec, { rails }: CornerFit): Figure {
  const mm = role === 'rail-back' ? rails.backMm : rails.sideMm;
  return less(
    figure({ label: message('term.railReach'), mm: mm + rails.setBackMm }),
    message('term.setBack'),
    rails.setBackMm,
  );
}

function gapProblem({ shelf }: PartSpec, fit: CornerFit): Problem[] {
  if (fit.worst.mm <= HIDDEN_MM) return [];
  const params = { shelf: count(shelf), gap: roughly(fit.worst.mm) };
  return [doubtful({ kind: 'shelf', shelf }, message('problem.cornerGap', params))];
}
