import { XMLParser } from 'fast-xml-parser';
import { chimneyAlcove } from '../../rigs/demo';
import { message, text } from '../../base/message';
import { planJob } from '../../plan';
import type { Scene } from '../scene';
import { boardScene } from '../scene/cutting';
import { sceneSvg } from './sceneSvg';

const reader = { units: 'mm', tape: '0.5mm' } as const;
/** The drawing read again: every shape has a group of its own. */
function read(written: string) {
  const parser = new XMLParser({
    ignoreAttributes: false,
    isArray: (name) => ['g', 'path', 'text', 'circle'].includes(name),
  });
  const { svg } = parser.parse(written);
  const all = (kind: string) => svg.g.flatMap((one: Record<string, unknown[]>) => one[kind] ?? []);
  return { ...svg, g: { path: all('path'), text: all('text'), circle: all('circle') } };
}

const scene: Scene = {
  title: message('template.piece', { label: text('A & <B>') }),
  bounds: { x: -100, y: -50, width: 400, height: 200 },
  shapes: [
    {
      kind: 'polygon',
      role: 'board',
      points: [
        [0, 0],
        [200, 0],
        [200, 100],
        [0, 100],
      ],
    },
    {
      kind: 'path',
      role: 'dimension',
      points: [
        [-100, -50],
        [300, 150],
      ],
    },
    { kind: 'dot', role: 'screw', at: [100, 50] },
    { kind: 'label', role: 'shelf-name', at: [0, 0], anchor: 'start', mm: 12.5 },
    { kind: 'dimension', role: 'dimension', from: [0, 0], to: [200, 0], mm: 200 },
  ],
};

test('as wide as asked, as high as its bounds are, y upwards', () => {
  const svg = read(sceneSvg(scene, reader, 200));
  expect([svg['@_width'], svg['@_height'], svg['@_viewBox']]).toEqual(['200', '100', '0 0 200 100']);
  // Half a pixel to a millimetre: (0, 0) lies 50 in from the left and 25 up from the foot.
  expect(svg.g.path[0]['@_d']).toBe('M50 75 L150 75 L150 25 L50 25 Z');
  expect(svg.g.path[1]['@_d']).toBe('M0 100 L200 0');
  expect(svg.g.circle[0]).toMatchObject({ '@_cx': '100', '@_cy': '50' });
});

test('figures are said as the reader has them, a dimension in its middle', () => {
  const [label, dimension] = read(sceneSvg(scene, reader, 200)).g.text;
  expect([label['#text'], label['@_text-anchor'], label['@_x']]).toEqual([12.5, 'start', '50']);
  expect([dimension['#text'], dimension['@_x']]).toEqual([200, '100']);
  const inches = read(sceneSvg(scene, { units: 'in', tape: '1/16in' }, 200)).g.text;
  expect(inches[0]['#text']).toBe('1/2');
});

test('an open line is not filled, a board is', () => {
  const [board, line] = read(sceneSvg(scene, reader, 200)).g.path;
  expect(board['@_fill']).toMatch(/^#/);
  expect(line['@_fill']).toBe('none');
});

test('signs that mean something in markup are written as such', () => {
  const svg = sceneSvg(scene, reader, 200);
  expect(svg).toContain('A &amp; &lt;B&gt;');
  expect(read(svg).title).toBe('A & <B>');
});

test('every shape of a real drawing is there', () => {
  const drawing = boardScene(planJob(chimneyAlcove()), 2, 5)!;
  const svg = read(sceneSvg(drawing, reader, 600));
  const count = (...kinds: string[]) => drawing.shapes.filter((shape) => kinds.includes(shape.kind)).length;
  expect(svg.g.path).toHaveLength(count('polygon', 'path', 'dimension'));
  expect(svg.g.text).toHaveLength(count('label', 'dimension'));
});
