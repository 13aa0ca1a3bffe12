import { newJob, newPlace, typedLength, type Job, type Reading } from '@dormer/core/job';
import { crookedRoom, trueValues } from '@dormer/core/rigs/practice';
import type { Spot } from '@dormer/core/place/reading';
import { RunningServer } from './test/running';

let server: RunningServer;
beforeEach(async () => {
  server = await RunningServer.start();
});
afterEach(() => server.stopAndClear());

const width = (value: number, id: string): Reading => ({
  kind: 'width',
  id,
  at: 'back',
  up: typedLength('1200', 'mm'),
  value: typedLength(String(value), 'mm'),
});
const job = (id: string, ...readings: Reading[]): Job => ({
  ...newJob({ id, name: id, kind: 'alcove', units: 'mm' }),
  readings,
});
const save = (one: Job) => server.ask('POST', '/api/jobs', { job: one, saveId: `save-${one.id}` });
const tape = async (except = '') => {
  const { body } = await server.ask('GET', `/api/instruments${except && `?except=${except}`}`);
  return body.instruments.find((instrument: { instrument: string }) => instrument.instrument === 'tape');
};

describe('instruments', () => {
  test('nothing is known at first, of any of them', async () => {
    const { status, body } = await server.ask('GET', '/api/instruments');
    expect(status).toBe(200);
    expect(body.instruments.length).toBeGreaterThan(8);
    expect(
      body.instruments.every(
        (instrument: { repeats: number; factor: number }) => instrument.repeats === 0 && instrument.factor === 1,
      ),
    ).toBe(true);
  });

  test('repeats of every saved job add up, and one job can be left out', async () => {
    await save(job('one', width(1000, 'a'), width(1002, 'b')));
    await save(job('two', width(1000, 'p'), width(1000, 'q'), width(1003, 'r')));
    // One pair departing by 1 each: 2. Three about 1000: 0 + 0 + 9.
    expect(await tape()).toMatchObject({ repeats: 3, squares: 11, factor: Math.sqrt((8 + 11) / (8 + 3)) });
    expect(await tape('two')).toMatchObject({ repeats: 1, squares: 2 });
  });

  test('a copy of a job adds only what is new in it', async () => {
    await save(job('one', width(1000, 'a'), width(1002, 'b')));
    await server.ask('POST', '/api/jobs/one/duplicate', { id: 'copy', name: 'Copy', saveId: 'save-copy' });
    expect(await tape()).toMatchObject({ repeats: 1, squares: 2 });
    expect(await tape('copy')).toMatchObject({ repeats: 0 });
    await save(job('three', width(1000, 'a'), width(1002, 'b'), width(1001, 'c')));
    expect(await tape()).toMatchObject({ repeats: 2, squares: 2 });
  });

  test('a later version of a job takes the place of what it said before, and it outlives a restart', async () => {
    const first = job('one', width(1000, 'a'), width(1002, 'b'));
    await save(first);
    const calm = { ...first, readings: [width(1000, 'a'), width(1000, 'b')] };
    await server.ask('PUT', '/api/jobs/one', { job: calm, basedOn: 1, saveId: 'again' });
    expect(await tape()).toMatchObject({ repeats: 1, squares: 0 });
    const { folder } = server;
    await server.stop();
    server = await RunningServer.start(folder);
    expect(await tape()).toMatchObject({ repeats: 1, squares: 0 });
  });

  test('practice readings say nothing of the person', async () => {
    const practice = [width(1000, 'a'), width(1009, 'b')].map((one): Reading => ({ ...one, simulated: true }));
    await save(job('one', ...practice));
    expect(await tape()).toMatchObject({ repeats: 0, factor: 1 });
  });
});

describe('practice devices', () => {
  const place = newPlace('alcove');
  const spot: Spot = { kind: 'width', at: 'front', upMm: 900 };
  const address = (device: string, more: Record<string, string> = {}) =>
    `/api/devices/${device}/values?${new URLSearchParams({ spot: JSON.stringify(spot), place: JSON.stringify(place), seed: '7', ...more }).toString()}`;
  const values = async (device: string, more: Record<string, string> = {}) => {
    const { body, headers, status } = await server.ask('GET', address(device, more));
    expect(status).toBe(200);
    expect(headers.get('content-type')).toMatch(/^text\/event-stream/);
    const events = String(body).trim().split('\n\n');
    return events.map((event) => JSON.parse(event.replace(/^data: /, '')));
  };

  test('say of themselves that they are simulated', async () => {
    const { body } = await server.ask('GET', '/api/devices');
    expect(body.devices).toEqual([
      { id: 'practice-laser', instrument: 'laser', simulated: true },
      { id: 'practice-gauge', instrument: 'gauge', simulated: true },
      { id: 'practice-digital-level', instrument: 'digital-level', simulated: true },
    ]);
  });

  test('stream values that come to rest near the truth of the hidden room', async () => {
    const all = await values('practice-laser');
    expect(all.length).toBeGreaterThan(2);
    expect(all.map((one) => one.settled)).toEqual([...all.slice(1).map(() => false), true]);
    const [truth = 0] = trueValues(crookedRoom({ place, seed: 7 }), spot);
    expect(all.at(-1)).toMatchObject({ unit: 'mm' });
    expect(Math.abs(all.at(-1).value - truth)).toBeLessThan(3);
  });

  test('read the same spot the same way at the same turn, otherwise with another error, and another room otherwise', async () => {
    const first = await values('practice-laser');
    expect(await values('practice-laser')).toEqual(first);
    expect(await values('practice-laser', { turn: '1' })).not.toEqual(first);
    expect(await values('practice-laser', { seed: '8' })).not.toEqual(first);
  });

  test('a gauge reads degrees, a level signed gaps', async () => {
    const corner = await values('practice-gauge', {
      spot: JSON.stringify({ kind: 'corner', corner: 'left', upMm: 900 }),
    });
    expect(corner.at(-1)).toMatchObject({ unit: 'degrees' });
    expect(Math.abs(corner.at(-1).value - 90)).toBeLessThan(6);
    const plumb = { kind: 'plumb', wall: 'left', at: 'front', side: 'middle', upMm: 600, overMm: 1200 };
    expect((await values('practice-digital-level', { spot: JSON.stringify(plumb) })).at(-1)).toMatchObject({
      unit: 'mm',
    });
  });

  test.each([
    ['no such device', 'practice-sextant', {}, 404, 'no-such-device'],
    ['a spot it cannot read', 'practice-gauge', {}, 400, 'bad-request'],
    ['a spot that is none', 'practice-laser', { spot: '{"kind":"dream"}' }, 400, 'bad-request'],
    ['a spot of no height', 'practice-laser', { spot: '{"kind":"width","at":"front","upMm":-5}' }, 400, 'invalid-job'],
    ['words that are not JSON', 'practice-laser', { spot: 'front' }, 400, 'not-json'],
    ['a place that is none', 'practice-laser', { place: '{"kind":"cloud"}' }, 400, 'invalid-job'],
    ['a seed that is none', 'practice-laser', { seed: 'x' }, 400, 'bad-request'],
  ] as const)('%s is refused in plain words', async (_, device, more, status, code) => {
    const answer = await server.ask('GET', address(device, more));
    expect(answer.status).toBe(status);
    expect(answer.body.error).toMatchObject({ code, message: expect.stringMatching(/\.$/) });
  });
});
