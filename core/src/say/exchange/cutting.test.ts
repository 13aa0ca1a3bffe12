import Dxf from 'dxf-parser';
import Papa from 'papaparse';
import { PDFDocument } from 'pdf-lib';
import { XMLValidator } from 'fast-xml-parser';
import { parcelBench } from '../../rigs/demo';
import { planJob } from '../../plan';
import { planCutting, partsOn, shoppingFor, type Cutting } from '../../work/stock';
import { atOnce, loadedSolver } from '../../work/stock/testing';
import { layoutSvg, layoutsDxf, layoutsPdf } from './layoutDrawings';
import { layoutsCsv, readPricesCsv, shoppingCsv } from './cuttingCsv';

const job = parcelBench();
const plan = planJob(job);
let cutting: Cutting;
beforeAll(async () => {
  cutting = atOnce(planCutting({ job, plan, rack: [] }, await loadedSolver()));
});
const pieces = () => cutting.layouts.flatMap((layout) => partsOn(layout.tree));

test('the table of layouts has a row for every piece, with its board and its place in millimetres', () => {
  const { data, errors } = Papa.parse<Record<string, string>>(layoutsCsv(cutting, job).replace('\uFEFF', ''), {
    header: true,
    skipEmptyLines: true,
  });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(pieces().length);
  const brace = data.find((row) => row.Label === '2D1');
  expect(brace).toMatchObject({ Board: 'L1', 'Length (mm)': '339.5', 'Width (mm)': '45' });
});

test('the drawing at full size has every piece as a closed line on its layer, read by another package', () => {
  const read = new Dxf().parseSync(layoutsDxf(cutting, job))!;
  const on = (layer: string) => read.entities.filter((entity) => entity.layer === layer);
  expect(on('PARTS')).toHaveLength(pieces().length);
  expect(on('STOCK')).toHaveLength(cutting.layouts.length);
  const [first] = on('PARTS') as unknown as { vertices: { x: number; y: number }[] }[];
  const xs = first!.vertices.map((vertex) => vertex.x);
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(pieces()[0]!.lengthMm, 3);
});

test('a layout as SVG is well formed and names its pieces', () => {
  const sheet = cutting.layouts.find((layout) => layout.item.form === 'sheet')!;
  const svg = layoutSvg(sheet, cutting, job);
  expect(XMLValidator.validate(svg)).toBe(true);
  for (const one of partsOn(sheet.tree))
    expect(svg).toContain(cutting.blanks.find((blank) => blank.id === one.part)!.label);
});

test('all layouts as PDF, three to a page', async () => {
  const read = await PDFDocument.load(await layoutsPdf(cutting, job, job.name));
  expect(read.getPageCount()).toBe(Math.ceil(cutting.layouts.length / 3));
});

describe('price lists', () => {
  test('the shopping list comes back as one', () => {
    const { lines } = shoppingFor({ job, plan, cutting });
    const read = readPricesCsv(shoppingCsv({ lines }, job));
    const packs = lines.flatMap((line) => line.packs);
    expect(read.ok && read.value.refused).toEqual([]);
    expect(read.ok && read.value.prices).toEqual(
      packs.map((pack) => ({ item: pack.key, price: Number(pack.price.toFixed(2)) })),
    );
  });

  test('prices with a comma, in columns of any order; what cannot be read is named by its line', () => {
    const read = readPricesCsv('Left;Price;Item\n3;12,50;a\n;x;b\n-1;2;c\n;0;d\n');
    expect(read.ok && read.value.prices).toEqual([
      { item: 'a', price: 12.5, left: 3 },
      { item: 'd', price: 0 },
    ]);
    expect(read.ok && read.value.refused.map((refusedRow) => refusedRow.line)).toEqual([3, 4]);
  });

  test('a table without prices is none', () => {
    expect(readPricesCsv('item,what\na,b\n')).toMatchObject({ ok: false, error: { code: 'csv.noHeader' } });
  });
});
