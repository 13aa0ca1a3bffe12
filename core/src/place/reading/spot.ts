import type { Reading, ReadingKind } from '../../job';
import { asTyped, usualTape, type JobUnit, type TypedLength } from '../../base/quantity';
import { FIELDS, senseOf, type Field, type Spot } from './fields';

/** Key of a field in a spot: for lengths the name with “Mm”. */
const keyOf = (field: Field): string => (field.kind === 'choice' ? field.name : `${field.name}Mm`);

/** Value of a key in a spot or a reading; undefined without that key. */
const saidIn = (from: { kind: ReadingKind }, name: string): unknown => from[name as keyof typeof from];

/** Word of a spot or a reading by its key, such as `left`; empty without that key. */
export function wordIn(from: Spot | Reading, name: string): string {
  const said = saidIn(from, name);
  return typeof said === 'string' ? said : '';
}

/**
 * Length of a spot by its name, millimetres.
 * @throws RangeError when spots of that kind have no such length
 */
export function lengthIn(spot: Spot, name: string): number {
  const mm = saidIn(spot, `${name}Mm`);
  if (typeof mm !== 'number') throw new RangeError(`a spot of the kind “${spot.kind}” has no length “${name}”`);
  return mm;
}

/** Typed length of a reading by its name; undefined when readings of that kind have no such length. */
export function typedIn(reading: Reading, name: string): TypedLength | undefined {
  const said = saidIn(reading, name);
  return isTypedLength(said) ? said : undefined;
}

const isTypedLength = (said: unknown): said is TypedLength =>
  typeof said === 'object' && said !== null && 'mm' in said && 'typed' in said && 'unit' in said;

/**
 * Puts a spot together from its fields.
 * @param fields by the names they have in the spot, lengths in millimetres
 * @throws RangeError when one is missing
 */
export function spotFrom(kind: ReadingKind, fields: Readonly<Record<string, unknown>>): Spot {
  const spot = { kind, ...fields };
  if (!isSpot(spot)) throw new RangeError(`a field of the kind “${kind}” is missing`);
  return spot;
}

function isSpot(spot: { kind: ReadingKind }): spot is Spot {
  const types = { choice: 'string', length: 'number' };
  return FIELDS[spot.kind].every((field) => typeof saidIn(spot, keyOf(field)) === types[field.kind]);
}

/** The spot a reading was taken at. */
export function spotOf(reading: Reading): Spot {
  const fields = FIELDS[reading.kind].map((field): [string, unknown] => [
    keyOf(field),
    field.kind === 'choice' ? wordIn(reading, field.name) : typedIn(reading, field.name)?.mm,
  ]);
  return spotFrom(reading.kind, Object.fromEntries(fields));
}

/** A spot of a kind, taking over what another spot has in common with it. */
export function spotOfKind(kind: ReadingKind, like: Spot | null = null): Spot {
  const fields = FIELDS[kind].map((field): [string, unknown] => {
    const kept = like && saidIn(like, keyOf(field));
    // A height carries over to another kind; the length of a tool does not.
    if (field.kind === 'length')
      return [keyOf(field), field.name === 'up' && typeof kept === 'number' ? kept : field.usualMm];
    return [keyOf(field), typeof kept === 'string' && field.options.includes(kept) ? kept : field.options[0]];
  });
  return spotFrom(kind, Object.fromEntries(fields));
}

/** The lengths of a reading's spot as they were typed, by field. */
export function typedFields(reading: Reading): Readonly<Record<string, TypedLength>> {
  return Object.fromEntries(
    FIELDS[reading.kind].flatMap(({ name }) => {
      const typed = typedIn(reading, name);
      return typed ? [[name, typed]] : [];
    }),
  );
}

/** What was read at a spot. */
export interface Taken extends Pick<Reading, 'id' | 'with' | 'sd' | 'verdict' | 'blind' | 'simulated'> {
  readonly value: Reading['value'];
  /** The second distance of a tape triangle. */
  readonly other?: TypedLength | undefined;
  /** The word that goes with the figure, where one does. */
  readonly sense?: string | undefined;
  /** Lengths of the spot as they were typed; those left away are written as a person of the unit would. */
  readonly typed?: Readonly<Record<string, TypedLength | undefined>>;
  /** The unit for lengths nobody typed. */
  readonly unit: JobUnit;
}

/**
 * The reading of a value at a spot.
 * @throws RangeError when the value does not suit the spot's kind
 */
export function readingAt(spot: Spot, taken: Taken): Reading {
  const { typed = {}, unit, sense: word, value, other, ...said } = taken;
  const fields = FIELDS[spot.kind].map((field): [string, unknown] => {
    if (field.kind === 'choice') return [field.name, wordIn(spot, field.name)];
    const mm = lengthIn(spot, field.name);
    const kept = typed[field.name];
    return [field.name, kept && Math.abs(kept.mm - mm) < 0.01 ? kept : asTyped(mm, unit, usualTape(unit))];
  });
  const sense = senseOf(spot);
  const reading = {
    kind: spot.kind,
    ...Object.fromEntries(Object.entries(said).filter(([, known]) => known !== undefined)),
    ...Object.fromEntries(fields),
    ...(sense ? { [sense.name]: word ?? sense.options[0] } : {}),
    value,
    ...(spot.kind === 'triangle' ? { other: other ?? value } : {}),
  };
  if (!isReading(reading)) throw new RangeError(`a field of the kind “${spot.kind}” is missing`);
  return reading;
}

function isReading(reading: { kind: ReadingKind }): reading is Reading {
  return FIELDS[reading.kind].every(({ kind, name }) => {
    const said = saidIn(reading, name);
    return kind === 'choice' ? typeof said === 'string' : isTypedLength(said);
  });
}

/**
 * What a reading said as one signed number, in its own unit (millimetres, or degrees for a corner): positive for
 * a corner that opens, a wall that leans out, a floor that rises to the right or the front, a hollow.
 */
export function signedValue(reading: Reading): number {
  const size = 'mm' in reading.value ? reading.value.mm : reading.value.degrees;
  const sense = senseOf(spotOf(reading));
  if (!sense) return size;
  return wordIn(reading, sense.name) === sense.options[0] ? size : -size;
}

/** The word a reading carries beside its figure; null where none is needed. */
export function senseWord(reading: Reading): string | null {
  const sense = senseOf(spotOf(reading));
  return sense ? wordIn(reading, sense.name) : null;
}

/** Whether two spots are one and the same, to a hundredth of a millimetre. */
export function sameSpot(a: Spot, b: Spot): boolean {
  return spotKey(a) === spotKey(b);
}

/** A text that is the same for the same spot only. */
export function spotKey(spot: Spot): string {
  const parts = FIELDS[spot.kind].map((field) => {
    if (field.kind === 'length') return Math.round(lengthIn(spot, field.name) * 100);
    return !field.when || field.when(spot) ? wordIn(spot, field.name) : '';
  });
  return [spot.kind, ...parts].join('|');
}
