import fc from 'fast-check';
import { newJob, readJob, typedLength, type Job } from '../../job';
import type { JobUnit } from '../../base/quantity';
import { words } from '../../say/words';
import {
  FIELDS,
  fieldsOf,
  instructionFor,
  instrumentsFor,
  isAngle,
  lengthIn,
  nameOf,
  readingAt,
  sameSpot,
  senseOf,
  senseWord,
  signedValue,
  spotFrom,
  spotKey,
  spotOf,
  spotOfKind,
  typedFields,
  usualSd,
  viewOf,
  type Spot,
} from '.';

const KINDS = Object.keys(FIELDS) as (keyof typeof FIELDS)[];
/** Any spot of any kind: every choice, lengths to a whole millimetre. */
const spot: fc.Arbitrary<Spot> = fc
  .constantFrom(...KINDS)
  .chain((kind) =>
    fc
      .record(
        Object.fromEntries(
          FIELDS[kind].map((field): [string, fc.Arbitrary<unknown>] =>
            field.kind === 'choice'
              ? [field.name, fc.constantFrom(...field.options)]
              : [`${field.name}Mm`, fc.integer({ min: 1, max: 2500 })],
          ),
        ),
      )
      .map((fields) => spotFrom(kind, fields)),
  );
const unit = fc.constantFrom<JobUnit>('mm', 'cm', 'in');
const valueAt = (where: Spot, of: JobUnit) =>
  isAngle(where) ? { degrees: 92.5, typed: '92.5' } : typedLength('12', of);

test('a reading taken at any spot is one a job may hold, and lies at that spot', () => {
  fc.assert(
    fc.property(spot, unit, (where, of) => {
      const job: Job = newJob({ id: 'j', name: 'J', kind: 'alcove', units: of });
      const reading = readingAt(where, { id: 'r', unit: of, value: valueAt(where, of) });
      const read = readJob({ ...job, readings: [reading] });
      expect(read).toMatchObject({ ok: true });
      expect(read.ok && read.value.readings[0]).toEqual(reading);
      const there = new Map<string, unknown>(Object.entries(spotOf(reading)));
      for (const [name, value] of Object.entries(where)) {
        // As near as the finest mark of the tape it was written with.
        if (typeof value === 'number') expect(Math.abs(Number(there.get(name)) - value)).toBeLessThanOrEqual(0.8);
        else expect(there.get(name)).toBe(value);
      }
    }),
  );
});

test('every spot has a name, an instruction, a view and something to read it with', () => {
  fc.assert(
    fc.property(spot, (where) => {
      for (const said of [nameOf(where), instructionFor(where)]) {
        expect(words(said, { units: 'mm', tape: '1mm' })).not.toMatch(/\{\{|undefined|NaN/);
      }
      expect(['elevation', 'plan']).toContain(viewOf(where));
      for (const tool of instrumentsFor(where.kind)) expect(usualSd(where.kind, tool)).toBeGreaterThan(0);
    }),
  );
});

test('a length that was typed is kept as typed; one that no longer fits the spot is written anew', () => {
  const up = typedLength('4 * 300', 'mm');
  const where: Spot = { kind: 'depth', side: 'left', upMm: 1200 };
  const taken = { id: 'r', unit: 'mm', value: typedLength('365', 'mm'), typed: { up } } as const;
  expect(typedFields(readingAt(where, taken)).up).toBe(up);
  expect(typedFields(readingAt({ ...where, upMm: 900 }, taken)).up).toMatchObject({ mm: 900, typed: '900' });
});

test('another kind takes over what it has in common, but not the length of a tool', () => {
  const square: Spot = { kind: 'square', corner: 'right', upMm: 800, bladeMm: 600 };
  expect(spotOfKind('corner', square)).toEqual({ kind: 'corner', corner: 'right', upMm: 800 });
  expect(spotOfKind('straightedge', square)).toMatchObject({ upMm: 800, overMm: 800 });
  expect(spotOfKind('square', { kind: 'corner', corner: 'left', upMm: 500 })).toMatchObject({ bladeMm: 400 });
});

test('a figure with a sense is signed: the first word is the positive one', () => {
  fc.assert(
    fc.property(spot, fc.boolean(), (where, first) => {
      const ways = senseOf(where);
      const word = ways?.options[first ? 0 : 1];
      const reading = readingAt(where, { id: 'r', unit: 'mm', value: valueAt(where, 'mm'), sense: word });
      expect(senseWord(reading)).toBe(word ?? null);
      expect(signedValue(reading)).toBe(isAngle(where) ? 92.5 : ways && !first ? -12 : 12);
    }),
  );
});

test('spots are the same when they differ in what does not count for them only', () => {
  const level: Spot = {
    kind: 'straightedge',
    wall: 'back',
    run: 'level',
    at: 'front',
    side: 'left',
    upMm: 900,
    overMm: 600,
  };
  expect(sameSpot(level, { ...level, at: 'back', side: 'right' })).toBe(true);
  expect(sameSpot({ ...level, run: 'upright' }, { ...level, run: 'upright', side: 'right' })).toBe(false);
  expect(fieldsOf(level).map((field) => field.name)).toEqual(['wall', 'run', 'up', 'over']);
  fc.assert(fc.property(spot, spot, (a, b) => sameSpot(a, b) === (spotKey(a) === spotKey(b))));
});

test('a spot or a length that is not there is refused, not made up', () => {
  expect(() => spotFrom('width', { at: 'front' })).toThrow(RangeError);
  expect(() => lengthIn(spotFrom('width', { at: 'front', upMm: 900 }), 'over')).toThrow(RangeError);
});
