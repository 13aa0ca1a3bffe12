import { chimneyAlcove } from '../../rigs/demo';
import { withSystem } from '../../job';
import { planJob } from '../../plan';
import { drawnIn } from './drawnIn';

const job = chimneyAlcove();
const board = (system: 'three-side-cleats' | 'housed-posts') =>
  planJob(withSystem(job, 'three-side-cleats', system)).parts.find((part) => part.id === 'S3-board')!;

test('both ends are moved alike, and the walls beside them stay', () => {
  const fit = board('three-side-cleats').fit!;
  const moved = drawnIn(fit, -38)!;
  expect(fit.backMm - moved.backMm).toBe(38);
  expect(fit.frontMm - moved.frontMm).toBe(38);
  expect(moved.seat.acrossMm - fit.seat.acrossMm).toBe(19);
  expect(moved.walls).toEqual(fit.walls);
  expect(Math.max(...moved.outline.map(([x]) => x))).toBeCloseTo(Math.max(...fit.outline.map(([x]) => x)) - 38, 9);
  expect(drawnIn(fit, 0)).toBe(fit);
  expect(drawnIn(fit, -5000)).toBeNull();
});

test('between posts a board is shorter by both and longer by both grooves, and says so', () => {
  const { length, fit } = board('housed-posts');
  const terms = Object.fromEntries(length.terms.map((term) => [term.label.code, term.mm]));
  expect(terms['term.posts']).toBe(-54);
  expect(terms['term.intoGrooves']).toBe(16);
  expect(length.terms.reduce((sum, term) => sum + term.mm, 0)).toBeCloseTo(length.mm, 9);
  expect(length.mm).toBeCloseTo(fit!.longMm, 6);
});
