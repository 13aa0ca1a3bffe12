import { beside, closet, main, mm, towered } from '../planTesting';
import { inBay, viewOfBay, withBayAdded, withBayName, withBayWidth, withoutBay } from './bayEdits';
import { withAnswer, withShelfSupport } from './change';
import { readJob } from './readJob';
import { baysOf } from './bays';

const ids = () => {
  let next = 0;
  return () => `id-${(next += 1)}`;
};
const bayOf = (job: typeof towered, id: string) => job.bays!.find((bay) => bay.id === id) as ReturnType<typeof beside>;

test('numbers of shelves begin in the main bay and go on from left to right', () => {
  expect(baysOf(towered).map(({ id, firstShelf, position }) => [id, position, firstShelf])).toEqual([
    ['l', 1, 5],
    ['m', 2, 1],
    ['r', 3, 7],
  ]);
});

test('what a bay does not say of a support is as the job says it', () => {
  const said = withAnswer(closet, 'three-side-cleats', 'cleatHeight', mm(60));
  const own = { 'three-side-cleats': { cleatThickness: mm(30) } };
  const job = { ...said, bays: [main(), beside('r', { support: { system: 'end-cleats', own } })] };
  expect(baysOf(job)[1]?.support.own['three-side-cleats']).toEqual({ cleatThickness: mm(30) });
  const silent = { ...said, bays: [main(), beside('r')] };
  expect(baysOf(silent)[1]?.support.own['three-side-cleats']).toEqual({ cleatHeight: mm(60) });
});

test('a bay is seen as a job and changed as one, and nothing else changes', () => {
  const seen = viewOfBay(towered, 'r');
  expect(seen.shelves.count).toBe(2);
  expect(seen.support.system).toBe('three-side-cleats');
  const more = inBay(towered, 'r', (job) => ({ ...job, shelves: { ...job.shelves, count: 3 } }));
  expect(bayOf(more, 'r')).toMatchObject({ shelves: { count: 3 } });
  expect({ ...more, bays: null }).toEqual({ ...towered, bays: null });
  expect([bayOf(more, 'l'), bayOf(more, 'm')]).toEqual([bayOf(towered, 'l'), bayOf(towered, 'm')]);
});

test('an answer goes into the bay, a shelf of its own counts from the lowest one there', () => {
  const said = inBay(towered, 'r', (job) => withAnswer(job, 'three-side-cleats', 'cleatHeight', mm(60)));
  expect(bayOf(said, 'r')).toMatchObject({ support: { own: { 'three-side-cleats': { cleatHeight: mm(60) } } } });
  expect(said.support).toEqual(towered.support);
  // Shelf 8 is the second of the right bay.
  const otherwise = inBay(towered, 'r', (job) => withShelfSupport(job, 8, { system: 'brackets' }));
  expect(bayOf(otherwise, 'r')).toMatchObject({ support: { shelves: [{ shelf: 2, system: 'brackets' }] } });
  expect(viewOfBay(otherwise, 'r').support.shelves).toEqual([{ shelf: 8, system: 'brackets' }]);
});

test('of the main bay, and of one that is not there, the job itself is changed', () => {
  for (const id of ['m', null, 'gone']) {
    expect(viewOfBay(towered, id)).toBe(towered);
    expect(inBay(towered, id, (job) => ({ ...job, name: 'Other' })).name).toBe('Other');
  }
});

test('bays are added at either end, named, made as wide as asked, and taken away again', () => {
  const two = withBayAdded(closet, 'right', ids());
  expect(two.bays?.map(({ kind }) => kind)).toEqual(['main', 'beside']);
  const three = withBayAdded(two, 'left', ids());
  expect(three.bays?.map(({ kind }) => kind)).toEqual(['beside', 'main', 'beside']);
  const [first, second] = two.bays!;
  const wide = withBayName(withBayWidth(two, second!.id, mm(700)), second!.id, ' Coats ');
  expect(wide.bays?.[1]).toMatchObject({ name: 'Coats', width: mm(700) });
  expect(withBayWidth(wide, second!.id, undefined).bays?.[1]).not.toHaveProperty('width');
  expect(withoutBay(two, first!.id)).toEqual(two);
  expect(withoutBay(two, second!.id)).toEqual(closet);
  expect(readJob(JSON.parse(JSON.stringify(wide)))).toEqual({ ok: true, value: wide });
});

test('a file with two main bays, or with more shelves than a job may have, is refused in words', () => {
  const faults = (job: object) => {
    const read = readJob(JSON.parse(JSON.stringify(job)));
    return read.ok ? [] : read.error.faults.map(({ message: { code } }) => code);
  };
  expect(faults({ ...closet, bays: [main(), { ...main(), id: 'n' }] })).toEqual(['fault.bays']);
  const many = beside('r', { shelves: { ...closet.shelves, count: 38 } });
  expect(faults({ ...closet, bays: [main(), many] })).toEqual(['fault.bays']);
  expect(faults({ ...closet, bays: [main(), { ...beside('r'), id: 'm' }] })).toEqual(['fault.repeatedId']);
});
