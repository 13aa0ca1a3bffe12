import Papa from 'papaparse';
import { demoJobs } from '../../rigs/demo';
import type { JobUnit } from '../../base/quantity';
import { words } from '../words';
import { READING_COLUMNS, readingsCsv, readReadingsCsv } from '.';

const read = (contents: string, unit: JobUnit = 'mm') => {
  const rows = readReadingsCsv(contents, unit);
  if (!rows.ok) throw new Error(words(rows.error, { units: 'mm', tape: '1mm' }));
  return rows.value;
};
const reasons = (contents: string) =>
  read(contents).refused.map(
    (refusedRow) => `${refusedRow.line}: ${words(refusedRow.message, { units: 'mm', tape: '1mm' })}`,
  );

test.each(demoJobs())('the readings of $name go out and come back as they were', ({ readings, units }) => {
  const back = read(readingsCsv(readings), units);
  expect(back.refused).toEqual([]);
  const plain = (all: typeof readings) => all.map(({ id: _id, ...rest }) => rest);
  expect(plain([...back.readings])).toEqual(plain(readings));
});

test('a practice reading is one still when it comes back', () => {
  const [first, second] = demoJobs()[0]!.readings;
  const back = read(readingsCsv([{ ...first!, simulated: true }, second!]));
  expect(back.readings.map((reading) => reading.simulated)).toEqual([true, undefined]);
});

test('the table names its columns, is UTF-8 with its mark, and has CRLF line ends', () => {
  const csv = readingsCsv(demoJobs()[0]!.readings);
  expect(csv.startsWith('\uFEFFkind,at,side,')).toBe(true);
  expect(Papa.parse(csv.slice(1), { header: true }).meta.fields).toEqual([...READING_COLUMNS]);
  expect(csv.split('\r\n').length).toBe(demoJobs()[0]!.readings.length + 2);
});

test('a list kept by hand: columns in any order and case, other columns passed over, semicolons too', () => {
  const { readings, refused } = read('Value;Kind;AT;up;who\n1127;width;front;900;me\n41 5/8 in;width;back;35 in;me\n');
  expect(refused).toEqual([]);
  expect(readings).toMatchObject([
    { kind: 'width', at: 'front', up: { mm: 900, typed: '900' }, value: { mm: 1127, typed: '1127' } },
    { kind: 'width', at: 'back', value: { mm: expect.closeTo(41.625 * 25.4, 6), typed: '41 5/8 in' } },
  ]);
});

test('a row’s own unit counts, else the job’s', () => {
  const { readings } = read(
    'kind,at,up,value,unit\nwidth,front,36,44 3/8,in\nwidth,front,90,112.7,cm\nwidth,back,900,1127,\n',
  );
  expect(readings.map((reading) => ('mm' in reading.value ? reading.value.mm : 0))).toEqual([
    expect.closeTo(44.375 * 25.4, 6),
    1127,
    1127,
  ]);
});

test('rows that cannot be read are listed with their line and the reason, and the rest comes in', () => {
  const csv = [
    'kind,at,side,corner,up,value,sense,with',
    'width,front,,,900,1127,,',
    'widht,front,,,900,1127,,',
    'width,front,,,900,eleven,,',
    'width,,,,900,1127,,',
    'width,front,,,,1127,,',
    'width,top,,,900,1127,,',
    'width,front,,,900,-5,,',
    'corner,,,left,900,180,,',
    'square,,,left,900,3,,',
    'square,,,left,900,3,tip,hammer',
    'square,,,left,900,3,tip,',
  ].join('\n');
  expect(read(csv).readings.map((reading) => reading.kind)).toEqual(['width', 'square']);
  expect(reasons(csv)).toEqual([
    expect.stringMatching(/^3: “kind” says “widht”. Use one of: width, depth, .*line\.$/),
    expect.stringMatching(/^4: Column “value”. “eleven”/),
    '5: “at” is empty. Fill it in.',
    '6: “up” is empty. Fill it in.',
    '7: “at” says “top”. Use one of: front, middle, back.',
    expect.stringMatching(/^8: Column “value”. /),
    '9: Column “value”. “180” is outside 20° to 160°.',
    '10: “sense” says “–”. Use one of: tip, heel.',
    expect.stringMatching(/^11: “with” says “hammer”/),
  ]);
});

test('blank lines are passed over and lines within a cell counted: a row is named by its line in the file', () => {
  const csv = [
    '',
    ';;;;',
    'kind;at;up;value;note',
    'width;front;900;1127;"two',
    'lines"',
    '',
    ';;;;',
    'width;front;;1127;',
    'width;back;900;1127;',
    '',
  ].join('\r\n');
  expect(read(csv).readings.map((reading) => reading.id)).toEqual(['line-4', 'line-9']);
  expect(reasons(csv)).toEqual(['8: “up” is empty. Fill it in.']);
});

test('what is no table of readings is refused whole', () => {
  const refusal = (contents: string) => {
    const rows = readReadingsCsv(contents, 'mm');
    return rows.ok ? null : rows.error.code;
  };
  expect(refusal('')).toBe('csv.noHeader');
  expect(refusal('a,b\n1,2\n')).toBe('csv.noHeader');
  expect(refusal(`kind,at,up,value\n${'width,front,900,1000\n'.repeat(501)}`)).toBe('csv.tooMany');
});
