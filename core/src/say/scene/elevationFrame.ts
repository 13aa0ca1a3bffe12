import type { Plan } from '../../plan';
import { clamp } from './exaggerate';

/** The sheet an elevation is drawn on. */
export interface Frame {
  readonly left: number;
  readonly right: number;
  readonly middleMm: number;
  readonly heightMm: number;
  /** From the middle to the edge of the sheet, with room for what is exaggerated. */
  readonly outerMm: number;
  /** Below the floor and above the ceiling. */
  readonly marginMm: number;
  readonly poleMm: number;
  readonly factor: number;
  readonly across: (x: number) => number;
}

// However far a floor falls, it is drawn no farther out of level than this share of the height.
const MOST_FALL = 0.15;

/**
 * Where a station of the floor or the ceiling is drawn: as far out of level as the drawing exaggerates it.
 * @returns millimetres above the floor mark; level where nothing is known of it
 */
export function drawnLevel(
  plan: Pick<Plan, 'opening'>,
  frame: Frame,
  surface: 'floor' | 'ceiling',
  index: number,
): number {
  const nominal = surface === 'floor' ? 0 : frame.heightMm;
  const station = plan.opening.levels[index]?.[surface];
  const most = frame.heightMm * MOST_FALL;
  return station ? nominal + clamp((station.mm - nominal) * frame.factor, -most, most) : nominal;
}
