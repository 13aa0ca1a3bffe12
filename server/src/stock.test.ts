import { parcelBench } from '@dormer/core/rigs/demo';
import { readJob } from '@dormer/core/job';
import { PRACTICE_SUPPLIER } from './stand-ins/practiceSupplier';
import { RunningServer } from './test/running';

let server: RunningServer;
beforeEach(async () => {
  server = await RunningServer.start();
});
afterEach(() => server.stopAndClear());

const piece = {
  id: 'rest-1',
  form: 'strip',
  material: 'pine',
  thicknessMm: 20,
  widthMm: 45,
  lengthMm: 730,
  note: 'Alcove',
} as const;
const rack = async () => (await server.ask('GET', '/api/rack')).body.pieces as unknown[];

describe('the offcut rack', () => {
  test('a piece put there is on it, twice put is once, taken it is gone, twice taken is no fault', async () => {
    expect(await rack()).toEqual([]);
    for (let times = 0; times < 2; times += 1)
      expect((await server.ask('PUT', '/api/rack/rest-1', piece)).status).toBe(204);
    expect(await rack()).toEqual([piece]);
    for (let times = 0; times < 2; times += 1)
      expect((await server.ask('DELETE', '/api/rack/rest-1')).status).toBe(204);
    expect(await rack()).toEqual([]);
  });

  test('stays over a restart, for every job', async () => {
    await server.ask('PUT', '/api/rack/rest-1', piece);
    const { folder } = server;
    await server.stop();
    server = await RunningServer.start(folder);
    expect(await rack()).toEqual([piece]);
  });

  test('what is no piece of wood is refused with its field, and nothing is put there', async () => {
    const bad = await server.ask('PUT', '/api/rack/rest-1', { ...piece, lengthMm: -5 });
    expect(bad.status).toBe(400);
    expect(bad.body.error.fields.map((field: { path: string }) => field.path)).toEqual(['lengthMm']);
    const other = await server.ask('PUT', '/api/rack/rest-2', piece);
    expect(other.body.error.message).toBeDefined();
    expect(other.status).toBe(400);
    expect(await rack()).toEqual([]);
  });

  test('many at once are all there', async () => {
    const pieces = Array.from({ length: 20 }, (_, i) => ({ ...piece, id: `rest-${i}` }));
    const puts = pieces.map((one) => server.ask('PUT', `/api/rack/${one.id}`, one));
    const saves = [server.ask('POST', '/api/jobs', { job: parcelBench(), saveId: 'one' })];
    const answers = await Promise.all([...puts, ...saves]);
    expect(answers.map((answer) => answer.status)).toEqual([...pieces.map(() => 204), 201]);
    expect(await rack()).toHaveLength(20);
  });
});

describe('suppliers', () => {
  test('the practice yard says that it is simulated', async () => {
    const { body } = await server.ask('GET', '/api/suppliers');
    expect(body.suppliers).toEqual([{ id: 'practice-yard', name: 'Practice yard', simulated: true }]);
  });

  test('asked twice it says the same; its prices are near those planned', async () => {
    const items = [
      { item: 'board-pine-18x400-1200', price: 16 },
      { item: 'screw-5-70:50', price: 5 },
    ];
    const ask = () => server.ask('POST', '/api/suppliers/practice-yard/quote', { items });
    const [one, two] = [await ask(), await ask()];
    expect(one.status).toBe(200);
    expect(one.body).toEqual(two.body);
    expect(one.body.quotes.map((quote: { item: string }) => quote.item)).toEqual(items.map((item) => item.item));
    for (const [i, quote] of (one.body.quotes as { price: number; left: number }[]).entries()) {
      expect(quote.price).toBeGreaterThanOrEqual(items[i]!.price * 0.85);
      expect(quote.price).toBeLessThanOrEqual(items[i]!.price * 1.25);
      expect(Number.isInteger(quote.left)).toBe(true);
    }
  });

  test('of some things it has few, of most enough', async () => {
    const asked = Array.from({ length: 400 }, (_, i) => ({ item: `thing-${i}`, price: 1 }));
    const quotes = await PRACTICE_SUPPLIER.quote(asked);
    const few = quotes.filter((quote) => quote.left < 3).length;
    expect(few).toBeGreaterThan(5);
    expect(few).toBeLessThan(60);
  });

  test('an unknown one, and a question that is none, are refused in words', async () => {
    expect((await server.ask('POST', '/api/suppliers/no-one/quote', { items: [] })).status).toBe(404);
    const bad = await server.ask('POST', '/api/suppliers/practice-yard/quote', { items: [{ item: '', price: -1 }] });
    expect(bad.status).toBe(400);
    expect(bad.body.error.fields.length).toBeGreaterThan(0);
  });
});

test('a job of before buying was known of is read with what is usual', () => {
  const { stock: _stock, ...old } = parcelBench();
  const read = readJob({ ...old, version: 5 });
  expect(read.ok && read.value).toMatchObject({ region: 'uk' });
  expect(read.ok && read.value.stock).toMatchObject({ kerf: { mm: 3 }, useRack: true, own: [] });
});
