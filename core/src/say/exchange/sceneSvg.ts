import { XMLBuilder } from 'fast-xml-parser';
import type { Role, Scene, Shape } from '../scene';
import { lengthWords, words, type Reader } from '../words/first';

/** How a role is drawn on white paper. */
const INK: Partial<Record<Role, { readonly fill?: string; readonly stroke?: string }>> = {
  wall: { fill: '#e4dfd2', stroke: '#22282c' },
  board: { fill: '#e3c9a0', stroke: '#8a6a3c' },
  nosing: { fill: '#edd9b8', stroke: '#8a6a3c' },
  cleat: { fill: '#cbaa78', stroke: '#8a6a3c' },
  trim: { fill: '#f3e7d0', stroke: '#8a6a3c' },
  bracket: { fill: '#8a9297', stroke: '#22282c' },
  screw: { fill: '#22282c', stroke: '#22282c' },
  'screw-anchor': { fill: '#ffffff', stroke: '#8f5407' },
  dimension: { stroke: '#5c646a' },
};

const LINE_PX = 0.8;
const TEXT_PX = 11;

/**
 * A drawing as SVG: for a page, not for the saw.
 * @param widthPx its width on the page, pixels; its height follows
 */
export function sceneSvg({ bounds, shapes, title }: Scene, reader: Reader, widthPx: number): string {
  const scale = widthPx / bounds.width;
  const heightPx = bounds.height * scale;
  const at = ([x, y]: readonly [number, number]) => [px((x - bounds.x) * scale), px(heightPx - (y - bounds.y) * scale)];
  const attributes = (all: Record<string, string | number>) =>
    Object.fromEntries(Object.entries(all).map(([name, value]) => [`@_${name}`, String(value)]));
  const ink = (role: Role, open: boolean) => ({
    fill: open ? 'none' : (INK[role]?.fill ?? 'none'),
    stroke: INK[role]?.stroke ?? '#22282c',
    'stroke-width': LINE_PX,
  });
  const line = (points: readonly (readonly [number, number])[]) =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${at(point).join(' ')}`).join(' ');
  const said = (shape: Extract<Shape, { kind: 'label' | 'dimension' }>) =>
    'words' in shape && shape.words
      ? words(shape.words, reader)
      : shape.mm === undefined
        ? ''
        : lengthWords(shape.mm, reader, false);
  const drawn = shapes.map((shape) => {
    switch (shape.kind) {
      case 'polygon':
        return { path: attributes({ d: `${line(shape.points)} Z`, ...ink(shape.role, false) }) };
      case 'path':
        return { path: attributes({ d: line(shape.points), ...ink(shape.role, true) }) };
      case 'dot': {
        const [cx, cy] = at(shape.at) as [string, string];
        return { circle: attributes({ cx, cy, r: 2, ...ink(shape.role, false) }) };
      }
      case 'label':
      case 'dimension': {
        const place =
          shape.kind === 'label'
            ? shape.at
            : ([(shape.from[0] + shape.to[0]) / 2, (shape.from[1] + shape.to[1]) / 2] as const);
        const [x, y] = at(place) as [string, string];
        const text = {
          ...attributes({
            x,
            y,
            'font-size': TEXT_PX,
            'font-family': 'sans-serif',
            'text-anchor': shape.kind === 'label' ? shape.anchor : 'middle',
          }),
          '#text': said(shape),
        };
        return shape.kind === 'label'
          ? { text }
          : { path: attributes({ d: line([shape.from, shape.to]), ...ink(shape.role, true) }), text };
      }
    }
  });
  const [width, height] = [px(widthPx), px(heightPx)];
  const document = {
    svg: {
      ...attributes({ xmlns: 'http://www.w3.org/2000/svg', width, height, viewBox: `0 0 ${width} ${height}` }),
      title: words(title, reader),
      g: drawn,
    },
  };
  return new XMLBuilder({ ignoreAttributes: false, format: true }).build(document);
}

const px = (value: number): string => String(Number(value.toFixed(2)));
