import { parcelBench, chimneyAlcove } from '../../rigs/demo';
import type { Job, Saw } from '../../job';
import { jobSchema } from '../../job/schema';
import { planJob } from '../../plan';
import { afterWrong, benchOf, madeBlanks, restsToKeep, sawAgain, sawBegun, sawSteps } from './saw';
import { settingsIn, stepWords, type SawStep } from './steps';
import { atOnce, loadedSolver } from './testing';
import { cutFaults, nodesOf, partsOn, planCutting, type CutNode, type Cutting } from '.';

async function begun(job: Job): Promise<{ job: Job; saw: Saw; steps: SawStep[]; cutting: Cutting; kerf: number }> {
  const kerf = job.stock.kerf.mm;
  const cutting = atOnce(planCutting({ job, plan: planJob(job), rack: [] }, await loadedSolver()));
  const saw = sawBegun(cutting);
  return { job, saw, cutting, kerf, steps: sawSteps(saw, kerf) };
}
const ticked = (saw: Saw, steps: readonly SawStep[]): Saw => ({ ...saw, done: steps.map((step) => step.id) });
const blanksOn = (saw: Saw) =>
  saw.layouts.flatMap((layout) => partsOn(layout.tree as CutNode).map((piece) => piece.part));

test('a cutting that has begun is part of the job and of its schema', async () => {
  const { job, saw } = await begun(parcelBench());
  expect(jobSchema.safeParse({ ...job, stock: { ...job.stock, saw } }).success).toBe(true);
});

test('layouts are in the order they are cut in, on the screen, on paper and at the saw: the largest pieces of a row first', async () => {
  const { cutting, kerf } = await begun(parcelBench());
  for (const { tree } of cutting.layouts) {
    expect(cutFaults(tree, kerf)).toEqual([]);
    for (const node of nodesOf(tree)) {
      if (node.kind !== 'cut') continue;
      const sizes = node.pieces
        .filter((piece) => piece.kind !== 'rest')
        .map((piece) => (node.way === 'rip' ? piece.widthMm : piece.lengthMm));
      expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
    }
  }
});

test('equal parts come from one setting: six joists, six arms, six legs, six braces', async () => {
  const { steps } = await begun(parcelBench());
  for (const [mm, count] of [
    [510, 6],
    [280, 6],
    [270, 6],
    [339.5, 6],
  ] as const) {
    const of = steps.filter((step) => step.kind === 'cross' && step.settingMm === mm);
    expect(of).toHaveLength(count);
    expect(settingsIn(of)).toBe(1);
    expect(of.map((sawStep) => sawStep.number)).toEqual(of.map((_, i) => of[0]!.number + i));
  }
});

test('when every cut is ticked every blank is made; one tick less, one or two less', async () => {
  const { saw, steps, kerf } = await begun(parcelBench());
  expect([...madeBlanks(ticked(saw, steps), kerf)].sort()).toEqual(blanksOn(saw).sort());
  const missing = blanksOn(saw).length - madeBlanks(ticked(saw, steps.slice(0, -1)), kerf).size;
  expect(missing).toBeGreaterThanOrEqual(1);
  expect(missing).toBeLessThanOrEqual(2);
  expect(madeBlanks(saw, kerf).size).toBe(0);
});

