import { chimneyAlcove, demoJobs, parcelBench, windowCorner } from '../../rigs/demo';
import { usualCoats, withMeasured, withSystem, type Finish, type Job } from '../../job';
import { words } from '../../say/words/all';
import { cutFaults, nodesOf, partsOn, shoppingFor } from '.';
import { mm, cutting, withStock } from './cuttingTesting';

const problemsOf = ({ problems }: { problems: Awaited<ReturnType<typeof cutting>>['problems'] }) =>
  problems.map((problem) => problem.message.code);

test.each(demoJobs().map((job) => [job.name, job] as const))(
  '%s: every blank lies on one board, once, cut straight through',
  async (_, job) => {
    const { layouts, blanks, groups, price, boundPrice, problems } = await cutting(job);
    const cut = layouts.flatMap((layout) => partsOn(layout.tree).map((piece) => piece.part));
    expect([...cut].sort()).toEqual(blanks.map((blank) => blank.id).sort());
    expect(problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
    for (const { tree, item, trimMm } of layouts) {
      expect(cutFaults(tree, job.stock.kerf.mm)).toEqual([]);
      expect(tree.lengthMm).toBeLessThanOrEqual(item.lengthMm - trimMm + 1e-6);
      expect(tree.widthMm).toBeLessThanOrEqual(item.widthMm + 1e-6);
      for (const piece of partsOn(tree)) {
        const blank = blanks.find((one) => one.id === piece.part)!;
        const [l, w] = piece.turned ? [blank.widthMm, blank.lengthMm] : [blank.lengthMm, blank.widthMm];
        expect(piece.lengthMm).toBeCloseTo(l, 6);
        // A stick is as wide as it comes, and a rod as thick.
        expect(piece.widthMm).toBeGreaterThanOrEqual(w - (blank.form === 'rod' ? 6 : 0.6));
      }
    }
    expect(price).toBeGreaterThanOrEqual(boundPrice - 1e-9);
    for (const group of groups.filter((cuttingGroup) => cuttingGroup.kind === 'bars')) expect(group.proven).toBe(true);
  },
);

test('a top longer than any sheet meets over a joist, a shelf over a bracket, and says so', async () => {
  const { blanks, problems, plan, job } = await cutting(parcelBench());
  const pieces = blanks.filter((blank) => blank.parts[0] === 'S1-board');
  const whole = plan.parts.find((part) => part.id === 'S1-board')!;
  expect(pieces.map((piece) => piece.piece)).toEqual([
    { number: 1, of: 2, kind: 'joined' },
    { number: 2, of: 2, kind: 'joined' },
  ]);
  expect(pieces.reduce((sum, piece) => sum + piece.lengthMm, 0)).toBeCloseTo(whole.length.mm, 6);
  const joists = plan.parts.filter((part) => part.role === 'joist' && part.across);
  const joint = plan.opening.extent.left + pieces[0]!.lengthMm;
  expect(joists.some(({ across }) => joint > across!.fromMm && joint < across!.toMm)).toBe(true);
  const said = problems.filter((problem) => problem.message.code === 'problem.joinedOver');
  expect(said.map((problem) => problem.about)).toEqual(expect.arrayContaining([{ kind: 'shelf', shelf: 1 }]));
  expect(words(said[0]!.message, job)).toMatch(/3897 mm long, and the longest stock is 2490 mm/);
});

test('boards wider than any that is sold are glued up of strips, and the strips are cut', async () => {
  const alcove = chimneyAlcove();
  const deep = { ...alcove, shelves: { ...alcove.shelves, depth: mm('660') } };
  const { glueUps, blanks, problems } = await cutting(deep);
  expect(problemsOf({ problems })).toContain('problem.glueUp');
  expect(glueUps).toHaveLength(5);
  for (const one of glueUps) {
    const strips = blanks.filter((blank) => blank.parts[0] === one.part);
    expect(strips).toHaveLength(one.strips);
    // 640 and what is cut off at last, in strips that lose 2 mm on both edges.
    expect(one.strips * (one.stripMm - 4)).toBeCloseTo(640 + 4, 6);
  }
});

test('a thickness nobody sells is planed down to, or glued up in layers, or named with what to do', async () => {
  const alcove = chimneyAlcove();
  const thick = (typed: string, boards: string) => ({
    ...alcove,
    shelves: { ...alcove.shelves, thickness: mm(typed) },
    wood: { ...alcove.wood, boards },
  });
  const planed = await cutting(thick('24', 'pine'));
  expect(planed.groups.find((group) => group.thicknessMm === 24)).toMatchObject({ planedFromMm: 27 });
  expect(problemsOf(await cutting(windowCorner()))).toContain('problem.inLayers');
  const none = await cutting(thick('80', 'pine'));
  expect(none.problems.filter((problem) => problem.message.code === 'problem.noStock')).toHaveLength(5);
  // What can be cut is cut nevertheless.
  expect(none.layouts.length).toBeGreaterThan(0);
});

describe('what is really bought', () => {
  const plywood = (): Job => ({ ...chimneyAlcove(), wood: { boards: 'birch-ply', sticks: 'pine', own: [] } });

  test('a measured thickness goes through to heights, cleats and layouts', async () => {
    const job = withMeasured(plywood(), 'sheet-birch-ply-18x1250', 18, mm('17.4'));
    const { plan, layouts, problems } = await cutting(job);
    expect(plan.parts.find((part) => part.role === 'board')?.thicknessMm).toBe(17.4);
    const [shelf] = plan.shelves;
    expect(shelf!.top.mm - shelf!.underside.mm).toBeCloseTo(17.4, 6);
    const cleat = plan.parts.find((part) => part.role === 'back-cleat' && part.shelf === 1)!;
    expect(cleat.place.upTo).toBeCloseTo(shelf!.underside.mm, 6);
    const sheets = layouts.filter((layout) => layout.item.form === 'sheet');
    expect(sheets.length).toBeGreaterThan(0);
    expect(problems.map((problem) => problem.message.code)).not.toContain('problem.reallyThick');
    // The full sheet is another section than the quarter, and was not measured.
    expect(job.stock.measured).toEqual([{ item: 'sheet-birch-ply-18x1250', thickness: mm('17.4') }]);
  });

  test('a name that is not its size is told before anything is cut', async () => {
    const start = chimneyAlcove();
    const job: Job = {
      ...start,
      region: 'us',
      shelves: { ...start.shelves, thickness: mm('19.05') },
      wood: { ...start.wood, boards: 'birch-ply' },
    };
    const { problems } = await cutting(job);
    expect(problems.map((problem) => problem.message)).toContainEqual(
      expect.objectContaining({
        code: 'problem.reallyThick',
        params: expect.objectContaining({
          planned: { kind: 'length', mm: 19.05 },
          really: { kind: 'length', mm: expect.closeTo(18.26, 1) },
        }),
      }),
    );
  });

  test('what a person can buy besides is used where it is cheaper', async () => {
    const own = {
      id: 'sale',
      name: 'Sale board',
      form: 'board',
      material: 'pine',
      thickness: mm('18'),
      width: mm('320'),
      length: mm('2400'),
      price: 4,
    } as const;
    const { buy } = await cutting(withStock(chimneyAlcove(), { own: [own] }));
    expect(buy.find((one) => one.item.id === 'own:sale')?.count).toBe(3);
  });

  test('what is not to be bought is left', async () => {
    const { buy } = await cutting(chimneyAlcove());
    const board = buy.find((one) => one.item.widthMm === 400)!;
    const other = await cutting(withStock(chimneyAlcove(), { leave: [board.item.id] }));
    expect(other.buy.some((one) => one.item.id === board.item.id)).toBe(false);
    expect(other.price).toBeGreaterThan(0);
  });

  test('no price and no stock: nothing is free of a plan, what is not there is not bought', async () => {
    const { buy } = await cutting(chimneyAlcove());
    const [first] = buy;
    const free = await cutting(withStock(chimneyAlcove(), { prices: [{ item: first!.item.id, price: 0 }] }));
    expect(free.buy.find((one) => one.item.id === first!.item.id)?.item.price).toBe(0);
    const none = await cutting(withStock(chimneyAlcove(), { prices: [{ item: first!.item.id, price: 1, left: 0 }] }));
    expect(none.buy.some((one) => one.item.id === first!.item.id)).toBe(false);
    expect(none.problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
  });
});

test('what does not fit into the car is cut where it is bought', async () => {
  const job = withStock(parcelBench(), { carry: { length: mm('2000'), width: mm('900') } });
  const { layouts, problems } = await cutting(job);
  // Of a board that is too long it is told; it is still cut from.
  expect(problemsOf({ problems })).toContain('problem.longBoard');
  expect(problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
  const sheets = layouts.filter((layout) => layout.item.form === 'sheet');
  expect(sheets.length).toBeGreaterThan(0);
  for (const { tree } of sheets)
    for (const node of nodesOf(tree)) {
      if (node.kind === 'cut' && node.shop) continue;
      expect(Math.max(node.lengthMm, node.widthMm)).toBeLessThanOrEqual(2000 + 1e-6);
      expect(Math.min(node.lengthMm, node.widthMm)).toBeLessThanOrEqual(900 + 1e-6);
    }
});

test('blanks of corner shelves are cut to marks of the tape, and hold their shelves', async () => {
  const { blanks, plan } = await cutting(windowCorner());
  const corners = blanks.filter((blank) => plan.parts.some((part) => part.id === blank.parts[0] && part.corner));
  expect(corners.length).toBeGreaterThan(0);
  for (const one of corners) {
    expect((one.lengthMm * 2) % 1).toBeCloseTo(0, 6);
    expect((one.widthMm * 2) % 1).toBeCloseTo(0, 6);
    const outline = plan.parts.find((part) => part.id === one.parts[0])!.corner!.outline;
    const xs = outline.map(([x]) => x);
    expect(one.lengthMm).toBeGreaterThanOrEqual(Math.max(...xs) - Math.min(...xs) - 1e-6);
  }
});

test('an empty job has nothing to cut and nothing to buy', async () => {
  const { plan, job, ...result } = await cutting({ ...chimneyAlcove(), readings: [] });
  expect(result).toMatchObject({ layouts: [], buy: [], price: 0, problems: [] });
  expect(shoppingFor({ job, plan, cutting: result }).lines).toEqual([]);
});

describe('the shopping list', () => {
  test('has every screw and board once, in packs that hold them, and adds up', async () => {
    const { plan, job, ...result } = await cutting(chimneyAlcove());
    const { lines, total, spare } = shoppingFor({ job, plan, cutting: result });
    expect(new Set(lines.map((line) => line.key)).size).toBe(lines.length);
    expect(total).toBeCloseTo(
      lines.reduce((sum, line) => sum + line.price, 0),
      9,
    );
    const wood = lines.filter((line) => line.kind === 'wood');
    expect(wood.reduce((sum, shoppingLine) => sum + shoppingLine.price, 0)).toBeCloseTo(result.price, 9);
    expect(lines.filter((line) => line.kind === 'hardware').map((line) => line.need)).toEqual(
      plan.needed.map((one) => one.count),
    );
    expect(spare?.item.widthMm).toBe(400);
  });

  test('what there is already is taken off', async () => {
    const { plan, job, ...result } = await cutting(chimneyAlcove());
    const [board] = result.buy;
    const list = (stock: Partial<Job['stock']>) =>
      shoppingFor({ job: withStock(job, stock), plan, cutting: result }).lines;
    const have = list({
      have: [
        { what: 'screw-5-70', count: 40 },
        { what: board!.item.id, count: 2 },
      ],
    });
    expect(have.find((shoppingLine) => shoppingLine.key === 'screw-5-70')).toMatchObject({
      need: 40,
      packs: [],
      price: 0,
    });
    expect(have.find((shoppingLine) => shoppingLine.key === board!.item.id)?.packs[0]?.count).toBe(board!.count - 2);
  });

  test('boards of plywood without a nosing get edge veneer, by their length and what is trimmed', async () => {
    const start = chimneyAlcove();
    const of = async (system: 'end-cleats' | 'three-side-cleats') => {
      const job = withSystem({ ...start, wood: { ...start.wood, boards: 'birch-ply' } }, start.support.system, system);
      const { plan, ...result } = await cutting(job);
      return { plan, veneer: shoppingFor({ job, plan, cutting: result }).lines.find((line) => line.key === 'veneer') };
    };
    const { plan, veneer } = await of('end-cleats');
    const boards = plan.parts.filter((part) => part.role === 'board');
    const metres = boards.reduce((sum, board) => sum + board.length.mm + 40, 0) / 1000;
    expect(veneer!.need).toBeCloseTo(Math.ceil(metres * 10) / 10, 6);
    expect((await of('three-side-cleats')).veneer).toBeUndefined();
  });

  test('a shop with too few says so; its prices are taken', async () => {
    const { plan, job, ...result } = await cutting(chimneyAlcove());
    const prices = [{ item: 'screw-5-70:50', price: 2, left: 0 }];
    const lines = shoppingFor({ job: withStock(job, { prices }), plan, cutting: result }).lines;
    expect(lines.find((line) => line.key === 'screw-5-70')).toMatchObject({ price: 2, priceIs: 'shop', short: true });
  });

  test('paint for a painted job, none for a bare one', async () => {
    const { plan, job, ...result } = await cutting(chimneyAlcove());
    const keys = (finish: Finish) =>
      shoppingFor({ job: withStock(job, { coats: usualCoats(finish, 2) }), plan, cutting: result }).lines.map(
        (line) => line.key,
      );
    expect(keys('paint')).toEqual(expect.arrayContaining(['primer', 'paint', 'caulk', 'filler']));
    expect(
      keys('bare').filter((key) => ['primer', 'paint', 'stain', 'clear', 'oil', 'caulk', 'filler'].includes(key)),
    ).toEqual([]);
    expect(keys('stain')).toEqual(expect.arrayContaining(['stain', 'clear']));
  });
});
