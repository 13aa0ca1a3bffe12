import { randomFrom, type Random } from '../base/random';
import { placedOf } from '../design/body';
import { typedLength, type Job, type Thing } from '../job';
import { planJob, type Plan } from '../plan';
import { anyJob } from '../rigs/anyJob';
import { chimneyAlcove } from '../rigs/demo';

const mm = (value: number) => typedLength(String(Math.round(value)), 'mm');
const BOARDS = ['board', 'slat', 'mesh'];

/** Things of a kind, upright and singly, so that their depth is known. */
const things = (id: string, sizes: readonly [wide: number, high: number, deep: number], count: number): Thing => ({
  id,
  name: id,
  width: mm(sizes[0]),
  height: mm(sizes[1]),
  depth: mm(sizes[2]),
  weight: { kg: 0.5, typed: '0.5' },
  count,
  often: 'weekly',
  lift: mm(5),
  stack: 1,
  flat: false,
});

const byContents = (job: Job, listed: readonly Thing[]): Job => ({
  ...job,
  things: [...listed],
  shelves: { ...job.shelves, way: 'contents' },
});

/** What of the body a plan's things stand in, flush with the front of their shelf. */
function touched({ contents, body, bays }: Plan, listed: readonly Thing[], depthMm: number): string[] {
  const boxes = body.pieces.flatMap((piece) => placedOf(piece.solid).each.map((at) => ({ piece, at })));
  const startMm = contents!.acrossMm ?? bays[0]!.fromMm;
  return contents!.stored.flatMap((one) => {
    const boards = boxes.filter(({ piece }) => piece.shelf === one.shelf && BOARDS.includes(piece.role));
    const front = one.shelf > 0 && boards.length > 0 ? Math.max(...boards.map(({ at }) => at.most[1])) : depthMm;
    const deep = listed.find(({ id }) => id === one.thing)!.depth.mm;
    const own = {
      least: [startMm + one.fromMm + 1, front - deep + 1, one.upMm + 1],
      most: [startMm + one.fromMm + one.runsMm - 1, front - 1, one.upMm + one.highMm - 1],
    };
    return boxes
      .filter(({ at }) => [0, 1, 2].every((k) => at.least[k]! < own.most[k]! && at.most[k]! > own.least[k]!))
      .map(({ piece }) => `${one.thing} on ${one.shelf} in ${piece.id}`);
  });
}

const chosen = (random: Random, most: number): Thing[] =>
  [0, 1, 2].map((i) =>
    things(
      `kind ${i}`,
      [random.between(20, 200), random.between(60, 320), random.between(50, most)],
      Math.round(random.between(1, 12)),
    ),
  );

test('in jobs by chance, with dividers and several supports, no thing stands in a piece', () => {
  const plans = Array.from({ length: 80 }, (_, i) => {
    const job = anyJob(4001 + i);
    const listed = chosen(randomFrom(i + 1), Math.min(300, job.shelves.depth.mm));
    return { job, listed, plan: planJob(byContents(job, listed)) };
  }).filter(({ plan }) => plan.contents);
  expect(plans.reduce((sum, { plan }) => sum + plan.contents!.stored.length, 0)).toBeGreaterThan(100);
  const faults = plans.flatMap(({ job, listed, plan }) =>
    touched(plan, listed, job.shelves.depth.mm).map((words) => `${job.id}: ${words}`),
  );
  expect(faults).toEqual([]);
});

describe('a divider on a full shelf', () => {
  const alcove = chimneyAlcove();
  const shelf = 2;
  const job = (count: number): Job => ({
    ...byContents(alcove, [things('box', [100, 200, 200], count)]),
    shelves: { ...alcove.shelves, way: 'contents', count: 3 },
  });
  const divided = (count: number): Job => ({
    ...job(count),
    further: { ...alcove.further, dividers: [{ id: 'd', shelf, at: mm(450) }] } as Job['further'],
  });
  const on = (plan: Plan) => plan.contents!.stored.filter((one) => one.shelf === shelf);

  test('the row is parted, nothing is lost while there is room, and the rest of the shelves stay as they were', () => {
    const [before, after] = [planJob(job(26)), planJob(divided(26))];
    expect(after.parts.some((part) => part.role === 'divider')).toBe(true);
    const total = (plan: Plan) => plan.contents!.stored.reduce((sum, one) => sum + one.count, 0);
    const left = after.contents!.leftOut.reduce((sum, one) => sum + one.count, 0);
    expect(total(after) + left).toBe(total(before));
    expect(on(after).length).toBeGreaterThan(on(before).length);
    expect(touched(before, job(26).things, 300)).toEqual([]);
    expect(touched(after, job(26).things, 300)).toEqual([]);
    const others = (plan: Plan) => plan.contents!.stored.filter((one) => one.shelf !== shelf);
    expect(others(after)).toEqual(others(before));
  });

  test('what has no room beside it is named, at the shelf, and left out', () => {
    const full = planJob(job(60));
    const plan = planJob(divided(60));
    const count = (all: Plan) => on(all).reduce((sum, one) => sum + one.count, 0);
    expect(count(plan)).toBeLessThan(count(full));
    const said = plan.problems.find((problem) => problem.message.code === 'problem.thingsBeside');
    expect(said).toMatchObject({ severity: 'doubtful', about: { kind: 'shelf', shelf } });
    const short = (all: Plan) => all.contents!.leftOut.reduce((sum, one) => sum + one.count, 0);
    expect(short(plan) - short(full)).toBe(count(full) - count(plan));
    const room = plan.contents!.capacity.find((one) => one.shelf === shelf)!;
    expect(room.usedMm + room.leftMm).toBeCloseTo(room.lengthMm, 6);
    expect(room.lengthMm).toBeLessThan(full.contents!.capacity.find((one) => one.shelf === shelf)!.lengthMm - 10);
  });
});
