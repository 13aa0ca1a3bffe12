import { chimneyAlcove } from '../demo';
import { typedLength, type Reading } from '../job';
import { checkReadings, suggestReadings, type Spot } from '.';

const mm = (value: number) => typedLength(String(value), 'mm');
const take = (spot: Spot, id: string): Reading => {
  if (spot.kind === 'width') return { kind: 'width', id, at: spot.at, up: mm(spot.upMm), value: mm(1000) };
  if (spot.kind === 'depth') return { kind: 'depth', id, side: spot.side, up: mm(spot.upMm), value: mm(400) };
  return { kind: 'height', id, side: spot.side, at: spot.at, value: mm(2400) };
};

test('a reading far from its fellows is named; crooked ones are not', () => {
  const readings = chimneyAlcove().readings;
  expect(checkReadings(readings)).toEqual([]);
  const slipped = readings.map((one, i) => (i === 1 ? { ...one, value: mm(1226) } : one));
  expect(checkReadings(slipped).map((problem) => problem.about)).toEqual([{ is: 'reading', id: readings[1]?.id }]);
});

test('two readings that disagree do not say which of them slipped', () => {
  const [first, second] = chimneyAlcove().readings;
  expect(checkReadings([first!, { ...second!, value: mm(900) }])).toEqual([]);
});

test('following the suggestions takes one of each kind first, then every shelf, and ends', () => {
  const shelfTopsMm = [500, 1200, 1900];
  let readings: Reading[] = [];
  const order: string[] = [];
  for (let i = 0; i < 30; i += 1) {
    const [next] = suggestReadings({ readings, units: 'mm', shelfTopsMm });
    if (!next) break;
    order.push(next.spot.kind);
    readings = [...readings, take(next.spot, `r${i}`)];
  }
  expect(order.slice(0, 4)).toEqual(['width', 'height', 'depth', 'width']);
  expect(order).toHaveLength(10);
  const nearEvery = shelfTopsMm.every((top) =>
    (['back', 'front'] as const).every((at) =>
      readings.some((one) => one.kind === 'width' && one.at === at && Math.abs(one.up.mm - top) <= 100),
    ),
  );
  expect(nearEvery).toBe(true);
});

test('the same reading is not asked for again after it was taken elsewhere in the same band', () => {
  const readings = [take({ kind: 'width', at: 'back', upMm: 1150 }, 'a')];
  const spots = suggestReadings({ readings, units: 'mm', shelfTopsMm: [1200] }).map((one) => one.spot);
  expect(spots).not.toContainEqual(expect.objectContaining({ kind: 'width', at: 'back' }));
  expect(spots[0]).toMatchObject({ kind: 'height' });
});
