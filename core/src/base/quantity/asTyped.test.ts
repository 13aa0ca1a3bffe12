import fc from 'fast-check';
import { asTyped, JOB_UNITS, parseLength, TAPES } from '.';

test.each([
  [1200, 'mm', '0.5mm', '1200'],
  [1200, 'cm', '0.5mm', '120'],
  [1219.2, 'in', '1/16in', '48'],
  [1057.275, 'in', '1/16in', '41 5/8'],
] as const)('%d mm in %s', (mm, unit, tape, typed) => expect(asTyped(mm, unit, tape)).toEqual({ mm, typed, unit }));

test('text and value always agree, and lie within a mark of what was meant', () => {
  const mm = fc.double({ min: 0, max: 6000, noNaN: true });
  fc.assert(
    fc.property(mm, fc.constantFrom(...JOB_UNITS), fc.constantFrom(...TAPES), (meant, unit, tape) => {
      const made = asTyped(meant, unit, tape);
      expect(parseLength(made.typed, { unit })).toMatchObject({ ok: true, value: { mm: made.mm } });
      expect(Math.abs(made.mm - meant)).toBeLessThan(0.8);
    }),
  );
});
