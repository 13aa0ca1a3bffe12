import type { Reading, ReadingKind } from '../../job';
import { asTyped, usualTape, type JobUnit, type TypedLength } from '../../base/quantity';
import { FIELDS, senseOf, type Spot } from './fields';

type Loose = Record<string, unknown>;

/** The spot a reading was taken at. */
export function spotOf(reading: Reading): Spot {
  const from = reading as unknown as Loose;
  const fields = FIELDS[reading.kind].map((field): [string, unknown] =>
    field.is === 'choice' ? [field.name, from[field.name]] : [`${field.name}Mm`, (from[field.name] as TypedLength).mm],
  );
  return { kind: reading.kind, ...Object.fromEntries(fields) } as unknown as Spot;
}

/** A spot of a kind, taking over what another spot has in common with it. */
export function spotOfKind(kind: ReadingKind, like: Spot | null = null): Spot {
  const from = (like ?? {}) as unknown as Loose;
  const fields = FIELDS[kind].map((field): [string, unknown] => {
    if (field.is === 'length') {
      const name = `${field.name}Mm`;
      // A height carries over to another kind; the length of a tool does not.
      return [name, field.name === 'up' && typeof from[name] === 'number' ? from[name] : field.usualMm];
    }
    const kept = from[field.name];
    return [field.name, typeof kept === 'string' && field.options.includes(kept) ? kept : field.options[0]];
  });
  return { kind, ...Object.fromEntries(fields) } as unknown as Spot;
}

/** The lengths of a reading's spot as they were typed, by field. */
export function typedFields(reading: Reading): Readonly<Record<string, TypedLength>> {
  const from = reading as unknown as Loose;
  return Object.fromEntries(
    FIELDS[reading.kind].flatMap((field) =>
      field.is === 'length' ? [[field.name, from[field.name] as TypedLength]] : [],
    ),
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

/** The reading of a value at a spot. */
export function readingAt(spot: Spot, taken: Taken): Reading {
  const { typed = {}, unit, sense: word, value, other, ...said } = taken;
  const from = spot as unknown as Loose;
  const fields = FIELDS[spot.kind].map((field): [string, unknown] => {
    if (field.is === 'choice') return [field.name, from[field.name]];
    const mm = from[`${field.name}Mm`] as number;
    const kept = typed[field.name];
    return [field.name, kept && Math.abs(kept.mm - mm) < 0.01 ? kept : asTyped(mm, unit, usualTape(unit))];
  });
  const sense = senseOf(spot);
  const known = Object.fromEntries(Object.entries(said).filter(([, one]) => one !== undefined));
  return {
    kind: spot.kind,
    ...known,
    ...Object.fromEntries(fields),
    ...(sense ? { [sense.name]: word ?? sense.options[0] } : {}),
    value,
    ...(spot.kind === 'triangle' ? { other: other ?? value } : {}),
  } as unknown as Reading;
}

/**
 * What a reading said as one signed number, in its own unit (millimetres, or degrees for a corner): positive for
 * a corner that opens, a wall that leans out, a floor that rises to the right or the front, a hollow.
 */
export function signedValue(reading: Reading): number {
  const size = 'mm' in reading.value ? reading.value.mm : reading.value.degrees;
  const sense = senseOf(spotOf(reading));
  if (!sense) return size;
  return (reading as unknown as Loose)[sense.name] === sense.options[0] ? size : -size;
}

/** The word a reading carries beside its figure; null where none is needed. */
export function senseWord(reading: Reading): string | null {
  const sense = senseOf(spotOf(reading));
  return sense ? ((reading as unknown as Loose)[sense.name] as string) : null;
}

/** Whether two spots are one and the same, to a hundredth of a millimetre. */
export function sameSpot(a: Spot, b: Spot): boolean {
  return spotKey(a) === spotKey(b);
}

/** A text that is the same for the same spot only. */
export function spotKey(spot: Spot): string {
  const from = spot as unknown as Loose;
  return [
    spot.kind,
    ...FIELDS[spot.kind].map((field) =>
      field.is === 'length'
        ? Math.round((from[`${field.name}Mm`] as number) * 100)
        : !field.when || field.when(spot)
          ? from[field.name]
          : '',
    ),
  ].join('|');
}
