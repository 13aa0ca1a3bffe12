import { chimneyAlcove, parcelBench, windowCorner } from '../../rigs/demo';
import type { Job } from '../../job';
import { planJob } from '../../plan';
import { planCutting, partsOn, restsOf, type Cutting, type Layout } from '../../work/stock';
import { atOnce, loadedSolver } from '../../work/stock/testing';
import { layoutScene, pieceInElevation } from './layout';
import type { Point, Scene, Shape } from './scene';

async function cut(job: Job): Promise<{ job: Job; plan: ReturnType<typeof planJob>; cutting: Cutting }> {
  const plan = planJob(job);
  return { job, plan, cutting: atOnce(planCutting({ job, plan, rack: [] }, await loadedSolver())) };
}

type Polygon = Extract<Shape, { kind: 'polygon' }>;
const polygons = ({ shapes }: Scene, role: Shape['role']) =>
  shapes.filter((shape): shape is Polygon => shape.kind === 'polygon' && shape.role === role);
const box = (points: readonly Point[]) => {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return { left, right, low, high, long: right - left, wide: high - low };
};
const sheetOf = ({ layouts }: Cutting) => layouts.find((layout) => layout.item.form === 'sheet')!;
const drawn = (layout: Layout, cutting: Cutting, more: Partial<Parameters<typeof layoutScene>[1]> = {}) =>
  layoutScene({ ...layout, sheet: layout.item.form === 'sheet' }, { blanks: cutting.blanks, tape: '0.5mm', ...more });

describe('a sheet', () => {
  test('is drawn to scale: as large as it is, every part as large as it is, in its place', async () => {
    const { cutting } = await cut(parcelBench());
    const layout = sheetOf(cutting);
    const scene = drawn(layout, cutting);
    const [whole] = polygons(scene, 'waste');
    expect(box(whole!.points)).toMatchObject({ left: 0, low: 0, long: 2500, wide: 1250 });
    const boards = polygons(scene, 'board');
    const parts = partsOn(layout.tree);
    expect(boards).toHaveLength(parts.length);
    parts.forEach((part, i) => {
      const at = box(boards[i]!.points);
      expect(at.long).toBeCloseTo(part.lengthMm, 6);
      expect(at.wide).toBeCloseTo(part.widthMm, 6);
      // Edges that are trimmed off lie outside.
      expect(at.left).toBeCloseTo(part.xMm + layout.trimMm, 6);
      expect(at.low).toBeCloseTo(part.yMm + layout.trimMm, 6);
    });
  });

  test('shows its kerfs: between two pieces lies what the saw takes', async () => {
    const { cutting, job } = await cut(parcelBench());
    const scene = drawn(sheetOf(cutting), cutting);
    const [first, second] = polygons(scene, 'board')
      .map((polygon) => box(polygon.points))
      .sort((a, b) => a.low - b.low);
    expect(second!.low - first!.high).toBeCloseTo(job.stock.kerf.mm, 6);
    const [ground] = polygons(scene, 'kerf');
    expect(box(ground!.points).long).toBeCloseTo(2490, 6);
  });

  test('tells what is left down to a mark of the tape, where there is room to say it', async () => {
    const { cutting } = await cut(parcelBench());
    const layout = sheetOf(cutting);
    const labels = drawn(layout, cutting).shapes.filter((shape) => shape.kind === 'label' && shape.role === 'rest');
    expect(labels.length).toBeGreaterThan(0);
    expect(labels.length).toBeLessThan(restsOf(layout.tree).length);
    for (const one of labels) {
      const { long } = (one as Extract<Shape, { kind: 'label' }>).words!.params as unknown as { long: { mm: number } };
      expect((long.mm * 2) % 1).toBeCloseTo(0, 6);
    }
  });
});

