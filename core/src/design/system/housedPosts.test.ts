import { chimneyAlcove } from '../../rigs/demo';
import { typedLength, type Job } from '../../job';
import { planJob, type Plan } from '../../plan';

const mm = (value: number) => typedLength(String(value), 'mm');

/** Boards on posts of 45 × 45, cut 28 deep: 17 is left. */
function onPosts(joint: 'groove' | 'rebate', groove = 28): Plan {
  const alcove = chimneyAlcove();
  const asked = { joint, groove: mm(groove), postThickness: mm(45), postWidth: mm(45) };
  const job: Job = { ...alcove, support: { system: 'housed-posts', own: { 'housed-posts': asked } } };
  return planJob(job);
}

const severities = ({ problems }: Plan, code: string) =>
  problems.flatMap((problem) => (problem.message.code === code ? [problem.severity] : []));

test('a rebate may take more than half of a post, with a word to check; a groove may not', () => {
  expect(severities(onPosts('rebate'), 'problem.rebateDeep')).toEqual(['doubtful']);
  expect(severities(onPosts('rebate'), 'problem.grooveTooDeep')).toEqual([]);
  expect(severities(onPosts('groove'), 'problem.grooveTooDeep')).toEqual(['stop']);
  expect(severities(onPosts('rebate', 32), 'problem.grooveTooDeep')).toEqual(['stop']);
});

test('each board is screwed down into each post it lies on; in grooves none is', () => {
  const plan = onPosts('rebate');
  const boards = plan.parts.filter((part) => part.role === 'board');
  const posts = plan.parts.filter((part) => part.role.startsWith('post-'));
  expect([boards.length, posts.length]).toEqual([5, 4]);
  const down = plan.fixings.filter(({ through }) => through.kind === 'piece' && through.id.endsWith('-board'));
  expect(down).toHaveLength(boards.length * posts.length);
  expect(down.every((fixing) => fixing.holes.length === 1)).toBe(true);
  const ids = new Set(down.map((fixing) => fixing.id));
  const ways = plan.body.screws.filter((screw) => ids.has(screw.fixing));
  expect(ways).toHaveLength(down.length);
  for (const { way, along } of ways) {
    expect(along[2]).toBeCloseTo(-1, 2);
    expect(way.map((stretch) => stretch.in.kind)).toEqual(['piece', 'piece']);
  }
  // Nothing of what is screwed misses, comes out or stands too near an edge.
  const ofScrews = ['body.misses', 'body.shortBite', 'body.comesOut', 'body.nearEdge', 'body.screwsMeet'];
  expect(plan.problems.filter(({ message }) => ofScrews.includes(message.code))).toEqual([]);
  const grooved = onPosts('groove', 10);
  expect(grooved.fixings.filter(({ through }) => through.kind === 'piece' && through.id.endsWith('-board'))).toEqual(
    [],
  );
});

test('every housing begins on a mark of the tape, measured from the foot of its own post', () => {
  const housings = onPosts('groove', 10).parts.flatMap(({ joints }) =>
    joints.flatMap((joint) => (joint.kind === 'housed' ? joint.atMm : [])),
  );
  expect(housings).toHaveLength(20);
  for (const at of housings) expect(Math.abs(at * 2 - Math.round(at * 2))).toBeLessThan(1e-6);
});

test('the steps say how each is cut and laid in', () => {
  const told = (plan: Plan) => plan.build.steps.flatMap((step) => step.how.map((line) => line.code));
  expect(told(onPosts('rebate'))).toEqual(
    expect.arrayContaining(['order.posts.rebate', 'order.posts.rebated', 'order.posts.screwed']),
  );
  expect(told(onPosts('rebate', 12))).not.toContain('order.posts.screwed');
  const grooved = told(onPosts('groove', 10));
  expect(grooved).toEqual(expect.arrayContaining(['order.posts.shelves']));
  expect(grooved.filter((code) => code.includes('ebate'))).toEqual([]);
});

