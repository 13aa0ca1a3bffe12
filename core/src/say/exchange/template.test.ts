import Dxf, { type ILwpolylineEntity, type ITextEntity } from 'dxf-parser';
import { XMLParser } from 'fast-xml-parser';
import { decodePDFRawStream, PDFDocument, type PDFArray, type PDFRawStream, type PDFPage } from 'pdf-lib';
import svgpath from 'svgpath';
import { chimneyAlcove } from '../../rigs/demo';
import type { OutlinePoint } from '../../design/fit';
import { planJob } from '../../plan';
import { MARGIN_MM, OVERLAP_MM, templateOf, tilesFor, type Template, type Tiling } from '../../design/template';
import { CHECK_BARS_MM, templateDxf, templatePdf, templateSvg } from './drawings';

const reader = { units: 'mm', tape: '0.5mm' } as const;
const job = chimneyAlcove();
const scribed = planJob({ ...job, fit: { ...job.fit, habit: 'scribed' } });
const angled = planJob(job);
const template = (plan = scribed, id = 'S2-board'): Template => templateOf(plan.parts.find((part) => part.id === id)!)!;

/** The largest distance between corners of two outlines, corner by corner. Millimetres. */
function apart(a: readonly OutlinePoint[], b: readonly OutlinePoint[]): number {
  expect(b).toHaveLength(a.length);
  return Math.max(...a.map(([x, y], i) => Math.hypot(x - (b[i]?.[0] ?? NaN), y - (b[i]?.[1] ?? NaN))));
}

test('a scribed board has its walls in its outline, an angled one four corners', () => {
  expect(template().outline.length).toBeGreaterThan(12);
  expect(template(angled).outline.length).toBeLessThan(12);
});

test('SVG read back has the outline within 0.05 mm, and is as large as it says', () => {
  const one = template();
  const parsed = new XMLParser({ ignoreAttributes: false }).parse(templateSvg(one, reader)).svg;
  expect(parsed['@_width']).toMatch(/mm$/);
  expect(parsed['@_viewBox'].split(' ')[2]).toBe(parsed['@_width'].replace('mm', ''));
  const points: OutlinePoint[] = [];
  const outline = parsed.g.find((group: { '@_id': string }) => group['@_id'] === 'outline');
  svgpath(outline.path['@_d']).iterate((segment) => {
    if (segment[0] !== 'Z') points.push([segment[1] as number, segment[2] as number]);
  });
  expect(apart(one.outline, points)).toBeLessThan(0.05);
});

test('DXF read back by another program has the outline closed on its layer, in millimetres', () => {
  const one = template();
  const dxf = new Dxf().parseSync(templateDxf(one, reader))!;
  // 4 is millimetres.
  expect(dxf.header['$INSUNITS']).toBe(4);
  const lines = dxf.entities.filter((entity) => entity.layer === 'OUTLINE') as ILwpolylineEntity[];
  expect(lines).toHaveLength(1);
  expect(lines[0]?.shape).toBe(true);
  const points = lines[0]!.vertices.map(({ x, y }): OutlinePoint => [x, -y]);
  expect(apart(one.outline, points)).toBeLessThan(0.05);
  expect(dxf.entities.some((entity) => entity.layer === 'REFERENCE')).toBe(true);
  const labels = dxf.entities.filter((entity) => entity.layer === 'LABELS') as ITextEntity[];
  expect(labels.map((label) => label.text)).toEqual(expect.arrayContaining(['2S', 'FRONT EDGE', 'BACK EDGE']));
});

/** Straight lines of a page in the piece's own millimetres: what is drawn from a point to the next. */
function linesOf(
  page: PDFPage,
  tiling: Pick<Tiling, 'paper' | 'tiles'>,
  index: number,
): [OutlinePoint, OutlinePoint][] {
  const { window } = tiling.tiles[index]!;
  const contents = page.node.Contents() as PDFArray;
  const all = Array.from({ length: contents?.size() ?? 0 }, (_, i) => contents!.lookup(i))
    .map((stream) => new TextDecoder().decode(decodePDFRawStream(stream as PDFRawStream).decode()))
    .join('\n');
  const perMm = 72 / 25.4;
  const at = (x: string, y: string): OutlinePoint => [
    Number(x) / perMm - MARGIN_MM + window.x,
    tiling.paper.height - Number(y) / perMm - MARGIN_MM + window.y,
  ];
  return [...all.matchAll(/([-\d.]+) ([-\d.]+) m\s+([-\d.]+) ([-\d.]+) l/g)].map((m) => [
    at(m[1]!, m[2]!),
    at(m[3]!, m[4]!),
  ]);
}

test.each(['a4', 'letter'] as const)(
  'PDF on %s: every page has the outline where it belongs, pages overlap and cover the piece',
  async (paper) => {
    const one = template();
    const tiling = tilesFor(one, paper);
    const pdf = await PDFDocument.load(await templatePdf({ template: one, reader, job: job.name, paper }));
    expect(pdf.getPageCount()).toBe(tiling.tiles.length);
    expect(tiling.tiles.length).toBe(tiling.rows * tiling.columns);
    pdf.getPages().forEach((page, index) => {
      expect(page.getWidth() / (72 / 25.4)).toBeCloseTo(tiling.paper.width, 3);
      const lines = linesOf(page, tiling, index);
      const drawn = one.outline.map(
        (point, i) => lines.find(([from]) => Math.hypot(from[0] - point[0], from[1] - point[1]) < 0.05 && i >= 0)?.[0],
      );
      expect(
        apart(
          one.outline,
          drawn.map((point) => point ?? [NaN, NaN]),
        ),
      ).toBeLessThan(0.05);
      const bars = lines.map(([from, to]) => Math.hypot(to[0] - from[0], to[1] - from[1]));
      for (const bar of CHECK_BARS_MM) expect(Math.min(...bars.map((mm) => Math.abs(mm - bar)))).toBeLessThan(0.001);
    });
    // A cross of one page lies on a cross of the next.
    if (tiling.columns > 1) {
      const crosses = [0, 1].map((index) =>
        linesOf(pdf.getPage(index), tiling, index)
          .filter(([from, to]) => Math.abs(to[0] - from[0] - 8) < 1e-3)
          .map(([from]) => from),
      );
      const shared = crosses[0]!.filter(([x, y]) =>
        crosses[1]!.some((other) => Math.hypot(other[0] - x, other[1] - y) < 0.01),
      );
      expect(shared).toHaveLength(2);
    }
    // Neighbours share a strip of 15 mm, and together they cover the piece.
    for (const { row, column, window } of tiling.tiles) {
      const next = tiling.tiles.find((other) => other.row === row && other.column === column + 1);
      if (next) expect(window.x + window.width - next.window.x).toBeCloseTo(OVERLAP_MM, 9);
      const below = tiling.tiles.find((other) => other.row === row + 1 && other.column === column);
      if (below) expect(window.y + window.height - below.window.y).toBeCloseTo(OVERLAP_MM, 9);
    }
    for (const [x, y] of one.outline) {
      expect(
        tiling.tiles.some(({ window: w }) => x >= w.x && x <= w.x + w.width && y >= w.y && y <= w.y + w.height),
      ).toBe(true);
    }
  },
);

test('PDF on one sheet is as large as the piece and its margins', async () => {
  const one = template(angled);
  const pdf = await PDFDocument.load(await templatePdf({ template: one, reader, job: 'Ünïcode ≤ 木', paper: 'sheet' }));
  expect(pdf.getPageCount()).toBe(1);
  expect(pdf.getPage(0).getWidth() / (72 / 25.4)).toBeGreaterThan(1120);
});
