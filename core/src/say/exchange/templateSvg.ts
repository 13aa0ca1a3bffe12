import { XMLBuilder } from 'fast-xml-parser';
import type { OutlinePoint } from '../../design/fit';
import { boxAbout, type Template } from '../../design/template';
import { words, type Reader } from '../words/first';

const ABOUT_MM = 20;
const LINE_MM = 0.25;

/** A template as SVG at full size: one unit is one millimetre, the page is so many millimetres wide. */
export function templateSvg(template: Template, reader: Reader): string {
  const box = boxAbout(template.outline, ABOUT_MM);
  const said = [template.faceUp, ...template.notes].map((message) => words(message, reader));
  const title = `${template.label} ${words(template.name, reader)}`;
  const attributes = (all: Record<string, string | number>) =>
    Object.fromEntries(Object.entries(all).map(([name, value]) => [`@_${name}`, String(value)]));
  const text = (x: number, y: number, words: string, size = 8) => ({
    ...attributes({ x: mm(x), y: mm(y), 'font-size': size, 'text-anchor': 'middle', 'font-family': 'sans-serif' }),
    '#text': words,
  });
  const document = {
    svg: {
      ...attributes({
        xmlns: 'http://www.w3.org/2000/svg',
        width: `${mm(box.width)}mm`,
        height: `${mm(box.height)}mm`,
        viewBox: [box.x, box.y, box.width, box.height].map(mm).join(' '),
      }),
      title,
      g: [
        {
          ...attributes({ id: 'outline', fill: 'none', stroke: 'black', 'stroke-width': LINE_MM }),
          path: attributes({ d: pathOf(template.outline) }),
        },
        {
          ...attributes({
            id: 'reference',
            fill: 'none',
            stroke: 'blue',
            'stroke-width': LINE_MM,
            'stroke-dasharray': '6 3',
          }),
          path: attributes({ d: openPath(template.reference) }),
        },
        {
          ...attributes({ id: 'marks', fill: 'none', stroke: 'black', 'stroke-width': LINE_MM }),
          path: (template.lines ?? []).map((line) => attributes({ d: openPath(line) })),
          circle: (template.holes ?? []).map(({ at, diameterMm }) =>
            attributes({ cx: mm(at[0]), cy: mm(at[1]), r: mm(diameterMm / 2) }),
          ),
        },
        {
          ...attributes({ id: 'labels', fill: 'black', stroke: 'none' }),
          text: [
            ...template.marks.map((mark) => text(mark.at[0], mark.at[1], words(mark.words, reader))),
            ...said.map((one, i) => text(box.x + box.width / 2, box.y + 6 + 6 * i, one, 5)),
          ],
        },
      ],
    },
  };
  return new XMLBuilder({ ignoreAttributes: false, format: true }).build(document);
}

/** To a thousandth of a millimetre. */
const mm = (value: number): string => String(Number(value.toFixed(3)));
const openPath = (points: readonly OutlinePoint[]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${mm(x)} ${mm(y)}`).join(' ');
const pathOf = (points: readonly OutlinePoint[]) => `${openPath(points)} Z`;
