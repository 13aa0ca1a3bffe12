import { demoJobs } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { elevationScene, type Point, type Scene } from '@dormer/core/say/scene';
import { placeFigures, type Box } from './figures';
import { fitSheet } from './sheet';

const reader = { units: 'mm', tape: '1mm' } as const;
const string = (mm: number, up: number, share: number) =>
  ({ kind: 'dimension', role: 'reading', from: [0, up] as Point, to: [1000, up] as Point, mm, share }) as const;
const sceneOf = (...shapes: Scene['shapes']): Scene => ({
  title: { code: 'scene.elevationOpen', params: {} } as Scene['title'],
  bounds: { x: 0, y: 0, width: 1000, height: 1000 },
  shapes,
});
const none = () => false;
const apart = (a: Box, b: Box) =>
  a.left + a.width <= b.left || b.left + b.width <= a.left || a.top + a.height <= b.top || b.top + b.height <= a.top;

test('figures with room stand at their own place along the string', () => {
  const scene = sceneOf(string(1126, 500, 0.25), string(1131, 500, 0.75));
  const placed = placeFigures(scene, fitSheet(scene, 400, 400), reader, none);
  expect([...placed.values()].map((figure) => [figure.text, figure.at])).toEqual([
    ['1126', [100, 200]],
    ['1131', [300, 200]],
  ]);
});

test('one whose place is taken moves along its string, and one with no room at all is left out', () => {
  const near = sceneOf(string(1126, 500, 0.5), string(1131, 500, 0.5));
  const moved = placeFigures(near, fitSheet(near, 400, 400), reader, none);
  expect(moved.size).toBe(2);
  expect(moved.get(1)?.at).toEqual([120, 200]);
  const narrow = placeFigures(near, fitSheet(near, 30, 400), reader, none);
  expect([...narrow.values()].map((figure) => figure.text)).toEqual(['1126']);
});

test('what is chosen keeps its place', () => {
  const scene = sceneOf(string(1126, 500, 0.5), string(1131, 500, 0.5));
  const placed = placeFigures(scene, fitSheet(scene, 30, 400), reader, (shape) => 'mm' in shape && shape.mm === 1131);
  expect([...placed.values()].map((figure) => figure.text)).toEqual(['1131']);
});

test.each(demoJobs())('$name: no figure lies on another, on a phone or wide', (job) => {
  for (const show of ['readings', 'shelves'] as const) {
    const scene = elevationScene(planJob(job), job, { exaggeration: 5, show });
    for (const [width, height] of [
      [300, 370],
      [760, 740],
    ] as const) {
      const boxes = [...placeFigures(scene, fitSheet(scene, width, height), job, none).values()].map(
        (placeFigure) => placeFigure.box,
      );
      expect(boxes.length).toBeGreaterThan(2);
      boxes.forEach((box, i) => boxes.slice(i + 1).forEach((other) => expect(apart(box, other)).toBe(true)));
    }
  }
});
