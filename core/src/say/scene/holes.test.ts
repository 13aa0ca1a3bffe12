import { XMLParser } from 'fast-xml-parser';
import { chimneyAlcove, windowCorner } from '../../rigs/demo';
import { templateSvg } from '../exchange/templateSvg';
import { templateDxf } from '../exchange/templateDxf';
import { withFurther, type Job } from '../../job';
import { mm } from '../../design/load/testing';
import { planJob, type Plan } from '../../plan';
import { templateOf } from '../../design/template';
import { boardScene, cornerScene } from './cutting';
import { elevationScene } from './elevation';
import type { Point, Scene } from './scene';

const drilled: Job = withFurther(chimneyAlcove(), () => ({
  dividers: [{ id: 'd', shelf: 2, at: mm(500) }],
  holes: [{ id: 'h', shelf: 2, from: 'left', at: mm(300), back: mm(120), diameter: mm(60) }],
}));
const plan = planJob(drilled);

/** The round holes of a drawing: the middle and the diameter of each. */
function holesOf(scene: Scene) {
  return scene.shapes.flatMap((shape) => {
    if (shape.kind !== 'polygon' || shape.role !== 'hole-through') return [];
    const mid = (axis: 0 | 1) => shape.points.reduce((sum, point) => sum + point[axis], 0) / shape.points.length;
    const at: Point = [mid(0), mid(1)];
    return [{ at, wide: 2 * Math.hypot(shape.points[0]![0] - at[0], shape.points[0]![1] - at[1]) }];
  });
}
const boardOf = (of: Plan, shelf: number) => of.parts.find((part) => part.id === `S${shelf}-board`)!;

test('a board seen from above shows its hole where it lies in the opening, as wide as it is', () => {
  const { seat } = boardOf(plan, 2).fit!;
  const [hole, ...more] = holesOf(boardScene(plan, 2, 1)!);
  expect(more).toEqual([]);
  expect(hole?.wide).toBeCloseTo(60, 6);
  expect(hole?.at[0]).toBeCloseTo(seat.acrossMm + 300, 6);
  // Out from the back is down the sheet.
  expect(hole?.at[1]).toBeCloseTo(-120, 6);
  expect(holesOf(boardScene(plan, 3, 1)!)).toEqual([]);
});

test('however large departures are drawn, the hole stays round and where it is', () => {
  const [true_] = holesOf(boardScene(plan, 2, 1)!);
  const [large] = holesOf(boardScene(plan, 2, 20)!);
  expect(large?.at[0]).toBeCloseTo(true_!.at[0], 6);
  expect(large?.wide).toBeCloseTo(60, 6);
});

test('a corner shelf shows it from the corner out', () => {
  const corner = planJob(windowCorner());
  const [hole] = holesOf(cornerScene(corner, 1, 5)!);
  expect(hole?.at[0]).toBeCloseTo(230, 6);
  expect(hole?.at[1]).toBeCloseTo(-75, 6);
});

describe('at full size', () => {
  test('the template has it as a circle in millimetres, in SVG and in DXF', () => {
    const template = templateOf(boardOf(plan, 2))!;
    expect(template.holes).toEqual([{ at: [300, 120], diameterMm: 60 }]);
    const svg = new XMLParser({ ignoreAttributes: false }).parse(templateSvg(template, drilled)).svg;
    const circle = JSON.stringify(svg).match(/"@_cx":"([\d.-]+)","@_cy":"([\d.-]+)","@_r":"([\d.]+)"/)!;
    expect(circle.slice(1).map(Number)).toEqual([300, 120, 30]);
    expect(templateDxf(template, drilled)).toMatch(/CIRCLE[\s\S]*HOLES/);
  });

  test('a board without one says nothing of holes', () => {
    expect(templateOf(boardOf(plan, 3))).not.toHaveProperty('holes');
  });
});

test('the elevation shows a divider between its shelves', () => {
  const divider = plan.parts.find((part) => part.role === 'divider')!;
  const scene = elevationScene(plan, drilled, { exaggeration: 1, show: 'shelves' });
  const drawn = scene.shapes.filter(
    (shape) =>
      shape.kind === 'polygon' &&
      shape.points.every(
        ([x, y]) =>
          Math.abs(x - (divider.across!.fromMm + 9)) < 9.1 &&
          y >= divider.place.upFrom - 0.1 &&
          y <= divider.place.upTo + 0.1,
      ),
  );
  expect(drawn).toHaveLength(1);
  expect(drawn[0]).toMatchObject({ role: 'board', about: { kind: 'shelf', shelf: 2 } });
});

test('what carries a board is drawn as thick as it is, however large departures are', () => {
  for (const factor of [1, 20] as const) {
    const shapes = boardScene(plan, 2, factor)!.shapes.filter(
      (shape) => shape.kind === 'polygon' && shape.role === 'cleat-below',
    );
    const sizes = shapes.flatMap((shape) => {
      if (shape.kind !== 'polygon') return [];
      const span = (axis: 0 | 1) =>
        Math.max(...shape.points.map((at) => at[axis])) - Math.min(...shape.points.map((at) => at[axis]));
      // A stick that lies askew is no thicker for that: its area over its length.
      const area = shape.points.reduce((sum, [x, y], i) => {
        const [before, beyond] = shape.points.at(i - 1)!;
        return sum + (before * y - x * beyond) / 2;
      }, 0);
      return [Math.round(Math.abs(area) / Math.max(span(0), span(1)))];
    });
    expect(sizes).toEqual([20, 20, 20]);
  }
});
