import fc from 'fast-check';
import { message } from '../message';
import { TAPES, TAPE_STEP_MM } from '../quantity';
import { figure, less, plus, readingsBehind, toTape } from '.';

const label = message('term.shelfDepth');
const amount = fc.double({ min: -5000, max: 5000, noNaN: true });
const sum = (one: { terms: readonly { mm: number }[] }) => one.terms.reduce((total, term) => total + term.mm, 0);

test('340 less a nosing of 20 and a cleat of 20 is 300, and says so', () => {
  const made = less(
    less(figure({ label, mm: 340 }), message('term.lessNosing'), 20),
    message('term.lessBackCleat'),
    20,
  );
  expect(made.mm).toBe(300);
  expect(made.terms.map((term) => [term.label.code, term.mm])).toEqual([
    ['term.shelfDepth', 340],
    ['term.lessNosing', -20],
    ['term.lessBackCleat', -20],
  ]);
});

test('an amount of nothing is left unsaid', () => {
  expect(plus(figure({ label, mm: 5 }), label, 0).terms).toHaveLength(1);
});

test('whatever is added and taken off, the terms add up', () => {
  fc.assert(
    fc.property(amount, fc.array(amount, { maxLength: 8 }), (start, amounts) => {
      const made = amounts.reduce((one, mm, i) => (i % 2 ? less : plus)(one, label, mm), figure({ label, mm: start }));
      expect(sum(made)).toBeCloseTo(made.mm, 6);
    }),
  );
});

test('rounding down ends on a mark, never longer, and less than one step short', () => {
  fc.assert(
    fc.property(amount, fc.constantFrom(...TAPES), (mm, tape) => {
      const made = toTape(figure({ label, mm }), tape, 'down');
      const marks = made.mm / TAPE_STEP_MM[tape];
      expect(Math.abs(marks - Math.round(marks))).toBeLessThan(1e-5);
      expect(made.mm).toBeLessThanOrEqual(mm + 1e-5);
      expect(mm - made.mm).toBeLessThan(TAPE_STEP_MM[tape]);
      expect(sum(made)).toBeCloseTo(made.mm, 6);
    }),
  );
});

test('on the mark already, nothing is said of rounding', () => {
  expect(toTape(figure({ label, mm: 1120.5 }), '0.5mm', 'down').terms).toHaveLength(1);
  expect(toTape(figure({ label, mm: 41.625 * 25.4 }), '1/16in', 'down').terms).toHaveLength(1);
});

test('the readings behind a figure, each once', () => {
  const made = figure({ label, mm: 1, readings: ['a', 'b'] }, { label, mm: 2 }, { label, mm: 3, readings: ['b'] });
  expect(readingsBehind(made)).toEqual(['a', 'b']);
});
