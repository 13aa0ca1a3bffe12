import { planJob, type Plan } from '../plan';
import { before } from '../work/steps/stepsTesting';
import { beside, closet, codes, main, mm, part, towered } from '../planTesting';

const bayOf = (plan: Plan, id: string) => plan.bays.find((bay) => bay.id === id)!;

describe('a tower in the middle of a closet', () => {
  const plan = planJob(towered);

  test('parts it into three bays, the main one first', () => {
    expect(plan.bays.map(({ id, main: own, shelves }) => [id, own, shelves])).toEqual([
      ['m', true, [1, 2, 3, 4]],
      ['l', false, [5, 6]],
      ['r', false, [7, 8]],
    ]);
    expect(bayOf(plan, 'l')).toMatchObject({ left: null, right: 'case-left' });
    expect(bayOf(plan, 'l').fromMm).toBeCloseTo(-1200, 0);
    expect(bayOf(plan, 'l').toMm).toBeCloseTo(-400, 0);
    expect(bayOf(plan, 'r')).toMatchObject({ left: 'case-right', right: null });
    expect(bayOf(plan, 'r').fromMm).toBeCloseTo(210, 0);
    expect(bayOf(plan, 'r').toMm).toBeCloseTo(1200, 0);
  });

  test('the tower is as wide as its bay, and stands where that is', () => {
    expect(part(plan, 'case-top')?.length.mm).toBe(610);
    // Less two sides of 18.
    expect(part(plan, 'S1-board')?.length.mm).toBe(574);
  });

  test('boards beside it are as long as their bay less what the odds ask for', () => {
    for (const [shelf, wide] of [
      [5, 800],
      [6, 800],
      [7, 990],
      [8, 990],
    ] as const) {
      const board = part(plan, `S${shelf}-board`)!;
      expect(board.length.mm).toBeLessThan(wide);
      expect(board.length.mm).toBeGreaterThan(wide - 15);
    }
  });

  test('cleats on its sides are screwed into them, with screws that do not come out inside', () => {
    const into = plan.fixings.filter(({ into: bite }) => bite.kind === 'piece' && bite.id.startsWith('case-'));
    const cleats = into.filter(({ id }) => id.includes('side-cleat'));
    expect(cleats.map(({ id }) => id)).toEqual([
      'S5-side-cleat-right/wall',
      'S6-side-cleat-right/wall',
      'S7-side-cleat-left/wall',
      'S8-side-cleat-left/wall',
    ]);
    for (const { screw, holes } of cleats) {
      // Through a cleat of 20 into a side of 18.
      expect(screw.lengthMm).toBeLessThan(38);
      expect(holes.every((hole) => hole.into === 'wood' && hole.spot === null)).toBe(true);
    }
    const bites = plan.body.screws
      .filter(({ fixing }) => cleats.some(({ id }) => id === fixing))
      .map(({ way }) => way.map((stage) => ('id' in stage.in ? stage.in.id : stage.in.kind)));
    expect(bites.length).toBeGreaterThanOrEqual(8);
    for (const way of bites)
      expect(way).toEqual([expect.stringMatching(/side-cleat/), expect.stringMatching(/^case-/)]);
  });

  test('heights of each bay are its own', () => {
    const gaps = plan.gaps.map(({ below, above }) => [below, above]);
    expect(gaps).toEqual([
      [null, 1],
      [1, 2],
      [2, 3],
      [3, 4],
      [4, null],
      [null, 5],
      [5, 6],
      [6, null],
      [null, 7],
      [7, 8],
      [8, null],
    ]);
    // Two boards of 18 in 2200: three gaps.
    expect(plan.gaps.find(({ above }) => above === 5)?.clear.mm).toBeCloseTo((2200 - 36) / 3, 0);
    expect(plan.marks.map(({ shelf }) => shelf)).toEqual(expect.arrayContaining([1, 4, 5, 6, 7, 8]));
  });

  test('each bay is marked at its own walls, and at the sides of the tower', () => {
    const at = plan.stations.map(({ id, wall, shelves }) => [id, wall, shelves]);
    expect(at).toEqual([
      ['l-left-front', 'left', [5, 6]],
      ['l-left-back', 'left', [5, 6]],
      ...['left', 'middle', 'right'].map((where) => [`l-back-${where}`, 'back', [5, 6]]),
      ['l-right-back', 'face', [5, 6]],
      ['l-right-front', 'face', [5, 6]],
      ...['left', 'middle', 'right'].map((where) => [`m-back-${where}`, 'back', [1, 2, 3, 4]]),
      ['r-left-front', 'face', [7, 8]],
      ['r-left-back', 'face', [7, 8]],
      ...['left', 'middle', 'right'].map((where) => [`r-back-${where}`, 'back', [7, 8]]),
      ['r-right-back', 'right', [7, 8]],
      ['r-right-front', 'right', [7, 8]],
    ]);
  });

  test('a spot on the back wall is told from the left end of the wall, in every bay', () => {
    const backs = plan.fixings.filter(({ into }) => into.kind === 'wall' && into.wall === 'back');
    const spots = (shelf: number) =>
      backs.filter((fixing) => fixing.shelf === shelf).flatMap(({ holes }) => holes.map(({ spot }) => spot!.alongMm));
    expect(spots(5).length).toBeGreaterThan(1);
    expect(spots(7).length).toBeGreaterThan(1);
    for (const mm of spots(5)) expect(mm).toBeLessThan(800);
    for (const mm of spots(7)) expect(mm).toBeGreaterThan(1410);
  });

  test('the step tells where it stands, as the body has it', () => {
    const { how } = plan.build.steps.find(({ id }) => id === 'stand')!;
    const told = how.find(({ code }) => code === 'how.standsAt');
    const side = plan.body.pieces.find(({ id }) => id === 'case-left')!;
    const at = side.solid.frame.origin[0] - plan.opening.extent.left;
    expect(at).toBeCloseTo(800, 0);
    expect(told?.params).toEqual({
      piece: { kind: 'text', text: 'CL' },
      at: { kind: 'length', mm: expect.closeTo(at, 0) },
    });
  });

  test('it stands before anything is fixed to it', () => {
    const { steps } = plan.build;
    for (const shelf of [5, 6, 7, 8]) expect(before(steps, 'stand', `S${shelf}-support`)).toBe(true);
  });

  test('nothing is wrong with it', () => {
    expect(codes(plan).filter((code) => code.startsWith('body.') || code.startsWith('problem.bays'))).toEqual([]);
  });
});

