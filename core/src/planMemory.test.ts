import { createMemory, NO_MEMORY, type Memory } from './base/memory';
import { chimneyAlcove, demoJobs } from './rigs/demo';
import { anyJob } from './rigs/anyJob';
import { typedLength, withBuild, withDone, type Job } from './job';
import { planFrom, planJob, REMEMBERED } from './plan';

/** The same job as another value, as it comes to a worker. */
const copied = (job: Job): Job => JSON.parse(JSON.stringify(job)) as Job;

const mm = (typed: string) => typedLength(typed, 'mm');

/** A memory that notes which sections are really worked out. */
function watched(): { memory: Memory; worked: () => string[] } {
  const memory = createMemory(REMEMBERED);
  const names: string[] = [];
  const noted = new Map<unknown, (...from: never[]) => unknown>();
  return {
    memory: {
      recall(work, ...from) {
        const known = noted.get(work) as typeof work | undefined;
        const noting =
          known ??
          ((...asked: typeof from) => {
            names.push(work.name);
            return work(...asked);
          });
        noted.set(work, noting);
        return memory.recall(noting, ...from);
      },
    },
    worked: () => names.splice(0),
  };
}

describe('what a change does not touch is not planned again', () => {
  const alcove = chimneyAlcove();
  const { stock } = alcove;
  const changes: [string, Job, string[]][] = [
    ['nothing', copied(alcove), []],
    ['another name', { ...alcove, name: 'Another', notes: 'and a note' }, []],
    ['a price', { ...alcove, stock: { ...stock, prices: [{ item: 'screws', price: 3.2 }] } }, []],
    ['a tick', withDone(alcove, 'buy', 1_700_000_000_000), []],
    ['a note in the log', { ...alcove, log: { ...alcove.log, next: 'Measure the back twice.' } }, []],
    ['a finish', { ...alcove, stock: { ...stock, coats: ['oil'] } }, ['buildOf']],
    ['how it is gone about', withBuild(alcove, { prepare: { ...alcove.build.prepare, holes: 7 } }), ['buildOf']],
    [
      'another support',
      { ...alcove, support: { system: 'brackets', own: {} } },
      ['piecesOf', 'strengthsOf', 'saidOf', 'buildOf'],
    ],
    [
      'a reading',
      { ...alcove, readings: alcove.readings.slice(1) },
      ['placeOf', 'piecesOf', 'strengthsOf', 'adviceOf', 'saidOf', 'buildOf'],
    ],
  ];
  test.each(changes)('%s', (_, changed, sections) => {
    const { memory, worked } = watched();
    planFrom(alcove, memory);
    expect(worked()).toEqual(['placeOf', 'piecesOf', 'strengthsOf', 'adviceOf', 'saidOf', 'buildOf']);
    const plan = planFrom(changed, memory);
    expect(worked()).toEqual(sections);
    expect(plan).toEqual(planJob(changed));
  });

  test('back to what it was before: nothing is worked out', () => {
    const { memory, worked } = watched();
    const other: Job = { ...alcove, shelves: { ...alcove.shelves, thickness: mm('22') } };
    planFrom(alcove, memory);
    planFrom(other, memory);
    worked();
    expect(planFrom(copied(alcove), memory)).toEqual(planJob(alcove));
    expect(worked()).toEqual([]);
  });
});

test('with a memory every job has the plan it has without', () => {
  const memory = createMemory(REMEMBERED);
  const jobs = [...demoJobs(), ...Array.from({ length: 4 }, (_, seed) => anyJob(seed))];
  for (const job of jobs) {
    const changed: Job = {
      ...job,
      shelves: { ...job.shelves, depth: mm(String(Math.round(job.shelves.depth.mm) - 7)) },
    };
    for (const one of [job, changed, job]) expect(planFrom(one, memory)).toEqual(planFrom(one, NO_MEMORY));
  }
});
