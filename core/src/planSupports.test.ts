import fc from 'fast-check';
import {
  LOAD_USES,
  SUPPORT_ASKS,
  SYSTEM_NAMES,
  jobSchema,
  withFurther,
  withShelfSupport,
  type Ask,
  type Job,
  type SystemName,
} from './job';
import { MATERIALS } from './design/load/materials';
import { mm, plainJob, saying } from './design/load/testing';
import { planJob, type Plan } from './plan';
import { words } from './say/words/all';

// Whatever is answered of a system, with whatever is listed, drilled and parted: the plan is sound, and says so in
// words.

const answerTo = (ask: Ask): fc.Arbitrary<unknown> => {
  switch (ask.kind) {
    case 'length':
      return fc.integer({ min: ask.mayBeNothing ? 0 : 1, max: 200 }).map(mm);
    case 'count':
      return fc.integer({ min: ask.least, max: ask.most });
    case 'choice':
      return fc.constantFrom(...ask.options);
    case 'yes':
      return fc.boolean();
  }
};

const answersFor = (system: SystemName) => {
  const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[system];
  const each = Object.fromEntries(Object.entries(asks).map(([key, ask]) => [key, answerTo(ask)]));
  // Some are left as they usually are.
  return fc.record(each, { requiredKeys: [] });
};

const length = (least: number, most: number) => fc.integer({ min: least, max: most }).map(mm);
const further = fc.record({
  dividers: fc.array(fc.record({ shelf: fc.integer({ min: 1, max: 4 }), at: length(1, 1100) }), { maxLength: 3 }),
  holes: fc.array(
    fc.record({
      shelf: fc.integer({ min: 1, max: 4 }),
      from: fc.constantFrom('left', 'right' as const),
      at: length(1, 1100),
      back: length(1, 400),
      diameter: length(1, 150),
    }),
    { maxLength: 3 },
  ),
});

const anyJob: fc.Arbitrary<Job> = fc.constantFrom(...SYSTEM_NAMES).chain((system) =>
  fc
    .record({
      said: answersFor(system),
      further,
      tools: fc.constantFrom('hand', 'power' as const),
      use: fc.constantFrom(...LOAD_USES.filter((loadUse) => loadUse !== 'own')),
      boards: fc.constantFrom(...MATERIALS.map((material) => material.id)),
      walls: fc.constantFrom('lined', 'plaster', 'panel', 'studs' as const),
      kind: fc.constantFrom('alcove', 'span', 'run' as const),
      depth: length(60, 390),
      thickness: length(6, 60),
      // One shelf may have a depth of its own.
      own: fc.option(length(60, 390)),
    })
    .map((one): Job => {
      const start = plainJob(system, { tools: one.tools, load: { use: one.use } }, one.kind);
      const job = saying(
        {
          ...start,
          wood: { ...start.wood, boards: one.boards },
          place: { ...start.place, walls: one.walls },
          shelves: { ...start.shelves, depth: one.depth, thickness: one.thickness },
        },
        one.said,
      );
      const numbered = <T extends object>(all: readonly T[], letter: string) =>
        all.map((each, i) => ({ ...each, id: `${letter}${i}` }));
      const second = one.own ? withShelfSupport(job, 2, { depth: one.own }) : job;
      return withFurther(second, () => ({
        dividers: numbered(one.further.dividers, 'd'),
        holes: numbered(one.further.holes, 'h'),
      }));
    }),
);

/** Every piece is on the cut list, once. */
function everythingIsListed({ parts, cutList }: Plan): void {
  const listed = cutList.flatMap((group) => group.rows.flatMap((row) => row.partIds));
  expect([...listed].sort()).toEqual(parts.map((part) => part.id).sort());
}

/**
 * What is drilled and bitten into is there, no hole lies beside it, each screw is as long as what it passes and its
 * bite.
 */
function jointsAreWhole({ parts, hardware, fixings }: Plan): void {
  const there = new Set([...parts, ...hardware].map((one) => one.id));
  for (const one of fixings) {
    if (one.through.kind !== 'wall') expect(there).toContain(one.through.id);
    if (one.into.kind === 'piece') expect(there).toContain(one.into.id);
    const part = parts.find(({ id }) => one.through.kind === 'piece' && id === one.through.id);
    for (const hole of part ? one.holes : []) {
      expect(hole.alongMm).toBeGreaterThan(0);
      expect(hole.alongMm).toBeLessThan(part!.length.mm);
      expect(hole.acrossMm).toBeGreaterThan(0);
      expect(hole.acrossMm).toBeLessThan(one.edge ? part!.thicknessMm : part!.width.mm);
    }
    expect(one.passMm + one.liningMm + one.biteMm).toBeCloseTo(one.screw.lengthMm, 6);
    expect(one.biteMm).toBeGreaterThan(0);
  }
}

/** Pieces have sizes, and no label stands for two kinds of pieces of one shelf that are not alike. */
function piecesAreReal({ parts }: Plan): void {
  expect(new Set(parts.map((part) => part.id)).size).toBe(parts.length);
  for (const { length: long, width, thicknessMm } of parts) {
    for (const size of [long.mm, width.mm, thicknessMm]) {
      expect(Number.isFinite(size)).toBe(true);
      expect(size).toBeGreaterThan(0);
    }
  }
}

/** What is reckoned is reckoned to an end. */
function strengthsAreNumbers({ strengths }: Plan): void {
  for (const { sag, bending, leaning, carries, weakest } of strengths) {
    const numbers = [
      sag.nowMm,
      sag.lastingMm,
      sag.seenMm,
      sag.usualMm,
      bending,
      leaning,
      carries.kg,
      weakest?.used ?? 0,
    ];
    expect(numbers.every((number) => Number.isFinite(number) && number >= 0)).toBe(true);
    expect(sag.lastingMm).toBeGreaterThanOrEqual(sag.nowMm);
  }
}

test('whatever is asked and answered, the plan is sound, and all it says is said in words', () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      expect(jobSchema.safeParse(job).success).toBe(true);
      const plan = planJob(job);
      everythingIsListed(plan);
      jointsAreWhole(plan);
      piecesAreReal(plan);
      strengthsAreNumbers(plan);
      const said = [
        ...plan.problems.map((problem) => problem.message),
        ...plan.cautions.map((caution) => caution.message),
        ...plan.order.flatMap((one) => one.steps),
        ...plan.cures.map((cure) => cure.words),
        ...plan.needed.map((one) => one.what),
        ...plan.parts.map((part) => part.name),
      ];
      for (const one of said) expect(words(one, job)).not.toMatch(/\{\{|undefined|NaN/);
      expect(JSON.parse(JSON.stringify(plan))).toEqual(plan);
    }),
  );
});
