import { chimneyAlcove } from '../../rigs/demo';
import { planJob } from '../../plan';
import { templateOf } from '../../design/template';
import { edgeFor, edgesOf, wallTrace } from '../../place/trace';
import { readDrawing } from './outlines';
import { templateDxf, templateSvg } from './drawings';

const reader = { units: 'mm', tape: '0.5mm' } as const;
const job = chimneyAlcove();
const plan = planJob({ ...job, fit: { ...job.fit, habit: 'scribed' } });
const template = templateOf(plan.parts.find((part) => part.id === 'S2-board')!)!;
const drawn = (contents: string) => {
  const read = readDrawing(contents);
  if (!read.ok) throw new Error(read.error.code);
  return read.value;
};
const svg = (inner: string, size = 'width="400mm" height="400mm" viewBox="0 0 400 400"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inner}</svg>`;
const dxf = (...pairs: readonly (string | number)[]) =>
  ['0', 'SECTION', '2', 'ENTITIES', ...pairs, '0', 'ENDSEC', '0', 'EOF'].join('\n');

test.each([
  ['SVG', templateSvg(template, reader)],
  ['DXF', templateDxf(template, reader)],
])('our own template as %s, read back, has the same walls', (_, contents) => {
  const { lines, sized } = drawn(contents);
  expect(sized).toBe(true);
  const edges = edgesOf(lines);
  const own = edgesOf([{ points: template.outline, closed: true }]);
  for (const wall of ['left', 'right', 'back'] as const) {
    const wish = { wall, turned: false, mirrored: false } as const;
    const [read, meant] = [edgeFor(edges, wall)!, edgeFor(own, wall)!].map((edge) => wallTrace(edge, wish, 'mm'));
    expect(read!.chordMm).toBeCloseTo(meant!.chordMm, 1);
    read!.stations.forEach((station, i) => expect(station.offMm).toBeCloseTo(meant!.stations[i]!.offMm, 1));
  }
});

test('inches, groups that are moved and turned, and curves come out in millimetres', () => {
  const moved = svg(
    '<g transform="translate(1 1)"><g transform="rotate(90)"><path d="M0 0 L4 0"/></g></g>',
    'width="10in" height="10in" viewBox="0 0 10 10"',
  );
  const [line] = drawn(moved).lines;
  expect(line?.points.map(([x, y]) => [Math.round(x * 10) / 10, Math.round(y * 10) / 10])).toEqual([
    [25.4, 25.4],
    [25.4, 127],
  ]);
  // A quarter of a circle of radius 100: every point that far from its middle.
  const [curve] = drawn(svg('<path d="M100 0 A100 100 0 0 1 0 100"/>')).lines;
  expect(Math.max(...curve!.points.map(([x, y]) => Math.abs(Math.hypot(x, y) - 100)))).toBeLessThan(0.05);
});

test('lines, polygons and rectangles are lines too; what is only defined is not drawn', () => {
  const { lines } = drawn(
    svg(
      '<defs><path d="M0 0L9 9"/></defs><line x1="0" y1="0" x2="50" y2="0"/><polygon points="0,0 50,0 50,50"/><rect x="1" y="1" width="60" height="40"/>',
    ),
  );
  expect(lines.map((line) => [line.points.length, line.closed])).toEqual([
    [2, false],
    [3, true],
    [4, true],
  ]);
});

test('a DXF in inches, y upwards, with a bulge that is an arc', () => {
  const header = ['0', 'SECTION', '2', 'HEADER', '9', '$INSUNITS', '70', '1', '0', 'ENDSEC'].join('\n');
  const line = dxf('0', 'LINE', '8', '0', '10', 0, '20', 0, '11', 10, '21', 2);
  const read = drawn(`${header}\n${line}`);
  expect(read.lines[0]?.points).toEqual([
    [0, -0],
    [254, -50.8],
  ]);
  // Bulge 1 is half a circle: over a chord of 100 it stands off by 50.
  const arc = dxf('0', 'LWPOLYLINE', '8', '0', '90', 2, '70', 0, '10', 0, '20', 0, '42', 1, '10', 100, '20', 0);
  const bulged = drawn(arc);
  expect(bulged.sized).toBe(false);
  expect(Math.max(...bulged.lines[0]!.points.map(([, y]) => Math.abs(y)))).toBeCloseTo(50, 0);
});

test.each([
  ['', 'file.empty'],
  ['  \n ', 'file.empty'],
  ['<svg><path d="M0 0', 'outline.unreadable'],
  ['<html><body/></html>', 'outline.unreadable'],
  ['{"format":"dormer-job"}', 'outline.unreadable'],
  [dxf('0', 'LINE', '8', '0', '10', 'here', '20', 0, '11', 'there', '21', 0), 'outline.nothing'],
  [svg('<text>wall</text>'), 'outline.nothing'],
  [svg('<path d="none of this"/>'), 'outline.nothing'],
  [`<svg>${' '.repeat(2_000_001)}</svg>`, 'file.tooLarge'],
])('%.30j is refused in plain words', (contents, code) => {
  const read = readDrawing(contents);
  expect(read.ok ? null : read.error.code).toBe(code);
});
