import { typedLength, type Job } from '../../job';
import { planJob } from '../../plan';
import { jointOf } from '../../design/system';
import { cardLibrary, groovedRecess, pictureNiche } from '.';
import { lengthsOf, worked } from './wholeTesting';

const mm = (value: number) => typedLength(String(value), 'mm');
const sized = (job: Job, width: number, height: number): Job => ({
  ...job,
  box: { ...job.box!, size: { width: mm(width), height: mm(height) } },
});

describe('a recess with grooves, its box 680 × 1850 outside and 18 thick', () => {
  const job = sized(groovedRecess(), 680, 1850);
  const plan = planJob(job);

  test('every length is what one works out by hand', () => {
    // Inside 680 − 36 = 644; shelves into grooves 9 deep 644 + 18; head 644 + 2 × 5 + 2 × 57; uprights from the bottom
    // of the box 1850 − 36 + 18 + 5 + 57.
    expect(lengthsOf(plan)).toMatchObject({
      BL: 1850,
      BR: 1850,
      BT: 644,
      BB: 644,
      BK: 1850,
      '1S': 662,
      '5S': 662,
      '1N': 644,
      TT: 768,
      TL: 1894,
      TR: 1894,
    });
    expect(plan.parts.some(({ id }) => id === 'trim-foot')).toBe(false);
  });

  test('boards are as deep as the recess less the back of 9, shelves less their lipping of 20 too', () => {
    const wide = (label: string) => plan.parts.find((part) => part.label === label)!.width.mm;
    const deep = plan.box!.depth!.mm;
    expect([wide('BT'), wide('1S'), wide('1N')]).toEqual([deep - 9, deep - 9 - 20, 30]);
  });

  test('both sides are housed at the same running marks, each where its shelf lies', () => {
    const sides = plan.parts.filter(({ role }) => role === 'box-side');
    const marks = sides.map((side) => jointOf(side, 'housed')!.atMm);
    expect(marks[0]).toHaveLength(5);
    expect(marks[1]).toEqual(marks[0]);
    const foot = plan.box!.seat.upMm;
    plan.shelves.forEach((shelf, i) => expect(marks[0]![i]).toBeCloseTo(shelf.top.mm - 18 - foot, 6));
  });

  test('all that fixes it is bought', async () => {
    const { lines, plan: made } = await worked(job);
    const held = (kind: 'screw' | 'pin') => made.body.screws.filter((screw) => screw.kind === kind).length;
    const need = (start: string) => lines.reduce((sum, line) => sum + (line.key.startsWith(start) ? line.need : 0), 0);
    expect(held('screw')).toBeGreaterThan(15);
    expect(need('screw-')).toBe(held('screw'));
    expect(need('pin-')).toBe(held('pin'));
    expect(lines.map(({ what }) => what.code)).toEqual(expect.arrayContaining(['buy.shims', 'buy.glue', 'buy.paint']));
  });
});

test('the back of a card library is of a material of its own', async () => {
  const { cut } = await worked(cardLibrary());
  const materialOf = (label: string) => cut.blanks.find((blank) => blank.label === label)!.material;
  expect([materialOf('BK'), materialOf('BL'), materialOf('1S')]).toEqual(['mdf', 'birch-ply', 'birch-ply']);
});

test('a niche’s trim is of hardwood and oiled, its case of plywood and painted', async () => {
  const { cut, plan, bought } = await worked(pictureNiche());
  const materialOf = (label: string) => cut.blanks.find((blank) => blank.label === label)!.material;
  expect([materialOf('TT'), materialOf('BT')]).toEqual(['hardwood', 'birch-ply']);
  for (const key of ['oil', 'primer', 'paint']) expect(bought(key)).toBeGreaterThan(0);
  const trim = plan.parts.filter(({ role }) => role === 'trim');
  const m2 = trim.reduce((sum, { length, width, thicknessMm: t }) => {
    const [l, w] = [length.mm, width.mm];
    return sum + (2 * l * w + 2 * (l + w) * t) / 1e6;
  }, 0);
  // Two coats of oil, a litre to 14 m².
  expect(bought('oil')).toBe(Math.ceil((2 * m2 * 1000) / 14));
});
