import { planJob } from '../../plan';
import { chimneyAlcove, windowCorner } from '../../rigs/demo';
import { withFurther, type Further, type Job } from '../../job';
import { mm } from '../load/testing';
import { outlineOfPart } from './holes';
import { clearOf } from './outline';
import { shapedIn, shapeWords } from '../shaping';

type Hole = Further['holes'][number];

const drilled = (job: Job, ...holes: Partial<Hole>[]): Job =>
  withFurther(job, (all) => ({
    ...all,
    holes: holes.map((hole, i) => ({
      id: `h${i}`,
      shelf: 2,
      from: 'left',
      at: mm(300),
      back: mm(120),
      diameter: mm(60),
      ...hole,
    })),
  }));
const boardOf = (job: Job, shelf = 2) =>
  planJob(job).parts.find((part) => part.shelf === shelf && part.role === 'board')!;
const codesOf = (job: Job) =>
  planJob(job)
    .problems.map((problem) => problem.message.code)
    .filter((code) => code.startsWith('problem.hole'));

describe('how far a point lies within an outline', () => {
  const square = [
    [0, 0],
    [100, 0],
    [100, 50],
    [0, 50],
  ] as const;
  test.each([
    [[50, 25], 25],
    [[90, 25], 10],
    [[50, 0], -0],
    [[110, 25], -10],
    [[103, 54], -5],
  ] as const)('%j: %d', (point, away) => expect(clearOf(square, point)).toBeCloseTo(away, 9));
});

test('from the left and from the right end, along the back edge as it is cut', () => {
  const job = drilled(chimneyAlcove(), {}, { from: 'right', at: mm(250) });
  const board = boardOf(job);
  expect(board.holes).toEqual([
    { at: [300, 120], diameterMm: 60, from: 'left', alongMm: 300, backMm: 120 },
    { at: [board.fit!.backMm - 250, 120], diameterMm: 60, from: 'right', alongMm: 250, backMm: 120 },
  ]);
  expect(codesOf(job)).toEqual([]);
  expect(boardOf(job, 1).holes).toBeUndefined();
});

test('each is said on the list, and a board that is drilled is a setting of its own', () => {
  const plain = planJob(chimneyAlcove());
  const plan = planJob(drilled(chimneyAlcove(), {}));
  const board = plan.parts.find((part) => part.id === 'S2-board')!;
  expect(shapeWords(shapedIn(plan.body)(board), chimneyAlcove()).at(-1)).toMatchObject({
    code: 'cutEnd.hole',
    params: { diameter: { mm: 60 }, along: { mm: 300 }, back: { mm: 120 } },
  });
  const rowOf = (of: typeof plan) =>
    of.cutList.flatMap((group) => group.rows).find((row) => row.partIds.includes('S2-board'))!;
  expect(rowOf(plan).partIds).toEqual(['S2-board']);
  expect(rowOf(plain).lengthMm).toBe(rowOf(plan).lengthMm);
});

test('in a corner it is measured from the corner on the left, and from the far end of the same edge', () => {
  const job = (from: Hole['from']) => drilled(windowCorner(), { shelf: 1, from, at: mm(100), back: mm(80) });
  expect(boardOf(job('left'), 1).holes?.[0]?.at).toEqual([100, 80]);
  const right = boardOf(job('right'), 1);
  expect(right.holes?.[0]?.at).toEqual([right.corner!.backMm - 100, 80]);
});

test('in a corner on the right the left end is the far one', () => {
  const corner = windowCorner();
  const mirrored = drilled(
    {
      ...corner,
      place: { ...corner.place, side: 'right' },
      readings: corner.readings.map((reading) => ({
        ...reading,
        ...('corner' in reading ? { corner: 'right' as const } : {}),
        ...('wall' in reading && reading.wall === 'left' ? { wall: 'right' as const } : {}),
      })) as Job['readings'],
    },
    { shelf: 1, at: mm(220), back: mm(60) },
  );
  const board = boardOf(mirrored, 1);
  expect(board.corner?.side).toBe('right');
  expect(board.holes?.[0]?.at).toEqual([220 - board.corner!.backMm, 60]);
});

