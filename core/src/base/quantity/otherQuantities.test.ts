import fc from 'fast-check';
import { formatAngle, formatMass, parseAngle, parseMass, snapToTape, TAPE_STEP_MM, TAPES } from '.';

describe('angles', () => {
  test.each<[string, number]>([
    ['92.5', 92.5],
    ['92,5°', 92.5],
    ["92° 30'", 92.5],
    ['-1.5', -1.5],
    ['4.5 over 300', (Math.atan(4.5 / 300) * 180) / Math.PI],
  ])('%s', (typed, degrees) => {
    const read = parseAngle(typed);
    expect(read.ok && read.value).toBeCloseTo(degrees, 9);
  });

  test.each([
    ['', 'quantity.empty'],
    ['steep', 'quantity.notUnderstood'],
    ["92° 75'", 'quantity.notUnderstood'],
    ['4 over 0', 'quantity.notUnderstood'],
    ['400', 'quantity.angleOutOfRange'],
  ])('%p is refused', (typed, code) => {
    const read = parseAngle(typed);
    expect(read.ok ? 'read' : read.error.code).toBe(code);
  });

  test('written in degrees, minutes, or as marked with a rule', () => {
    expect(formatAngle(92.54, { as: 'degrees' })).toBe('92.5°');
    expect(formatAngle(92.5, { as: 'minutes' })).toBe("92° 30'");
    expect(formatAngle(-0.001, { as: 'degrees' })).toBe('0.0°');
    // tan 0.8594° = 0.0150, by hand
    expect(formatAngle(0.8594, { as: 'slope', run: 300 })).toBe('4.5 over 300');
  });

  test('minutes parse back to within half a minute', () => {
    fc.assert(
      fc.property(fc.double({ min: -179, max: 179, noNaN: true }), (degrees) => {
        const back = parseAngle(formatAngle(degrees, { as: 'minutes' }));
        return back.ok && Math.abs(back.value - degrees) <= 1 / 120 + 1e-9;
      }),
    );
  });
});

describe('masses', () => {
  test.each<[string, 'kg' | 'lb', number]>([
    ['12.5', 'kg', 12.5],
    ['800 g', 'kg', 0.8],
    ['27 lb', 'kg', 27 * 0.45359237],
    ['2 lb 3 oz', 'kg', 2.1875 * 0.45359237],
  ])('%s', (typed, unit, kg) => {
    const read = parseMass(typed, unit);
    expect(read.ok && read.value).toBeCloseTo(kg, 9);
  });

  test.each(['', 'heavy', '3 kg 2 oz', '9999 kg', '-4'])('%p is refused', (typed) => {
    expect(parseMass(typed, 'kg').ok).toBe(false);
  });

  test('written to a tenth', () => {
    expect(formatMass(12.46, 'kg')).toBe('12.5 kg');
    expect(formatMass(0.45359237 * 27, 'lb')).toBe('27 lb');
  });
});

describe('the tape', () => {
  test('down never lengthens, up never shortens, and both move by less than a mark', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 30_000, noNaN: true }), fc.constantFrom(...TAPES), (mm, tape) => {
        const down = snapToTape(mm, tape, 'down');
        const up = snapToTape(mm, tape, 'up');
        const step = TAPE_STEP_MM[tape];
        return down <= mm + 1e-5 && up >= mm - 1e-5 && mm - down < step && up - mm < step;
      }),
    );
  });

  test('a length on a mark stays there, whatever the rounding of doubles', () => {
    expect(snapToTape(0.1 + 0.2 + 1126.7, '0.5mm', 'down')).toBe(1127);
    expect(snapToTape(41.625 * 25.4, '1/16in', 'down')).toBeCloseTo(41.625 * 25.4, 9);
  });
});
