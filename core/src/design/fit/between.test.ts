import fc from 'fast-check';
import { END_STYLES } from '../../job';
import { fitBack, fitBetween, fitPiece, pocketOf, type FitWish, type Walled } from '.';
import { openingOf } from '../../place/opening';
import { exactly, surveyWith, width } from '../../place/survey/testing';
import { openingWith } from './testing';

const band = { upFrom: 982, upTo: 1000, outFrom: 0, outTo: 300 };
const pocket = (opening: Walled, samples = 200) => pocketOf(opening, band, { stance: 'flat', samples, seed: 3 });
const wish: FitWish = { tape: '0.5mm', odds: 97, leastMm: 0 };
const piece = { ...wish, habit: 'snug', ends: null, back: null, sideBySide: true } as const;

describe('known for sure, worked by hand', () => {
  test('a square opening of 1000 takes a board of 1000 with square ends and no gap', () => {
    const cut = fitBetween(pocket(openingWith()), 'angled', wish)!;
    expect(cut).toMatchObject({ lengthMm: 1000, odds: 100 });
    expect([cut.left.offsetMm, cut.right.offsetMm]).toEqual([0, 0]);
    expect(cut.clearanceMm).toBeLessThan(0.001);
    expect(cut.worst.mm).toBeLessThan(0.01);
  });

  test('a trapezoid: 1000 at the back, the left wall runs out 4 in 400 and the right 8: over 300 that is 3 and 6', () => {
    const opening = openingWith({ left: (y) => -500 - 0.01 * y, right: (y) => 500 + 0.02 * y });
    const fit = fitPiece(pocket(opening), piece)!;
    expect(fit).toMatchObject({ style: 'angled', backMm: 1000, frontMm: 1009, longMm: 1009 });
    expect([fit.left.outMm, fit.right.outMm]).toEqual([3, 6]);
    // atan(3 / 300) and atan(6 / 300).
    expect([fit.left.degrees, fit.right.degrees]).toEqual([0.6, 1.1]);
    expect(fit.outline).toEqual([
      [0, 0],
      [1000, 0],
      [1006, 300],
      [-3, 300],
    ]);
    // Cut square, half of 9 is left at each front corner at the best: the board is shifted to share it.
    const square = fit.styles.find((style) => style.style === 'square')!;
    expect(square.worst.mm).toBeGreaterThan(4.4);
    expect(square.widest?.p).toBe(300);
  });

  test('an opening that narrows to the front: the long points are at the back', () => {
    const fit = fitPiece(pocket(openingWith({ left: (y) => -500 + 0.02 * y, right: (y) => 500 - 0.02 * y })), piece)!;
    expect(fit).toMatchObject({ backMm: 1000, frontMm: 988, longMm: 1000 });
    expect([fit.left.outMm, fit.left.degrees]).toEqual([-6, -1.1]);
  });

  test('a skew opening: both walls run to the left by 1 in 100; the board is a parallelogram and as long', () => {
    const fit = fitPiece(pocket(openingWith({ left: (y) => -500 - 0.01 * y, right: (y) => 500 - 0.01 * y })), {
      ...piece,
      ends: 'angled',
    })!;
    expect([fit.left.outMm, fit.right.outMm]).toEqual([3, -3]);
    expect(fit).toMatchObject({ backMm: 1000, frontMm: 1000, longMm: 1003 });
  });

  test('where the back itself runs askew a square corner is no square end: ends stand to the back edge', () => {
    // The back comes forward to the right by 1 in 100 and the walls stand square to the frame.
    const fit = fitPiece(pocket(openingWith({ back: (x) => 0.01 * x })), { ...piece, ends: 'angled' })!;
    expect([fit.left.outMm, fit.right.outMm]).toEqual([-3, 3]);
    expect(fit.seat.askew).toBeCloseTo(0.01, 6);
  });

  test('leaning walls: the tighter face decides, and a bevel lets the upper edge meet them', () => {
    // Both lean out by 1 in 10: over 18 mm that is 1.8 at each end.
    const leaning = openingWith({ left: (_, z) => -500 - 0.1 * (z - 982), right: (_, z) => 500 + 0.1 * (z - 982) });
    const straight = fitBetween(pocket(leaning), 'angled', wish)!;
    expect(straight.lengthMm).toBe(1000);
    expect(straight.worst.mm).toBeCloseTo(1.8, 1);
    const fit = fitPiece(pocket(leaning), { ...piece, ends: 'bevelled' })!;
    // atan(0.1) is 5.71: set to 5.7, its tangent 0.0998 leaves 0.004 over 18 mm, taken back at the seen edge.
    expect([fit.left.bevelDegrees, fit.right.bevelDegrees]).toEqual([5.7, 5.7]);
    expect(fit.backMm).toBe(1003.5);
    expect(fit.worst.mm).toBeLessThan(0.1);
    // Leaning in, the upper edge is the tight one and nothing is gained by a bevel.
    const inwards = openingWith({ left: (_, z) => -500 + 0.1 * (z - 982), right: (_, z) => 500 - 0.1 * (z - 982) });
    const inward = fitPiece(pocket(inwards), { ...piece, ends: 'bevelled' })!;
    expect(inward.left.bevelDegrees).toBe(0);
    expect(inward.backMm).toBe(996);
  });

  test('a nosing is on edge: its ends follow the lean over its height, at its own place', () => {
    const leaning = openingWith({ left: (_, z) => -500 - 0.05 * z, right: () => 500 });
    const nosing = { upFrom: 940, upTo: 1000, outFrom: 280, outTo: 300 };
    const cut = fitBetween(pocketOf(leaning, nosing, { stance: 'on-edge', samples: 50, seed: 1 }), 'angled', wish)!;
    // At its lower edge the wall is at -547; over 60 it runs out 3.
    expect(cut.lengthMm).toBe(1047);
    expect([cut.left.offsetMm, cut.right.offsetMm]).toEqual([3, 0]);
  });

  test('a wall with a belly: a straight end touches its top, a scribed one follows it', () => {
    // 4 mm in the middle of the 300.
    const belly = openingWith({ left: (y) => -500 + 4 * (1 - ((y - 150) / 150) ** 2) });
    const straight = fitBetween(pocket(belly), 'angled', wish)!;
    expect(straight.lengthMm).toBe(996);
    // Turned a little, what shows at the left front is shared with the right: somewhat less than 4.
    expect(straight.worst.mm).toBeGreaterThan(3.5);
    expect(straight.worst.mm).toBeLessThan(4.01);
    expect(fitBetween(pocket(belly), 'scribed', wish)!.worst.mm).toBeLessThan(0.3);
  });

  test('rounding goes down: 999.9 becomes 999.5 on the half millimetre, 999 on the whole', () => {
    const narrow = pocket(openingWith({ right: () => 499.9 }));
    expect(fitBetween(narrow, 'square', wish)!.lengthMm).toBe(999.5);
    expect(fitBetween(narrow, 'square', { ...wish, tape: '1mm' })!.lengthMm).toBe(999);
    // 999.9 mm is 39 11.7/32 in.
    expect(fitBetween(narrow, 'square', { ...wish, tape: '1/32in' })!.lengthMm / 25.4).toBeCloseTo(39 + 11 / 32, 9);
  });
});

