import type { Point, Scene } from '@dormer/core/say/scene';

/** How a scene lies on a piece of screen: millimetres to pixels, y turned over. */
export interface Sheet {
  readonly scale: number;
  readonly at: (point: Point) => Point;
}

/** Fits a scene's bounds into a box of pixels, whole and in the middle. */
export function fitSheet({ bounds }: Scene, width: number, height: number): Sheet {
  const scale = Math.max(Math.min(width / bounds.width, height / bounds.height), 1e-6);
  const left = (width - bounds.width * scale) / 2;
  const top = (height - bounds.height * scale) / 2;
  const ceiling = bounds.y + bounds.height;
  return { scale, at: ([x, y]) => [left + (x - bounds.x) * scale, top + (ceiling - y) * scale] };
}
