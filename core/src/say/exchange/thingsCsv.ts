import Papa from 'papaparse';
import { LIMITS, OFTEN, type Often, type Thing } from '../../job/document';
import { message, nested, text, type Message } from '../../base/message';
import { parseLength, parseMass, typedMass, type JobUnit, type TypedLength } from '../../base/quantity';
import { ok, refused, type Result } from '../../base/result';
import type { RefusedRow } from './readingsCsv';

/** The columns of a list of things, in the order they are written. A list from elsewhere needs the first four. */
export const THING_COLUMNS = [
  'name',
  'width',
  'height',
  'depth',
  'weight',
  'count',
  'often',
  'lift',
  'stack',
  'flat',
  'unit',
] as const;
const NEEDED = THING_COLUMNS.slice(0, 4);

export interface ReadThings {
  readonly things: readonly Thing[];
  readonly refused: readonly RefusedRow[];
}

const BYTE_ORDER_MARK = '\uFEFF';

/** What is to be stored as a table: RFC 4180, UTF-8, lengths as typed in the unit of their row. */
export function thingsCsv(things: readonly Thing[]): string {
  const data = things.map((thing) => {
    const { unit } = thing.width;
    const length = (value: TypedLength) => (value.unit === unit ? value.typed : `${value.mm} mm`);
    return [
      thing.name,
      length(thing.width),
      length(thing.height),
      length(thing.depth),
      thing.weight.typed,
      String(thing.count),
      thing.often,
      length(thing.lift),
      String(thing.stack),
      thing.flat ? 'yes' : 'no',
      unit,
    ];
  });
  return BYTE_ORDER_MARK + Papa.unparse({ fields: [...THING_COLUMNS], data }, { newline: '\r\n' }) + '\r\n';
}

/**
 * Reads a list of things from a spreadsheet, or pasted: columns in any order and case, by commas, semicolons or tabs. A
 * row that cannot be read is listed with its line and the reason, and the rest comes in.
 * @param unit the unit of bare numbers where a row names none
 * @returns things named by their lines (`line-2`), and the rows that are none
 */
export function readThingsCsv(contents: string, unit: JobUnit): Result<ReadThings, Message> {
  const table = contents.replace(/^\uFEFF/, '').replace(/^(?:[\s,;]*\n)+/, '');
  const parsed = Papa.parse<Record<string, string>>(table, {
    header: true,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const columns = parsed.meta.fields ?? [];
  const missing = NEEDED.filter((one) => !columns.includes(one));
  if (missing.length > 0) return refused(message('csv.noHeader', { missing: text(missing.join(', ')) }));
  const things: Thing[] = [];
  const rows: RefusedRow[] = [];
  parsed.data.forEach((row, index) => {
    if (Object.values(row).join('').trim() === '') return;
    const line = index + 2;
    const read = rowThing(row, unit, `line-${line}`);
    if (read.ok) things.push(read.value);
    else rows.push({ line, message: read.error });
  });
  if (things.length > LIMITS.things)
    return refused(message('csv.tooManyThings', { most: text(String(LIMITS.things)) }));
  return ok({ things, refused: rows });
}

function rowThing(row: Record<string, string>, usual: JobUnit, id: string): Result<Thing, Message> {
  const cell = (name: string) => (row[name] ?? '').trim();
  const bad = (column: string, reason: Message) =>
    refused(message('csv.unreadable', { column: text(column), reason: nested(reason) }));
  const oneOf = (column: string, value: string, options: readonly string[]) =>
    refused(message('csv.notOneOf', { column: text(column), value: text(value), options: text(options.join(', ')) }));
  const name = cell('name').slice(0, LIMITS.name);
  if (name === '') return refused(message('csv.missing', { column: text('name') }));
  const units: readonly JobUnit[] = ['mm', 'cm', 'in'];
  const unit = (cell('unit').toLowerCase() || usual) as JobUnit;
  if (!units.includes(unit)) return oneOf('unit', unit, units);
  const lengths: Record<string, TypedLength> = {};
  for (const column of ['width', 'height', 'depth', 'lift'] as const) {
    const said = cell(column);
    if (column === 'lift' && said === '') continue;
    const read = parseLength(said, { unit, ...(column === 'lift' ? {} : { sign: 'positive', leastMm: 0.1 }) });
    if (!read.ok) return bad(column, read.error);
    lengths[column] = read.value;
  }
  const massUnit = unit === 'in' ? 'lb' : 'kg';
  const mass = parseMass(cell('weight') || '0', massUnit);
  if (!mass.ok) return bad('weight', mass.error);
  const whole = (column: string, most: number): number | null => {
    const said = cell(column) || '1';
    const value = Number(said);
    return Number.isInteger(value) && value >= 1 && value <= most ? value : null;
  };
  const [count, stack] = [whole('count', 999), whole('stack', 20)];
  if (count === null) return oneOf('count', cell('count'), ['1', '2', '…', '999']);
  if (stack === null) return oneOf('stack', cell('stack'), ['1', '2', '…', '20']);
  const often = (cell('often').toLowerCase() || 'weekly') as Often;
  if (!OFTEN.includes(often)) return oneOf('often', cell('often'), OFTEN);
  const said = cell('flat').toLowerCase();
  if (!['', 'yes', 'no'].includes(said)) return oneOf('flat', said, ['yes', 'no']);
  const nothing: TypedLength = { mm: 0, typed: '0', unit };
  return ok({
    id,
    name,
    width: lengths.width as TypedLength,
    height: lengths.height as TypedLength,
    depth: lengths.depth as TypedLength,
    weight: typedMass(mass.value, cell('weight'), massUnit),
    count,
    often,
    lift: lengths.lift ?? nothing,
    stack,
    flat: said === 'yes',
  });
}
