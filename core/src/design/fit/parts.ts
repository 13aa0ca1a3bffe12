import { figure, less, plus, toTape } from '../../base/figure';
import { perOwner } from '../../base/memory';
import { END_STYLES, trialsOf, type Job } from '../../job';
import { about as roughly, choice, count, length, message, text } from '../../base/message';
import type { Opening, SurfacePoint } from '../../place/opening';
import { doubtful, stop, type Problem } from '../../base/problem';
import type { Tape } from '../../base/quantity';
import type { Beside, PartSpec } from '../system';
import { BARE } from './bare';
import { besideCleat } from './besideCleat';
import { fitBetween, inFull } from './between';
import { gapPlace } from './choose';
import { cornerParts } from './cornerParts';
import type { Fitted, FitPartsOptions, Part } from './part';
import { HIDDEN_MM } from '../../place/opening/hidden';
import { drawnIn } from './drawnIn';
import { fitPiece, outcomeOf, wishFor, type PieceFit, type StyleOutcome } from './piece';
import { PIECE_WALLS, pocketIn, pocketOf, type Pocket } from './pocket';
import { withoutImpossible } from './sizes';
import { triedOf } from './tried';

const fits = perOwner<Pocket, PieceFit | null>(8);
/** Fits a piece into its pocket, once per pocket and wish. */
const fitOnce = (pocket: Pocket, wish: Parameters<typeof fitPiece>[1]) =>
  fits(pocket, wish, () => fitPiece(pocket, wish));
/** What is known no better than this is not known, millimetres. */
const UNKNOWN_SD_MM = 40;

/**
 * Gives every piece its shape: a given figure as it stands, down to the tape; between walls by the opening at its own
 * height and depth, with the clearance the wanted odds ask for.
 */
export function fitParts({ specs, opening, job }: FitPartsOptions): Fitted {
  const problems: Problem[] = [...depthProblems(job.shelves, opening)];
  const crossed = new Set<number>();
  const parts = specs.flatMap((spec): Part[] => {
    const { length: rule, joints = [], ...alike } = spec;
    const piece = { ...alike, ...BARE, joints };
    if (rule.kind === 'given') return [{ ...piece, length: toTape(rule.figure, job.tape, rule.rounded) }];
    if (rule.kind === 'along-side') {
      const { length, joint } = besideCleat(rule, spec.thicknessMm, opening, job.tape);
      return [{ ...piece, length, joints: joint ? [joint] : [] }];
    }
    if (rule.kind === 'corner') return [];
    const kind = spec.role === 'board' ? 'board' : 'other';
    const pocket = pocketIn(opening, rule.band, { stance: rule.stance, ...PIECE_WALLS[kind] });
    if (Math.max(...pocket.sd.left, ...pocket.sd.right) > UNKNOWN_SD_MM) return [];
    const wish = wishOf(rule, wishFor(job.fit, spec.shelf, job.tape));
    const leastMm = Math.max(wish.leastMm, rule.least?.mm ?? 0);
    // What hides or carries a board follows its habit, not its own end style.
    const own =
      kind === 'board'
        ? wish
        : { ...wish, habit: wish.habit === 'scribed' ? ('snug' as const) : wish.habit, ends: null };
    const whole = fitOnce(pocket, { ...own, leastMm, sideBySide: false });
    const fit = whole && drawnIn(whole, betweenMm(rule), betweenMm(rule, 'left'));
    if (!fit) {
      // Said once of a shelf, whichever of its pieces comes first.
      if (!crossed.has(spec.shelf)) problems.push(nothingLeft(spec, pocket, whole !== null));
      crossed.add(spec.shelf);
      return [];
    }
    const tried =
      kind === 'board' ? triedOf(pocket, trialsOf(job.trials, spec.shelf, spec.place.upTo), job.tape) : null;
    if (kind === 'board' && !tried) problems.push(...boardProblems(spec, fit, pocket));
    const width = plus(piece.width, message('term.leftOnBack'), fit.back?.allowanceMm ?? 0);
    const lengths = lengthsOf(spec, fit, opening, job.tape);
    return [{ ...piece, width, ...lengths, fit: asLongAs(lengths, fit), tried }];
  });
  const corners = cornerParts({ specs, opening, job });
  parts.push(...corners.parts);
  problems.push(...corners.problems);
  if (specs.some((spec) => spec.length.kind === 'between-walls') && !opening.nominal.measured.width) {
    problems.push(stop({ kind: 'place' }, message('problem.noWidth')));
  }
  // Nothing is cut for a shelf of which a piece cannot be, or whose board is not known.
  const boardless = specs.flatMap((spec) =>
    spec.role === 'board' && !parts.some((part) => part.id === spec.id) ? [spec.shelf] : [],
  );
  const none = new Set([...crossed, ...boardless]);
  const possible = withoutImpossible(
    parts.filter((part) => !none.has(part.shelf)),
    opening,
  );
  return { parts: possible.parts, problems: [...problems, ...possible.problems] };
}