describe('the back edge', () => {
  const hollow = openingWith({ back: (x) => 4 * ((x / 500) ** 2 - 1) });
  test('a straight one touches a hollow wall at its ends and leaves 4 in the middle', () => {
    const edge = fitBack(pocket(hollow), 'straight')!;
    expect(edge.worst.mm).toBeCloseTo(4, 1);
    expect(edge.atMm).toBe(0);
  });

  test('a scribed one follows it: the offsets from the line are the bow itself', () => {
    const edge = fitBack(pocket(hollow), 'scribed')!;
    expect(edge.worst.mm).toBeLessThan(0.01);
    edge.acrosses.forEach((x, i) => expect(edge.profile[i]).toBeCloseTo(4 * ((x / 500) ** 2 - 1), 6));
    const { outline } = fitPiece(pocket(hollow), { ...piece, back: 'scribed' })!;
    expect(Math.min(...outline.map(([, y]) => y))).toBeCloseTo(-4, 3);
  });
});

describe('known about so well', () => {
  // Each wall to 1 mm as a whole: the width to √2. Of it the least in 97 of 100 is 1.88 √2 = 2.66 below the mean.
  const about = pocket(openingWith({}, 1), 4000);
  test('the clearance is what the wanted odds ask for', () => {
    expect(fitBetween(about, 'square', wish)!.clearanceMm).toBeCloseTo(1.881 * Math.SQRT2, 0);
    expect(fitBetween(about, 'square', { ...wish, odds: 50 })!.clearanceMm).toBeLessThan(0.1);
    expect(fitBetween(about, 'square', { ...wish, odds: 99.9 })!.clearanceMm).toBeGreaterThan(3.8);
  });

  test('a loose fit is short by its play at the least', () => {
    expect(fitBetween(about, 'square', { ...wish, leastMm: 6 })).toMatchObject({ lengthMm: 994, clearanceMm: 6 });
    expect(fitBetween(about, 'square', { ...wish, leastMm: 1 })!.clearanceMm).toBeGreaterThan(2);
  });

  test('the gap to be expected is half of what the width is more than the board', () => {
    const cut = fitBetween(about, 'square', wish)!;
    expect(cut.worst.mm).toBeCloseTo((1000 - cut.lengthMm) / 2, 0);
    expect(cut.worst.fromMm).toBeLessThan(cut.worst.mm);
    expect(cut.worst.toMm).toBeGreaterThan(cut.worst.mm);
  });
});

