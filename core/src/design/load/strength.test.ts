import { SYSTEM_NAMES, type Job } from '../../job';
import { words } from '../../say/words';
import { made, mm, plainJob, saying } from './testing';
import { curesFor } from './cures';
import { beamLoads } from './beams';
import { mayCarry } from './fixingLoad';
import { GRAVITY, sagLimits } from './limits';
import { MATERIALS, materialOf, materialsOf, lastingStrength } from './materials';
import { spanOf } from './model';
import { strengthProblems } from './problems';
import { pullOnWall, tippingProblems } from './tipping';
import { carriedBy, USE_KG_PER_M } from './uses';
import { kg, loaded, inputFor, strengths, near } from './strengthTesting';

const first = (job: Job) => strengths(job)[0]!;

describe('a shelf on its ends, worked by hand', () => {
  // Board 1000 x 300 x 18 of pine on cleats of 20: 980 from middle to middle. 30 kg/m and its own 2.27 kg.
  const job = loaded(plainJob('end-cleats'), 30);
  const one = first(job);
  const perMm = ((30 + 0.3 * 0.018 * 1 * 420) * GRAVITY) / 1000;

  test('span, own weight, and sag by 5 w L⁴ / 384 E I, then 1.6 times as much for good', () => {
    expect(one.spanMm).toBeCloseTo(980, 0);
    expect(one.carries.selfKg).toBeCloseTo(2.27, 2);
    const inertia = (300 * 18 ** 3) / 12;
    // Its ends stand 10 beyond their cleats, which takes next to nothing off.
    near(one.sag.nowMm, (5 * perMm * 980 ** 4) / (384 * 11_000 * inertia), 0.03);
    expect(one.sag.lastingMm).toBeCloseTo(1.6 * one.sag.nowMm, 9);
    expect(one.sag.seenMm).toBeCloseTo(0.98 * 1.7, 2);
    expect(one.sag.usualMm).toBeCloseTo(980 / 360, 2);
    expect(one.sag.state).toBe('over');
  });

  test('bending: w L² / 8 over W, against 24 x 0.7 / 1.3', () => {
    near(one.bending, (perMm * 980 ** 2) / 8 / ((300 * 18 ** 2) / 6) / ((24 * 0.7) / 1.3), 0.05);
  });

  test('every screw of a cleat carries its share: two hold half the shelf', () => {
    const { weakest } = one;
    expect(weakest?.fixing).toMatch(/side-cleat/);
    // The one in front is nearer to the middle of what the cleat carries: a little more than half of it.
    near(weakest!.shearN, (perMm * 1000) / 4, 0.1);
    expect(weakest!.shearN).toBeGreaterThan((perMm * 1000) / 4);
  });
});

test('a cleat along the back makes the same shelf stiffer, its nosing far more', () => {
  const bare = saying(plainJob('three-side-cleats'), { nosingHeight: mm(18), nosingThickness: mm(1) });
  const [ends, sides, nosed] = [plainJob('end-cleats'), bare, plainJob('three-side-cleats')].map(
    (job) => first(loaded(job, 30)).sag.nowMm,
  ) as [number, number, number];
  // Wood is weak across its grain: the back edge helps the front one little.
  expect(ends / sides).toBeGreaterThan(1.3);
  expect(sides / nosed).toBeGreaterThan(2);
});

describe('brackets', () => {
  const job = loaded(plainJob('brackets'), 20);
  const all = first(job).fixings;

  test('the uppermost screw is pulled by what tips the bracket: load times its arm over the lever', () => {
    const wall = all.find((fixingLoad) => fixingLoad.fixing.endsWith('/wall'))!;
    const whole = 2 * wall.shearN;
    // An even load on an arm of 250 under a board of 300: about in the middle of the board, 150 out; lever 300 - 25 -
    // 12.5.
    near(wall.pullN, (whole * 150) / 262.5, 0.2);
    expect(wall.used).toBeCloseTo(Math.hypot(wall.shearN / wall.mayShearN, wall.pullN / wall.mayPullN), 9);
  });

  test('a bracket’s own rating counts too, and the person’s figure is taken', () => {
    const rating = all.find((fixingLoad) => fixingLoad.into === 'rating')!;
    expect(rating.mayShearN).toBeCloseTo(25 * GRAVITY, 9);
    const strong = first(saying(job, { ratedKg: 100 })).fixings.find((fixing) => fixing.into === 'rating')!;
    expect(strong.used).toBeCloseTo(rating.used / 2, 9);
  });

  test('900 kg: it says what gives way, and by how much', () => {
    const [one] = strengths(loaded(plainJob('brackets'), 900));
    expect(one).toMatchObject({ state: 'fails' });
    expect(one!.weakest!.used).toBeGreaterThan(5);
  });
});

