import { END_STYLES, type BackStyle, type EndStyle, type FitChoices, type Habit } from '../../job';
import type { Message } from '../../base/message';
import { snapToTape, type Tape } from '../../base/quantity';
import { SURE } from '../../place/survey/sure';
import { fitBack, type BackEdge } from './back';
import { fitBetween, inFull, type Between, type EndGap, type Range } from './between';
import { reasonFor, suitedStyle } from './choose';
import type { End } from './ends';
import { HIDDEN_MM } from '../../place/opening/hidden';
import { outlineOfPiece, type OutlinePoint } from './outline';
import { alongLine } from '../../place/opening/line';
import type { Pocket } from './pocket';

/** How one end is cut. */
export interface EndCut {
  readonly style: EndStyle;
  /**
   * How far it runs beyond square at the front of a board (the top of a piece on edge): out is positive. Millimetres.
   */
  readonly outMm: number;
  /** The same as the angle to set the saw to, off square: degrees, to a tenth. */
  readonly degrees: number;
  /** Tilt of the blade, so that the end is undercut; degrees, to a tenth. 0 for a square face. */
  readonly bevelDegrees: number;
  /**
   * What is left on beyond the straight line for scribing, which is also what the compass is set to: the widest gap a
   * straight end may leave, so that the scribed line lies on wood all along. 0 where nothing is scribed. Millimetres.
   */
  readonly allowanceMm: number;
}

/** A style side by side with the others: what it would come to. */
export interface StyleOutcome {
  readonly style: EndStyle;
  readonly odds: number;
  readonly neatOdds: number;
  readonly clearanceMm: number;
  readonly worst: Range;
  readonly widest: EndGap | null;
}

/** How a piece between two walls is cut and how it goes in. Plain data. */
export interface PieceFit {
  readonly style: EndStyle;
  /** Whether the style was asked for, or suits best. */
  readonly asked: boolean;
  readonly reason: Message;
  readonly styles: readonly StyleOutcome[];
  readonly habit: Habit;
  readonly wantedOdds: number;
  /**
   * Share of openings that agree with the readings into which it goes, percent; and with no gap caulk does not hide.
   */
  readonly odds: number;
  readonly neatOdds: number;
  /** What comes off for the odds or as play, and what rounding down to the tape takes beside. Millimetres. */
  readonly clearanceMm: number;
  readonly roundedMm: number;
  /** Whether the clearance is the play that was asked for, millimetres; 0 where the odds ask for more. */
  readonly playMm: number;
  readonly worst: Range;
  /** Gaps at back, middle and front of both ends. */
  readonly gaps: readonly EndGap[];
  readonly left: EndCut;
  readonly right: EndCut;
  /** Along the back edge, along the front edge, and the stock it takes: long point to long point. Millimetres. */
  readonly backMm: number;
  readonly frontMm: number;
  readonly longMm: number;
  readonly back: BackCut | null;
  /** The piece itself: x along its length from the left end of its back edge, y over its face. Millimetres. */
  readonly outline: readonly OutlinePoint[];
  /**
   * Where it lies in the opening: x of its left back corner; the line its back edge is marked from, y at x = 0 and how
   * far that runs askew, mm per mm. The walls beside it are given as they stand to that line.
   */
  readonly seat: { readonly acrossMm: number; readonly outMm: number; readonly askew: number };
  /** The walls about it at the face that is seen. */
  readonly walls: PieceWalls;
}

/** How a back edge is cut, and what it leaves. */
export interface BackCut extends Pick<BackEdge, 'style' | 'worst' | 'atMm'> {
  /** Left on behind the straight line for scribing, and what the compass is set to; 0 for a straight edge. */
  readonly allowanceMm: number;
  /** What a straight edge, and a scribed one, would leave. */
  readonly straight: Range;
  readonly scribed: Range;
}

/** A wall at its stations over the face of a piece: x of an end wall, y of the back; and two standard deviations. */
export interface PieceWalls {
  readonly ps: readonly number[];
  readonly left: readonly number[];
  readonly right: readonly number[];
  readonly leftSure: readonly number[];
  readonly rightSure: readonly number[];
  readonly acrosses: readonly number[];
  readonly back: readonly number[];
}

