import { chimneyAlcove, cloakroomCloset, demoJobs } from '../../rigs/demo';
import { planJob } from '../../plan';
import { towered } from '../../planTesting';
import { typedLength, type Reading } from '../../job';
import { FIELDS, spotOf, spotOfKind, type Spot } from '../../place/reading';
import { elevationScene, exaggerateAcross, sectionScene, type Point, type Scene, type Shape } from '.';
import { boardScene } from './cutting';

const job = chimneyAlcove();
const plan = planJob(job);
const points = (shape: Shape): readonly Point[] =>
  shape.kind === 'polygon' || shape.kind === 'path'
    ? shape.points
    : shape.kind === 'dimension'
      ? [shape.from, shape.to]
      : [shape.at];
const inside = ({ bounds }: Scene, [x, y]: Point) =>
  x >= bounds.x - 1 && x <= bounds.x + bounds.width + 1 && y >= bounds.y - 1 && y <= bounds.y + bounds.height + 1;

describe('the elevation', () => {
  const scene = elevationScene(plan, job, { exaggeration: 1, show: 'shelves' });

  test('shows every part of every shelf, its gaps and its pole marks', () => {
    const roles = scene.shapes.map((shape) => shape.role);
    const countOf = (role: string) => roles.filter((one) => one === role).length;
    expect(countOf('board')).toBe(5);
    expect(countOf('nosing')).toBe(5);
    expect(countOf('cleat')).toBe(15);
    expect(countOf('wall')).toBe(4);
    const gaps = scene.shapes.filter((shape) => shape.kind === 'dimension');
    expect(gaps.map((gap) => gap.kind === 'dimension' && gap.mm)).toEqual(plan.gaps.map((gap) => gap.clear.mm));
  });

  test('things stand on their shelves to scale, one box for each, below the shelf above', () => {
    const stored = { ...job, shelves: { ...job.shelves, way: 'contents' as const } };
    const whole = planJob(stored);
    const drawn = elevationScene(whole, stored, { exaggeration: 1, show: 'shelves', stored: true });
    const things = drawn.shapes.filter((shape) => shape.role === 'thing').map(points);
    expect(things).toHaveLength(job.things.reduce((sum, thing) => sum + thing.count, 0));
    for (const box of things) {
      const [xs, ys] = [box.map(([x]) => x), box.map(([, y]) => y)];
      const below = whole.shelves.filter((shelf) => shelf.top.mm <= Math.min(...ys) + 1e-6).at(-1);
      const above = whole.shelves.find((shelf) => shelf.number === (below?.number ?? 0) + 1);
      expect(Math.max(...ys)).toBeLessThan(above?.underside.mm ?? Infinity);
      expect(Math.min(...xs)).toBeGreaterThanOrEqual(whole.opening.extent.left - 1e-6);
      expect(Math.max(...xs)).toBeLessThanOrEqual(whole.opening.extent.right + 1e-6);
    }
    // A bar for each person, between hip and eye, beside the opening and on the sheet.
    const bars = drawn.shapes.filter(
      (shape) => shape.kind === 'path' && shape.role === 'reach' && shape.points[0]?.[0] === shape.points[1]?.[0],
    );
    expect(bars).toHaveLength(2);
    for (const bar of bars) for (const point of points(bar)) expect(inside(drawn, point)).toBe(true);
  });

  test('a corner shelf is as long as its leg along the back, and stands in the corner', () => {
    const corner = demoJobs().find((demoJob) => demoJob.place.kind === 'corner')!;
    const planned = planJob(corner);
    const drawn = elevationScene(planned, corner, { exaggeration: 1, show: 'shelves' });
    const boards = drawn.shapes.filter((shape) => shape.role === 'board').map((shape) => points(shape).map(([x]) => x));
    const legs = planned.parts.flatMap((part) => (part.corner ? [part.corner.backMm] : []));
    expect(boards.length).toBeGreaterThan(1);
    boards.forEach((xs, i) => {
      // From the corner along the back; at the front it follows the side wall, which stands askew.
      expect(Math.abs(Math.max(...xs) - legs[i]!)).toBeLessThan(2);
      expect(Math.min(...xs)).toBeLessThan(1);
      expect(Math.min(...xs)).toBeGreaterThan(-0.1 * legs[i]!);
    });
  });

  test('pieces are drawn where the body has them, each bay between its own faces', () => {
    const parted = planJob(towered);
    const drawn = elevationScene(parted, towered, { exaggeration: 1, show: 'shelves' });
    const widths = (shelf: number) =>
      drawn.shapes
        .filter((shape) => 'about' in shape && shape.about?.kind === 'shelf' && shape.about.shelf === shelf)
        .filter((shape) => shape.kind === 'polygon')
        .flatMap((shape) => points(shape).map(([x]) => x));
    expect(parted.bays).toHaveLength(3);
    for (const { fromMm, toMm, shelves } of parted.bays) {
      expect(shelves.length).toBeGreaterThan(0);
      for (const shelf of shelves) {
        expect(Math.min(...widths(shelf))).toBeGreaterThan(fromMm - 3);
        expect(Math.max(...widths(shelf))).toBeLessThan(toMm + 3);
      }
    }
    // Gap strings stand in the middle of their bay.
    const strings = drawn.shapes.flatMap((shape) => (shape.kind === 'dimension' ? [Math.round(shape.from[0])] : []));
    const middles = parted.bays.map(({ fromMm, toMm }) => Math.round((fromMm + toMm) / 2));
    expect([...new Set(strings)].sort((a, b) => a - b)).toEqual([...middles].sort((a, b) => a - b));
  });

  test('a gap string is as long as its gap', () => {
    const strings = scene.shapes.filter((shape) => shape.kind === 'dimension');
    expect(strings).toHaveLength(plan.gaps.length);
    for (const { from, to, mm } of strings) expect(to[1] - from[1]).toBeCloseTo(mm, 9);
  });

  test.each([1, 5, 20] as const)('stays on the sheet at %d times', (exaggeration) => {
    for (const show of ['readings', 'shelves'] as const) {
      const sheet = elevationScene(plan, job, { exaggeration, show });
      for (const shape of sheet.shapes) for (const point of points(shape)) expect(inside(sheet, point)).toBe(true);
    }
  });

  test('readings are drawn at their true figure, and the wanted spot beside them', () => {
    const wanted = { kind: 'width', at: 'front', upMm: 300 } as const;
    const readings = elevationScene(plan, job, { exaggeration: 1, show: 'readings', wanted });
    const about = readings.shapes.flatMap((shape) => (shape.about?.kind === 'reading' ? [shape.about.id] : []));
    expect(new Set(about)).toEqual(new Set(job.readings.map((reading) => reading.id)));
    expect(readings.shapes.filter((shape) => shape.role === 'reading-wanted')).toHaveLength(1);
  });

  test('a figure that goes one way or the other says which; one of nothing does not', () => {
    const sensesOf = (readings: typeof job.readings) =>
      elevationScene(
        planJob({ ...job, readings }),
        { ...job, readings },
        { exaggeration: 1, show: 'readings' },
      ).shapes.flatMap((shape) => (shape.kind === 'dimension' && shape.sense ? [shape.sense.params.sense] : []));
    const plumb = job.readings.filter((reading) => reading.kind === 'plumb');
    expect(plumb.length).toBeGreaterThan(0);
    expect(sensesOf(plumb)).toEqual(plumb.map((one) => ({ kind: 'choice', choice: one.leans })));
    expect(sensesOf(plumb.map((one) => ({ ...one, value: { ...one.value, mm: 0 } })))).toEqual([]);
    const widths = job.readings.filter((reading) => reading.kind === 'width');
    expect(widths.length).toBeGreaterThan(0);
    expect(sensesOf(widths)).toEqual([]);
  });

  test('skirting and chair rail run across at their heights', () => {
    const mm = (text: string) => typedLength(text, 'mm');
    const rail = { up: mm('900'), height: mm('60'), thickness: mm('20') };
    const place = { ...job.place, rail };
    const bands = elevationScene(plan, { ...job, place }, { exaggeration: 1, show: 'readings' })
      .shapes.filter((shape) => shape.role === 'trim')
      .map((shape) => points(shape).map(([, z]) => z));
    expect(bands.map((ups) => Math.max(...ups))).toEqual([120, 960]);
    expect(Math.min(...(bands[1] ?? []))).toBe(900);
  });

  test('what was never read is drawn as unknown', () => {
    const blank = { ...job, readings: [] };
    const roles = elevationScene(planJob(blank), blank, { exaggeration: 1, show: 'shelves' }).shapes.map((s) => s.role);
    expect(roles.filter((role) => role === 'wall-unknown')).toHaveLength(3);
    expect(roles).not.toContain('board');
  });
});

