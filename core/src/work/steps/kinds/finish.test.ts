import { pictureNiche, deepShelves } from '../../../rigs/whole';
import { planJob } from '../../../plan';
import { usualCoats, type Coat, type Job } from '../../../job';
import { surfacesOf } from '../../stock/finish';
import { MINUTES } from '../minutes';
import { before, find, stepsOf, withBuild } from '../stepsTesting';

const materials = (job: Job, id: string) => find(stepsOf(job), id).materials.map(({ code }) => code);

test('coats go on in the order they are listed, each after the wait of the one before it', () => {
  const coats: Coat[] = ['primer', 'primer', 'paint', 'clear', 'clear'];
  const steps = stepsOf({ ...pictureNiche(), stock: { ...pictureNiche().stock, coats } });
  const ids = ['prime', 'prime-2', 'paint-1', 'clear-1', 'clear-2'];
  expect(ids.map((id) => find(steps, id).after.map(({ step, wait }) => [step, wait]))).toEqual([
    [['sand', null]],
    [['prime', 'primer']],
    [['prime-2', 'primer']],
    [['paint-1', 'paint']],
    [['clear-1', 'clear']],
  ]);
});

test('trim with coats of its own holds up only the trim', () => {
  const job = pictureNiche();
  const steps = stepsOf(job);
  const trim = planJob(job).parts.flatMap(({ role, id }) => (role === 'trim' ? [id] : []));
  expect(trim).toHaveLength(4);
  expect([...find(steps, 'trim-oil-1').parts].sort()).toEqual([...trim].sort());
  expect(find(steps, 'paint-1').parts.filter((id) => trim.includes(id))).toEqual([]);
  expect(find(steps, 'paint-1').parts.length).toBeGreaterThan(5);
  expect(before(steps, 'trim-wipe-2', 'trim')).toBe(true);
  expect(before(steps, 'trim-wipe-2', 'box-in')).toBe(false);
  expect(materials(job, 'trim-oil-1')).toEqual(['buy.oil']);
});

describe('a window between two coats', () => {
  const rounds = (job: Job) => stepsOf(job).filter(({ id }) => /^condition(\.\d)?$/.test(id));

  test('is kept for every piece, taken up in the order in which it was put on', () => {
    const job = deepShelves();
    const parts = new Map(planJob(job).parts.map((part) => [part.id, part]));
    const { least, most } = { least: 10, most: 20, ...job.build.waits.find(({ wait }) => wait === 'conditioner') };
    expect(rounds(job).length).toBeGreaterThan(1);
    for (const step of rounds(job)) {
      const pieces = step.parts.map((id) => parts.get(id)!);
      expect(pieces.length).toBeGreaterThan(0);
      const stain = find(stepsOf(job), step.id.replace('condition', 'stain'));
      expect(stain.parts).toEqual(step.parts);
      expect(stain.after).toEqual([{ step: step.id, wait: 'conditioner', leastMin: 10, mostMin: 20 }]);
      // When each piece is wet, and when its stain is begun, if the step of staining begins as early as it may.
      let clock = 0;
      const wet = pieces.map((piece) => (clock += MINUTES.condition.each * surfacesOf([piece])));
      clock += least;
      for (const [i, piece] of pieces.entries()) {
        expect(clock - wet[i]!).toBeGreaterThanOrEqual(least - 1e-9);
        expect(clock - wet[i]!).toBeLessThanOrEqual(most + 1e-9);
        clock += MINUTES.stain.each * surfacesOf([piece]);
      }
    }
    // Every piece is in one round.
    expect(
      rounds(job)
        .flatMap((step) => step.parts)
        .sort(),
    ).toEqual([...parts.keys()].sort());
  });

  test('that is wide takes one round', () => {
    expect(rounds(withBuild(deepShelves(), { waits: [{ wait: 'conditioner', least: 10, most: 120 }] }))).toHaveLength(
      1,
    );
  });
});

test('walls have coats of their own', () => {
  const painted = withBuild(
    pictureNiche(),
    { prepare: { clear: false, holes: 0, open: false, paint: true } },
    { coats: usualCoats('bare', 0), lotCoats: { wall: ['primer', 'primer', 'paint'] } },
  );
  const steps = stepsOf(painted);
  expect(steps.filter(({ kind }) => kind === 'paint').map(({ id }) => id)).toEqual([
    'prime-place',
    'prime-place-2',
    'paint-place-1',
  ]);
});
