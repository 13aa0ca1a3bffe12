import { reachOf } from './reach';
import { type Kind } from './kinds';
import { type Ground, type Must } from './settle';

export const reaches = [reachOf(1700)];

export function kind(
  id: string,
  given: Partial<{
    count: number;
    often: Kind['fetched']['often'];
    kg: number;
    w: number;
    h: number;
    layers: number;
  }> = {},
): Kind {
  const { count = 1, often = 'weekly', kg = 1, w = 200, h = 200, layers = 1 } = given;
  const stances = Array.from({ length: Math.min(layers, count) }, (_, i) => ({
    lie: 'upright' as const,
    layers: i + 1,
    widthMm: w,
    depthMm: 200,
    highMm: (i + 1) * h,
    needMm: (i + 1) * h,
  }));
  return { id, count, stances, fetched: { often, reaches, kg, handMm: h / 2 } };
}

export function ground(given: Partial<Ground> & { step?: number } = {}): Ground {
  const { step = 50, ...rest } = given;
  const base = {
    count: 2,
    bottomMm: 0,
    topMm: 1200,
    thicknessMm: 20,
    hangsMm: 0,
    leastGapMm: 50,
    stands: true,
    musts: [] as Must[],
    ...rest,
  };
  const tops = [];
  for (let top = base.bottomMm + base.thicknessMm; top < base.topMm; top += step) tops.push(top);
  return { tops: Float64Array.from(tops), ...base };
}
