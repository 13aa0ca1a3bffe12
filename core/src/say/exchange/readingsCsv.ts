import Papa from 'papaparse';
import { INSTRUMENTS, LIMITS, type Instrument, type Reading, type ReadingKind } from '../../job/document';
import { CORNER_DEGREES } from '../../job/limits';
import { message, nested, text, type Message } from '../../base/message';
import { parseAngle, parseLength, type JobUnit, type TypedLength } from '../../base/quantity';
import {
  FIELDS,
  fieldsOf,
  readingAt,
  senseOf,
  spotOfKind,
  senseWord,
  typedFields,
  wordIn,
  type Spot,
} from '../../place/reading';
import { ok, refused, type Result } from '../../base/result';

/** The columns of a reading file, in the order they are written. A file from elsewhere needs `kind` and `value`. */
export const READING_COLUMNS = [
  'kind',
  'at',
  'side',
  'corner',
  'wall',
  'of',
  'along',
  'run',
  'from',
  'up',
  'over',
  'blade',
  'first',
  'second',
  'out',
  'start',
  'end',
  'on',
  'value',
  'other',
  'sense',
  'with',
  'unit',
  'simulated',
] as const;

/** A row that could not be read, by its line in the file. */
export interface RefusedRow {
  readonly line: number;
  readonly message: Message;
}

export interface ReadRows {
  readonly readings: readonly Reading[];
  readonly refused: readonly RefusedRow[];
}

const BYTE_ORDER_MARK = '\uFEFF';
const BLANK_LINES_FIRST = /^(?:[\s,;]*\n)+/;

/** A job's readings as a table: RFC 4180, UTF-8, lengths as typed in the unit of their row. */
export function readingsCsv(readings: readonly Reading[]): string {
  const data = readings.map((reading) => {
    const typed = typedFields(reading);
    const unit = 'unit' in reading.value ? reading.value.unit : 'mm';
    // A length typed in another unit than its row's is written with its own.
    const length = (typedLength: TypedLength) =>
      typedLength.unit === unit ? typedLength.typed : `${typedLength.mm} mm`;
    const cell = (column: string): string => {
      if (column === 'value') return 'mm' in reading.value ? length(reading.value) : reading.value.typed;
      if (column === 'other') return reading.kind === 'triangle' ? length(reading.other) : '';
      if (column === 'sense') return senseWord(reading) ?? '';
      if (column === 'unit') return unit;
      if (column === 'simulated') return reading.simulated ? 'yes' : '';
      const known = typed[column];
      if (known) return length(known);
      return wordIn(reading, column);
    };
    return READING_COLUMNS.map(cell);
  });
  return BYTE_ORDER_MARK + Papa.unparse({ fields: [...READING_COLUMNS], data }, { newline: '\r\n' }) + '\r\n';
}

/**
 * Reads a table of readings from a spreadsheet or another device. The first line names the columns, in any order
 * and case; unknown ones are passed over. A row that cannot be read is listed with its line and the reason, and the
 * rest comes in.
 * @param unit the unit of bare numbers where a row names none
 * @returns readings named by their lines (`line-2`), and the rows that are none
 */