describe('for any straight walls', () => {
  const slope = fc.integer({ min: -40, max: 40 }).map((n) => n / 1000);
  const walls = fc.record({ left: slope, right: slope, lean: slope, back: slope });
  const opening = ({ left, right, lean, back }: { left: number; right: number; lean: number; back: number }, sd = 0) =>
    openingWith(
      { left: (y, z) => -500 + left * y + lean * (z - 1000), right: (y) => 500 + right * y, back: (x) => back * x },
      sd,
    );

  test('straight ends at their own angle leave less than rounding does, and square ones never less than they', () => {
    fc.assert(
      fc.property(walls, (one) => {
        const at = pocket(opening(one), 1);
        const [angled, square] = [fitBetween(at, 'angled', wish)!, fitBetween(at, 'square', wish)!];
        // Half a mark in length shared, a quarter for each angle, the lean over the thickness, and what a turn costs.
        expect(angled.worst.mm).toBeLessThan(0.25 + 0.25 + 18 * Math.abs(one.lean) + 0.01);
        expect(square.worst.mm).toBeGreaterThan(angled.worst.mm - 0.8);
      }),
    );
  });

  test('in every style it goes in at the wanted odds, and more odds never make it longer', () => {
    fc.assert(
      fc.property(walls, fc.constantFrom(...END_STYLES), (one, style) => {
        const at = pocket(opening(one, 0.8), 200);
        const [some, more] = [
          fitBetween(at, style, { ...wish, odds: 80 })!,
          fitBetween(at, style, { ...wish, odds: 99 })!,
        ];
        expect(some.odds).toBeGreaterThanOrEqual(80);
        expect(more.odds).toBeGreaterThanOrEqual(99);
        expect(more.lengthMm).toBeLessThanOrEqual(some.lengthMm);
      }),
    );
  });
});

test('from readings: a square piece has what is left between the innermost points, a parallelogram takes from it', () => {
  const skew = (leans: number) => {
    const opening = openingOf(
      surveyWith([
        exactly(width('back', 900), 1000, 'a'),
        exactly(width('front', 900), 1000, 'b'),
        exactly({ kind: 'depth', side: 'left', upMm: 900 }, 400, 'd'),
        exactly({ kind: 'height', side: 'left', at: 'front' }, 2400, 'e'),
        exactly({ kind: 'square', corner: 'left', upMm: 900, bladeMm: 350 }, leans, 's', { sd: 0.1 }),
        exactly({ kind: 'square', corner: 'right', upMm: 900, bladeMm: 350 }, -leans, 't', { sd: 0.1 }),
      ]),
    );
    const at = { upFrom: 882, upTo: 900, outFrom: 0, outTo: 280 };
    return fitBetween(pocketOf(opening, at, { stance: 'flat', samples: 50, seed: 3 }), 'square', wish)!.clearMm;
  };
  expect(skew(0)).toBeCloseTo(1000, 0);
  // 7 over 350 is 5.6 over the board's 280.
  expect(Math.abs(skew(7) - (1000 - 5.6))).toBeLessThan(0.7);
});

describe('what is left on to scribe', () => {
  // A belly of 4 mm on the left: a straight end that touches it stands off 4 at back and front.
  const belly = openingWith({
    left: (y) => -500 + 4 * (1 - ((y - 150) / 150) ** 2),
    back: (x) => 3 * ((x / 500) ** 2 - 1),
  });
  const fit = fitPiece(pocket(belly), { ...piece, habit: 'scribed' })!;

  test('as much as a straight end leaves at its widest, so that the scribed line lies on wood all along', () => {
    expect(fit.style).toBe('scribed');
    expect(fit.left.allowanceMm).toBeGreaterThanOrEqual(4);
    expect(fit.left.allowanceMm).toBeLessThan(5);
    expect(fit.right.allowanceMm).toBeLessThan(1);
    expect(fit.longMm).toBe(fit.backMm + fit.left.allowanceMm + fit.right.allowanceMm);
    // The outline lies within the straight blank: beyond its line by no more than was left on.
    expect(Math.min(...fit.outline.map(([x]) => x))).toBeGreaterThan(-fit.left.allowanceMm);
  });

  test('behind a scribed back edge as much as a straight one leaves: 3 mm', () => {
    expect(fit.back?.allowanceMm).toBe(3);
  });
});
