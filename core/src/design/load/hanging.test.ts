import { figure } from '../../base/figure';
import { message } from '../../base/message';
import { BARE } from '../fit/bare';
import type { Part } from '../fit';
import { beamOf, bentBetween, rectangle } from './beams';
import { hangingProblems, round, tube } from './hanging';
import { solvePlate } from './plate';
import { materialOf, stiffnessOf } from './materials';
import { GRAVITY } from './limits';

const pine = materialOf('pine', []);
const wood = { boards: 'pine', sticks: 'pine', own: [] };

describe('sections by hand', () => {
  test('a bar 30 thick: π 30⁴ / 64 = 39761, and half of that over 15', () => {
    expect(round(30).inertia).toBeCloseTo(39_760.8, 1);
    expect(round(30).modulus).toBeCloseTo(39_760.8 / 15, 1);
  });
  test('a tube 30 × 1.5: the bar less one of 27', () => {
    expect(tube(30, 1.5).inertia).toBeCloseTo(round(30).inertia - round(27).inertia, 6);
    expect(tube(30, 15).inertia).toBeCloseTo(round(30).inertia, 6);
  });
  test('a board 300 × 18 on its flat', () => {
    expect(rectangle(300, 18)).toEqual({ inertia: 145_800, modulus: 16_200 });
  });
});

test('a pine bar 30 thick over 1200 with 30 kg/m: 18.2 mm at once, 29 in time', () => {
  // w = 0.2943 N/mm; 5 w L⁴ / 384 E I = 5 × 0.2943 × 1200⁴ / (384 × 11000 × 39761) = 18.17.
  const { lastingMm, used } = bentBetween(round(30), 1200, 30, beamOf(pine));
  expect(lastingMm).toBeCloseTo(18.17 * 1.6, 1);
  // w L² / 8 / 2651 = 19.98 N/mm², of 24 × 0.7 / 1.3 = 12.92.
  expect(used).toBeCloseTo(19.98 / 12.923, 2);
});

test('a steel tube in its place sags 2.8 mm and stays there', () => {
  const steel = { eAlongMpa: 210_000, creep: 0, bearsMpa: 213.6 };
  expect(bentBetween(tube(30, 1.5), 1200, 30, steel).lastingMm).toBeCloseTo(
    (5 * 0.2943 * 1200 ** 4) / (384 * 210_000 * 13_673.7),
    2,
  );
});

test('the beam of a board agrees with the plate solved for it', () => {
  const [length, depth, thick, kgPerM] = [900, 150, 18, 12];
  const beam = bentBetween(rectangle(depth, thick), length, kgPerM, { ...beamOf(pine), creep: 0 });
  const solved = solvePlateOver(length, depth, thick, kgPerM);
  expect(beam.lastingMm / solved).toBeGreaterThan(0.97);
  expect(beam.lastingMm / solved).toBeLessThan(1.03);
});

/** The greatest sag of a plate on both its ends under an even load, millimetres. */
function solvePlateOver(lengthMm: number, depthMm: number, thicknessMm: number, kgPerM: number): number {
  const rest = (x: number) => ({ id: `x${x}`, from: [x, 0], to: [x, depthMm] }) as const;
  const model = {
    lengthMm,
    depthMm,
    thicknessMm,
    stiffness: stiffnessOf(pine),
    rests: [rest(0), rest(lengthMm)],
    ribs: [],
  };
  const pressure = (kgPerM * GRAVITY) / 1000 / depthMm;
  return solvePlate(model, [{ pressure, points: [] }])![0]!.mostMm;
}

const piece = (role: Part['role'], lengthMm: number, widthMm: number, thicknessMm: number): Part => ({
  ...BARE,
  id: role,
  shelf: 0,
  role,
  name: message('part.rod'),
  label: 'R',
  thicknessMm,
  width: figure({ label: message('term.rodDiameter'), mm: widthMm }),
  length: figure({ label: message('term.rodDiameter'), mm: lengthMm }),
  place: { upFrom: 0, upTo: 1, outFrom: 0, outTo: 1 },
});
const codes = (part: Part, further?: { rod: 'tube' | 'wood' }) =>
  hangingProblems([part], { wood, ...(further ? { further: { dividers: [], holes: [], ...further } } : {}) }).map(
    (hangingProblem) => hangingProblem.message.code,
  );

describe('what is named', () => {
  test('a rod of wood breaks over 1200, sags over 900, holds over 500; a tube holds over 1200 and sags over 1500', () => {
    const rod = (long: number) => piece('closet-rod', long, 30, 30);
    expect(codes(rod(1200), { rod: 'wood' })).toEqual(['problem.rodBreaks']);
    expect(codes(rod(900), { rod: 'wood' })).toEqual(['problem.rodSags']);
    expect(codes(rod(500), { rod: 'wood' })).toEqual([]);
    expect(codes(rod(1200))).toEqual([]);
    expect(codes(rod(1500))).toEqual(['problem.rodSags']);
  });

  test('a tilted board of 18 holds over 800 and sags over 1600; one of 6 gives way', () => {
    const board = (long: number, thick: number) => piece('tilted-board', long, 300, thick);
    expect(codes(board(800, 18))).toEqual([]);
    expect(codes(board(1600, 18))).toEqual(['problem.tiltedSags']);
    expect(codes(board(1600, 6))).toEqual(['problem.tiltedBreaks']);
  });

  test('other pieces are none of its business', () => expect(codes(piece('board', 3000, 300, 6))).toEqual([]));

  test('carried in the middle a rod sags a sixteenth', () => {
    const [problem] = hangingProblems([piece('closet-rod', 900, 30, 30)], {
      wood,
      further: { dividers: [], holes: [], rod: 'wood' },
    });
    const { sag, halved } = problem?.message.params as unknown as { sag: { mm: number }; halved: { mm: number } };
    expect(sag.mm / halved.mm).toBeCloseTo(16, 6);
  });
});