describe('what is wrong with a hole is named', () => {
  const alcove = chimneyAlcove();
  const cases: [string, Partial<Hole>, string[]][] = [
    ['near the front edge', { back: mm(285) }, ['problem.holeEdge']],
    // The back cleat is 20 thick, and hangs under the board all along it.
    ['over the back cleat', { back: mm(45) }, ['problem.holeOver']],
    ['over a side cleat', { at: mm(45) }, ['problem.holeOver']],
    ['beside the board', { at: mm(5000) }, ['problem.holeOff']],
    ['in its middle', {}, []],
  ];
  test.each(cases)('%s', (_, hole, codes) => expect(codesOf(drilled(alcove, hole))).toEqual(codes));

  test('over a bought bracket; beside it there is nothing to say', () => {
    const bracketed: Job = { ...alcove, support: { system: 'brackets', own: {} } };
    const plan = planJob(bracketed);
    const [bracket] = plan.hardware.filter((hardware) => hardware.shelf === 2);
    const board = plan.parts.find((part) => part.id === 'S2-board')!;
    const middle = (bracket!.across.fromMm + bracket!.across.toMm) / 2 - board.fit!.seat.acrossMm;
    const at = (mm_: number) => codesOf(drilled(bracketed, { at: mm(Math.round(mm_)), back: mm(150) }));
    expect(at(middle)).toEqual(['problem.holeBracket']);
    expect(at(middle + 200)).toEqual([]);
  });

  test('over a hidden rail, which lies within the board', () => {
    const hidden: Job = {
      ...alcove,
      support: { system: 'floating-rails', own: {} },
      shelves: { ...alcove.shelves, thickness: mm(48) },
    };
    // The back rail is 30 thick, both side rails too.
    expect(codesOf(drilled(hidden, { back: mm(55) }))).toEqual(['problem.holeOver']);
    expect(codesOf(drilled(hidden, { at: mm(55), back: mm(150) }))).toEqual(['problem.holeOver']);
    expect(codesOf(drilled(hidden, { back: mm(150) }))).toEqual([]);
    const corner = (hole: Partial<Hole>) => codesOf(drilled(windowCorner(), { shelf: 1, ...hole }));
    expect(corner({ at: mm(50), back: mm(120) })).toEqual(['problem.holeOver']);
    expect(corner({ at: mm(120), back: mm(50) })).toEqual(['problem.holeOver']);
    expect(corner({ at: mm(120), back: mm(120) })).toEqual([]);
  });

  test('through a screw that holds the board down', () => {
    const plan = planJob(alcove);
    const screw = plan.fixings.find((fixing) => fixing.through.kind === 'piece' && fixing.through.id === 'S2-board')!;
    const [first] = screw.holes;
    const hole = { at: mm(Math.round(first!.alongMm)), back: mm(Math.round(first!.acrossMm) + 20) };
    expect(codesOf(drilled(alcove, hole))).toContain('problem.holeScrew');
  });
});

test('a hole through a hollow shelf goes through both its skins', () => {
  const job = drilled(
    {
      ...chimneyAlcove(),
      support: { system: 'floating-rails', own: {} },
      shelves: { ...chimneyAlcove().shelves, thickness: mm(48) },
    },
    { back: mm(150) },
  );
  const through = planJob(job).parts.filter((part) => part.shelf === 2 && part.holes);
  expect(through.map((part) => part.role).sort()).toEqual(['board', 'skin']);
  expect(through[0]?.holes).toEqual(through[1]?.holes);
});

test('a board without an outline of its own is the rectangle it is', () => {
  const { fit: _fit, corner: _corner, ...rest } = boardOf(chimneyAlcove());
  const outline = outlineOfPart({ ...rest, fit: null, corner: null });
  expect(outline).toEqual([
    [0, 0],
    [rest.length.mm, 0],
    [rest.length.mm, rest.width.mm],
    [0, rest.width.mm],
  ]);
});
