import { chimneyAlcove } from '../../rigs/demo';
import { withChange, withSystem, type Job } from '../../job';
import { planJob } from '../../plan';
import { words } from '../../say/words';
import { mm, plainJob, saying } from './testing';
import { curesFor } from './cures';
import { loaded, inputFor, strengths, near } from './strengthTesting';

describe('cures', () => {
  const curesOf = (job: Job) => curesFor(inputFor(job), strengths(job));

  test('each of them cures: made, the shelf no longer sags so that it is seen', () => {
    const job = loaded(plainJob('end-cleats'), 14);
    const cures = curesOf(job);
    expect(new Set(cures.map((cure) => cure.change.kind))).toEqual(new Set(['nosing', 'thickness', 'system']));
    for (const { change, sagMm } of cures) {
      const [cured] = strengths(withChange(job, change));
      expect(cured!.sag.lastingMm).toBeLessThanOrEqual(cured!.sag.seenMm * 1.005);
      if (change.kind === 'thickness') near(cured!.sag.lastingMm, sagMm, 0.05);
    }
  });

  test('the cheapest first, in words; none where nothing is wrong', () => {
    const job = loaded(plainJob('end-cleats'), 14);
    const costs = curesOf(job).map((cure) => cure.cost);
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
    expect(words(curesOf(job)[0]!.words, job)).toMatch(/lipping \d+ mm high/);
    expect(curesOf(loaded(plainJob('three-side-cleats'), 10))).toEqual([]);
  });

  test('brackets get one more, screws get more where they are too weak', () => {
    const soft = { ...plainJob('brackets'), wood: { boards: 'chipboard', sticks: 'pine', own: [] } };
    const more = curesOf(loaded(saying(soft, { ratedKg: 500, apart: mm(1000) }), 40));
    expect(more.map((cure) => cure.change.kind)).toContain('apart');
    const side = saying(plainJob('side-screwed', {}, 'span'), { screws: 2, nosing: true, nosingHeight: mm(120) });
    const screws = curesOf(loaded(side, 160)).find((cure) => cure.change.kind === 'screws');
    expect(screws?.used).toBeLessThanOrEqual(1);
  });
});

describe('what nothing cures alone', () => {
  const alcove = chimneyAlcove();
  const weak = (boards: string): Job => ({
    ...withSystem(alcove, 'three-side-cleats', 'end-cleats'),
    load: { use: 'tins' },
    wood: { ...alcove.wood, boards },
  });

  test('chipboard under paint tins: two changes together, the cheapest first, no more than five', () => {
    const { cures, strengths } = planJob(weak('chipboard'));
    expect(strengths.every((strength) => strength.state !== 'holds')).toBe(true);
    expect(cures.length).toBeGreaterThan(1);
    expect(cures.length).toBeLessThanOrEqual(5);
    expect(cures.every((cure) => cure.change.kind === 'all' && cure.change.changes.length === 2)).toBe(true);
    expect(cures.map((cure) => cure.cost)).toEqual([...cures.map((cure) => cure.cost)].sort((a, b) => a - b));
  });

  test.each(['chipboard', 'mdf', 'pine'])('%s: every cure that is offered holds once it is made', (boards) => {
    const job = weak(boards);
    for (const { change, system, shelf } of planJob(job).cures) {
      const cured = planJob(withChange(job, change));
      expect(system).toBe('end-cleats');
      expect(cured.strengths.every((strength) => strength.state === 'holds')).toBe(true);
      const worst = cured.strengths.find((strength) => strength.shelf === shelf)!;
      expect(worst.sag.lastingMm).toBeLessThan(worst.sag.usualMm);
    }
  });

  test('the problem says the cheapest of them', () => {
    const { problems, cures } = planJob(weak('mdf'));
    expect(problems.find((problem) => problem.message.code === 'problem.sagsCured')?.message.params).toMatchObject({
      cure: { message: cures[0]?.words },
    });
  });
});