/** What one piece is to be like. */
export interface PieceWish {
  readonly tape: Tape;
  readonly habit: Habit;
  readonly odds: number;
  /** What it is short by at the least, both ends together, millimetres. */
  readonly leastMm: number;
  readonly ends: EndStyle | null;
  readonly back: BackStyle | null;
  /** Whether every style is worked out beside the one that is taken. */
  readonly sideBySide: boolean;
}

const DEGREES = 180 / Math.PI;
const tenth = (degrees: number) => Math.round(degrees * 10) / 10 + 0;

/** What is wanted of one shelf's board: its own choices, then those of the whole job. */
export function wishFor(fit: FitChoices, shelf: number, tape: Tape): Omit<PieceWish, 'sideBySide'> {
  const own = fit.boards.find((board) => board.shelf === shelf);
  const habit = own?.habit ?? fit.habit;
  return {
    tape,
    habit,
    odds: own?.odds ?? fit.odds,
    leastMm: habit === 'loose' ? fit.play.mm : 0,
    ends: own?.ends ?? fit.ends ?? null,
    back: own?.back ?? fit.back ?? null,
  };
}

/**
 * Fits a piece into its pocket: each style is worked out, the one asked for or the one that suits is taken.
 * @returns null where the walls leave nothing of it
 */
export function fitPiece(pocket: Pocket, wish: PieceWish): PieceFit | null {
  const styles = stylesTried(pocket, wish);
  const taken = wish.ends ?? suitedStyle(wish.habit, styles);
  const best = styles[taken] ?? styles.square;
  if (!best) return null;
  const own = inFull(pocket, best);
  styles[own.style] = own;
  const { left, right, lengthMm } = own;
  const back = backOf(pocket, wish);
  const frontMm = lengthMm + left.offsetMm + right.offsetMm;
  const longMm = lengthMm + Math.max(left.offsetMm, 0) + Math.max(right.offsetMm, 0);
  const ends = { left: endCut(pocket, left, own, wish.tape), right: endCut(pocket, right, own, wish.tape) };
  return {
    style: own.style,
    asked: wish.ends !== null,
    reason: reasonFor(pocket, own.style, wish.ends !== null, styles),
    styles: Object.values(styles).map(outcomeOf),
    habit: wish.habit,
    wantedOdds: wish.odds,
    odds: own.odds,
    neatOdds: own.neatOdds,
    clearanceMm: own.clearanceMm,
    roundedMm: own.clearMm - own.clearanceMm - lengthMm,
    playMm: wish.leastMm > 0 && own.clearanceMm <= wish.leastMm ? wish.leastMm : 0,
    worst: own.worst,
    gaps: tellingGaps(pocket, own),
    ...ends,
    backMm: lengthMm,
    frontMm,
    longMm: longMm + ends.left.allowanceMm + ends.right.allowanceMm,
    back: back?.cut ?? null,
    outline: outlineOfPiece(pocket, own, back?.edge ?? null),
    seat: { acrossMm: left.line.at, outMm: back?.edge.outMm ?? 0, askew: back?.edge.askew ?? 0 },
    walls: wallsOf(pocket),
  };
}

/** Tries end styles, simplest first; stops at the first that suits unless all are asked for. */
function stylesTried(pocket: Pocket, wish: PieceWish): Partial<Record<EndStyle, Between>> {
  const styles: Partial<Record<EndStyle, Between>> = {};
  for (const style of stylesToTry(pocket, wish)) {
    const tried = fitBetween(pocket, style, wish);
    if (!tried) continue;
    styles[style] = tried;
    const suits = style === 'square' && suitedStyle(wish.habit, styles) === style && tried.worst.mm <= HIDDEN_MM;
    if (suits && !wish.sideBySide && !wish.ends) break;
  }
  return styles;
}

