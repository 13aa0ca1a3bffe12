import '../../labels/build';
import '../../labels/conflict';
import '../../labels/shelves';
import '@dormer/core/say/words/rest';
import { demoJobs } from '@dormer/core/rigs/demo';
import { mergeJobs, type Contradiction, type Value } from '@dormer/core/job/merge';
import type { Job } from '@dormer/core/job/document';
import { senseWord } from '@dormer/core/place/reading';
import { label as inUse } from '../../labels/labels';
import { placeWords, sideWords } from './conflictWords';

const label = inUse();
const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });

/** A document with every figure and every word in it changed; what tells entries apart stays. */
function changed(value: unknown, by: number, key = ''): unknown {
  if (key === 'readings') return (value as Job['readings']).map((reading) => ({ ...reading, value: mm(900 + by) }));
  if (
    [
      'units',
      'region',
      'tape',
      'id',
      'kind',
      'step',
      'item',
      'shelf',
      'unit',
      'instrument',
      'format',
      'version',
    ].includes(key)
  )
    return value;
  if (typeof value === 'number') return value + by;
  if (typeof value === 'string') return `${value} ${by}`;
  if (Array.isArray(value)) return value.map((entry) => changed(entry, by));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, changed(inner, by, name)]));
}

test('whatever two devices contradict each other in has a name and two values in words', () => {
  const named = demoJobs().flatMap((base) => {
    const [mine, theirs] = [changed(base, 1), changed(base, 2)] as [Job, Job];
    return mergeJobs(base, mine, theirs).contradictions.map((contradiction) => ({
      path: contradiction.path,
      place: placeWords(contradiction, mine, theirs, label),
      values: [
        sideWords(contradiction, contradiction.mine, mine, label),
        sideWords(contradiction, contradiction.theirs, theirs, label),
      ],
    }));
  });
  expect(named.length).toBeGreaterThan(200);
  for (const { path, place, values } of named) {
    expect(place).not.toBe(path);
    expect(place).not.toMatch(/undefined|\{\{|\[|^conflict\./);
    for (const words of values) expect(words).not.toMatch(/^$|undefined|object Object/);
  }
});

describe('in words', () => {
  const [base] = demoJobs() as [Job, ...Job[]];
  const of = (path: string, mine: Value, theirs: Value, job: Job = base) => {
    const contradiction: Contradiction = { path, mine, theirs };
    const values = [mine, theirs].map((value) => sideWords(contradiction, value, job, label));
    return [placeWords(contradiction, job, job, label), ...values];
  };

  test('a shelf by its number from below, a length as it was typed', () => {
    const heights = [
      { id: 'b', up: mm(800) },
      { id: 'a', up: mm(400) },
    ];
    const bottom = { kind: 'floor' } as const;
    const job: Job = { ...base, shelves: { ...base.shelves, way: 'typed', bottom, heights } };
    const inches = { mm: 1057.275, typed: '41 5/8', unit: 'in' };
    expect(of('shelves.heights[b].up', mm(1180), inches, job)).toEqual([
      'Top of shelf 2, above the floor mark',
      '1180 mm',
      '41 5/8 in',
    ]);
    const locked: Job = { ...job, shelves: { ...job.shelves, way: 'equal-gaps' } };
    expect(of('shelves.heights[b].up', mm(1180), mm(1210), locked)[0]).toBe(
      'Top of a locked shelf, above the floor mark',
    );
  });

  test('a reading by its place, one that was removed, a wish by its parts, yes and no', () => {
    const [reading] = base.readings as [Job['readings'][number]];
    expect(of(`readings[${reading.id}]`, undefined, reading as unknown as Value)).toEqual([
      'Reading: Width at the back, 420 mm up',
      'removed',
      expect.stringMatching(/^\d+ mm$/),
    ]);
    expect(of('shelves.bottom', { kind: 'base', up: mm(90) }, { kind: 'floor' })).toEqual([
      'Start of the space',
      'base, 90 mm',
      'floor',
    ]);
    expect(of('build.help', true, false)).toEqual(['Order of work', 'yes', 'no']);
  });

  test('a reading says which way it was read, and a bare number has its unit', () => {
    const leaning = demoJobs()
      .flatMap(({ readings }) => readings)
      .filter((reading) => senseWord(reading) === 'tip');
    expect(leaning.length).toBeGreaterThan(0);
    const [reading] = leaning as [Job['readings'][number]];
    const job: Job = { ...base, readings: [reading] };
    const heel = { ...reading, gap: 'heel', value: mm(4) } as unknown as Value;
    expect(of(`readings[${reading.id}]`, { ...reading, value: mm(5) } as unknown as Value, heel, job).slice(1)).toEqual(
      ['5 mm at the tip', '4 mm at the heel'],
    );
    expect(of('fit.odds', 95, 99)).toEqual(['Fit of the boards (chance to fit)', '95 %', '99 %']);
    expect(of('build.minutes', [{ step: 'own:a', minutes: 20 }], undefined).slice(1)).toEqual(['1 entry', 'removed']);
  });

  test('a choice is named as on its screen', () => {
    expect(of('region', 'uk', 'us')).toEqual(['Region', 'UK', 'US']);
    expect(of('shelves.way', 'equal-gaps', 'on-centre')).toEqual([
      'How heights are set',
      'Equal gaps',
      'Equal centres',
    ]);
    expect(of('build.supports', 'top-down', 'bottom-up').slice(1)).toEqual(['Top down', 'Bottom up']);
    expect(of('tools', 'hand', 'power')).toEqual(['Tools', 'Hand tools only', 'Power tools']);
    expect(of('name', 'Board-game shelf', 'top-shelf').slice(1)).toEqual(['Board-game shelf', 'top-shelf']);
    expect(of('support.system', 'end-cleats', 'brackets')).toEqual([
      'Shelf supports (kind)',
      'Battens at the ends',
      'Brackets',
    ]);
  });

  test('one field of a thing', () => {
    const thing = { ...demoJobs().flatMap(({ things }) => things)[0]!, id: 't', name: 'Books' };
    expect(of('things[t].count', 12, 33, { ...base, things: [thing] })).toEqual([
      'Thing: Books (how many)',
      '12',
      '33',
    ]);
  });
});
