import { usualCoats } from '../../job';
import { nestPair } from './nest';
import { coatingsFor, surfaceOf } from './finish';
import { packsFor } from './shopping/packs';
import { stripsFor } from './blanks';
import { figure } from '../../base/figure';
import { message } from '../../base/message';
import type { OutlinePoint } from '../../design/fit';

const triangle = (a: number, b: number): OutlinePoint[] => [
  [0, 0],
  [a, 0],
  [0, b],
];
const quarter = (r: number): OutlinePoint[] => [
  [0, 0],
  ...Array.from({ length: 65 }, (_, i): OutlinePoint => [
    r * Math.sin((i * Math.PI) / 128),
    r * Math.cos((i * Math.PI) / 128),
  ]),
];

describe('two corner shelves in one blank', () => {
  test('triangles lie along one another, a kerf between their long edges', () => {
    // At 45° a kerf of 3 across the edge is 3·√2 along the blank.
    const { lengthMm, widthMm } = nestPair(triangle(300, 300), triangle(300, 300), 3);
    expect(lengthMm).toBeCloseTo(300 + 3 * Math.SQRT2, 1);
    expect(widthMm).toBe(300);
  });

  test('a long one and a steep one: 3-4-5', () => {
    // The long edge falls 3 for 4 along: 2 mm across it are 2·5/3 along the blank.
    expect(nestPair(triangle(400, 300), triangle(400, 300), 2).lengthMm).toBeCloseTo(400 + (2 * 5) / 3, 1);
  });

  test('rounds: their corners are a diameter apart and the kerf', () => {
    // Their corners stand 300 apart across; between the arcs 603 is wanted: √(603² − 300²) along.
    expect(nestPair(quarter(300), quarter(300), 3).lengthMm).toBeCloseTo(Math.sqrt(603 ** 2 - 300 ** 2), 0);
  });

  test('a pair takes less than two, and never overlaps whatever its sizes', () => {
    const { lengthMm, shiftMm } = nestPair(triangle(340, 290), triangle(310, 300), 3);
    expect(lengthMm).toBeLessThan(340 + 310);
    expect(shiftMm).toBeGreaterThan(0);
  });
});

describe('panels glued up of strips', () => {
  // A board 145 wide gives 141 when both edges are jointed; a panel of 320 is glued 324 wide: three strips of 108 + 4.
  test('how many, and how wide', () => expect(stripsFor(320, 145)).toEqual({ count: 3, stripMm: 112 }));
  test('one that is just wide enough is one', () => expect(stripsFor(137, 145)).toEqual({ count: 1, stripMm: 145 }));
  test('a millimetre more is two', () => expect(stripsFor(138, 145).count).toBe(2));
});

describe('packs', () => {
  const screws = [
    { holds: 25, price: 3 },
    { holds: 100, price: 8 },
    { holds: 200, price: 14 },
  ];
  test('a hundred for less than four times twenty-five', () =>
    expect(packsFor(80, screws)).toMatchObject({ price: 8, packs: [{ holds: 100, count: 1 }] }));
  test('a large one and a small one', () => expect(packsFor(110, screws)).toMatchObject({ price: 11, holds: 125 }));
  test('exactly full is enough', () => expect(packsFor(25, screws)).toMatchObject({ price: 3, holds: 25 }));
  test('one more is not', () => expect(packsFor(26, screws)).toMatchObject({ price: 6, holds: 50 }));
  test('at one price the fuller', () =>
    expect(
      packsFor(30, [
        { holds: 50, price: 6 },
        { holds: 25, price: 3 },
      ]),
    ).toMatchObject({ price: 6, holds: 50 }));
  test('nothing is needed, nothing is bought', () =>
    expect(packsFor(0, screws)).toMatchObject({ price: 0, packs: [] }));
  test('free packs', () => expect(packsFor(30, [{ holds: 50, price: 0 }])).toMatchObject({ price: 0, holds: 50 }));
});

describe('finish', () => {
  const label = message('part.board');
  const board = {
    length: figure({ label, mm: 1000 }),
    width: figure({ label, mm: 300 }),
    thicknessMm: 18,
  };

  // Two faces of 0.3 m², two long edges of 0.018 and two short ones of 0.0054.
  test('the surface of a board, all round', () => expect(surfaceOf(board)).toBeCloseTo(0.6468, 6));
  test('primer once, paint twice', () =>
    expect(coatingsFor(9, usualCoats('paint', 2))).toEqual([
      { what: 'primer', litres: 1 },
      { what: 'paint', litres: 1.8 },
    ]));
  test('conditioner and stain once, clear coat over it', () =>
    expect(coatingsFor(11, usualCoats('stain', 3)).map((coating) => coating.what)).toEqual([
      'conditioner',
      'stain',
      'clear',
    ]));
  test('bare wood takes nothing', () => expect(coatingsFor(9, usualCoats('bare', 2))).toEqual([]));
});
