import { newJob, readJob, withRegion } from '.';

test.each([
  ['metric', 'in', 'uk'],
  ['inch', 'mm', 'us'],
  [undefined, 'in', 'us'],
  [undefined, 'cm', 'uk'],
] as const)('a document of version 9 with sizes %s in %s is of region %s', (sizes, units, region) => {
  const { region: _now, ...job } = newJob({ id: 'a', name: 'A', kind: 'alcove', units });
  const old = { ...job, version: 9, stock: sizes ? { ...job.stock, region: sizes } : job.stock };
  const read = readJob(old);
  expect(read).toMatchObject({ ok: true, value: { version: 12, region, units } });
  expect(read.ok && read.value.stock).not.toHaveProperty('region');
  expect(Object.keys(read.ok ? read.value : {}).slice(0, 8)).toEqual([
    'format',
    'version',
    'id',
    'name',
    'units',
    'tape',
    'region',
    'place',
  ]);
});

test('another region takes its money along, unless the person chose another', () => {
  const job = newJob({ id: 'a', name: 'A', kind: 'alcove', units: 'mm' });
  expect(withRegion(job, 'us')).toMatchObject({ region: 'us', stock: { currency: '$' } });
  const euros = { ...job, stock: { ...job.stock, currency: '€' } };
  expect(withRegion(euros, 'us')).toMatchObject({ region: 'us', stock: { currency: '€' } });
});