/** What is wished of a board, by what it goes into: play would let it fall out of its grooves. */
function wishOf<Wish extends ReturnType<typeof wishFor>>(
  { between = [] }: Extract<PartSpec['length'], { kind: 'between-walls' }>,
  wish: Wish,
): Wish {
  const grooved = between.some(({ mm }) => mm > 0);
  return grooved && wish.habit === 'loose' ? { ...wish, habit: 'snug', leastMm: 0 } : wish;
}

// More walls than a plan draws: odds are told to about half a percent.
const SIDE_BY_SIDE = 2000;

/** A board in every end style, from many drawn walls; yields how much of the work is done. */
export function* stylesSideBySide({
  spec,
  opening,
  job,
}: Omit<FitPartsOptions, 'specs'> & { readonly spec: PartSpec }): Generator<number, readonly StyleOutcome[] | null> {
  const { length: rule } = spec;
  if (rule.kind !== 'between-walls') return null;
  yield 0;
  const pocket = pocketOf(opening, rule.band, { stance: rule.stance, ...PIECE_WALLS.board, samples: SIDE_BY_SIDE });
  const wish = wishFor(job.fit, spec.shelf, job.tape);
  const outcomes: StyleOutcome[] = [];
  for (const style of END_STYLES) {
    yield (1 + outcomes.length) / (1 + END_STYLES.length);
    const one = fitBetween(pocket, style, wish);
    if (one) outcomes.push(outcomeOf(inFull(pocket, one)));
  }
  return outcomes;
}

/**
 * What the pieces a board stands between take off its length, and the housings it goes into put on, at both its ends
 * or at its left one. Millimetres.
 */
function betweenMm(rule: PartSpec['length'], end?: 'left'): number {
  if (rule.kind !== 'between-walls') return 0;
  const share = ({ side }: Beside) => (!end || side === end ? 1 : side ? 0 : 0.5);
  return (rule.between ?? []).reduce((sum, one) => sum + share(one) * one.mm, 0);
}

/** Draws a piece between two other pieces in to its length, which is rounded to a mark of the tape. */
function asLongAs({ edges }: Pick<Part, 'edges'>, fit: PieceFit): PieceFit {
  return (edges && drawnIn(fit, edges.back.mm - fit.backMm)) ?? fit;
}