export function readReadingsCsv(contents: string, unit: JobUnit): Result<ReadRows, Message> {
  const whole = contents.replace(/^\uFEFF/, '');
  const table = whole.replace(BLANK_LINES_FIRST, '');
  const parsed = Papa.parse<Record<string, string>>(table, {
    header: true,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const columns = parsed.meta.fields ?? [];
  const absent = ['kind', 'value'].filter((name) => !columns.includes(name));
  if (absent.length > 0) return refused(message('csv.noHeader', { missing: text(absent.join(', ')) }));
  const readings: Reading[] = [];
  const rows: RefusedRow[] = [];
  let line = linesIn(whole.slice(0, whole.length - table.length)) + linesIn(columns.join('')) + 2;
  for (const row of parsed.data) {
    const cells = Object.values(row).join('');
    if (cells.trim() !== '') {
      const read = rowReading(row, unit, `line-${line}`);
      if (read.ok) readings.push(read.value);
      else rows.push({ line, message: read.error });
    }
    line += 1 + linesIn(cells);
  }
  if (readings.length > LIMITS.readings)
    return refused(message('csv.tooMany', { most: text(String(LIMITS.readings)) }));
  return ok({ readings, refused: rows });
}

/** Line ends in a text: those within a cell too, so that lines are numbered as an editor numbers them. */
const linesIn = (part: string) => part.split('\n').length - 1;

/** Returns a trimmed cell of a row by its column. */
type Cell = (name: string) => string;

function rowReading(row: Record<string, string>, usual: JobUnit, id: string): Result<Reading, Message> {
  const cell: Cell = (name) => (row[name] ?? '').trim();
  const kind = cell('kind').toLowerCase() as ReadingKind;
  if (!(kind in FIELDS)) return notOneOf('kind', cell('kind'), Object.keys(FIELDS));
  const units: readonly JobUnit[] = ['mm', 'cm', 'in'];
  const unit = (cell('unit') || usual) as JobUnit;
  if (!units.includes(unit)) return notOneOf('unit', unit, units);
  const where = spotOfRow(kind, unit, cell);
  if (!where.ok) return where;
  const { spot, typed } = where.value;
  const value = valueOf(cell('value'), spot, unit);
  if (!value.ok) return value;
  const other = otherLeg(kind, unit, cell);
  if (!other.ok) return other;
  const sense = senseOf(spot);
  const word = cell('sense').toLowerCase();
  if (sense && !sense.options.includes(word)) return notOneOf('sense', word, sense.options);
  const tool = cell('with').toLowerCase();
  if (tool && !(INSTRUMENTS as readonly string[]).includes(tool)) return notOneOf('with', tool, INSTRUMENTS);
  return ok(
    readingAt(spot, {
      id,
      value: value.value,
      other: other.value,
      sense: sense ? word : undefined,
      with: tool ? (tool as Instrument) : undefined,
      simulated: cell('simulated').toLowerCase() === 'yes' ? true : undefined,
      typed,
      unit,
    }),
  );
}

interface TypedSpot {
  readonly spot: Spot;
  readonly typed: Record<string, TypedLength>;
}

/** Reads the spot of a row; empty cells take the usual value when there is one. */
function spotOfRow(kind: ReadingKind, unit: JobUnit, cell: Cell): Result<TypedSpot, Message> {
  let spot = spotOfKind(kind);
  const typed: Record<string, TypedLength> = {};
  for (const field of FIELDS[kind]) {
    const said = cell(field.name);
    if (said === '' && field.kind !== 'choice' && field.name === 'up') return missing('up');
    if (said === '') continue;
    if (field.kind === 'choice') {
      const word = said.toLowerCase();
      if (!field.options.includes(word)) return notOneOf(field.name, said, field.options);
      spot = { ...spot, [field.name]: word } as Spot;
      continue;
    }
    const length = parseLength(said, { unit });
    if (!length.ok) return unreadable(field.name, length.error);
    typed[field.name] = length.value;
    spot = { ...spot, [`${field.name}Mm`]: length.value.mm } as Spot;
  }
  const needed = fieldsOf(spot).find((field) => field.kind === 'choice' && cell(field.name) === '');
  return needed ? missing(needed.name) : ok({ spot, typed });
}

/** Second leg of a triangle; undefined for other readings. */
function otherLeg(kind: ReadingKind, unit: JobUnit, cell: Cell): Result<TypedLength | undefined, Message> {
  if (kind !== 'triangle') return ok(undefined);
  const other = parseLength(cell('other'), { unit, sign: 'positive' });
  return other.ok ? other : unreadable('other', other.error);
}

const missing = (column: string) => refused(message('csv.missing', { column: text(column) }));
const unreadable = (column: string, reason: Message) =>
  refused(message('csv.unreadable', { column: text(column), reason: nested(reason) }));

function valueOf(said: string, spot: Spot, unit: JobUnit): Result<Reading['value'], Message> {
  if (spot.kind === 'corner') {
    const { least, most } = CORNER_DEGREES;
    const angle = parseAngle(said, { leastDegrees: least, mostDegrees: most });
    return angle.ok ? ok({ degrees: angle.value, typed: said }) : unreadable('value', angle.error);
  }
  const length = parseLength(said, { unit, ...(senseOf(spot) ? {} : { sign: 'positive', leastMm: 1 }) });
  return length.ok ? ok(length.value) : unreadable('value', length.error);
}

function notOneOf(column: string, value: string, options: readonly string[]): Result<never, Message> {
  return refused(
    message('csv.notOneOf', { column: text(column), value: text(value || '–'), options: text(options.join(', ')) }),
  );
}
