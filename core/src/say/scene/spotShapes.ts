import type { Reading } from '../../job';
import { angle, message } from '../../base/message';
import type { About } from '../../base/problem';
import { briefSense, type Spot } from '../../place/reading';
import type { LabelShape, Point, Role, Shape } from './scene';

/** How one spot is drawn: as it was read, or as it is to be read. */
export interface SpotInk {
  readonly role: Role;
  /** What was read; null for one that is wanted. */
  readonly value: Reading['value'] | null;
  /** Which way what was read goes, where that must be said. */
  readonly sense?: string | null;
  readonly about?: About;
  /** Drawn without its figure: that stands in another view. */
  readonly unlabelled?: boolean;
}

/** How each kind of spot is drawn in a view. */
export type SpotDrawers<View extends readonly unknown[]> = {
  readonly [Kind in Spot['kind']]: (spot: Extract<Spot, { kind: Kind }>, ...view: View) => Shape[];
};

/**
 * A string between two points with its figure; a bare line while it is wanted.
 * @param share where along it the figure stands, 0 to 1
 */
export function stringShapes(from: Point, to: Point, share: number, ink: SpotInk): Shape[] {
  const { role, value, about, unlabelled } = ink;
  const shown = about ? { about } : {};
  if (unlabelled) return [{ kind: 'path', points: [from, to], role, ...shown }];
  if (value && 'mm' in value)
    return [{ kind: 'dimension', from, to, mm: value.mm, share, role, ...sensed(ink), ...shown }];
  const line: Shape = { kind: 'path', points: [from, to], role, ...shown };
  const middle: Point = [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
  return value ? [line, valueLabel(middle, 'middle', { ...ink, value })] : [line];
}

/** A dot with its figure beside it. */
export function dotShapes(at: Point, beside: Point, anchor: LabelShape['anchor'], ink: SpotInk): Shape[] {
  const { role, value, about } = ink;
  const dot: Shape = { kind: 'dot', at, role, ...(about ? { about } : {}) };
  return value && !ink.unlabelled ? [dot, valueLabel(beside, anchor, { ...ink, value })] : [dot];
}

/** A figure alone. */
function valueLabel(
  at: Point,
  anchor: LabelShape['anchor'],
  ink: SpotInk & { readonly value: Reading['value'] },
): LabelShape {
  const { role, value, about } = ink;
  const said = 'mm' in value ? { mm: value.mm } : { words: message('sheet.angle', { angle: angle(value.degrees) }) };
  return { kind: 'label', at, anchor, role, ...said, ...sensed(ink), ...(about ? { about } : {}) };
}

/** Nothing leans nowhere: a figure of 0 has no way to go. */
function sensed({ value, sense }: SpotInk) {
  return sense && value && 'mm' in value && value.mm > 0 ? { sense: briefSense(sense) } : {};
}
