import fc from 'fast-check';
import { chimneyAlcove, demoJobs } from '../../rigs/demo';
import { typedLength, type Job } from '../../job';
import { planJob } from '../../plan';
import { shapedIn } from './cut';
import { differing, replayed } from './replayTesting';

describe('cut as told, every piece is the solid that was planned', () => {
  test.each(demoJobs().map((job) => [job.name, job] as const))('%s', (_, job) => {
    for (const tools of ['power', 'hand'] as const) {
      const told = { ...job, tools };
      const plan = planJob(told);
      expect(plan.parts.length).toBeGreaterThan(0);
      expect(differing(plan, told)).toEqual([]);
    }
  });

  test('over leaning and turning walls, in every end style', () => {
    const job = chimneyAlcove();
    const move = fc.array(fc.integer({ min: -12, max: 12 }), {
      minLength: job.readings.length,
      maxLength: job.readings.length,
    });
    fc.assert(
      fc.property(move, fc.constantFrom('angled', 'bevelled', 'square', 'scribed'), (by, ends) => {
        const readings = job.readings.map((reading, i) => {
          if (reading.kind !== 'width') return reading;
          const mm = reading.value.mm + (by[i] ?? 0);
          return { ...reading, value: typedLength(String(mm), 'mm') };
        });
        const crooked = { ...job, readings, fit: { ...job.fit, ends } } as Job;
        const plan = planJob(crooked);
        expect(plan.parts.length).toBeGreaterThan(0);
        expect(differing(plan, crooked)).toEqual([]);
      }),
      { numRuns: 8 },
    );
  });

  test('no board of the chimney alcove is longer than its walls are apart, though most of their blanks are', () => {
    const job = chimneyAlcove();
    const plan = planJob(job);
    const shaped = shapedIn(plan.body);
    const boards = plan.parts.filter((part) => part.role === 'board' && part.fit);
    expect(boards).toHaveLength(5);
    const longer = boards.filter((board) => {
      const { ends, widthMm } = replayed(shaped(board), job, 'written');
      const { left, right } = board.fit!.walls;
      const along = (across: number) =>
        ends.finish.atMm + ends.finish.acrossSlope * across - ends.start.atMm - ends.start.acrossSlope * across;
      return along(0) > right[0]! - left[0]! || along(widthMm) > right.at(-1)! - left.at(-1)!;
    });
    expect(longer.map((part) => part.label)).toEqual([]);
    const blanks = boards.filter((board) => {
      const { left, right } = board.fit!.walls;
      return board.length.mm > Math.min(right[0]! - left[0]!, right.at(-1)! - left.at(-1)!);
    });
    expect(blanks.length).toBeGreaterThan(2);
  });
});
