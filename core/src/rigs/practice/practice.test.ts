import { newPlace, PLACE_KINDS } from '../../job';
import { floorMark } from '../../place/kinds';
import { randomFrom } from '../../base/random';
import { signedValue, usualSd } from '../../place/reading';
import { crookedRoom, readWithError, slipOf, takeReading, trueValues } from '.';

const place = newPlace('alcove');

test('the same seed makes the same room, another another', () => {
  const at = (seed: number) => crookedRoom({ place, seed }).position('left', 100, 1200);
  expect(at(5)).toBe(at(5));
  expect(at(5)).not.toBe(at(6));
});

test.each(PLACE_KINDS)('a %s hangs in the frame of surveys: corner or middle at 0, floor mark at 0', (kind) => {
  const room = crookedRoom({ place: newPlace(kind), seed: 9 });
  const { extent, surfaces, position } = room;
  const mid = [extent.depth / 2, extent.height / 2] as const;
  if (surfaces.includes('left') && surfaces.includes('right')) {
    expect((position('left', ...mid) + position('right', ...mid)) / 2).toBeCloseTo(0, 9);
  } else if (surfaces.includes('left')) expect(position('left', 0, extent.height / 2)).toBeCloseTo(0, 9);
  const mark = floorMark(extent);
  expect(position('floor', mark.across, mark.out)).toBeCloseTo(0, 9);
});

test('a room not crooked at all measures what it is said to be', () => {
  const room = crookedRoom({ place, seed: 1, crooked: 0, size: { widthMm: 1000, depthMm: 400, heightMm: 2400 } });
  expect(trueValues(room, { kind: 'width', at: 'back', upMm: 700 })[0]).toBeCloseTo(1000, 9);
  expect(trueValues(room, { kind: 'diagonal', from: 'left', upMm: 700 })[0]).toBeCloseTo(Math.hypot(1000, 400), 9);
  expect(trueValues(room, { kind: 'corner', corner: 'right', upMm: 700 })[0]).toBeCloseTo(90, 9);
  expect(trueValues(room, { kind: 'line', side: 'right', at: 'front' }, 1000)[0]).toBeCloseTo(1000, 9);
});

test('readings scatter about the truth by their instrument’s error', () => {
  const room = crookedRoom({ place, seed: 2 });
  const spot = { kind: 'width', at: 'back', upMm: 700 } as const;
  const [truth = 0] = trueValues(room, spot);
  const random = randomFrom(3);
  const off = Array.from({ length: 2000 }, () => (readWithError(room, spot, random)[0] ?? 0) - truth);
  const sd = Math.sqrt(off.reduce((sum, one) => sum + one * one, 0) / off.length);
  expect(Math.abs(sd - usualSd('width', 'tape'))).toBeLessThan(0.06);
});

test('a practice reading is one the truth would give, told to half a millimetre and with its sense', () => {
  const room = crookedRoom({ place, seed: 4 });
  const spot = { kind: 'plumb', wall: 'left', at: 'front', side: 'middle', upMm: 600, overMm: 1200 } as const;
  const reading = takeReading({ room, spot, random: randomFrom(1), id: 'r' });
  expect(Math.abs(signedValue(reading) - (trueValues(room, spot)[0] ?? 0))).toBeLessThan(4);
  expect('mm' in reading.value && (reading.value.mm * 2) % 1).toBe(0);
});

test('slips are the ones people make', () => {
  const random = randomFrom(8);
  const slips = new Set(Array.from({ length: 300 }, () => slipOf(1127, random)));
  expect([...slips]).toEqual(expect.arrayContaining([10, -10, 25.4, -25.4]));
  // 1127 read as 1217 or as 1172.
  expect([...slips].every((slip) => [10, -10, 25.4, -25.4, 0, 90, 45].includes(slip))).toBe(true);
});
