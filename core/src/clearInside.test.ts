import { chimneyAlcove, stairCavity } from './rigs/demo';
import { typedLength, type Job, type SystemName, type Thing } from './job';
import { planJob, type Plan } from './plan';

const CASES = ['housed-case', 'pinned-case', 'screwed-tower'] as const satisfies readonly SystemName[];
const BOX_CASES = ['housed-case', 'pinned-case'] as const;

const inches = (typed: string) => typedLength(typed, 'in');
const ofSystem = (job: Job, system: SystemName): Job => ({ ...job, support: { system, own: {} } });

/** The faces between which things stand: upper faces and undersides of all boards that lie across the case. */
function clearBetweenBoards({ parts }: Plan): number[] {
  const lying = new Set(['board', 'case-bottom', 'case-top', 'box-end']);
  const boards = parts.filter((part) => lying.has(part.role)).map((part) => part.place);
  const rising = [...boards].sort((a, b) => a.upFrom - b.upFrom);
  return rising.slice(1).map((band, i) => band.upFrom - (rising[i]?.upTo ?? 0));
}

const jobs: [string, Job][] = [
  ...CASES.map((system): [string, Job] => {
    const job = ofSystem(chimneyAlcove(), system);
    return [`${system} in an alcove`, { ...job, shelves: { ...job.shelves, way: 'equal-gaps', count: 5 } }];
  }),
  ...BOX_CASES.map((system): [string, Job] => [`${system} in a cavity`, ofSystem(stairCavity(), system)]),
];

describe.each(jobs)('%s', (_, job) => {
  const plan = planJob(job);

  test('clear heights that are told are the distances between the boards of the case', () => {
    const told = plan.gaps.map((gap) => gap.clear.mm);
    expect(told).toHaveLength(job.shelves.count + 1);
    const there = clearBetweenBoards(plan);
    expect(there).toHaveLength(told.length);
    // Case and box are cut down to a mark of the tape: their tops may lie that much lower.
    told.forEach((mm, i) => expect(Math.abs(mm - (there[i] ?? NaN))).toBeLessThan(1.6));
  });

  test('equal gaps are equal there', () => {
    const there = clearBetweenBoards(plan);
    expect(Math.max(...there) - Math.min(...there)).toBeLessThan(3.3);
  });
});

const book = (heightIn: string, depthIn: string, count: number): Thing => ({
  id: 'book',
  name: 'Book',
  width: inches('1 1/2'),
  height: inches(heightIn),
  depth: inches(depthIn),
  weight: { kg: 0.6, typed: '0.6' },
  count,
  often: 'weekly',
  lift: inches('1/4'),
  stack: 1,
  flat: false,
});

describe('things by contents', () => {
  const listed = (job: Job, things: Thing[]): Job => ({ ...job, things, shelves: { ...job.shelves, way: 'contents' } });
  const depth = inches('11');
  const alcove = chimneyAlcove();
  const wish = { ...alcove.shelves, way: 'equal-gaps' as const, count: 4, depth };

  test.each(CASES)('no pile in a %s is higher than the clear height over it, or longer than its inside', (system) => {
    const job = listed(ofSystem({ ...alcove, shelves: wish }, system), [book('8', '6', 120)]);
    const plan = planJob(job);
    const stored = plan.contents?.stored ?? [];
    expect(stored.length).toBeGreaterThan(1);
    const lying = plan.parts.filter((part) => ['board', 'case-bottom', 'case-top'].includes(part.role));
    const sides = plan.parts.filter((part) => part.role.startsWith('case-side'));
    expect(sides).toHaveLength(2);
    // The blocks of a tower stand inside its sides.
    const inside = [...sides, ...plan.parts.filter((part) => part.role === 'spacer')];
    const rising = inside.map((part) => part.across!).sort((a, b) => a.fromMm - b.fromMm);
    const half = rising.length / 2;
    const begins = Math.max(...rising.slice(0, half).map((across) => across.toMm));
    const insideMm = Math.min(...rising.slice(half).map((across) => across.fromMm)) - begins;
    expect(plan.contents?.acrossMm).toBeCloseTo(begins, 6);
    for (const pile of stored) {
      const over = Math.min(...lying.map((part) => part.place.upFrom).filter((mm) => mm > pile.upMm));
      expect(pile.upMm + pile.highMm).toBeLessThanOrEqual(over);
      expect(pile.fromMm + pile.runsMm).toBeLessThanOrEqual(insideMm + 1e-6);
      expect(lying.some((part) => Math.abs(part.place.upTo - pile.upMm) < 1e-6)).toBe(true);
    }
  });

  test('between posts nothing stands where they stand', () => {
    const asked = { postThickness: inches('1 1/2') };
    const job: Job = { ...alcove, shelves: wish, support: { system: 'housed-posts', own: { 'housed-posts': asked } } };
    const things = [book('8', '6', 160)];
    const [posts, walls] = [planJob(listed(job, things)), planJob(listed({ ...alcove, shelves: wish }, things))];
    const lengths = (plan: Plan) => plan.contents?.capacity.map((one) => one.lengthMm) ?? [];
    expect(lengths(posts).length).toBeGreaterThan(1);
    lengths(posts).forEach((mm, i) => expect(mm).toBeCloseTo((lengths(walls)[i] ?? 0) - 3 * 25.4, 0));
    const upright = posts.body.pieces.find((piece) => piece.role === 'post-left')!;
    const begins = posts.contents!.acrossMm! + Math.min(...posts.contents!.stored.map((one) => one.fromMm));
    expect(begins).toBeGreaterThanOrEqual(upright.solid.frame.origin[0] + upright.solid.thicknessMm - 6);
  });

  test('on a shelf of its own depth nothing stands that is deeper', () => {
    const own = { shelf: 2, depth: inches('5') };
    const job = listed({ ...alcove, shelves: wish, support: { ...alcove.support, shelves: [own] } }, [
      book('8', '6', 120),
      { ...book('8', '4', 60), id: 'slim' },
    ]);
    const stored = planJob(job).contents?.stored ?? [];
    expect(stored.some((one) => one.thing === 'book')).toBe(true);
    expect(stored.filter((one) => one.shelf === 2 && one.thing === 'book')).toEqual([]);
  });

  test('a panel behind takes off the depth things have', () => {
    const deep = [book('8', '10 7/8', 4)];
    const closed = listed(
      { ...alcove, shelves: wish, support: { system: 'housed-case', own: { 'housed-case': { back: true } } } },
      deep,
    );
    const open = listed(
      { ...alcove, shelves: wish, support: { system: 'housed-case', own: { 'housed-case': { back: false } } } },
      deep,
    );
    expect(planJob(open).contents?.leftOut).toEqual([]);
    expect(planJob(closed).contents?.leftOut.map((one) => one.why.code)).toEqual(['out.deep']);
  });
});

test('a shelf that would stand in the bottom or the top of its case is named, the others are planned', () => {
  const job = ofSystem(chimneyAlcove(), 'pinned-case');
  const at = (id: string, mm: number) => ({ id, up: typedLength(String(mm), 'mm') });
  const heights = [at('low', 30), at('middle', 900), at('high', 1500)];
  const plan = planJob({ ...job, shelves: { ...job.shelves, way: 'typed', count: 3, heights } });
  expect(plan.problems.filter((problem) => problem.message.code.startsWith('problem.shelfInCase'))).toMatchObject([
    { severity: 'stop', about: { kind: 'shelf', shelf: 1 } },
  ]);
  expect(plan.parts.filter((part) => part.role === 'board').map((part) => part.shelf)).toEqual([2, 3]);
});
