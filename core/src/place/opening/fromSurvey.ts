import { figure, type Figure } from '../../base/figure';
import type { Instrument } from '../../job';
import { message, type Message } from '../../base/message';
import { acrossAt, outAt } from '../kinds';
import { usualSd, type Spot } from '../reading';
import { at, minus, statementsAt, type Functional, type Statement, type Survey } from '../survey';
import type { Clear, Opening, SurfacePoint } from './opening';

/** What is known no better than this is not known, millimetres. */
const UNKNOWN_SD_MM = 40;

/** The opening as the survey has it. */
export function openingOf(survey: Survey): Opening {
  const { extent, solved, surfaces } = survey;
  const { left, right, depth, height, measured } = extent;
  const jointly: Opening['jointly'] = (points) => {
    const { mean, covariance } = solved.jointly(points.map(functionalOf));
    return { meanMm: mean, covarianceMm2: covariance };
  };
  return {
    nominal: { widthMm: right - left, depthMm: depth, heightMm: height, measured },
    extent,
    surfaces,
    position: (point) => {
      const { mean, sd } = solved.ask(functionalOf(point));
      return { mm: mean, sdMm: sd };
    },
    likely: (point) => solved.mean(functionalOf(point)),
    jointly,
    between: (from, to, label) => surveyed(survey, minus(functionalOf(to), functionalOf(from)), label),
    ahead: (spot, instrument) => ahead(survey, spot, instrument),
    clearDepth: () => {
      if (!surfaces.includes('front') || !surfaces.includes('back')) return null;
      return clearBetween(survey, depthLines(survey), {
        least: message('term.shallowest'),
        most: message('term.deepest'),
      });
    },
    clearHeight: () => {
      if (!surfaces.includes('ceiling')) return null;
      return clearBetween(survey, ceilingPoints(survey), {
        least: message('term.lowestCeiling'),
        most: message('term.highestCeiling'),
      });
    },
  };
}

/** Covariances less what one more reading takes off them (a rank-one update); positions are what they are. */
function ahead(survey: Survey, spot: Spot, instrument: Instrument): ReturnType<Opening['ahead']> {
  const { extent, solved, surfaces, setting, errors } = survey;
  const factor = errors.find((error) => error.instrument === instrument)?.factor ?? 1;
  const { statements } = statementsAt(spot, 'ahead', setting);
  const terms = solved
    .linearise(statements.at(-1) as Statement)
    .terms.filter((term) => !term.surface.startsWith('aux:'));
  const reading = solved.prepare(terms);
  const variance = solved.between(reading, reading) + (usualSd(spot.kind, instrument) * factor) ** 2;
  return {
    extent,
    surfaces,
    jointly: (points) => {
      const all = points.map(functionalOf);
      const { mean, covariance } = solved.jointly(all);
      const shared = all.map((one) => solved.between(solved.prepare(one), reading));
      const covarianceMm2 = covariance.map((row, i) =>
        row.map((one, j) => one - ((shared[i] as number) * (shared[j] as number)) / variance),
      );
      return { meanMm: mean, covarianceMm2 };
    },
  };
}

/** A point of the opening in the survey's terms. */
export function functionalOf(point: SurfacePoint): Functional {
  if ('out' in point && 'up' in point) return at(point.surface, point.out, point.up);
  if ('up' in point) return at(point.surface, point.across, point.up);
  return at(point.surface, point.across, point.out);
}

/** Survey figures are told to this mark; they are not known better. Millimetres. */
const TOLD_TO_MM = 0.1;

/** A figure out of the survey, with the readings that weigh in it. */
export function surveyed(survey: Survey, terms: Functional, label: Message): Figure {
  const mm = Math.round(survey.solved.mean(terms) / TOLD_TO_MM) * TOLD_TO_MM;
  const readings = [...survey.solved.weights(terms)]
    .filter(([, weight]) => Math.abs(weight) > 0.08)
    .sort((a, b) => Math.abs(b[1]) - Math.abs(a[1]))
    .slice(0, 6)
    .map(([id]) => id);
  return figure({ label, mm: Number(mm.toFixed(1)), readings });
}

interface Labels {
  readonly least: Message;
  readonly most: Message;
}

function clearBetween(survey: Survey, lines: readonly Functional[], labels: Labels): Clear | null {
  const { solved } = survey;
  const means = lines.map((line) => solved.mean(line));
  const least = lines[means.indexOf(Math.min(...means))] as Functional;
  const most = lines[means.indexOf(Math.max(...means))] as Functional;
  const { sd } = solved.ask(least);
  if (sd > UNKNOWN_SD_MM) return null;
  return {
    narrowest: surveyed(survey, least, labels.least),
    widest: surveyed(survey, most, labels.most),
    sdMm: sd,
  };
}

function depthLines({ extent }: Survey): Functional[] {
  return (['left', 'middle', 'right'] as const).flatMap((side) => {
    const x = acrossAt(side, extent);
    return [0.2, 0.5, 0.8].map((share) => {
      const z = share * extent.height;
      return minus(at('front', x, z), at('back', x, z));
    });
  });
}

function ceilingPoints({ extent }: Survey): Functional[] {
  return (['left', 'middle', 'right'] as const).flatMap((side) =>
    (['back', 'front'] as const).map((out) => at('ceiling', acrossAt(side, extent), outAt(out, extent))),
  );
}