// A lean that shows by less than this over the thickness is not worth a bevel, millimetres.
const LEAN_SHOWS_MM = 0.3;

/** Styles worth working out, the simplest first: all of them where they are to stand side by side. */
function stylesToTry(pocket: Pocket, { ends, habit, sideBySide }: PieceWish): EndStyle[] {
  if (sideBySide) return [...END_STYLES];
  const deep = pocket.behind[0] as number;
  const leans = (['left', 'right'] as const).some((side) => {
    const rows = pocket.mean[side];
    const [hidden, seen] = [rows[0] as Float64Array, rows.at(-1) as Float64Array];
    const out = (side === 'left' ? 1 : -1) * ((hidden[0] as number) - (seen[0] as number));
    return deep > 0 && out > LEAN_SHOWS_MM;
  });
  const wanted: EndStyle[] = ['square', 'angled'];
  if (leans) wanted.push('bevelled');
  if (habit === 'scribed') wanted.push('scribed');
  return ends && !wanted.includes(ends) ? [...wanted, ends] : wanted;
}

/** What a style comes to, in short. */
export function outcomeOf({ style, odds, neatOdds, clearanceMm, worst, gaps }: Between): StyleOutcome {
  return { style, odds, neatOdds, clearanceMm, worst, widest: gaps[0] ?? null };
}

/** Gaps at both corners and the middle of each end, left before right, back before front. */
function tellingGaps({ ps }: Pocket, { gaps }: Between): EndGap[] {
  const places = [0, ps[ps.length >> 1] as number, ps.at(-1) as number];
  return (['left', 'right'] as const).flatMap((end) =>
    places.map((p) => gaps.find((gap) => gap.end === end && gap.p === p) as EndGap),
  );
}

/** How far a scribed end reaches out beyond the straight line it is marked from. */
function deepest(ps: readonly number[], { side, profile, line }: End): number {
  const out = side === 'left' ? -1 : 1;
  return Math.max(0, ...ps.map((p, i) => out * ((profile[i] as number) - alongLine(line, p))));
}

function endCut({ ps }: Pocket, end: End, own: Between, tape: Tape): EndCut {
  const face = ps.at(-1) as number;
  return {
    style: end.style,
    outMm: end.offsetMm,
    degrees: face > 0 ? tenth(Math.atan(end.offsetMm / face) * DEGREES) : 0,
    bevelDegrees: tenth(Math.atan(end.undercut) * DEGREES),
    allowanceMm: end.style === 'scribed' ? snapToTape(deepest(ps, end) + own.worst.toMm, tape, 'up') : 0,
  };
}

// Behind goods a gap is less seen than at an end: a back edge is scribed for more than this only.
const SCRIBE_BACK_MM = 1.5 * HIDDEN_MM;

function backOf(pocket: Pocket, wish: PieceWish): { edge: BackEdge; cut: BackCut } | null {
  const [straight, scribed] = [fitBack(pocket, 'straight'), fitBack(pocket, 'scribed')];
  if (!straight || !scribed) return null;
  const suits: BackStyle =
    wish.habit === 'scribed' || (wish.habit === 'snug' && straight.worst.mm > SCRIBE_BACK_MM) ? 'scribed' : 'straight';
  const edge = (wish.back ?? suits) === 'straight' ? straight : scribed;
  const { style, worst, atMm } = edge;
  const allowanceMm = style === 'scribed' ? snapToTape(straight.worst.toMm, wish.tape, 'up') : 0;
  return { edge, cut: { style, worst, atMm, allowanceMm, straight: straight.worst, scribed: scribed.worst } };
}

function wallsOf({ ps, acrosses, mean, sd }: Pocket): PieceWalls {
  const seen = (rows: readonly Float64Array[]) => [...(rows.at(-1) as Float64Array)];
  return {
    ps,
    left: seen(mean.left),
    right: seen(mean.right),
    leftSure: sd.left.map((one) => SURE * one),
    rightSure: sd.right.map((one) => SURE * one),
    acrosses,
    back: mean.back ? [...mean.back] : [],
  };
}
