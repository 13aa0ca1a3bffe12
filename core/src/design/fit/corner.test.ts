import { typedLength, type CornerWish } from '../../job';
import { cornerOutline, fitCorner, sharedTemplates, SET_BACK_MM, type CornerFit, type OutlinePoint } from '.';
import { openingWith } from './testing';

const mm = (value: number) => typedLength(String(value), 'mm');
const wish = (shape: CornerWish['shape']): CornerWish => ({ shape, side: mm(300), arm: mm(100) });
/** The side wall of a corner that opens by 2.6°: 92.6°. */
const OPENS = Math.tan((2.6 * Math.PI) / 180);
const corner = (shape: CornerWish['shape'], side: 'left' | 'right' = 'left', degreesOpen = OPENS) =>
  fitCorner({
    opening: openingWith({ left: (y) => -degreesOpen * y, right: (y) => degreesOpen * y }),
    side,
    upFrom: 982,
    upTo: 1000,
    wish: wish(shape),
    backMm: 400,
    railMm: 20,
    samples: 20,
  });
const far = ([x1, y1]: OutlinePoint, [x2, y2]: OutlinePoint) => Math.hypot(x2 - x1, y2 - y1);
/** The angle at a corner of an outline, degrees. */
function angleAt(outline: readonly OutlinePoint[], i: number): number {
  const at = (k: number) => outline[(k + outline.length) % outline.length] as OutlinePoint;
  const [a, o, b] = [at(i - 1), at(i), at(i + 1)];
  const turn = Math.atan2(a[1] - o[1], a[0] - o[0]) - Math.atan2(b[1] - o[1], b[0] - o[0]);
  return Math.abs((((turn * 180) / Math.PI + 540) % 360) - 180);
}

describe('a corner of 92.6°, legs of 400 and 300, by hand', () => {
  test('its angle is found and cut, half of it is the mitre', () => {
    const fit = corner('triangle');
    expect(fit.degrees).toBeCloseTo(92.6, 6);
    expect(fit).toMatchObject({ cutDegrees: 92.6, mitreDegrees: 46.3, side: 'left' });
    expect(fit.tiltDegrees).toBeCloseTo(43.7, 9);
    expect(fit.worst.mm).toBeLessThan(0.01);
  });

  test('straight front: √(400² + 300² - 2 · 400 · 300 cos 92.6°) = 510.8', () => {
    const { outline, frontMm } = corner('triangle');
    expect(outline).toHaveLength(3);
    expect(frontMm).toBeCloseTo(510.77, 1);
    expect(angleAt(outline, 0)).toBeCloseTo(92.6, 6);
    // The far end of the side wall lies 300 sin 2.6° = 13.6 beyond square.
    expect(outline[2]?.[0]).toBeCloseTo(-13.61, 2);
  });

  test('rounded front: it begins square to nothing, ends on both walls, and its middle is on the ellipse', () => {
    const { outline, frontMm } = corner('rounded');
    expect(frontMm).toBeNull();
    expect(far(outline[0]!, outline[1]!)).toBeCloseTo(400, 9);
    expect(far(outline[0]!, outline.at(-1)!)).toBeCloseTo(300, 9);
    // Half way: (400 u + 300 v) / √2, with u along the back and v along the side wall.
    const half = outline[1 + 32]!;
    expect(half[0]).toBeCloseTo((400 - 13.609) / Math.SQRT2, 2);
    expect(half[1]).toBeCloseTo((300 * Math.cos((2.6 * Math.PI) / 180)) / Math.SQRT2, 2);
  });

  test('clipped: five sides, both short ones 100 and square to their walls', () => {
    const { outline } = corner('clipped');
    expect(outline).toHaveLength(5);
    expect(angleAt(outline, 1)).toBeCloseTo(90, 6);
    expect(angleAt(outline, 4)).toBeCloseTo(90, 6);
    expect([far(outline[1]!, outline[2]!), far(outline[3]!, outline[4]!)]).toEqual([
      expect.closeTo(100, 6),
      expect.closeTo(100, 6),
    ]);
  });

  test('an L: its arms are 100 deep all along, so its inner edges run along the walls', () => {
    const { outline } = corner('ell');
    expect(outline).toHaveLength(6);
    expect(angleAt(outline, 3)).toBeCloseTo(92.6, 6);
    expect(outline[2]![1]).toBeCloseTo(100, 9);
    expect(outline[3]![1]).toBeCloseTo(100, 9);
  });

  test('on the right it is the same in a mirror', () => {
    const [left, right] = [corner('triangle'), corner('triangle', 'right')];
    expect(right.degrees).toBeCloseTo(92.6, 6);
    right.outline.forEach(([x, y], i) => {
      expect(x).toBeCloseTo(-left.outline[i]![0], 9);
      expect(y).toBeCloseTo(left.outline[i]![1], 9);
    });
  });

  test('rails end behind the front edge: in a square corner a triangle of 400 by 300 leaves 400 - 20 · 4/3 - 30', () => {
    const { rails } = corner('triangle', 'left', 0);
    expect(SET_BACK_MM).toBe(30);
    expect(rails.backMm).toBeCloseTo(400 - (20 * 4) / 3 - 30, 6);
    // The side one begins at the face of the back one: 300 - 20 · 3/4 - 30 - 20.
    expect(rails.sideMm).toBeCloseTo(300 - 15 - 30 - 20, 6);
  });
});

test('a corner that is not known well leaves a gap at the tip: its leg times the angle', () => {
  // Each wall turns by chance about the corner: what the angle is known to.
  const flat = openingWith();
  const opening = {
    ...flat,
    jointly: (points: Parameters<typeof flat.jointly>[0]) => ({
      ...flat.jointly(points),
      covarianceMm2: points.map((a) =>
        points.map((b) =>
          a.surface === 'left' && b.surface === 'left' && 'out' in a && 'out' in b ? a.out * b.out * 0.01 ** 2 : 0,
        ),
      ),
    }),
  };
  const fit = fitCorner({
    opening,
    side: 'left',
    upFrom: 982,
    upTo: 1000,
    wish: wish('triangle'),
    backMm: 400,
    railMm: 20,
    samples: 2000,
  });
  // 0.01 is 0.573°; twice that.
  expect(fit.sureDegrees).toBeCloseTo(1.146, 1);
  // Shared by both edges the widest is 300 · 400 / 700 times the angle, whose mean size is 0.8 · 0.01.
  expect(fit.worst.mm).toBeCloseTo(0.798 * 0.01 * ((300 * 400) / 700), 1);
});

test('templates are shared while the tip is off by no more than caulk hides', () => {
  const at = (cutDegrees: number): CornerFit => ({ ...corner('triangle'), cutDegrees });
  const shelves = [93.4, 93, 92.6].map((degrees, i) => ({ shelf: i + 1, fit: at(degrees) }));
  // 0.4° of 400 is 2.8 mm, 0.8° is 5.6: the third is cut by its own.
  expect(sharedTemplates(shelves).map((sharedTemplate) => sharedTemplate.sameAs)).toEqual([null, 1, null]);
});

test('an outline for any angle starts in the corner and turns by it', () => {
  for (const degrees of [60, 90, 93.2, 120]) {
    for (const shape of ['triangle', 'rounded', 'clipped', 'ell'] as const) {
      const outline = cornerOutline(wish(shape), 400, degrees);
      expect(outline[0]).toEqual([0, 0]);
      expect(angleAt(outline, 0)).toBeCloseTo(degrees, 6);
    }
  }
});
