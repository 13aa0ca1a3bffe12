import { END_STYLES, type EndStyle, type Habit } from '../../job';
import { about as roughly, choice, message, type Message } from '../../base/message';
import type { Between, EndGap } from './between';
import { HIDDEN_MM } from '../../place/opening/hidden';
import type { Pocket } from './pocket';

/** A piece in each style that was tried. */
export type Styles = Readonly<Partial<Record<EndStyle, Between>>>;

/** A style that is no better than a simpler one by this is not worth its trouble, millimetres. */
const WORTH_MM = 0.5;

/**
 * Which end style suits: of those that are cut straight the simplest whose widest gap caulk hides, or that the others
 * do not better; a scribed fit follows the wall; a loose one is square unless that shows more than its play.
 */
export function suitedStyle(habit: Habit, styles: Styles): EndStyle {
  if (habit === 'scribed') return 'scribed';
  const straight = END_STYLES.filter((style) => style !== 'scribed' && styles[style]);
  const gapOf = (style: EndStyle) => styles[style]?.worst.mm ?? Infinity;
  const best = Math.min(...straight.map(gapOf));
  const least = habit === 'loose' ? Math.max(HIDDEN_MM, styles.square?.clearanceMm ?? 0) : HIDDEN_MM;
  return straight.find((style) => gapOf(style) <= least || gapOf(style) <= best + WORTH_MM) ?? 'square';
}

/** Why a style is cut: what the next simpler one would leave, or the next better one bring. */
export function reasonFor(pocket: Pocket, chosen: EndStyle, asked: boolean, styles: Styles): Message {
  const own = styles[chosen] as Between;
  const other = chosen === 'square' ? styles.angled : styles.square;
  const params = { style: choice(chosen), gap: roughly(own.worst.mm) };
  const widest = other?.gaps[0];
  if (!other || !widest) return message('fit.reason.alone', params);
  const both = { ...params, other: choice(other.style), otherGap: roughly(other.worst.mm) };
  if (asked) return message('fit.reason.chosen', both);
  if (chosen === 'square') return message('fit.reason.simpler', both);
  return message('fit.reason.better', { ...both, ...gapPlace(pocket, widest) });
}

/** Where a gap is: at the left end, at the front. */
export function gapPlace({ stance, ps }: Pocket, { end, p }: Pick<EndGap, 'end' | 'p'>) {
  const face = ps.at(-1) as number;
  const third = p < face / 3 ? 0 : p > (2 * face) / 3 ? 2 : 1;
  const thirds = stance === 'flat' ? (['back', 'middle', 'front'] as const) : (['lower', 'middle', 'upper'] as const);
  return { end: choice(end), at: choice(thirds[third]) };
}
