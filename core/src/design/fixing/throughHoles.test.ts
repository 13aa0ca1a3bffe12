import fc from 'fast-check';
import { chimneyAlcove } from '../../rigs/demo';
import { planJob } from '../../plan';
import { throughHoles } from './throughHoles';

const plan = planJob(chimneyAlcove());
const board = plan.parts.find((part) => part.id === 'S2-board')!;
const screws = plan.fixings.filter((fixing) => fixing.through.kind === 'piece' && fixing.through.id === board.id);
const drilled = (x: number, y: number, diameterMm: number) => ({
  ...board,
  holes: [{ at: [x, y] as const, diameterMm, from: 'left' as const, alongMm: x, backMm: y }],
});
const first = screws[0]!.holes[0]!;

test('a hole 8 mm clear of a screw is let be; one nearer takes it away', () => {
  const beside = (gap: number) => throughHoles([drilled(first.alongMm + 30 + gap, first.acrossMm, 60)], plan.fixings);
  expect(beside(8.5)).toEqual([]);
  expect(beside(7.5)).toMatchObject([
    { severity: 'doubtful', about: { kind: 'shelf', shelf: 2 }, message: { code: 'problem.holeScrew' } },
  ]);
});

test('a board is named once, however many holes and screws meet', () => {
  const both = {
    ...board,
    holes: screws.flatMap((screw) => screw.holes).map((hole) => drilled(hole.alongMm, hole.acrossMm, 60).holes[0]!),
  };
  expect(throughHoles([both], plan.fixings)).toHaveLength(1);
});

test('screws of other boards are none of its business', () => {
  const others = plan.fixings.filter((fixing) => !screws.includes(fixing));
  expect(throughHoles([drilled(first.alongMm, first.acrossMm, 60)], others)).toEqual([]);
});

test('it is named just where a screw is nearer than the hole’s half and 8 mm', () => {
  const at = fc.tuple(
    fc.integer({ min: 0, max: 1120 }),
    fc.integer({ min: 0, max: 320 }),
    fc.integer({ min: 10, max: 120 }),
  );
  const places = screws.flatMap((screw) => screw.holes);
  fc.assert(
    fc.property(at, ([x, y, wide]) => {
      const nearest = Math.min(...places.map((hole) => Math.hypot(hole.alongMm - x, hole.acrossMm - y)));
      expect(throughHoles([drilled(x, y, wide)], plan.fixings).length).toBe(nearest < wide / 2 + 8 ? 1 : 0);
    }),
  );
});
