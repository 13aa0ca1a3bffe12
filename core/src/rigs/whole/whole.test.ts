import fc from 'fast-check';
import { planJob } from '../../plan';
import * as all from '.';
import { faultsOf, varied, worked } from './wholeTesting';

const jobs = Object.entries(all).map(([name, make]) => [name, make()] as const);

test.each(jobs)('%s is whole: it can be built, all is counted once, all that is named is bought', async (_, job) => {
  expect(faultsOf(await worked(job))).toEqual([]);
});

const variant = fc.record({
  byMm: fc.double({ min: -40, max: 60, noNaN: true }),
  tools: fc.constantFrom('hand' as const, 'power' as const),
  units: fc.constantFrom('mm' as const, 'cm' as const, 'in' as const),
});

test.each(jobs)('%s stays whole in other sizes, with other tools, in other units', async (_, job) => {
  await fc.assert(
    fc.asyncProperty(variant, async (way) => {
      expect(faultsOf(await worked(varied(job, way)))).toEqual([]);
    }),
    { numRuns: 3, seed: 23 },
  );
});

test.each(jobs)('%s: heights, lengths and marks are numbers above nothing', (_, job) => {
  const { parts, gaps } = planJob(job);
  const sizes = parts.flatMap(({ label, length, width, thicknessMm }) =>
    [length.mm, width.mm, thicknessMm].map((mm) => ({ label, mm })),
  );
  expect(sizes.length).toBeGreaterThan(20);
  expect(sizes.filter(({ mm }) => !(mm > 0))).toEqual([]);
  expect(gaps.filter(({ clear }) => !(clear.mm > 0))).toEqual([]);
});
