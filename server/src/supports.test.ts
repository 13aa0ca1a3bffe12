import { chimneyAlcove, parcelBench } from '@dormer/core/rigs/demo';
import { SYSTEM_NAMES, withAnswer, withFurther, withShelfSupport, withSystem, type Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { freshFolder, RunningServer } from './test/running';

let server: RunningServer;
beforeAll(async () => {
  server = await RunningServer.start();
});
afterAll(() => server.stopAndClear());

const alcove = chimneyAlcove();
const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });
const plan = (job: unknown) => server.ask('POST', '/api/plan', job);
const keep = (job: Job) => server.ask('POST', '/api/jobs', { job, saveId: `save-${job.id}` });
const kept = async (id: string) => (await server.ask('GET', `/api/jobs/${id}`)).body.job as Job;
const pathsOf = (answer: { body: { error: { fields: { path: string }[] } } }) =>
  answer.body.error.fields.map((field) => field.path);

describe('what is said of supports', () => {
  test.each(SYSTEM_NAMES)('%s: kept and read again as it was, and planned as it is in the app', async (system) => {
    const job = { ...withSystem(alcove, 'three-side-cleats', system), id: `job-${system}` };
    expect((await keep(job)).status).toBe(201);
    expect(await kept(job.id)).toEqual(job);
    const answer = await plan(job);
    expect(answer.status).toBe(200);
    expect(answer.body).toEqual(JSON.parse(JSON.stringify(planJob(job))));
  });

  test('of a system that is not chosen now stays in the database', async () => {
    const said = withAnswer(alcove, 'brackets', 'arm', mm(280));
    const job = { ...withShelfSupport(said, 2, { system: 'end-cleats', depth: mm(250) }), id: 'said' };
    await keep(job);
    expect((await kept('said')).support).toEqual({
      system: 'three-side-cleats',
      own: { ...alcove.support.own, brackets: { arm: mm(280) } },
      shelves: [{ shelf: 2, system: 'end-cleats', depth: mm(250) }],
    });
  });

  test('a material, a load, anchors and tools of one’s own are kept to the last figure', async () => {
    const own = {
      id: 'mine',
      name: 'Old floorboards',
      densityKgM3: 510.5,
      eAlongMpa: 9500,
      eAcrossMpa: 320,
      shearMpa: 600,
      bendAlongMpa: 19,
      bendAcrossMpa: 2.5,
      creep: 0.55,
      lasting: 0.65,
      price: 1.2,
      source: 'bent over two trestles',
    };
    const job: Job = {
      ...alcove,
      id: 'wood',
      tools: 'hand',
      wood: { boards: 'mine', sticks: 'pine', own: [own] },
      load: { use: 'own', perMetre: { kg: 42, typed: '42 kg' } },
      fixing: { ...alcove.fixing, anchors: true, anchorKg: { kg: 25, typed: '25 kg' } },
    };
    await keep(job);
    expect(await kept('wood')).toEqual(job);
    const [first] = (await plan(job)).body.strengths;
    expect(first.carries.by).toBe('own');
  });

  test('dividers, holes and the rod are kept, and their pieces are planned', async () => {
    const job = {
      ...withFurther(alcove, () => ({
        dividers: [{ id: 'd', shelf: 2, at: mm(500) }],
        holes: [{ id: 'h', shelf: 1, from: 'left', at: mm(300), back: mm(120), diameter: mm(60) }],
        rod: 'wood',
      })),
      id: 'further',
    };
    await keep(job);
    expect(await kept('further')).toEqual(job);
    const { parts } = (await plan(job)).body as { parts: { role: string; id: string; holes?: unknown[] }[] };
    expect(parts.filter((part) => part.role === 'divider')).toHaveLength(1);
    expect(parts.find((part) => part.id === 'S1-board')?.holes).toHaveLength(1);
  });
});

describe('what cannot be is refused, and named by where it stands', () => {
  const wrong: [string, unknown, string][] = [
    ['a system nobody knows', { ...alcove, support: { ...alcove.support, system: 'glue' } }, 'support.system'],
    ['an answer to what is not asked', withAnswer(alcove, 'brackets', 'colour', 'red'), 'support.own'],
    ['more screws than there may be', withAnswer(alcove, 'side-screwed', 'screws', 99), 'support.own'],
    ['a cleat of no height', withAnswer(alcove, 'three-side-cleats', 'cleatHeight', mm(0)), 'support.own'],
    ['a load of a feather', { ...alcove, load: { use: 'feathers' } }, 'load.use'],
    ['tools of magic', { ...alcove, tools: 'magic' }, 'tools'],
    ['wood lighter than air', { ...alcove, wood: { ...alcove.wood, own: [{ id: 'x' }] } }, 'wood.own'],
    [
      'a divider on no shelf',
      { ...alcove, further: { dividers: [{ id: 'd', shelf: 0, at: mm(1) }], holes: [] } },
      'further.dividers',
    ],
  ];
  test.each(wrong)('%s', async (_, job, path) => {
    const answer = await plan(job);
    expect(answer.status).toBe(400);
    expect(pathsOf(answer).some((one) => one.startsWith(path))).toBe(true);
  });

  test('900 kg on a metre is a plan with a named problem, and what is as near as it gets', async () => {
    const job: Job = { ...alcove, load: { use: 'own', perMetre: { kg: 900, typed: '900 kg' } } };
    const { problems } = (await plan(job)).body as {
      problems: { message: { code: string; params: { holds: { kg: number } } } }[];
    };
    const gives = problems.find((problem) => problem.message.code === 'problem.givesWay');
    expect(gives?.message.params.holds.kg).toBeGreaterThan(0);
    expect(gives?.message.params.holds.kg).toBeLessThan(900);
  });
});

test('a job kept by the server of before comes in with its cleats as they were said', async () => {
  const { tools: _t, wood: _w, load: _l, fixing: _f, support: _s, ...rest } = alcove;
  const old = {
    ...rest,
    id: 'before',
    version: 4,
    support: {
      system: 'three-side-cleats',
      cleat: { thickness: mm(21), height: mm(47) },
      cleatClearance: mm(3),
      nosing: { thickness: mm(19), height: mm(66) },
    },
  };
  expect((await keep(old as unknown as Job)).status).toBe(201);
  expect((await kept('before')).support.own['three-side-cleats']).toEqual({
    cleatThickness: mm(21),
    cleatHeight: mm(47),
    cleatShort: mm(3),
    nosingThickness: mm(19),
    nosingHeight: mm(66),
  });
});

test('a bench survives a restart of the server with every answer it was given', async () => {
  const folder = freshFolder();
  const first = await RunningServer.start(folder);
  const bench = parcelBench();
  await first.ask('POST', '/api/jobs', { job: bench, saveId: 'a' });
  await first.stop();
  const again = await RunningServer.start(folder);
  expect((await again.ask('GET', `/api/jobs/${bench.id}`)).body.job).toEqual(bench);
  await again.stopAndClear();
});