describe('exaggeration', () => {
  test('moves a point by so many times its departure from the nominal wall, and leaves the middle alone', () => {
    expect(exaggerateAcross(502, -500, 500, 20)).toBe(540);
    expect(exaggerateAcross(-497, -500, 500, 5)).toBe(-485);
    expect(exaggerateAcross(100, -500, 500, 20)).toBe(100);
    // In a corner the wall is at nought.
    expect(exaggerateAcross(2, 0, 450, 20)).toBe(40);
  });
});

describe('a board in its place', () => {
  const closet = planJob(cloakroomCloset());
  const scene = boardScene(closet, 2, 1)!;
  const box = (role: string, of = scene) => points(of.shapes.find((shape) => shape.role === role)!);

  test('shows the deductions in depth: board, nosing, cleats, in their places', () => {
    const deep = (role: string) => {
      const ys = box(role).map((point) => -point[1]);
      return [Math.min(...ys), Math.max(...ys)].map((y) => Math.round((y / 25.4) * 100) / 100 + 0);
    };
    const from = deep('board')[0]!;
    expect(deep('board')[1]! - from).toBeCloseTo(15, 1);
    expect(deep('nosing').map((one) => one - from)).toEqual([15, 15.75]);
    expect(scene.shapes.filter((shape) => shape.role === 'cleat-below')).toHaveLength(3);
  });

  test('the drawn board is the outline of the plan, between its walls', () => {
    const { fit } = closet.parts.find((part) => part.id === 'S2-board')!;
    const xs = box('board').map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(fit!.longMm, 6);
    const walls = scene.shapes.filter((shape) => shape.role === 'wall').map(points);
    expect(walls).toHaveLength(3);
  });

  test('gaps are inked by whether caulk hides them, and told at both corners and the middle of each end', () => {
    const labels = scene.shapes.filter((shape) => shape.kind === 'label' && shape.role.startsWith('gap'));
    expect(labels).toHaveLength(6);
    const seen = planJob({ ...cloakroomCloset(), fit: { ...cloakroomCloset().fit, ends: 'square', odds: 99.9 } });
    expect(new Set(boardScene(seen, 2, 1)!.shapes.map((shape) => shape.role))).toContain('gap-seen');
  });

  test('drawn 20 times too large, a gap is 20 times as wide and the board as deep as it is', () => {
    const wide = (factor: 1 | 20) => {
      const of = boardScene(closet, 2, factor)!;
      const [wall] = of.shapes.filter((shape) => shape.role === 'wall').slice(1);
      return (
        Math.min(...box('board', of).map(([x]) => x)) -
        Math.min(
          ...points(wall!)
            .slice(0, 3)
            .map(([x]) => x),
        )
      );
    };
    expect(wide(20)).toBeGreaterThan(4 * wide(1));
  });

  test('a shelf that is not there has none', () => expect(boardScene(closet, 9, 1)).toBeNull());
});

