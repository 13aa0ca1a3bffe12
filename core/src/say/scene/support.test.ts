import { chimneyAlcove, parcelBench } from '../../rigs/demo';
import { placedOf } from '../../design/body';
import { sceneSvg } from '../exchange/sceneSvg';
import { SYSTEM_NAMES } from '../../job';
import { considerSystems, planJob } from '../../plan';
import type { Scene } from './scene';
import { drillScene, sideScene, systemPicture } from './support';

const alcove = chimneyAlcove();
const plan = planJob(alcove);
const considered = considerSystems(alcove);
const reader = { units: 'mm', tape: '0.5mm' } as const;

function pointsOf(scene: Scene): (readonly [number, number])[] {
  return scene.shapes.flatMap((shape) => {
    if (shape.kind === 'polygon' || shape.kind === 'path') return [...shape.points];
    return shape.kind === 'dimension' ? [shape.from, shape.to] : [shape.at];
  });
}
const inside = ({ bounds }: Scene, [x, y]: readonly [number, number]) =>
  x >= bounds.x - 1e-6 &&
  x <= bounds.x + bounds.width + 1e-6 &&
  y >= bounds.y - 1e-6 &&
  y <= bounds.y + bounds.height + 1e-6;

test.each(SYSTEM_NAMES)(
  'the picture of %s lies on its sheet, with its wall beside it where it can be made',
  (system) => {
    const one = considered.find((other) => other.system === system)!;
    const scene = systemPicture(one);
    expect(pointsOf(scene).every((point) => inside(scene, point))).toBe(true);
    expect(scene.shapes.some((shape) => shape.role === 'wall')).toBe(one.pieces > 0);
  },
);

test('a shelf cut through from the side: board, cleats and nosing where they are, its screws into the wall', () => {
  const scene = sideScene(plan, 3)!;
  expect(pointsOf(scene).every((point) => inside(scene, point))).toBe(true);
  const roles = new Set(scene.shapes.map((shape) => shape.role));
  for (const role of ['wall', 'board', 'cleat', 'nosing', 'screw'] as const) expect(roles).toContain(role);
  // A screw's point is in the wall, on the far side of its face.
  const screw = scene.shapes.find((shape) => shape.kind === 'path' && shape.role === 'screw');
  expect(screw?.kind === 'path' ? screw.points[1]![0] : 0).toBeLessThan(-30);
  expect(sideScene(plan, 99)).toBeNull();
});

test('what is drawn of a shelf is where its solids are, and its screws where they are driven', () => {
  const scene = sideScene(plan, 3)!;
  const board = plan.body.pieces.find(({ id }) => id === 'S3-board')!;
  const { least, most } = placedOf(board.solid).bounds;
  const drawn = scene.shapes.flatMap((shape) => (shape.kind === 'polygon' && shape.role === 'board' ? [shape] : []));
  expect(drawn).toHaveLength(1);
  const [outs, ups] = [0, 1].map((k) => drawn[0]!.points.map((point) => point[k]!)) as [number[], number[]];
  expect([Math.min(...outs), Math.max(...outs)]).toEqual([least[1], most[1]]);
  expect([Math.min(...ups), Math.max(...ups)]).toEqual([least[2], most[2]]);
  const dots = scene.shapes.flatMap((shape) => (shape.kind === 'dot' ? [shape.at] : []));
  const heads = plan.body.screws.filter(({ fixing }) => fixing === 'S3-side-cleat-left/wall').map(({ head }) => head);
  expect(dots).toEqual(heads.map(([, out, up]) => [out, up]));
  expect(dots.length).toBeGreaterThan(1);
});

test('a brace slopes from the leg out to the arm', () => {
  const scene = sideScene(planJob(parcelBench()), 2)!;
  const slanted = scene.shapes.filter(
    (shape) => shape.kind === 'polygon' && new Set(shape.points.map(([x]) => x)).size > 2,
  );
  expect(slanted).toHaveLength(1);
});

test('a piece with its holes: running dimensions from one end, one for each place', () => {
  const fixing = plan.fixings.find((one) => one.id === 'S1-back-cleat/wall')!;
  const part = plan.parts.find((one) => one.id === 'S1-back-cleat')!;
  const scene = drillScene(fixing, part.length.mm, part.width.mm, '0.5mm', false);
  expect(scene.shapes.filter((shape) => shape.kind === 'dot')).toHaveLength(fixing.holes.length);
  const told = scene.shapes.flatMap((shape) => (shape.kind === 'label' ? [shape.mm ?? NaN] : []));
  expect(told).toEqual([...told].sort((a, b) => a - b));
  expect(told.every((mm) => Math.abs(mm * 2 - Math.round(mm * 2)) < 1e-9)).toBe(true);
});

test('as SVG a drawing keeps its shapes and its figures', () => {
  const scene = sideScene(plan, 3)!;
  const svg = sceneSvg(scene, reader, 400);
  expect(svg).toMatch(/^<svg[^>]*width="400"/);
  expect(svg).toContain('<title>Shelf 3, section from the side</title>');
  expect(svg.match(/<path/g)!.length).toBeGreaterThanOrEqual(
    scene.shapes.filter((shape) => shape.kind === 'polygon').length,
  );
  expect(svg).toContain('>1394<');
  expect(svg).not.toMatch(/NaN|undefined/);
});

describe('the systems side by side', () => {
  test('none is left out, two or three are recommended, and only such as can be made', () => {
    expect(considered.map((one) => one.system)).toEqual([...SYSTEM_NAMES]);
    const recommended = considered.filter((one) => one.recommended);
    expect([2, 3]).toContain(recommended.length);
    expect(recommended.every((one) => one.here && one.pieces > 0)).toBe(true);
    expect(recommended.map((one) => one.system)).toContain('three-side-cleats');
  });

  test('what speaks against one is said: soft sides, a board too thin to hide rails in', () => {
    const against = (system: string) =>
      considered.find((one) => one.system === system)!.againsts.map((message) => message.code);
    expect(against('side-screwed')).toContain('problem.notRigid');
    expect(against('floating-rails')).toContain('problem.hollowThin');
    expect(against('end-cleats')).toContain('suit.wideSpan');
    expect(against('three-side-cleats')).toEqual([]);
  });

  test('by hand what wants machines has that against it', () => {
    const hand = considerSystems({ ...alcove, tools: 'hand' });
    for (const system of ['housed-posts', 'housed-case', 'floating-rails']) {
      const codes = hand.find((one) => one.system === system)!.againsts.map((message) => message.code);
      expect(codes.some((code) => code.startsWith('suit.hand'))).toBe(true);
    }
  });
});

test('a board to drill has its front at the foot: a hole near its back edge is near the head', () => {
  const { parts, fixings } = planJob(chimneyAlcove());
  const fixing = fixings.find((one) => one.through.kind === 'piece' && one.through.id === 'S1-board')!;
  const board = parts.find((part) => part.id === 'S1-board')!;
  const dots = drillScene(fixing, board.length.mm, board.width.mm, '0.5mm', true).shapes.flatMap((shape) =>
    shape.kind === 'dot' ? [shape.at[1]] : [],
  );
  expect(dots).toEqual(fixing.holes.map((hole) => board.width.mm - hole.acrossMm));
});
