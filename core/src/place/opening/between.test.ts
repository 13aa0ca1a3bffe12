import { message } from '../../base/message';
import { chimneyAlcove } from '../../rigs/demo';
import { surveyOf } from '../survey';
import { openingBetween, openingOf, type SurfacePoint } from '.';

const whole = openingOf(surveyOf(chimneyAlcove()));
const face = { kind: 'face', mm: 100, slope: 0.01, sdMm: 0.5 } as const;
const left = openingBetween(whole, { left: { kind: 'wall' }, right: face });

const onWall: SurfacePoint = { surface: 'left', out: 150, up: 900 };
const onFace: SurfacePoint = { surface: 'right', out: 150, up: 900 };

test('a wall stays where it is, a face is where it was set', () => {
  expect(left.position(onWall)).toEqual(whole.position(onWall));
  expect(left.position(onFace)).toEqual({ mm: 101.5, sdMm: 0.5 });
  expect(left.likely(onFace)).toBe(101.5);
  expect(left.extent.left).toBe(whole.extent.left);
  expect(left.extent.right).toBe(100);
  expect(left.nominal.widthMm).toBeCloseTo(100 - whole.extent.left, 9);
});

test('points of a face move together, and with nothing else', () => {
  const [mean, covariance] = (({ meanMm, covarianceMm2 }) => [meanMm, covarianceMm2] as const)(
    left.jointly([onWall, onFace, { ...onFace, out: 0 }]),
  );
  expect(mean[1]).toBe(101.5);
  expect(mean[2]).toBe(100);
  expect(covariance[0]?.[0]).toBeCloseTo(whole.position(onWall).sdMm ** 2, 9);
  expect([covariance[1]?.[1], covariance[1]?.[2], covariance[2]?.[1]]).toEqual([0.25, 0.25, 0.25]);
  expect([covariance[0]?.[1], covariance[0]?.[2]]).toEqual([0, 0]);
});

test('a distance to a face rests on the readings of the wall across from it', () => {
  const label = message('term.betweenWalls');
  const apart = left.between(onWall, onFace, label);
  expect(apart.mm).toBeCloseTo(101.5 - whole.likely(onWall), 1);
  expect(apart.terms[0]?.readings?.length).toBeGreaterThan(0);
});

test('what stands free has no wall beside it', () => {
  const free = openingBetween(whole, { left: { kind: 'open', mm: -50 }, right: { kind: 'open', mm: 200 } });
  expect(free.surfaces).not.toContain('left');
  expect(free.surfaces).toContain('back');
  expect([free.extent.left, free.extent.right]).toEqual([-50, 200]);
});
