import { chimneyAlcove, stairCavity, windowCorner } from '../../rigs/demo';
import { typedLength, type Job } from '../../job';
import { planJob } from '../../plan';
import { shapedIn } from '../../design/shaping';
import type { DimensionShape, Scene, Shape } from '.';
import { boxScene, cornerScene, sawScene, SAW_FACTOR } from './cutting';
import { traceScene, TRACE_FACTOR } from './trace';

const alcove = planJob(chimneyAlcove());
const cavityJob = stairCavity();
const cavity = planJob(cavityJob);
const corner = planJob(windowCorner());
const part = (plan: typeof alcove, id: string) => plan.parts.find((one) => one.id === id)!;
const drawn = (plan: typeof alcove, piece: (typeof plan)['parts'][number]) =>
  sawScene(shapedIn(plan.body)(piece), plan.job);
const of = (scene: Scene, role: string) => scene.shapes.filter((shape) => shape.role === role);
const strings = (scene: Scene) => scene.shapes.filter((shape): shape is DimensionShape => shape.kind === 'dimension');
/** Gaps that labels tell, millimetres. */
const gapTold = (scene: Scene) =>
  scene.shapes.flatMap((shape) => {
    const gap = shape.kind === 'label' && shape.words?.code === 'scene.gap' ? shape.words.params.gap : null;
    return gap ? [(gap as unknown as { readonly mm: number }).mm] : [];
  });
const pointsOf = (shape: Shape | undefined) =>
  shape && (shape.kind === 'polygon' || shape.kind === 'path') ? shape.points : [];
const area = (points: ReturnType<typeof pointsOf>) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [x2, y2] = points[(i + 1) % points.length]!;
      return sum + (x * y2 - x2 * y) / 2;
    }, 0),
  );

/** The chimney alcove with high lippings, so much wider with each millimetre up. */
function leaning(lean: number): Job {
  const job = chimneyAlcove();
  const readings = job.readings.map((reading) =>
    reading.kind === 'width'
      ? { ...reading, value: typedLength(String(Math.round(reading.value.mm + lean * (reading.up.mm - 1200))), 'mm') }
      : reading,
  );
  const own = { 'three-side-cleats': { nosingHeight: typedLength('200', 'mm') } };
  return { ...job, readings, support: { system: 'three-side-cleats', own } };
}

describe('a piece on the saw sheet', () => {
  test('a board: its edges with their lengths, a cut at each end, what falls off beside it', () => {
    const board = part(alcove, 'S2-board');
    const scene = drawn(alcove, board);
    expect(strings(scene).map((string) => string.mm)).toEqual([board.edges!.back.mm, board.edges!.front.mm]);
    expect(of(scene, 'cut-line').filter((shape) => shape.kind === 'path')).toHaveLength(2);
    // A trapezoid in its blank, what runs out at each end drawn larger: half of each falls off over the depth.
    const deep = board.fit!.outline.reduce((most, [, y]) => Math.max(most, y), 0);
    const off = area(pointsOf(of(scene, 'waste')[0])) - area(pointsOf(of(scene, 'board')[0]));
    const out = board.fit!.left.outMm + board.fit!.right.outMm;
    expect(off).toBeCloseTo((SAW_FACTOR * out * deep) / 2, 3);
  });

  test('mitred trim: its long point away from the person, by hand two triangles of 2 in fall off', () => {
    const head = part(cavity, 'trim-head');
    const scene = drawn(cavity, head);
    const [outside, inside] = strings(scene).map((string) => string.mm);
    expect(outside).toBeCloseTo(head.length.mm, 6);
    expect(inside).toBeCloseTo(head.length.mm - 4 * 25.4, 6);
    const off = area(pointsOf(of(scene, 'waste')[0])) - area(pointsOf(of(scene, 'board')[0]));
    expect(off).toBeCloseTo(50.8 * 50.8, 6);
  });

  test('a square piece fills its blank and has one length', () => {
    const scene = drawn(cavity, part(cavity, 'box-left'));
    expect(strings(scene)).toHaveLength(1);
    expect(area(pointsOf(of(scene, 'waste')[0]))).toBeCloseTo(area(pointsOf(of(scene, 'board')[0])), 6);
  });

  test('the edge that is drawn longer is the one that is told longer, on a board and on edge', () => {
    const along = ({ from, to }: DimensionShape) => to[0] - from[0];
    for (const lean of [-0.02, 0.02]) {
      // High lippings between walls that come together, or run apart, towards the ceiling.
      const plan = planJob(leaning(lean));
      const angled = plan.parts.filter((one) => one.edges && Math.abs(one.edges.back.mm - one.edges.front.mm) > 0.4);
      expect([...new Set(angled.map((one) => one.role))]).toEqual(expect.arrayContaining(['board', 'nosing']));
      for (const piece of angled) {
        const [away, near] = strings(drawn(plan, piece)) as [DimensionShape, DimensionShape];
        expect(Math.sign(along(away) - along(near))).toBe(Math.sign(away.mm - near.mm));
      }
      const nosing = angled.find((one) => one.role === 'nosing')!;
      const [upper, lower] = strings(drawn(plan, nosing));
      expect(Math.sign(upper!.mm - lower!.mm)).toBe(Math.sign(lean));
    }
  });

  test.each([alcove, cavity, corner])('every piece stays on its sheet', (plan) => {
    for (const piece of plan.parts) {
      const { bounds, shapes } = drawn(plan, piece);
      for (const [x, y] of shapes.flatMap(pointsOf)) {
        expect(x).toBeGreaterThanOrEqual(bounds.x - 1e-6);
        expect(x).toBeLessThanOrEqual(bounds.x + bounds.width + 1e-6);
        expect(y).toBeGreaterThanOrEqual(bounds.y - 1e-6);
        expect(y).toBeLessThanOrEqual(bounds.y + bounds.height + 1e-6);
      }
    }
  });
});

