import { PDFDocument } from 'pdf-lib';
import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { typedLength, withDone, withLog, withSkipped, withTook, type Job } from '../../job';
import { planJob } from '../../plan';
import { reportMarkdown, reportOf } from './report';
import { reportPdf } from './reportPdf';

/** A job that was lived through. */
function lived(): Job {
  const took = withTook(withDone(chimneyAlcove(), 'cut-boards', 1), 'cut-boards', {
    minutes: 75,
    usual: 40,
    kind: 'cut',
  });
  const skipped = withSkipped(took, 'caulk', 'no-time', 'in spring');
  return withLog(skipped, {
    entries: [
      {
        id: 'a',
        at: 1,
        kind: 'mistake',
        cause: 'kerf',
        part: 'S3-board',
        minutes: 30,
        text: 'Cut the third | too short',
      },
      { id: 'b', at: 2, kind: 'size', part: 'S2-board', length: typedLength('1121', 'mm'), text: '' },
      { id: 'c', at: 3, kind: 'note', text: 'The plaster crumbles <here>' },
    ],
    fits: [{ id: 'f', at: 4, shelf: 2, odds: 97.4, went: true }],
    paid: 148.5,
    next: 'Prime before cutting.',
  });
}

test('Markdown: the opening, every board and piece, what happened, what to do otherwise', () => {
  const job = lived();
  const plan = planJob(job);
  const said = reportMarkdown(plan, job);
  expect(said.startsWith('# Chimney alcove, reading room\n')).toBe(true);
  for (const heading of [
    'Opening as measured',
    'Shelves and boards',
    'Cut list',
    'Work done',
    'Diary',
    'Next time',
    'Cautions',
  ])
    expect(said).toMatch(new RegExp(`^## ${heading}`, 'm'));
  const boards = plan.parts.filter((part) => part.role === 'board');
  expect(boards).toHaveLength(5);
  for (const board of boards)
    expect(said).toMatch(new RegExp(`\\| ${board.label} \\| ${board.length.mm.toFixed(1).replace('.0', '')} mm \\|`));
  expect(said).toContain('- Cut 5 boards: 1 h 15 min, usually 40 min');
  expect(said).toContain('- Caulk where wood meets wall: skipped, no time. in spring');
  expect(said).toContain('- Kerf forgotten, 3S (30 min). Cut the third \\| too short');
  expect(said).toContain('- The plaster crumbles \\<here\\>');
  expect(said).toContain('Shelf 2 fitted first time. Predicted chance: 97 %.');
  expect(said).toContain('Paid in total: £148.50.');
  expect(plan.readings.every((reading) => reading.state === 'used') || /set aside|dropped/.test(said)).toBe(true);
});

test('a table has as many cells in every row, whatever is typed', () => {
  const job = { ...lived(), name: 'A | B' };
  const said = reportMarkdown(planJob(job), job);
  const rows = said.split('\n').filter((one) => one.startsWith('|'));
  const cells = (row: string) => row.replace(/\\\|/g, '').split('|').length;
  let head = 0;
  let looked = 0;
  rows.forEach((row, i) => {
    if (/^\| ---/.test(row)) head = cells(rows[i - 1]!);
    else if (head > 0 && !/^\| ---/.test(rows[i + 1] ?? '')) {
      expect(cells(row)).toBe(head);
      looked += 1;
    }
  });
  expect(looked).toBeGreaterThan(20);
  expect(said.startsWith('# A \\| B')).toBe(true);
});

test('no heading stands over nothing', () => {
  const job = { ...chimneyAlcove(), readings: [] };
  const { parts } = reportOf(planJob(job), job);
  parts.forEach((part, i) => {
    if (part.kind === 'heading') expect(parts[i + 1] && parts[i + 1]!.kind !== 'heading').toBe(true);
  });
});

test('PDF: opens, has its pages and title, on Letter for an inch job', async () => {
  for (const [job, width] of [
    [lived(), 595.28],
    [cloakroomCloset(), 612],
  ] as const) {
    const pdf = await PDFDocument.load(await reportPdf(reportOf(planJob(job), job), job.region));
    expect(pdf.getTitle()).toBe(job.name);
    expect(pdf.getPageCount()).toBeGreaterThan(1);
    expect(pdf.getPage(0).getWidth()).toBeCloseTo(width, 1);
  }
});
