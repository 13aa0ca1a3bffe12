import { chimneyAlcove } from '../../rigs/demo';
import { templateDxf, templatePdf, templateSvg } from '../../say/exchange/drawings';
import { typedLength } from '../../job';
import { planJob } from '../../plan';
import { tilesFor } from '.';
import { drillingTemplate, poleTemplate } from './pole';

const job = chimneyAlcove();
const mm = (typed: string) => typedLength(typed, 'mm');

test('the pole has every mark at its height: lines lie as far apart as the marks do', () => {
  const plan = planJob(job);
  const pole = poleTemplate(plan)!;
  const foot = Math.max(...pole.outline.map(([, y]) => y));
  const ups = pole.lines!.filter(([, [x]]) => x === 36).map(([[, y]]) => foot - y);
  expect(ups).toEqual(plan.shelves.map((shelf) => shelf.top.mm));
  expect(pole.lines!.filter(([, [x]]) => x === 26)).toHaveLength(5);
  expect(foot - pole.reference[0][1]).toBe(1000);
  // A strip of one column, page below page.
  expect(tilesFor(pole, 'a4')).toMatchObject({ columns: 1 });
  expect(poleTemplate({ ...plan, marks: [] })).toBeNull();
});

test('the pole is written in every format, with its marks', async () => {
  const pole = poleTemplate(planJob(job))!;
  const svg = templateSvg(pole, job);
  expect(svg).toContain('1 top 744.5 mm');
  expect(svg.match(/<path /g)!.length).toBe(2 + pole.lines!.length);
  expect(templateDxf(pole, job).split('MARKS').length).toBeGreaterThan(pole.lines!.length);
  const pdf = await templatePdf({ template: pole, reader: job, job: job.name, paper: 'a4' });
  expect(new TextDecoder('latin1').decode(pdf.slice(0, 5))).toBe('%PDF-');
});

test('pin holes are drilled by one template for both sides', () => {
  const pins = { pitch: mm('32'), setBack: mm('37'), diameter: mm('5'), hangs: mm('3'), either: 2 };
  const plan = planJob({ ...job, pins });
  const template = drillingTemplate(plan.pins!);
  expect(template.holes).toHaveLength(2 * plan.pins!.holes.length);
  expect(new Set(template.holes!.map((hole) => hole.at[0]))).toEqual(new Set([37, 303]));
  expect(templateSvg(template, job).match(/<circle /g)!.length).toBe(template.holes!.length);
  expect(templateDxf(template, job)).toContain('HOLES');
});