describe('a cut that went wrong', () => {
  test('what is still too long is cut again', async () => {
    const { job, saw, steps } = await begun(chimneyAlcove());
    const step = steps.find((sawStep) => sawStep.gives.part !== null)!;
    expect(afterWrong(saw, step, step.settingMm + 4, job.stock).again).toBe(true);
    expect(afterWrong(saw, step, step.settingMm - 4, job.stock).again).toBe(false);
  });

  test('the bench has what is left: nothing is lost but the kerf', async () => {
    const { saw, steps, kerf } = await begun(parcelBench());
    const at = steps.findIndex((sawStep) => sawStep.kind === 'cross' && sawStep.settingMm === 510);
    const step = steps[at]!;
    const before = ticked(saw, steps.slice(0, at));
    const bench = benchOf(before, kerf, { step, sizeMm: 480 });
    const ours = bench.filter((one) => one.note === step.layout).map((one) => one.lengthMm);
    expect(ours.some((mm) => Math.abs(mm - 480) < 1e-6)).toBe(true);
    expect(ours.some((mm) => Math.abs(mm - (step.piece.lengthMm - 480 - kerf)) < 1e-6)).toBe(true);
    // Boards not begun lie there whole.
    for (const layout of saw.layouts.filter(
      (one) => !steps.slice(0, at).some((cut) => cut.layout === one.id) && one.id !== step.layout,
    ))
      expect(bench.some((one) => one.note === layout.id && one.lengthMm === layout.lengthMm)).toBe(true);
  });

  test('the rest is planned anew from the bench: what is made stays made, everything else is cut', async () => {
    const { job, saw, steps, kerf } = await begun(parcelBench());
    // The longest of four posts, 801.5 long, was cut to 790: what is left of its board, a metre more than was wanted,
    // still gives all four.
    const at = steps.findIndex((sawStep) => sawStep.gives.part === 'S1-post-4');
    const step = steps[at]!;
    expect(step.settingMm).toBe(801);
    const now = ticked(saw, steps.slice(0, at));
    const { bench, made } = afterWrong(now, step, 790, job.stock);
    const cutting = atOnce(planCutting({ job, plan: planJob(job), rack: [], bench, made }, await loadedSolver()));
    const again = sawAgain(now, step, 790, cutting, kerf);
    expect([...blanksOn(again), ...again.made].sort()).toEqual(blanksOn(saw).sort());
    expect(again.made).not.toContain(step.gives.part);
    expect(again.wrong).toEqual([{ part: step.gives.part, lengthMm: 790, widthMm: 70 }]);
    expect(again.layouts.every((layout) => !saw.layouts.some((other) => other.id === layout.id))).toBe(true);
    expect(cutting.buy).toEqual([]);
    // What nothing is cut from any more is not lost: it goes on the rack when all is cut.
    expect(jobSchema.safeParse({ ...job, stock: { ...job.stock, saw: again } }).success).toBe(true);
    const rests = restsToKeep(ticked(again, sawSteps(again, kerf)), job.stock);
    expect(rests.some((one) => one.widthMm === 70 && one.lengthMm === 790)).toBe(true);
  });

  test('where the bench does not do, what to buy is said', async () => {
    const { job, saw, steps } = await begun(chimneyAlcove());
    const step = steps.find((sawStep) => sawStep.gives.part?.endsWith('board'))!;
    const at = steps.indexOf(step);
    const { bench, made } = afterWrong(ticked(saw, steps.slice(0, at)), step, 900, job.stock);
    const cutting = atOnce(planCutting({ job, plan: planJob(job), rack: [], bench, made }, await loadedSolver()));
    expect(cutting.buy.reduce((sum, one) => sum + one.count, 0)).toBe(1);
    expect(cutting.buy[0]!.item.lengthMm).toBeGreaterThanOrEqual(step.settingMm);
  });
});

test('what is left and long enough goes on the rack, once its board is cut up', async () => {
  const { job, saw, steps } = await begun(parcelBench());
  expect(restsToKeep(saw, job.stock)).toEqual([]);
  const rests = restsToKeep(ticked(saw, steps), job.stock);
  expect(rests.length).toBeGreaterThan(0);
  for (const one of rests) expect(Math.max(one.lengthMm, one.widthMm)).toBeGreaterThanOrEqual(job.stock.keep.mm);
});

test('solid wood is ripped a little over first, a sheet at once; by hand a line is marked and sawn beyond, at the machine a fence or a stop is set', async () => {
  const { steps } = await begun(parcelBench());
  const [rip, cross] = (['rip', 'cross'] as const).map((is) => steps.find((step) => step.kind === is)!);
  expect([rip, cross].map((one) => stepWords(one!, 'power').code)).toEqual(['saw.rip', 'saw.cross']);
  const solid = (await begun(chimneyAlcove())).steps.find((step) => step.kind === 'rip')!;
  expect(stepWords(solid, 'power')).toMatchObject({
    code: 'saw.ripTwice',
    params: { over: { mm: solid.settingMm + 2 } },
  });
  expect([rip, cross].map((one) => stepWords(one!, 'hand').code)).toEqual(['saw.ripHand', 'saw.crossHand']);
});
