import fc from 'fast-check';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { elevationScene } from '@dormer/core/say/scene';
import { fitSheet } from './sheet';

const job = chimneyAlcove();
const scene = elevationScene(planJob(job), job, { exaggeration: 1, show: 'shelves' });
const { x, y, width, height } = scene.bounds;

test('a scene lies whole inside any box, upright and to one scale', () => {
  fc.assert(
    fc.property(fc.integer({ min: 50, max: 3000 }), fc.integer({ min: 50, max: 3000 }), (wide, high) => {
      const sheet = fitSheet(scene, wide, high);
      const [left, bottom] = sheet.at([x, y]);
      const [right, top] = sheet.at([x + width, y + height]);
      expect(left).toBeGreaterThanOrEqual(-1e-6);
      expect(top).toBeGreaterThanOrEqual(-1e-6);
      expect(right).toBeLessThanOrEqual(wide + 1e-6);
      expect(bottom).toBeLessThanOrEqual(high + 1e-6);
      expect(bottom).toBeGreaterThan(top);
      expect((right - left) / width).toBeCloseTo((bottom - top) / height, 9);
    }),
  );
});
