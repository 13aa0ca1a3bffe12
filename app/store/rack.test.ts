import type { Offcut } from '@dormer/core/job/document';
import { directCore, MapDevice, until } from '../test/setup';
import { after, type RackState } from './rack';
import { putOnRack, readRack, syncRack, takeFromRack } from './rackActions';
import { records } from './records';
import { createStore } from './store';

const piece = (id: string, lengthMm = 700): Offcut => ({
  id,
  form: 'strip',
  material: 'pine',
  thicknessMm: 20,
  widthMm: 45,
  lengthMm,
  note: '',
});

/** A server's rack behind `fetch`; it can be down. */
class PretendRack {
  pieces: Offcut[] = [];
  down = false;
  refuses: string | null = null;
  asked: string[] = [];
  readonly fetch = async (input: Request | string, init?: RequestInit): Promise<Response> => {
    const request = input instanceof Request ? input : new Request(input, init);
    if (this.down) throw new TypeError('Failed to fetch');
    const id = new URL(request.url).pathname.split('/')[3];
    this.asked.push(`${request.method} ${id ?? ''}`);
    if (id !== undefined && id === this.refuses)
      return new Response(JSON.stringify({ error: { code: 'invalid-request', message: 'no' } }), { status: 400 });
    if (this.refuses === 'another') return new Response('{}', { status: 421 });
    if (request.method === 'PUT')
      this.pieces = [...this.pieces.filter((one) => one.id !== id), (await request.json()) as Offcut];
    if (request.method === 'DELETE') this.pieces = this.pieces.filter((one) => one.id !== id);
    if (request.method !== 'GET') return new Response(null, { status: 204 });
    return new Response(JSON.stringify({ pieces: this.pieces }), { headers: { 'content-type': 'application/json' } });
  };
}

const quiet = { tell: () => undefined, hear: () => undefined, close: () => undefined };
let stop = () => undefined as void;
afterEach(() => stop());

function begin(server = new PretendRack(), device = new MapDevice()) {
  globalThis.fetch = server.fetch as typeof fetch;
  const store = createStore({ core: directCore, device, settleMs: 1, retryMs: 1000, tabs: quiet });
  stop = store.stop;
  store.dispatch(records.met({ server: 'home', knows: [] }));
  const ids = () => store.getState().rack.pieces.map((one) => one.id);
  const settled = () => until(() => store.getState().rack.waiting.length === 0);
  return { store, server, device, ids, settled };
}

test('a piece put on the rack is on the device at once and on the server soon', async () => {
  const { store, server, device, ids, settled } = begin();
  store.dispatch(putOnRack([piece('a'), piece('b')]));
  expect(ids()).toEqual(['a', 'b']);
  await settled();
  await until(() => device.rack?.waiting.length === 0);
  expect(server.pieces.map((one) => one.id)).toEqual(['a', 'b']);
});

test('without a signal it waits, in order, and goes once', async () => {
  const { store, server, device, ids, settled } = begin();
  server.down = true;
  store.dispatch(putOnRack([piece('a'), piece('b')]));
  store.dispatch(takeFromRack(['a']));
  await until(() => device.rack?.waiting.length === 3);
  expect(ids()).toEqual(['b']);
  server.down = false;
  await until(() => {
    void store.dispatch(syncRack());
    return store.getState().rack.waiting.length === 0;
  });
  await settled();
  expect(server.asked.filter((one) => !one.startsWith('GET'))).toEqual(['PUT a', 'PUT b', 'DELETE a']);
  expect(server.pieces.map((one) => one.id)).toEqual(['b']);
});

test('after a reload what waited is still there and is sent', async () => {
  const device = new MapDevice();
  // Kept by an earlier version: changes had no ids, and the rack no server.
  device.rack = { pieces: [piece('a')], waiting: [{ kind: 'put', piece: piece('a') }] } as unknown as RackState;
  const { store, server, settled } = begin(new PretendRack(), device);
  await store.dispatch(readRack());
  void store.dispatch(syncRack());
  await settled();
  expect(server.pieces.map((one) => one.id)).toEqual(['a']);
});

test('what another device put there comes in; what is still to be sent is not lost over it', async () => {
  const { store, server, ids, settled } = begin();
  server.pieces = [piece('theirs')];
  store.dispatch(putOnRack([piece('mine')]));
  await settled();
  await until(() => ids().includes('theirs'));
  expect(ids().sort()).toEqual(['mine', 'theirs']);
});

test('two tabs change the rack at once, and neither change is lost', async () => {
  const device = new MapDevice();
  const server = new PretendRack();
  server.down = true;
  const one = begin(server, device);
  const stopOne = one.store.stop;
  const two = begin(server, device);
  one.store.dispatch(putOnRack([piece('one')]));
  two.store.dispatch(putOnRack([piece('two')]));
  await until(() => device.rack?.waiting.length === 2);
  expect(device.rack?.pieces.map(({ id }) => id).sort()).toEqual(['one', 'two']);
  // The first tab comes to the front again: the other's piece is still there.
  await one.store.dispatch(readRack());
  expect(one.ids().sort()).toEqual(['one', 'two']);
  stopOne();
});

test('a rack of another server is brought along, whole', async () => {
  const { store, server, ids, settled } = begin();
  store.dispatch(putOnRack([piece('a'), piece('b')]));
  await settled();
  await until(() => store.getState().rack.server === 'home');
  server.pieces = [piece('theirs')];
  store.dispatch(records.met({ server: 'another', knows: [] }));
  await until(() => store.getState().rack.server === 'another' && store.getState().rack.waiting.length === 0);
  await until(() => ids().length === 3);
  expect(server.pieces.map(({ id }) => id).sort()).toEqual(['a', 'b', 'theirs']);
});

test('a change meant for one server is not taken by another', async () => {
  const { store, server } = begin();
  server.refuses = 'another';
  store.dispatch(putOnRack([piece('a')]));
  await until(() => server.asked.includes('PUT a'));
  expect(store.getState().rack.waiting).toHaveLength(1);
  expect(server.pieces).toEqual([]);
});

test('a piece the server will not have does not keep the others waiting', async () => {
  const server = new PretendRack();
  server.refuses = 'bad';
  const { store, settled } = begin(server);
  store.dispatch(putOnRack([piece('bad'), piece('good')]));
  await settled();
  expect(server.pieces.map((one) => one.id)).toEqual(['good']);
});

test('a piece put twice is there once, as it was put last', () => {
  const twice = [piece('a', 700), piece('a', 500)].reduce<readonly Offcut[]>(
    (all, one) => after(all, { id: 'x', kind: 'put', piece: one }),
    [],
  );
  expect(twice).toEqual([piece('a', 500)]);
});
