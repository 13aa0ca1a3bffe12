import { chimneyAlcove } from '../../rigs/demo';
import { readJob } from '../../job';
import { words } from '../words';
import { readThingsCsv, thingsCsv } from './thingsCsv';

const reader = { units: 'mm', tape: '1mm' } as const;

test('a pasted list comes in, by tabs or commas, in any order of columns', () => {
  const pasted = 'Depth\tName\tHeight\tWidth\tCount\n300\tGame box\t295\t70\t12\n35 cm\tRecord crate\t330\t340\t\n';
  const read = readThingsCsv(pasted, 'mm');
  if (!read.ok) throw new Error('refused');
  expect(read.value.refused).toEqual([]);
  expect(read.value.things).toMatchObject([
    { name: 'Game box', width: { mm: 70 }, depth: { mm: 300 }, count: 12, often: 'weekly', stack: 1 },
    { name: 'Record crate', depth: { mm: 350, typed: '35 cm' }, count: 1 },
  ]);
});

test('what was written is read back the same, and belongs in a job', () => {
  const csv =
    'name,width,height,depth,weight,count,often,lift,stack,flat,unit\nJar,3 1/2,6,3 1/2,1.5,8,daily,1,2,no,in\n"Box, large",390,280,280,6 kg,2,rarely,20,2,yes,mm\n';
  const read = readThingsCsv(csv, 'mm');
  if (!read.ok) throw new Error('refused');
  const { things } = read.value;
  expect(things[0]?.weight).toMatchObject({ typed: '1.5 lb' });
  expect(things[1]).toMatchObject({ name: 'Box, large', flat: true, stack: 2 });
  expect(readJob({ ...chimneyAlcove(), things })).toMatchObject({ ok: true });
  expect(readThingsCsv(thingsCsv(things), 'mm')).toEqual(read);
});

test('rows that are none are named by line and reason; a thing of no height is one of them', () => {
  const csv =
    'name,width,height,depth,count,often\nFlat,100,0,100,1,weekly\n,1,1,1,1,daily\nMany,10,10,10,1000,daily\nOdd,10,10,10,1,sometimes\nGood,10,10,10,1,daily\n';
  const read = readThingsCsv(csv, 'mm');
  if (!read.ok) throw new Error('refused');
  expect(read.value.things.map((thing) => thing.name)).toEqual(['Good']);
  expect(read.value.refused.map((refusedRow) => refusedRow.line)).toEqual([2, 3, 4, 5]);
  expect(words(read.value.refused[0]!.message, reader)).toMatch(/height/);
});

test('a table without sizes is no list of things', () => {
  expect(readThingsCsv('name,count\nBox,2', 'mm')).toMatchObject({ ok: false, error: { code: 'csv.noHeader' } });
});
