import { cloakroomCloset } from '../../rigs/demo';
import type { Job, Region } from '../../job';
import { planJob } from '../../plan';
import { blanksOf, catalogueOf } from '.';
import { sourcesFor } from './sources';

const closet = cloakroomCloset();
const asked: [Region, NonNullable<NonNullable<Job['further']>['rod']>, number][] = [
  ['uk', 'tube', 25],
  ['uk', 'wood', 28],
  ['us', 'tube', 28.575],
  ['us', 'wood', 31.75],
];

test.each(asked)('a rod is planned as it is bought: %s, %s, %d mm', (region, rod, diameterMm) => {
  const job: Job = { ...closet, region, further: { dividers: [], holes: [], rod } };
  const plan = planJob(job);
  const [part, ...others] = plan.parts.filter(({ role }) => role === 'closet-rod');
  expect(others).toEqual([]);
  expect(part).toMatchObject({ thicknessMm: diameterMm, width: { mm: diameterMm } });
  const solid = plan.body.pieces.find(({ id }) => id === part!.id)!.solid;
  expect([solid.widthMm, solid.thicknessMm]).toEqual([diameterMm, diameterMm].map((mm) => expect.closeTo(mm, 6)));
  const blank = blanksOf(plan.parts, job).find(({ form }) => form === 'rod')!;
  const sold = catalogueOf(job).filter(({ form, material }) => form === 'rod' && material === blank.material);
  expect(sold.length).toBeGreaterThan(0);
  for (const item of sold) expect(item.thicknessMm).toBeCloseTo(diameterMm, 6);
});

test('a rod thinner than the one that was reckoned with is not taken for it; a thicker one is', () => {
  const plan = planJob(closet);
  const blank = blanksOf(plan.parts, closet).find(({ form }) => form === 'rod')!;
  const catalogue = catalogueOf(closet);
  const item = catalogue.find(({ form, material }) => form === 'rod' && material === blank.material)!;
  const of = (by: number) => sourcesFor(blank, [{ ...item, thicknessMm: item.thicknessMm + by }], new Set());
  expect(of(-3)).toBeNull();
  expect(of(0)?.items).toHaveLength(1);
  expect(of(4)?.items).toHaveLength(1);
});