describe('what one fixing may carry', () => {
  const [cleat] = made(plainJob('three-side-cleats')).fixings;
  const input = { fixing: cleat!, board: materialOf('pine', []), stick: materialOf('pine', []) };
  const plain = plainJob('three-side-cleats').fixing;

  test('an anchor and a plug by the packet’s figure where there is one', () => {
    expect(mayCarry({ into: 'anchor' }, { ...input, job: { fixing: plain } }).shearN).toBeCloseTo(10 * GRAVITY, 9);
    const said = { fixing: { ...plain, anchorKg: kg(24), plugKg: kg(40) } };
    expect(mayCarry({ into: 'anchor' }, { ...input, job: said })).toEqual({
      shearN: 24 * GRAVITY,
      pullN: 12 * GRAVITY,
      mode: null,
    });
    expect(mayCarry({ into: 'plug' }, { ...input, job: said }).shearN).toBeCloseTo(40 * GRAVITY, 9);
  });

  test('a screw in a stud carries less across lining than without', () => {
    const stud = (liningMm: number) =>
      mayCarry({ into: 'stud' }, { ...input, fixing: { ...cleat!, liningMm }, job: { fixing: plain } });
    expect(stud(12.5).shearN).toBeLessThan(0.8 * stud(0).shearN);
    // A 5 mm screw through 20 of pine and 12.5 of plasterboard: some 15 kg, far below what holds in a rule of thumb.
    expect(stud(12.5).shearN / GRAVITY).toBeGreaterThan(10);
    expect(stud(12.5).shearN / GRAVITY).toBeLessThan(30);
  });
});

describe('what cannot bear what is asked of it is a problem with the nearest thing that works', () => {
  test('900 kg on a metre: how much it carries as it is, and that it then does', () => {
    const job = loaded(plainJob('three-side-cleats'), 900);
    const [problem] = strengthProblems(strengths(job), []);
    expect(problem).toMatchObject({
      severity: 'stop',
      message: { code: 'problem.givesWay', params: { kg: { kg: expect.closeTo(900, 0) } } },
    });
    const { holds } = problem!.message.params as unknown as { holds: { kg: number } };
    // Over a metre: so much on it uses all it may, a little more is too much.
    const worst = (by: number) =>
      Math.max(
        ...strengths(loaded(job, by)).map((strength) => Math.max(strength.bending, strength.weakest?.used ?? 0)),
      );
    near(worst(holds.kg), 1, 0.02);
    expect(words(problem!.message, job)).toMatch(/^Shelf \d may break under 900 kg/);
  });

  test('one that sags says by how much, and the cheapest cure', () => {
    const job = loaded(plainJob('end-cleats'), 30);
    const all = strengths(job);
    const cures = curesFor(inputFor(job), all);
    const [problem] = strengthProblems(all, cures);
    expect(problem).toMatchObject({ severity: 'doubtful', message: { code: 'problem.sagsCured' } });
    expect(words(problem!.message, job)).toContain(words(cures[0]!.words, job));
    expect(strengthProblems(strengths(loaded(plainJob('three-side-cleats'), 10)), [])).toEqual([]);
  });
});

describe('materials', () => {
  test('the table holds what plans are reckoned by, each with its source', () => {
    expect(MATERIALS.length).toBeGreaterThanOrEqual(8);
    for (const one of MATERIALS) {
      expect(one.eAlongMpa).toBeGreaterThanOrEqual(one.eAcrossMpa);
      expect(one.bendAlongMpa).toBeGreaterThanOrEqual(one.bendAcrossMpa);
      expect(one.source.code).toMatch(/^source\./);
    }
    // Boards of dust creep most: that is why they sag.
    expect(materialOf('mdf', []).creep).toBeGreaterThan(3 * materialOf('pine', []).creep);
    expect(lastingStrength(materialOf('pine', [])).along).toBeCloseTo((24 * 0.7) / 1.3, 9);
  });

  test('one of one’s own is taken by its id; what is gone is pine', () => {
    const own = {
      id: 'my',
      name: 'Bamboo',
      source: 'Its maker',
      densityKgM3: 700,
      eAlongMpa: 14_000,
      eAcrossMpa: 900,
      shearMpa: 700,
      bendAlongMpa: 50,
      bendAcrossMpa: 8,
      creep: 0.5,
      lasting: 0.6,
      price: 4,
    };
    expect(materialOf('my', [own])).toMatchObject({ eAlongMpa: 14_000, creep: 0.5 });
    expect(materialsOf([own])).toHaveLength(MATERIALS.length + 1);
    expect(materialOf('gone', [])).toMatchObject({ id: 'pine' });
    const job = { ...loaded(plainJob('end-cleats'), 25), wood: { boards: 'my', sticks: 'pine', own: [own] } };
    near(first(job).sag.nowMm, (first(loaded(plainJob('end-cleats'), 25)).sag.nowMm * 11) / 14, 0.08);
  });
});

