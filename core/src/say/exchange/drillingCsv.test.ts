import Papa from 'papaparse';
import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { withFurther } from '../../job';
import { planJob } from '../../plan';
import { snapToTape } from '../../base/quantity';
import { drillingCsv } from './drillingCsv';

const rowsOf = (csv: string) =>
  Papa.parse<Record<string, string>>(csv.replace('\uFEFF', ''), { header: true, skipEmptyLines: true }).data;
const ALONG = 'Along, from its left, rear or lower end';
const ACROSS = 'Across, from its lower, rear or left edge';

test('a row for every hole that is drilled, none for pins, places on marks of the tape', () => {
  const job = chimneyAlcove();
  const plan = planJob(job);
  const rows = rowsOf(drillingCsv(plan, job));
  const drilled = plan.fixings.filter((fixing) => fixing.screw.kind !== 'pin');
  expect(drilled.length).toBeLessThan(plan.fixings.length);
  expect(rows).toHaveLength(drilled.reduce((sum, fixing) => sum + fixing.holes.length, 0));
  const cleat = drilled.find((fixing) => fixing.id === 'S1-back-cleat/wall')!;
  const ours = rows.filter((row) => row.Label === '1B');
  expect(ours.map((row) => Number(row[`${ALONG} (mm)`]))).toEqual(
    cleat.holes.map((hole) => snapToTape(hole.alongMm, '0.5mm', 'nearest')),
  );
  expect(ours[0]).toMatchObject({
    Piece: 'Back batten',
    Shelf: '1',
    Screw: cleat.screw.size,
    'Pilot hole (mm)': String(cleat.sizes.pilotMm),
  });
});

test('in inches as the tape has it, beside decimals of an inch', () => {
  const job = cloakroomCloset();
  const [row] = rowsOf(drillingCsv(planJob(job), job));
  expect(row?.[ACROSS]).toMatch(/ in$/);
  expect(Number(row?.[`${ACROSS} (in)`])).toBeGreaterThan(0);
});

test('what a hole bites into is said in words', () => {
  const job = { ...chimneyAlcove() };
  const said = new Set(rowsOf(drillingCsv(planJob(job), job)).map((row) => row['Bites into']));
  expect(
    [...said].every((one) => ['stud', 'panel', 'wall plug', 'hollow-wall fixing', 'wood'].includes(one ?? '')),
  ).toBe(true);
  expect(said.size).toBeGreaterThan(1);
});

test('heads on the underside are said, others not', () => {
  const job = withFurther(chimneyAlcove(), (all) => ({
    ...all,
    dividers: [{ id: 'd', shelf: 2, at: { mm: 400, typed: '400', unit: 'mm' as const } }],
  }));
  const rows = rowsOf(drillingCsv(planJob(job), job));
  const below = rows.filter((row) => row.Heads === 'on the underside');
  expect(below.map((row) => row.Label)).toEqual(['2S', '2S']);
});

test('ends each line with CRLF, and reads as UTF-8 everywhere', () => {
  const csv = drillingCsv(planJob(chimneyAlcove()), chimneyAlcove());
  expect(csv.startsWith('\uFEFF')).toBe(true);
  expect(csv.endsWith('\r\n')).toBe(true);
});
