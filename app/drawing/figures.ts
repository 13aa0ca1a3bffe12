import type { DimensionShape, LabelShape, Point, Scene, Shape } from '@dormer/core/say/scene';
import { lengthWords, words, type Reader } from '@dormer/core/say/words/first';
import type { Sheet } from './sheet';

/** A figure or words of a drawing, where they stand on the screen: pixels. */
export interface Figure {
  readonly text: string;
  readonly at: Point;
  readonly anchor: LabelShape['anchor'];
  readonly box: Box;
}

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export const TEXT_PX = 14;
// Barlow Condensed is about this wide for each figure, of its height.
const TEXT_WIDTH = 0.46;
const PAPER_PX = 3;
// Where along a string its figure may stand when its own place is taken.
const SHARES = [0.5, 0.3, 0.7, 0.15, 0.85] as const;

/**
 * Puts the figures of a scene where none lies on another: each at its own place, else elsewhere along its string,
 * else nowhere, since half a figure would be read as another one. It stands in the list and in a larger drawing.
 * @param first whether a shape's figure goes before the others
 * @returns figures by the index of their shape
 */
export function placeFigures(
  scene: Scene,
  sheet: Sheet,
  reader: Reader,
  first: (shape: Shape) => boolean,
): Map<number, Figure> {
  const placed = new Map<number, Figure>();
  const order = scene.shapes.map((shape, index) => ({ shape, index }));
  for (const { shape, index } of [
    ...order.filter((one) => first(one.shape)),
    ...order.filter((one) => !first(one.shape)),
  ]) {
    const free = figuresOf(shape, sheet, reader).find(({ box }) =>
      [...placed.values()].every((other) => !overlap(box, other.box)),
    );
    if (free) placed.set(index, free);
  }
  return placed;
}

/** Where a shape's figure may stand, the best first; none for a shape without one. */
function figuresOf(shape: Shape, sheet: Sheet, reader: Reader): Figure[] {
  if (shape.kind === 'label') {
    const figure = figureAt(textOf(shape, reader), sheet.at(shape.at), shape.anchor);
    return shape.withinMm !== undefined && figure.box.width > shape.withinMm * sheet.scale ? [] : [figure];
  }
  if (shape.kind !== 'dimension') return [];
  const text = textOf(shape, reader);
  return [shape.share ?? 0.5, ...SHARES].map((share) => figureAt(text, along(shape, share, sheet), 'middle'));
}

function along({ from, to }: DimensionShape, share: number, sheet: Sheet): Point {
  const [[x1, y1], [x2, y2]] = [sheet.at(from), sheet.at(to)];
  return [x1 + (x2 - x1) * share, y1 + (y2 - y1) * share];
}

function figureAt(text: string, [x, y]: Point, anchor: LabelShape['anchor']): Figure {
  const width = text.length * TEXT_PX * TEXT_WIDTH + 2 * PAPER_PX;
  const left = { start: x - PAPER_PX, middle: x - width / 2, end: x - width + PAPER_PX }[anchor];
  return { text, at: [x, y], anchor, box: { left, top: y - TEXT_PX / 2 - 1, width, height: TEXT_PX + 2 } };
}

/** Words, then a length with the way it goes, where it has one. */
function textOf(shape: Pick<LabelShape, 'words' | 'mm' | 'sense'>, reader: Reader): string {
  return [
    shape.words ? words(shape.words, reader) : '',
    shape.mm === undefined ? '' : lengthWords(shape.mm, reader, false),
    shape.sense ? words(shape.sense, reader) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

const overlap = (a: Box, b: Box) =>
  a.left < b.left + b.width && b.left < a.left + a.width && a.top < b.top + b.height && b.top < a.top + a.height;