describe('loads', () => {
  const job = plainJob('end-cleats');
  test('a named use by the metre; books while nothing is listed', () => {
    expect(carriedBy(1, 2000, { ...job, load: { use: 'records' } }, null)).toMatchObject({ by: 'records', kg: 110 });
    expect(carriedBy(1, 1000, { ...job, load: { use: 'listed' } }, null)).toMatchObject({
      by: 'books',
      kg: USE_KG_PER_M.books,
    });
  });

  test('the longest span: between brackets, or twice what stands out beyond the last', () => {
    const at = (x: number) => ({ id: `${x}`, from: [x, 0] as const, to: [x, 250] as const });
    expect(spanOf([at(100), at(700)], 1000, 300)).toBe(600);
    expect(spanOf([at(100), at(500)], 1000, 300)).toBe(1000);
    expect(spanOf([{ id: 'back', from: [0, 10], to: [1000, 10] }], 1000, 300)).toBe(600);
  });

  test('limits: 1.7 mm in a metre is seen, span over 360 is usual at the most', () => {
    expect(sagLimits(900)).toEqual({ seenMm: expect.closeTo(1.53, 9), usualMm: 2.5 });
  });

  test('a rail between posts, by hand: half of 120 kg over 2000, span 1000, 45 x 95 of pine', () => {
    const [beam] = beamLoads(
      { beams: [{ part: 'r', spanMm: 1000, heightMm: 95, thicknessMm: 45, share: 0.5 }] },
      120,
      2000,
      materialOf('pine', []),
    );
    const perMm = (60 * GRAVITY) / 2000;
    const inertia = (45 * 95 ** 3) / 12;
    expect(beam!.lastingMm).toBeCloseTo(((5 * perMm * 1000 ** 4) / (384 * 11_000 * inertia)) * 1.6, 9);
    expect(beam!.bending).toBeCloseTo((perMm * 1000 ** 2) / 8 / ((45 * 95 ** 2) / 6) / ((24 * 0.7) / 1.3), 9);
  });
});

describe('tall units', () => {
  const tall = { heightMm: 2000, depthMm: 300, fastening: 'tip-rail/wall' };

  test('30 kg hung 100 in front tips what weighs little: the wall is pulled by the rest, and 100 N at the least', () => {
    expect(pullOnWall({ heightMm: 1000, depthMm: 300 }, 0)).toBe(100);
    expect(pullOnWall({ heightMm: 200, depthMm: 300 }, 0)).toBeCloseTo((30 * GRAVITY * 100) / 200, 9);
  });

  test('studs hold it, a wall behind it is demanded', () => {
    const job = plainJob('housed-case');
    const { fixings } = made(job);
    expect(tippingProblems([tall], fixings, 30, job)).toEqual([]);
    expect(tippingProblems([{ ...tall, fastening: null }], fixings, 30, job)).toMatchObject([
      { message: { code: 'problem.tipsUnfixed' } },
    ]);
    const weak = { ...job, fixing: { ...job.fixing, anchorKg: kg(1) } };
    expect(tippingProblems([tall], fixings, 30, weak)).toMatchObject([
      { severity: 'stop', message: { code: 'problem.tips' } },
    ]);
    expect(tippingProblems([{ ...tall, heightMm: 500, fastening: null }], fixings, 30, job)).toEqual([]);
  });
});

test('every system is reckoned: sag, strength and joints are numbers, and a heavier load is never better', () => {
  for (const system of SYSTEM_NAMES) {
    const start = plainJob(system, {}, system === 'side-screwed' ? 'span' : 'alcove');
    const job = system === 'floating-rails' ? { ...start, shelves: { ...start.shelves, thickness: mm(40) } } : start;
    const [light, heavy] = [10, 40].map((by) => first(loaded(job, by)));
    for (const one of [light!, heavy!]) {
      expect(Number.isFinite(one.sag.lastingMm) && one.sag.lastingMm > 0).toBe(true);
      expect(one.bending).toBeGreaterThan(0);
      expect(one.fixings.every((fixing) => fixing.used >= 0 && Number.isFinite(fixing.used))).toBe(true);
    }
    expect(heavy!.sag.nowMm).toBeGreaterThan(light!.sag.nowMm);
    expect(heavy!.bending).toBeGreaterThan(light!.bending);
  }
});
