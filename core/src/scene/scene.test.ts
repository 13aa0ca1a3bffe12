import { chimneyAlcove, cloakroomCloset } from '../demo';
import { planJob } from '../plan';
import { elevationScene, exaggerateAcross, planSectionScene, type Point, type Scene, type Shape } from '.';

const job = chimneyAlcove();
const plan = planJob(job);
const points = (shape: Shape): readonly Point[] =>
  shape.is === 'polygon' || shape.is === 'path'
    ? shape.points
    : shape.is === 'dimension'
      ? [shape.from, shape.to]
      : [shape.at];
const inside = ({ bounds }: Scene, [x, y]: Point) =>
  x >= bounds.x - 1 && x <= bounds.x + bounds.width + 1 && y >= bounds.y - 1 && y <= bounds.y + bounds.height + 1;

describe('the elevation', () => {
  const scene = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });

  test('shows every part of every shelf, its gaps and its pole marks', () => {
    const roles = scene.shapes.map((shape) => shape.role);
    const countOf = (role: string) => roles.filter((one) => one === role).length;
    expect(countOf('board')).toBe(5);
    expect(countOf('nosing')).toBe(5);
    expect(countOf('cleat')).toBe(15);
    expect(countOf('wall')).toBe(4);
    const gaps = scene.shapes.filter((shape) => shape.is === 'dimension');
    expect(gaps.map((gap) => gap.is === 'dimension' && gap.mm)).toEqual(plan.gaps.map((gap) => gap.clear.mm));
  });

  test('a gap string is as long as its gap', () => {
    for (const shape of scene.shapes) {
      if (shape.is === 'dimension') expect(shape.to[1] - shape.from[1]).toBeCloseTo(shape.mm, 9);
    }
  });

  test.each([1, 5, 20] as const)('stays on the sheet at %d times', (exaggeration) => {
    for (const show of ['readings', 'shelves'] as const) {
      const sheet = elevationScene(plan, job, { exaggeration, show });
      for (const shape of sheet.shapes) for (const point of points(shape)) expect(inside(sheet, point)).toBe(true);
    }
  });

  test('readings are drawn at their true figure, and the wanted spot beside them', () => {
    const wanted = { kind: 'width', at: 'front', upMm: 300 } as const;
    const readings = elevationScene(plan, job, { exaggeration: 1, show: 'readings', wanted });
    const about = readings.shapes.flatMap((shape) => (shape.about?.is === 'reading' ? [shape.about.id] : []));
    expect(new Set(about)).toEqual(new Set(job.readings.map((one) => one.id)));
    expect(readings.shapes.filter((shape) => shape.role === 'reading-wanted')).toHaveLength(1);
  });

  test('what was never read is drawn as unknown', () => {
    const blank = { ...job, readings: [] };
    const roles = elevationScene(planJob(blank), blank, { exaggeration: 1, show: 'shelves' }).shapes.map((s) => s.role);
    expect(roles.filter((role) => role === 'wall-unknown')).toHaveLength(3);
    expect(roles).not.toContain('board');
  });
});

describe('exaggeration', () => {
  test('moves a point by so many times its departure from the nominal wall, and leaves the middle alone', () => {
    expect(exaggerateAcross(502, 500, 20)).toBe(540);
    expect(exaggerateAcross(-497, 500, 5)).toBe(-485);
    expect(exaggerateAcross(100, 500, 20)).toBe(100);
  });
});

describe('the plan section', () => {
  const closet = planJob(cloakroomCloset());
  const scene = planSectionScene(closet, 2, 1);

  test('shows the deductions in depth: board, side cleats, nosing, in their places', () => {
    const boxes = scene.shapes.filter((shape) => shape.is === 'polygon' && shape.role !== 'wall');
    expect(boxes.map((box) => box.role)).toEqual(['board', 'nosing', 'cleat-below', 'cleat-below', 'cleat-below']);
    const deep = (role: string) => {
      const box = boxes.find((one) => one.role === role);
      const ys = box ? points(box).map((point) => -point[1]) : [];
      return [Math.min(...ys), Math.max(...ys)].map((y) => Math.round((y / 25.4) * 100) / 100 + 0);
    };
    expect(deep('board')).toEqual([0, 15]);
    expect(deep('nosing')).toEqual([15, 15.75]);
  });

  test('a shelf that is not there has walls only', () => {
    const roles = new Set(planSectionScene(closet, 9, 1).shapes.map((shape) => shape.role));
    expect(roles).toEqual(new Set(['wall', 'wall-behind']));
  });
});