describe('a slender board', () => {
  test('is true along and wider than it is, so that its pieces can be told apart', async () => {
    const { cutting } = await cut(parcelBench());
    const layout = cutting.layouts.find((one) => one.item.form === 'timber')!;
    const [whole] = polygons(drawn(layout, cutting), 'waste');
    const { long, wide } = box(whole!.points);
    expect(long).toBe(layout.item.lengthMm);
    expect(wide).toBeCloseTo(layout.item.lengthMm / 9, 6);
    expect(wide).toBeGreaterThan(layout.item.widthMm);
  });

  test('each piece is named and can be pointed at by its part', async () => {
    const { cutting } = await cut(parcelBench());
    const layout = cutting.layouts.find((one) => one.item.form === 'timber')!;
    const abouts = polygons(drawn(layout, cutting), 'board').map((polygon) => polygon.about);
    const ids = partsOn(layout.tree).map((part) => cutting.blanks.find((blank) => blank.id === part.part)!.parts[0]);
    expect(abouts).toEqual(ids.map((id) => ({ kind: 'part', id })));
  });
});

test('at the saw: the piece on it, what falls off, and what is cut already', async () => {
  const { cutting } = await cut(parcelBench());
  const layout = cutting.layouts.find((one) => one.item.form === 'timber')!;
  const [first, second] = partsOn(layout.tree);
  const piece = { ...layout.tree, xMm: second!.xMm, lengthMm: layout.tree.lengthMm - second!.xMm };
  const scene = drawn(layout, cutting, { piece, gives: second!, made: new Set([first!.part]) });
  expect(box(polygons(scene, 'chosen')[0]!.points).long).toBeCloseTo(second!.lengthMm, 6);
  expect(polygons(scene, 'board')).toHaveLength(partsOn(layout.tree).length - 1);
  const outline = scene.shapes.find((shape) => shape.kind === 'path' && shape.role === 'cut-line') as Extract<
    Shape,
    { kind: 'path' }
  >;
  expect(box(outline.points).long).toBeCloseTo(piece.lengthMm, 6);
});

test('corner shelves are marked on their blank, two head to tail, within it and apart', async () => {
  const { cutting, plan } = await cut(windowCorner());
  const layout = cutting.layouts.find((one) => partsOn(one.tree).some((part) => part.part.includes('+')))!;
  const scene = drawn(layout, cutting, { parts: plan.parts });
  const outlines = scene.shapes.filter(
    (shape): shape is Extract<Shape, { kind: 'path' }> => shape.kind === 'path' && shape.role === 'cut-line',
  );
  const pairs = partsOn(layout.tree).map((part) => cutting.blanks.find((blank) => blank.id === part.part)!);
  expect(outlines).toHaveLength(pairs.reduce((sum, pair) => sum + pair.parts.length, 0));
  const blanks = polygons(scene, 'board').map((polygon) => box(polygon.points));
  for (const one of outlines) {
    const at = box(one.points);
    const inside = blanks.some(
      (blank) =>
        at.left >= blank.left - 1e-6 &&
        at.right <= blank.right + 1e-6 &&
        at.low >= blank.low - 1e-6 &&
        at.high <= blank.high + 1e-6,
    );
    expect(inside).toBe(true);
  }
});

describe('where a piece sits in the elevation', () => {
  const plan = planJob(chimneyAlcove());
  const at = (id: string) => box((pieceInElevation(plan, id) as Polygon).points);

  test('a board from wall to wall, over its own thickness', () => {
    const shelf = plan.shelves.find((laidShelf) => laidShelf.number === 3)!;
    expect(at('S3-board')).toMatchObject({ low: shelf.underside.mm, high: shelf.top.mm });
    expect(at('S3-board').long).toBeCloseTo(plan.opening.extent.right - plan.opening.extent.left, 6);
  });

  test('a side cleat at its own wall', () => {
    expect(at('S3-side-cleat-left').right).toBeLessThan(0);
    expect(at('S3-side-cleat-right').left).toBeGreaterThan(0);
  });

  test('what is not there is nowhere', () => expect(pieceInElevation(plan, 'S9-board')).toBeNull());
});
