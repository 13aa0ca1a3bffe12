import { typedLength, type Job, type SystemName } from './job';
import { planJob, type Plan } from './plan';
import { chimneyAlcove, parcelBench, windowCorner } from './rigs/demo';

const mm = (value: number) => typedLength(String(value), 'mm');
const onSystem = (job: Job, system: SystemName, own: object = {}): Job =>
  ({ ...job, support: { system, own: { [system]: own } } }) as Job;
const deep = (job: Job, depth: number): Job => ({ ...job, shelves: { ...job.shelves, depth: mm(depth) } });

const alcove = chimneyAlcove();
/** The alcove as if its walls were 30 apart everywhere. */
const slit: Job = {
  ...alcove,
  readings: alcove.readings.map((reading) => (reading.kind === 'width' ? { ...reading, value: mm(30) } : reading)),
  place: { ...alcove.place, skirting: undefined },
} as Job;

const codes = ({ problems }: Plan, severity: 'stop' | 'doubtful') =>
  problems.filter((problem) => problem.severity === severity).map((problem) => problem.message.code as string);

test.each<[string, Job, string]>([
  ['a case narrower than its two boards', onSystem(slit, 'housed-case'), 'problem.caseNarrow'],
  ['the same on pins', onSystem(slit, 'pinned-case'), 'problem.caseNarrow'],
  [
    'posts as thick as the room is wide',
    onSystem(alcove, 'housed-posts', { postThickness: mm(600) }),
    'problem.besideTakesAll',
  ],
  [
    'corner rails deeper than their shelf',
    deep(onSystem(windowCorner(), 'floating-rails', { setBack: mm(40) }), 30),
    'problem.noSize',
  ],
  ['battens deeper than their shelf', deep(onSystem(alcove, 'three-side-cleats'), 30), 'problem.noSideCleat'],
  ['a bench of 40', deep(onSystem(parcelBench(), 'framed-bench'), 40), 'problem.benchShallow'],
])('%s is named and stops, and nothing of no size is planned', (_, job, code) => {
  const plan = planJob(job);
  expect(codes(plan, 'stop')).toContain(code);
  expect(JSON.stringify(plan)).not.toMatch(/NaN|Infinity/);
  for (const { solid } of plan.body.pieces)
    expect(Math.min(solid.lengthMm, solid.widthMm, solid.thicknessMm)).toBeGreaterThan(0);
});

test('a case that cannot be made cannot tip', () => {
  const plan = planJob(onSystem(slit, 'housed-case'));
  expect(plan.parts).toEqual([]);
  expect([...codes(plan, 'stop'), ...codes(plan, 'doubtful')]).not.toContain('problem.tipsUnfixed');
});

test('a stud beyond the end of its wall is doubted, and the shelves are planned', () => {
  const stud = { id: 's', wall: 'back', from: mm(5000), found: 'pilot' } as const;
  const plan = planJob({ ...alcove, place: { ...alcove.place, studs: [stud] } });
  expect(codes(plan, 'doubtful')).toContain('problem.studOutside');
  expect(plan.parts.filter((part) => part.role === 'board')).toHaveLength(alcove.shelves.count);
});

describe('what only just goes', () => {
  const bench = parcelBench();

  test('rungs with room for the pockets of both ends are the least; at less, the depth needed is named', () => {
    const sticks = { stickWidth: mm(45), rungJoint: 'pocket' };
    const frames = (depth: number) => planJob(deep(onSystem(bench, 'ladder-frames', sticks), depth));
    expect(codes(frames(90 + 76), 'stop')).toContain('problem.ladderShallow');
    const enough = frames(90 + 91);
    expect(enough.parts.some((part) => part.role === 'rung')).toBe(true);
    expect(codes(enough, 'doubtful')).not.toContain('body.misses');
    expect(codes(enough, 'doubtful')).not.toContain('body.screwsMeet');
  });

  test.each([24, 28, 29, 45])('in brackets of sticks %d wide no screw meets another', (wide) => {
    const asked = { made: 'shop', stickWidth: mm(wide), stickThickness: mm(43) };
    const plan = planJob(deep(onSystem(bench, 'brackets', asked), 420));
    expect(plan.parts.some((part) => part.role === 'bracket-brace')).toBe(true);
    expect(codes(plan, 'doubtful')).not.toContain('body.screwsMeet');
  });

  test('the fixed shelf of a shallow case is screwed into its board, not into the lipping before that', () => {
    const asked = { nosing: true, nosingThickness: mm(32), nosingHeight: mm(42), trim: false };
    const plan = planJob(deep(onSystem(alcove, 'pinned-case', asked), 124));
    const joint = plan.fixings.find(({ id }) => /^case-left\/S\d-board$/.test(id))!;
    const board = joint.id.split('/')[1];
    const ways = plan.body.screws.filter((screw) => screw.fixing === joint.id).map((screw) => screw.way.at(-1)!.in);
    expect(ways.length).toBeGreaterThan(1);
    expect(ways).toEqual(ways.map(() => ({ kind: 'piece', id: board })));
  });
});