/** Lengths as the sums of what they came about by. */
function lengthsOf(
  { length: rule }: PartSpec,
  fit: PieceFit,
  opening: Opening,
  tape: Tape,
): Pick<Part, 'length' | 'edges'> {
  if (rule.kind !== 'between-walls') return { length: figure(), edges: null };
  const { band, stance, least, between = [] } = rule;
  const up = stance === 'flat' ? band.upTo : band.upFrom;
  const wall = (surface: 'left' | 'right'): SurfacePoint => ({ surface, out: Math.max(band.outFrom, 0), up });
  const apart = opening.between(wall('left'), wall('right'), message('term.betweenWalls'));
  const clearMm = fit.backMm - betweenMm(rule) + fit.clearanceMm + fit.roundedMm;
  let told = plus(apart, message('term.standingOut'), clearMm - apart.mm);
  const asked = fit.playMm > 0;
  const label = asked
    ? (least?.label ?? message('term.play'))
    : message('term.clearanceOdds', { odds: text(`${fit.wantedOdds}`) });
  told = between.reduce((sum, one) => plus(sum, one.label, one.mm), less(told, label, fit.clearanceMm));
  told = toTape(told, tape, 'down');
  const back = told;
  let front = told;
  for (const side of ['left', 'right'] as const) {
    const { outMm, allowanceMm } = fit[side];
    const runs = message('term.endRunsOut', { side: choice(side) });
    front = plus(front, outMm < 0 ? message('term.endRunsIn', { side: choice(side) }) : runs, outMm);
    told = plus(told, runs, Math.max(outMm, 0));
    told = plus(told, message('term.leftOn', { side: choice(side) }), allowanceMm);
  }
  return { length: told, edges: { back, front } };
}

/** Nothing is left of a piece: its walls meet, or what stands beside it takes the length they would leave it. */
function nothingLeft({ shelf, length: rule }: PartSpec, { mean }: Pocket, wallsLeaveSome: boolean): Problem {
  const apart = mean.right.map((row, l) => Math.min(...row) - Math.max(...(mean.left[l] as Float64Array)));
  const width = Math.max(Math.min(...apart), 0);
  const said = { shelf: count(shelf), width: roughly(width) };
  const why = wallsLeaveSome
    ? message('problem.besideTakesAll', { ...said, taken: roughly(-betweenMm(rule)) })
    : message('problem.wallsCross', said);
  return stop({ kind: 'shelf', shelf }, why);
}

// A gap this much wider than caulk hides is worth a word.
const NOTABLE = 1.3;

function boardProblems({ shelf: number }: PartSpec, fit: PieceFit, pocket: Pocket): Problem[] {
  const about = { kind: 'shelf', shelf: number } as const;
  const shelf = count(number);
  const problems: Problem[] = [];
  const least = Math.min(...fit.styles.map((style) => style.worst.mm));
  const most = fit.habit === 'loose' ? fit.clearanceMm + HIDDEN_MM : HIDDEN_MM * NOTABLE;
  if (fit.worst.mm > most) {
    const [widest] = [...fit.gaps].sort((a, b) => b.mm - a.mm);
    const gap = roughly(fit.worst.mm);
    if (least > most || !widest) problems.push(doubtful(about, message('problem.fitUnsure', { shelf, gap })));
    else problems.push(doubtful(about, message('problem.endGap', { shelf, gap, ...gapPlace(pocket, widest) })));
  }
  if (fit.back?.style === 'straight' && fit.back.worst.mm > HIDDEN_MM * NOTABLE && fit.habit !== 'loose') {
    problems.push(doubtful(about, message('problem.backGap', { shelf, gap: roughly(fit.back.worst.mm) })));
  }
  return problems;
}

function depthProblems(wish: Job['shelves'], opening: Opening): Problem[] {
  if (!opening.surfaces.includes('front') || !opening.surfaces.includes('back')) return [];
  const clear = opening.clearDepth();
  if (!clear) return [doubtful({ kind: 'place' }, message('problem.noDepth'))];
  const over = less(
    figure({ label: message('term.shelfDepth'), mm: wish.depth.mm }),
    clear.narrowest.terms[0]!.label,
    clear.narrowest.mm,
  );
  if (over.mm <= 0) return [];
  const lengths = { depth: length(wish.depth.mm), opening: length(clear.narrowest.mm), by: length(over.mm) };
  return [doubtful({ kind: 'shelves' }, message('problem.tooDeep', lengths))];
}