test('a shelf above the top of the tower, or deeper than its side, is named', () => {
  const high = beside('l', { width: mm(800), shelves: { ...closet.shelves, count: 6, top: { kind: 'ceiling' } } });
  const low = { ...closet.shelves, top: { kind: 'height', up: mm(1500) } } as const;
  const said = planJob({ ...towered, shelves: low, bays: [high, main(610), beside('r')] });
  expect(said.problems).toContainEqual(
    expect.objectContaining({
      severity: 'stop',
      about: { kind: 'shelf', shelf: 10 },
      message: expect.objectContaining({ code: 'problem.aboveCase' }),
    }),
  );
  const deeper = beside('l', { width: mm(800), shelves: { ...closet.shelves, depth: mm(450) } });
  expect(codes(planJob({ ...towered, bays: [deeper, main(610), beside('r')] }))).toContain('problem.deeperThanCase');
});

describe('two bays of shelves on cleats', () => {
  const plan = planJob({ ...closet, bays: [main(1000), beside('r')] });

  test('have an upright between them, as high as the ceiling lets it stand, screwed to blocks on the wall', () => {
    const upright = part(plan, 'upright-1')!;
    expect(upright).toMatchObject({ role: 'bay-upright', thicknessMm: 18, label: 'U1' });
    // 2400 less 5.
    expect(upright.length.mm).toBe(2395);
    expect(upright.width.mm).toBe(400);
    expect(upright.across?.fromMm).toBeCloseTo(-200, 0);
    expect(plan.fixings.filter(({ id }) => id.startsWith('upright-1/')).map(({ into }) => into)).toEqual([
      { kind: 'piece', id: 'upright-1-block-1', grain: 'end', haveMm: null },
      { kind: 'piece', id: 'upright-1-block-2', grain: 'end', haveMm: null },
    ]);
    expect(before(plan.build.steps, 'uprights', 'S1-support')).toBe(true);
  });

  test('end at its faces', () => {
    expect(plan.bays.map(({ left, right }) => [left, right])).toEqual([
      [null, 'upright-1'],
      ['upright-1', null],
    ]);
    expect(bayOf(plan, 'm').toMm).toBeCloseTo(-200, 0);
    expect(bayOf(plan, 'r').fromMm).toBeCloseTo(-182, 0);
  });

  test('a rod of a bay hangs between its own two faces', () => {
    const hung = { ...closet.shelves, count: 1, bottom: { kind: 'rail', up: mm(1600), clear: mm(80) } } as const;
    const railed = planJob({ ...closet, bays: [main(1000), beside('r', { shelves: hung })] });
    const rod = railed.parts.find(({ role }) => role === 'closet-rod')!;
    expect(rod.id).toBe('r-closet-rod');
    // 1382 less two plates of 5 and its play.
    expect(rod.length.mm).toBeLessThan(1382 - 10);
    expect(rod.length.mm).toBeGreaterThan(1382 - 20);
    expect(railed.fixings.find(({ id }) => id === 'r-socket-left/wall')?.into).toMatchObject({ id: 'upright-1' });
    expect(codes(railed).filter((code) => code.startsWith('body.'))).toEqual([]);
  });
});

test('bays that do not go in, or that a place cannot have, leave the main one planned', () => {
  const wide = planJob({ ...closet, bays: [beside('l', { width: mm(1500) }), main(1000)] });
  expect(codes(wide)).toContain('problem.baysTooWide');
  expect(wide.bays).toHaveLength(1);
  expect(part(wide, 'S1-board')?.length.mm).toBeGreaterThan(2380);
  const corner = planJob({
    ...closet,
    place: { ...closet.place, kind: 'corner', side: 'left' },
    bays: [main(), beside('r')],
  });
  expect(codes(corner)).toContain('problem.baysNotHere');
});

test('a bay may be empty', () => {
  const empty = planJob({ ...closet, bays: [main(1000), beside('r', { shelves: { ...closet.shelves, count: 0 } })] });
  expect(bayOf(empty, 'r').shelves).toEqual([]);
  expect(codes(empty)).not.toContain('problem.noShelves');
});

test('a job without bays has one, from wall to wall', () => {
  const plan = planJob(closet);
  expect(plan.bays).toHaveLength(1);
  expect(plan.bays[0]).toMatchObject({ id: 'main', main: true, left: null, right: null, shelves: [1, 2, 3, 4] });
});
