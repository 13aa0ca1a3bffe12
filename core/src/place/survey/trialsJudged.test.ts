import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { typedLength, type Job, type Trial } from '../../job';
import { planJob, type Plan } from '../../plan';
import { words } from '../../say/words/all';

const SHELF = 2;
const PLACES = (['left', 'right'] as const).flatMap((end) => (['back', 'front'] as const).map((at) => ({ end, at })));

/** Notes of a board at all four corners: the gaps the plan expects there, but for those that are said. */
function noted(job: Job, said: Record<string, string> = {}): Trial[] {
  const board = planJob(job).parts.find((part) => part.role === 'board' && part.shelf === SHELF)!;
  const fit = board.fit!;
  const cut: Trial['cut'] = {
    up: board.place.upTo,
    thickness: board.thicknessMm,
    depth: board.place.outTo - board.place.outFrom,
    back: fit.backMm,
    left: fit.left.outMm,
    right: fit.right.outMm,
  };
  const gapAt = (end: 'left' | 'right', at: 'back' | 'front') => {
    const own = fit.gaps.filter((gap) => gap.end === end).sort((a, b) => a.p - b.p);
    return (at === 'back' ? own[0] : own.at(-1))!.mm;
  };
  return PLACES.map(({ end, at }): Trial => {
    const typed = said[`${end} ${at}`] ?? gapAt(end, at).toFixed(1);
    return { id: `${end}-${at}`, shelf: SHELF, end, at, kind: 'gap', value: typedLength(typed, 'mm'), cut };
  });
}

const lengths = ({ parts }: Plan) =>
  parts
    .filter((part) => part.role === 'board' && part.shelf !== SHELF)
    .map((part) => [part.label, part.edges!.back.mm, part.edges!.front.mm]);
const asideIn = ({ readings }: Plan) =>
  readings.filter((reading) => reading.state === 'aside').map((reading) => reading.id);

describe.each([chimneyAlcove(), cloakroomCloset()].map((job) => [job.name, job] as const))('%s', (_, job) => {
  const slipped = { ...job, trials: noted(job, { 'left front': '12' }) };
  const plan = planJob(slipped);

  test('a gap of 12 where about one is likely is asked about, and that note alone', () => {
    expect(plan.trials.filter((trial) => trial.state === 'asked').map((trial) => trial.id)).toEqual(['left-front']);
    const asked = plan.problems.filter((problem) => problem.message.code.startsWith('problem.trial'));
    expect(asked).toMatchObject([{ severity: 'doubtful', about: { kind: 'shelf', shelf: SHELF } }]);
  });

  test('until it is answered it changes no other board, and sets no reading aside', () => {
    const others = planJob({ ...job, trials: slipped.trials.filter((trial) => trial.id !== 'left-front') });
    expect(lengths(plan)).toEqual(lengths(others));
    expect(lengths(plan).length).toBeGreaterThan(0);
    expect(asideIn(plan)).toEqual(asideIn(planJob(job)));
  });

  test('confirmed it counts, and still sets no reading aside', () => {
    const trials = slipped.trials.map((trial): Trial =>
      trial.id === 'left-front' ? { ...trial, verdict: 'kept' } : trial,
    );
    const kept = planJob({ ...slipped, trials });
    expect(kept.trials.find((trial) => trial.id === 'left-front')?.state).toBe('used');
    expect(lengths(kept)).not.toEqual(lengths(plan));
    expect(asideIn(kept)).toEqual(asideIn(planJob(job)));
  });

  test('notes as they are expected are no matter of doubt', () => {
    const good = planJob({ ...job, trials: noted(job) });
    expect(good.trials).toHaveLength(4);
    expect(good.trials.every((trial) => trial.state === 'used')).toBe(true);
  });
});

test('where a forgotten point explains it, both figures are offered', () => {
  const job = chimneyAlcove();
  const right = noted(job).find((one) => one.id === 'left-front')!;
  const meant = Math.max(right.value.mm, 1.2).toFixed(1);
  const typed = meant.replace('.', '');
  const plan = planJob({ ...job, trials: noted(job, { 'left front': typed }) });
  const check = plan.trials.find((trial) => trial.id === 'left-front')!;
  expect(check.state).toBe('asked');
  expect(check.meantMm).toBeCloseTo(Number(meant), 6);
  const said = plan.problems.find((problem) => problem.message.code === 'problem.trialMeant')!;
  expect(words(said.message, job)).toContain(`was the gap ${typed} mm or ${Number(meant)} mm?`);
});

test('a single note of a gap that is wider than all the play of its board is asked about too', () => {
  for (const job of [chimneyAlcove(), cloakroomCloset()]) {
    const [one] = noted(job, { 'left back': '12' });
    const plan = planJob({ ...job, trials: [one!] });
    expect(plan.trials).toMatchObject([{ state: 'asked' }]);
  }
});
