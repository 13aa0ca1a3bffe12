import { figure } from '../../base/figure';
import { message } from '../../base/message';
import type { Opening, SurfacePoint } from '../../place/opening';
import { besideCleat } from './besideCleat';

const DEGREES = Math.PI / 180;
const band = { upFrom: 800, upTo: 845, outFrom: 20, outTo: 320 };
const asked = figure({ label: message('term.shelfDepth'), mm: 300 });

/** A niche whose back runs straight along x and whose side walls open by so many degrees. */
function opensBy(left: number, right: number): Opening {
  const at = (point: SurfacePoint) => {
    if (point.surface === 'left') return -500 - point.out * Math.tan(left * DEGREES);
    if (point.surface === 'right') return 500 + point.out * Math.tan(right * DEGREES);
    return 0;
  };
  const surfaces = ['left', 'right', 'back'] as const;
  const extent = { left: -500, right: 500, depth: 340, height: 2000, measured: {} };
  return { surfaces, extent, position: (point: SurfacePoint) => ({ mm: at(point), sdMm: 0 }) } as unknown as Opening;
}
const cleat = (side: 'left' | 'right', opening: Opening) =>
  besideCleat({ kind: 'along-side', side, band, figure: asked }, 18, opening, '0.5mm');

test('what paint hides is sawn square: 18 tan 1.5° is 0.47', () => {
  expect(cleat('right', opensBy(0, 1.5)).joint).toBeNull();
});

test('in a square corner a cleat is square and as long as the depth asks', () => {
  expect(cleat('left', opensBy(0, 0))).toMatchObject({ length: { mm: 300 }, joint: null });
});

test('by hand: a corner of 92.5° and a cleat 18 thick differ 18 tan 2.5° = 0.79 from edge to edge', () => {
  const { length, joint } = cleat('right', opensBy(0, 2.5));
  // 300 / cos 2.5° = 300.286, less the 0.786 its front corner would stick out: 299.4998, down to the half millimetre.
  expect(length.mm).toBe(299);
  // The other cleat of the shelf, in its square corner, is cut to the same stop.
  expect(cleat('left', opensBy(0, 2.5)).length.mm).toBe(299);
  expect(joint).toMatchObject({ kind: 'corner', degrees: 2.5, longer: 'room' });
  expect(joint?.kind === 'corner' ? joint.outMm : 0).toBeCloseTo(0.786, 3);
});

test('where the corner closes the edge on the wall is the longer one; at 5° it is 1.1 mm longer along the wall', () => {
  const { length, joint } = cleat('left', opensBy(-5, 0));
  expect(joint).toMatchObject({ kind: 'corner', degrees: 5, longer: 'wall' });
  expect(length.mm).toBe(301);
});
