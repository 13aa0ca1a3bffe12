import { demoJobs } from '../../rigs/demo';
import { FINISHES, SYSTEM_NAMES, typedLength, usualCoats, type Job, type SystemName } from '../../job';
import { planJob, type Plan } from '../../plan';
import { shoppingFor } from '../stock';
import { plannedAt } from '../../design/system';
import { bookFaults } from './bookTesting';
import type { Step } from './step';

const mm = (typed: string) => typedLength(typed, 'mm');

/** A demo job with another system, thick enough for a hollow shelf on hidden rails. */
function withSystem(job: Job, system: SystemName): Job {
  const thickness = system === 'floating-rails' ? mm('40') : job.shelves.thickness;
  return { ...job, support: { system, own: {} }, shelves: { ...job.shelves, thickness } };
}

const everyWay: readonly (readonly [string, Job])[] = demoJobs().flatMap((job) =>
  SYSTEM_NAMES.filter((system) => plannedAt(system, job.place)).map(
    (system) => [`${job.place.kind}, ${system}`, withSystem(job, system)] as const,
  ),
);

const nothingCut = { buy: [], blanks: [], glueUps: [], layouts: [], groups: [] };

/** Everything a step waits for, however many steps lie between. */
function before(steps: readonly Step[], id: string, seen = new Set<string>()): Set<string> {
  for (const { step } of steps.find((one) => one.id === id)?.after ?? []) {
    if (seen.has(step)) continue;
    seen.add(step);
    before(steps, step, seen);
  }
  return seen;
}

describe.each(everyWay)('%s', (_, job) => {
  const plan: Plan = planJob(job);
  const { steps } = plan.build;

  test('every piece is listed, cut once and put in, every screw driven in one step and bought', () => {
    expect(plan.parts.length).toBeGreaterThan(0);
    expect(bookFaults({ ...plan, steps }, job)).toEqual([]);
  });

  test('what screws go into is told as it is there, with how it is tested', () => {
    const screwed = steps.filter((step) => step.fixings.length > 0);
    for (const step of screwed) {
      const ours = plan.fixings.filter((fixing) => step.fixings.includes(fixing.id));
      const bites = new Set(ours.flatMap((fixing) => fixing.holes.map((hole) => hole.into)));
      const told = new Set([...step.how, ...step.check].map((message) => message.code));
      expect(told.has('how.into.stud') || told.has('how.into.bareStud')).toBe(bites.has('stud'));
      expect(told.has('how.into.plug')).toBe(bites.has('plug'));
      expect(told.has('how.into.anchor')).toBe(bites.has('anchor'));
      const inWood = ours.some(
        (fixing) => fixing.screw.kind !== 'pin' && fixing.holes.some(({ into }) => into === 'wood'),
      );
      expect(told.has('how.into.wood')).toBe(inWood);
      // Nobody is told to hang on an anchor.
      expect([told.has('check.anchors'), told.has('check.tug')]).toEqual([
        bites.has('anchor'),
        !bites.has('anchor') && (bites.has('stud') || bites.has('plug')),
      ]);
    }
  });

  test('studs are found before a hole for one is drilled', () => {
    const atWall = plan.fixings.filter((fixing) =>
      fixing.holes.some(({ into }) => into === 'stud' || into === 'anchor'),
    );
    const through = (fixing: (typeof atWall)[number]) => (fixing.through.kind === 'piece' ? [fixing.through.id] : []);
    const elsewhere = new Set(plan.fixings.filter((fixing) => !atWall.includes(fixing)).flatMap(through));
    const inWorkshop = new Set(steps.filter((step) => step.kind === 'drill').flatMap((step) => step.parts));
    const early = atWall.flatMap(through).filter((id) => inWorkshop.has(id) && !elsewhere.has(id));
    expect(early).toEqual([]);
    const hung = steps.filter((step) => atWall.some((fixing) => step.fixings.includes(fixing.id)));
    if (job.place.walls === 'lined' && steps.some((step) => step.id === 'studs'))
      for (const step of hung) expect(before(steps, step.id).has('studs')).toBe(true);
  });
});

describe('materials', () => {
  const prepared = { clear: true, holes: 40, open: false, paint: true };
  // Each system and place with one of the finishes, all of them in turn.
  const ways = everyWay.map(([name, job], i): [string, Job] => {
    const coats = usualCoats(FINISHES[i % FINISHES.length]!, 2);
    const stock = { ...job.stock, coats };
    return [`${name}, ${coats.join()}`, { ...job, stock, build: { ...job.build, prepare: prepared } }];
  });

  test.each(ways)('%s: whatever a step names is on the list to buy', (_, job) => {
    const plan = planJob(job);
    const named = new Set(plan.build.steps.flatMap((step) => step.materials.map(({ code }) => code)));
    expect(named.size).toBeGreaterThan(1);
    const listed = new Set(
      shoppingFor({ job, plan, cutting: nothingCut })
        .lines.filter((line) => line.need > 0)
        .map((line) => line.what.code),
    );
    expect([...named].filter((code) => !listed.has(code))).toEqual([]);
  });
});

describe('a hollow shelf on hidden rails', () => {
  const alcove = demoJobs().find((demoJob) => demoJob.place.kind === 'alcove' && demoJob.units === 'mm')!;
  const plan = planJob(withSystem(alcove, 'floating-rails'));

  test('both its skins are cut, listed and put in, and its locking screws are driven then', () => {
    const skins = plan.parts.filter((part) => part.shelf === 1 && (part.role === 'board' || part.role === 'skin'));
    expect(skins.map((skin) => skin.label)).toEqual(['1T', '1U']);
    const listed = plan.cutList.flatMap((group) => group.rows.flatMap((row) => row.labels));
    expect(listed).toEqual(expect.arrayContaining(['1T', '1U']));
    const step = plan.build.steps.find((one) => one.id === 'S1-shelf')!;
    expect(step.parts).toEqual(expect.arrayContaining(skins.map((skin) => skin.id)));
    const lock = plan.fixings.filter(
      (fixing) => fixing.shelf === 1 && fixing.into.kind === 'piece' && fixing.into.id === 'S1-rail-back',
    );
    expect(lock.length).toBeGreaterThan(0);
    expect(step.fixings).toEqual(expect.arrayContaining(lock.map((fixing) => fixing.id)));
  });
});