describe('the box of a cavity', () => {
  test('four trims meet at its corners; along them stand their long points, as long as they are', () => {
    const scene = boxScene(cavity, cavityJob)!;
    expect(of(scene, 'trim')).toHaveLength(4);
    expect(strings(scene).map((string) => string.mm)).toEqual([
      part(cavity, 'trim-head').length.mm,
      part(cavity, 'trim-left').length.mm,
    ]);
    // Lengths are on the tape's next mark, so the drawing may be shorter by less than one.
    for (const { from, to, mm } of strings(scene)) {
      const drawn = Math.hypot(to[0] - from[0], to[1] - from[1]);
      expect(mm - drawn).toBeGreaterThanOrEqual(-1e-6);
      expect(mm - drawn).toBeLessThan(25.4 / 16);
    }
    expect(boxScene(alcove, chimneyAlcove())).toBeNull();
  });

  test('the gap it tells is the widest there may be, as in words beside it', () => {
    const { worstGapMm, sureMm } = cavity.box!.trim;
    expect(gapTold(boxScene(cavity, cavityJob)!)).toEqual([worstGapMm + sureMm]);
    expect(sureMm).toBeGreaterThan(0.5);
    const { worst } = part(corner, 'S1-board').corner!;
    expect(gapTold(cornerScene(corner, 1, 1)!)).toEqual([worst.toMm]);
    expect(worst.toMm).toBeGreaterThan(worst.mm);
  });
});

describe('a corner shelf', () => {
  test('its walls are drawn with what they are known to, as wide as that says', () => {
    const scene = cornerScene(corner, 1, 1)!;
    const [back] = of(scene, 'uncertain-band');
    const { off } = part(corner, 'S1-board').corner!;
    const points = pointsOf(back);
    expect(points).toHaveLength(2 * off.back.length);
    const tip = off.back.at(-1)!;
    const [there, here] = [points[off.back.length - 1]!, points[off.back.length]!];
    expect(Math.hypot(there[0] - here[0], there[1] - here[1])).toBeCloseTo(2 * tip.sureMm, 6);
    expect(tip.sureMm).toBeGreaterThan(0);
  });
});

test('a traced wall: a hollow lies above the line, a belly below it, so many times too large', () => {
  const scene = traceScene(
    {
      chordMm: 300,
      stations: [
        { atMm: 100, offMm: 2 },
        { atMm: 200, offMm: -1 },
      ],
    },
    'left',
  );
  const dots = scene.shapes.flatMap((shape) => (shape.kind === 'dot' ? [shape.at] : []));
  expect(dots).toEqual([
    [100, 2 * TRACE_FACTOR],
    [200, -TRACE_FACTOR],
  ]);
  const labels = scene.shapes.flatMap((shape) => (shape.kind === 'label' && shape.mm !== undefined ? [shape.mm] : []));
  expect(labels).toEqual([2, 1]);
});