describe('the section at a height', () => {
  test('shows the readings taken about there, and only those', () => {
    const scene = sectionScene(plan, job, { upMm: 1200, exaggeration: 1 });
    const about = new Set(scene.shapes.flatMap((shape) => (shape.about?.kind === 'reading' ? [shape.about.id] : [])));
    const near = job.readings
      .filter((reading) => 'up' in reading && reading.up.mm === 1200)
      .map((reading) => reading.id);
    expect(near.length).toBeGreaterThan(4);
    expect(about).toEqual(new Set(near));
  });

  test('cuts an outlet that lies at the height', () => {
    const roles = (upMm: number) =>
      sectionScene(plan, job, { upMm, exaggeration: 1 }).shapes.map((shape) => shape.role);
    expect(roles(340)).toContain('keep-clear');
    expect(roles(1200)).not.toContain('keep-clear');
  });

  test.each(['left', 'right'] as const)('on the %s wall it lies as far from the back corner as was said', (wall) => {
    const keepClears = job.place.keepClears.map((keepClear) => ({ ...keepClear, wall }));
    const there = { ...job, place: { ...job.place, keepClears } };
    const outlet = sectionScene(plan, there, { upMm: 340, exaggeration: 1 }).shapes.find(
      (shape) => shape.role === 'keep-clear',
    );
    const outs = outlet ? points(outlet).map(([, y]) => -y) : [];
    expect([Math.min(...outs), Math.max(...outs)]).toEqual([140, 286]);
  });
});

describe.each(demoJobs())('$name', (one) => {
  const made = planJob(one);

  test.each([1, 5, 20] as const)('stays on its sheets at %d times, from the front and from above', (exaggeration) => {
    const { height } = made.opening.extent;
    const scenes = [
      elevationScene(made, one, { exaggeration, show: 'readings' }),
      elevationScene(made, one, { exaggeration, show: 'shelves' }),
      ...[0, 0.4, 1].map((share) => sectionScene(made, one, { upMm: share * height, exaggeration })),
    ];
    for (const scene of scenes) {
      for (const shape of scene.shapes) for (const point of points(shape)) expect(inside(scene, point)).toBe(true);
    }
  });

  test('what was read at a spot before is not drawn while it is to be read again', () => {
    const first = job.readings[1] as Reading;
    const isIt = (shape: Shape) => 'about' in shape && shape.about?.kind === 'reading' && shape.about.id === first.id;
    const drawn = (wanted: Spot | null) => {
      const options = { exaggeration: 5, wanted } as const;
      return [
        elevationScene(plan, job, { ...options, show: 'readings' }),
        sectionScene(plan, job, { ...options, upMm: 1200 }),
      ].map((scene) => scene.shapes.filter(isIt).length);
    };
    expect(drawn(null)).toEqual([1, 1]);
    expect(drawn(spotOf(first))).toEqual([0, 0]);
  });

  test('any spot that may be read is drawn, as wanted, in both views', () => {
    for (const kind of Object.keys(FIELDS) as (keyof typeof FIELDS)[]) {
      const wanted = spotOfKind(kind);
      const drawn = (scene: Scene) => scene.shapes.filter((shape) => shape.role === 'reading-wanted').length;
      const options = { exaggeration: 5, wanted } as const;
      expect(drawn(elevationScene(made, one, { ...options, show: 'readings' }))).toBeGreaterThan(0);
      expect(drawn(sectionScene(made, one, { ...options, upMm: 1000 }))).toBeGreaterThan(0);
    }
  });
});