describe('posts that stand plumb between leaning walls', () => {
  const plumbJob: Job = {
    ...chimneyAlcove(),
    support: {
      system: 'housed-posts',
      own: { 'housed-posts': { joint: 'rebate', stands: 'plumb', groove: mm(20), postThickness: mm(45) } },
    },
  };
  const [plumb, following] = [planJob(plumbJob), onPosts('rebate', 20)];
  const boards = ({ parts }: Plan) => parts.filter((part) => part.role === 'board');
  const posts = ({ body }: Plan) => body.pieces.filter((piece) => piece.role.startsWith('post-'));

  test('boards are all alike; where posts follow the walls, they differ', () => {
    const lengths = (plan: Plan) => new Set(boards(plan).map((part) => part.length.mm));
    expect(boards(plumb)).toHaveLength(5);
    expect(lengths(plumb).size).toBe(1);
    expect(lengths(following).size).toBeGreaterThan(1);
    // From wall to wall where they reach in most, less 6 mm of packing and 45 mm of post each, and 20 into each.
    const [board] = boards(plumb);
    const [wide = NaN, ...rest] = board!.length.terms.map((term) => term.mm);
    expect(rest.slice(0, 3)).toEqual([-12, -90, 40]);
    expect(board!.length.mm).toBeLessThanOrEqual(wide - 62);
    expect(board!.length.mm).toBeGreaterThan(wide - 62 - 0.51);
  });

  test('they are upright, off the wall all the way up, and let the boards in as deep as asked', () => {
    expect(posts(plumb)).toHaveLength(4);
    for (const { solid } of posts(plumb)) expect(solid.frame.along).toEqual([0, 0, 1]);
    const leans = posts(following).map(({ solid }) => Math.abs(solid.frame.along[0]));
    expect(Math.max(...leans)).toBeGreaterThan(0.002);
    const walled = new Set(plumb.fixings.filter(({ into }) => into.kind === 'wall').map(({ id }) => id));
    const ways = plumb.body.screws.filter((screw) => walled.has(screw.fixing)).map(({ way }) => way);
    expect(ways.length).toBeGreaterThan(7);
    for (const way of ways) {
      const [post, wall] = [way[0]!, way[1]!];
      expect(post.in.kind).toBe('piece');
      expect(wall.in.kind).not.toBe('piece');
      // The packing is between them.
      expect(wall.fromMm - post.toMm).toBeGreaterThan(3);
    }
  });

  test('steps say so, and packers are bought', () => {
    const step = (plan: Plan) => plan.build.steps.find(({ id }) => id === 'posts')!;
    const said = (plan: Plan) => step(plan).how.map(({ code }) => code);
    expect(said(plumb)).toContain('order.posts.plumb');
    expect(said(following)).toContain('order.posts.stand');
    expect(step(plumb).materials.map(({ code }) => code)).toEqual(['buy.shims']);
    expect(step(following).materials).toEqual([]);
  });
});

describe('walls with a hollow of 5 in the middle of their height', () => {
  const alcove = chimneyAlcove();
  const width = (at: 'front' | 'back', up: number, value: number) =>
    ({ kind: 'width', id: `${at}${up}`, at, up: mm(up), value: mm(value) }) as const;
  const widths = [
    [100, 1000],
    [650, 1007],
    [1200, 1010],
    [1750, 1007],
    [2300, 1000],
  ] as const;
  const readings = [
    ...alcove.readings.filter((reading) => reading.kind !== 'width'),
    ...widths.flatMap(([up, value]) => [width('back', up, value), width('front', up, value)]),
  ] as Job['readings'];
  const heights = [200, 1200, 2200].map((up, i) => ({ id: `h${i}`, up: mm(up) }));
  const wish = { ...alcove.shelves, way: 'typed' as const, count: 3, heights };
  const place = { ...alcove.place, skirting: undefined, chairRail: undefined };
  const on = (support: Job['support']): Plan => planJob({ ...alcove, place, readings, shelves: wish, support } as Job);
  const posts = on({ system: 'housed-posts', own: {} });
  const between = on({ system: 'end-cleats', own: {} });
  const lengths = (plan: Plan) => plan.parts.filter((part) => part.role === 'board').map((part) => part.fit!.backMm);

  test('straight posts bridge it: the board there is shorter by what both stand off, and says so', () => {
    const [low = 0, middle = 0] = lengths(between);
    expect(middle - low).toBeGreaterThan(7);
    const [lowest = 0, hollow = 0] = lengths(posts);
    expect(Math.abs(hollow - lowest)).toBeLessThan(4);
    const terms = posts.parts.find(({ id }) => id === 'S2-board')!.length.terms;
    const off = terms.filter((term) => term.label.code === 'term.postsOffWall');
    expect(off).toHaveLength(2);
    for (const { mm: by } of off) expect(by).toBeLessThan(-3);
  });

  test('no board reaches deeper into a post than its housing, and screws into the wall are longer by the gap', () => {
    expect(posts.problems.filter((problem) => problem.message.code === 'body.inOneAnother')).toEqual([]);
    const passed = posts.fixings.filter(({ id }) => id.endsWith('/wall')).map(({ passMm }) => passMm);
    const thick = posts.parts.find((part) => part.role === 'post-left')!.thicknessMm;
    expect(passed.length).toBeGreaterThan(1);
    for (const mmThrough of passed) expect(mmThrough).toBeGreaterThanOrEqual(thick + 3);
  });
});
