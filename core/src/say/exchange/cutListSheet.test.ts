import Papa from 'papaparse';
import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { planJob } from '../../plan';
import { cutListCsv, cutListText } from '.';

const metric = { units: 'mm', tape: '0.5mm' } as const;
const inches = { units: 'in', tape: '1/16in' } as const;
const plan = planJob(chimneyAlcove());
const longest = Math.max(...plan.parts.filter((part) => part.role === 'board').map((part) => part.length.mm));

describe('CSV', () => {
  const csv = cutListCsv(plan, metric);

  test('is UTF-8 with its mark, CRLF line ends, and one row for each setting', () => {
    expect(csv.startsWith('\uFEFFPiece,Label,Shelves,Count,')).toBe(true);
    expect(csv.endsWith('\r\n')).toBe(true);
    expect(csv.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
    const rows = Papa.parse<Record<string, string>>(csv.slice(1), { header: true, skipEmptyLines: true });
    expect(rows.errors).toEqual([]);
    expect(rows.data).toHaveLength(plan.cutList.reduce((sum, group) => sum + group.rows.length, 0));
    expect(rows.data[0]).toMatchObject({
      Piece: 'Board',
      Label: '5S',
      Count: '1',
      Length: `${longest} mm`,
      'Length (mm)': String(longest),
      Ends: expect.stringMatching(/^left end: 5(\.5)? mm longer at the front \((0\.9|1\.0)° off square\); right end: /),
    });
  });

  test('counts every part once', () => {
    const rows = Papa.parse<{ Count: string }>(csv.slice(1), { header: true, skipEmptyLines: true }).data;
    expect(rows.reduce((sum, row) => sum + Number(row.Count), 0)).toBe(plan.parts.length);
  });

  test('in inches the fraction is shown, and decimals of an inch stand beside it', () => {
    const sheet = cutListCsv(planJob(cloakroomCloset()), inches);
    expect(sheet).toMatch(/48 \d+\/16 in/);
    expect(sheet).toMatch(/48\.\d{2,4},/);
    expect(sheet).not.toContain('mm');
  });
});

test('text names the job, the section, each length and its labels', () => {
  const sheet = cutListText(plan, metric);
  expect(sheet).toMatch(/^Cut list: Chimney alcove, reading room\n/);
  // A board that runs out of square says so wherever its length stands.
  expect(sheet).toContain(`18 × 320 mm\n  1 × ${longest} mm   5S   Board: left end: 5`);
  expect(sheet).toContain('10 × 299.5 mm   1L 1R 2L 2R');
});
