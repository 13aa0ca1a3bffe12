import { parcelBench, chimneyAlcove } from '../../rigs/demo';
import { typedLength, type Job } from '../../job';
import { outerCorners } from '../../design/body/corners';
import { planJob } from '../../plan';
import { drawnLevel, type Frame } from './elevationFrame';
import { sectionScene } from './section';
import { seenFromFront } from './seenInPlace';

const mm = (value: number) => typedLength(String(value), 'mm');

/** A sheet on which walls and floor are drawn so many times out of true. */
const sheet = (job: Job, factor: number) => {
  const plan = planJob(job);
  const { left, right, height } = plan.opening.extent;
  const across = (x: number) => (x < (left + right) / 2 ? left + (x - left) * factor : right + (x - right) * factor);
  const frame: Frame = {
    left,
    right,
    middleMm: (left + right) / 2,
    heightMm: height,
    outerMm: right - left,
    marginMm: 200,
    poleMm: 30,
    factor,
    across,
  };
  return { plan, frame };
};

test('posts of a bench stand on the floor as it is drawn', () => {
  const { plan, frame } = sheet(parcelBench(), 5);
  const { levels } = plan.opening;
  const drawnAt = (x: number) => {
    const next = levels.findIndex(({ acrossMm }) => acrossMm >= x);
    const [a, b] = [levels[next - 1]!, levels[next]!];
    const share = (x - a.acrossMm) / (b.acrossMm - a.acrossMm);
    const [from, to] = [next - 1, next].map((index) => drawnLevel(plan, frame, 'floor', index)) as [number, number];
    return from + share * (to - from);
  };
  const posts = plan.body.pieces.filter(({ role }) => role === 'post');
  expect(posts.length).toBeGreaterThan(3);
  for (const { solid } of posts) {
    const points = seenFromFront(solid, plan, frame, 'along');
    const feet = [...points].sort((a, b) => a[1] - b[1]).slice(0, 2);
    // The floor is drawn at the front line, a post stands behind it.
    for (const [x, z] of feet) expect(Math.abs(z - drawnAt(x))).toBeLessThan(12);
  }
  const falls = posts.map(({ solid }) => Math.min(...seenFromFront(solid, plan, frame, 'along').map(([, z]) => z)));
  expect(Math.max(...falls) - Math.min(...falls)).toBeGreaterThan(60);
});

test('posts that stand plumb are drawn plumb, and off the wall where it is drawn', () => {
  const { plan, frame } = sheet(
    {
      ...chimneyAlcove(),
      support: { system: 'housed-posts', own: { 'housed-posts': { stands: 'plumb', groove: mm(8) } } },
    },
    5,
  );
  const posts = plan.body.pieces.filter(({ role }) => role === 'post-left');
  expect(posts.length).toBeGreaterThan(0);
  for (const { solid } of posts) {
    const points = seenFromFront(solid, plan, frame, 'packed');
    const back = Math.min(...points.map(([x]) => x));
    expect(points.filter(([x]) => Math.abs(x - back) < 0.01)).toHaveLength(2);
    const walls = plan.opening.sections.flatMap(({ left }) => (left ?? []).map((wall) => frame.across(wall.mm)));
    expect(back).toBeGreaterThan(Math.max(...walls));
  }
});

test('a section shows what is built at its height, where it stands', () => {
  const job: Job = { ...chimneyAlcove(), support: { system: 'housed-case', own: {} } };
  const plan = planJob(job);
  const upMm = plan.shelves[0]!.top.mm;
  const drawn = (built: boolean) =>
    sectionScene(plan, job, { upMm, exaggeration: 5, built }).shapes.flatMap((shape) =>
      shape.kind === 'polygon' && ['board', 'cleat'].includes(shape.role) ? [shape] : [],
    );
  expect(drawn(false)).toEqual([]);
  expect(drawn(true).map(({ role }) => role)).toEqual(['board', 'cleat', 'cleat']);
  const board = plan.body.pieces.find(({ id }) => id === 'S1-board')!;
  const xs = outerCorners(board.solid).map(([x]) => x);
  const seen = drawn(true)[0]!.points.map(([x]) => x);
  // A case stands plumb: however far out of true the walls are drawn, it is where it is.
  expect(Math.min(...seen)).toBeCloseTo(Math.min(...xs), 6);
  expect(Math.max(...seen)).toBeCloseTo(Math.max(...xs), 6);
});
