import { newPlace, type Reading } from '../../job';
import {
  chanceAt,
  crookedRoom,
  FIXED_ORDER,
  SHELF_BY_SHELF,
  slipOf,
  takeAll,
  takeReading,
  TRIAL_BOARDS,
  TRIAL_SIZE,
  type Room,
} from '../../rigs/practice';
import { randomFrom } from '../../base/random';
import { at, minus, surveyOf, type Functional } from '.';
import { jobOf } from './testing';

// The rooms are not made the way the survey believes rooms to be: tilts are uniform, bows are sums of waves.
const place = newPlace('alcove');
const rooms = Array.from({ length: 200 }, (_, i) => ({
  seed: i + 1,
  room: crookedRoom({ place, seed: i + 1, size: TRIAL_SIZE }),
}));

/** What boards depend on, and positions of every surface. */
const asked: readonly (readonly [name: string, terms: Functional])[] = TRIAL_BOARDS.flatMap(({ upMm: z, outMm }) => {
  const side = (wall: 'left' | 'right', y: number) => at(wall, y, z);
  return [
    ['left', side('left', 0)],
    ['right', side('right', outMm)],
    ['width', minus(side('right', 0), side('left', 0))],
    ['width', minus(side('right', outMm), side('left', outMm))],
    ['end', minus(side('left', outMm), side('left', 0))],
    ['end', minus(side('right', outMm), side('right', 0))],
    ['back', at('back', 0, z)],
    ['depth', minus(at('front', 0, z), at('back', 0, z))],
    ['floor', at('floor', 400, 300)],
    ['ceiling', at('ceiling', 0, 300)],
  ] as const;
});
const truly = (room: Room, terms: Functional) =>
  terms.reduce((sum, term) => sum + term.weight * room.position(term.surface as 'left', term.s, term.z), 0);

test('68 % and 95 % bands hold 68 ± 6 % and 95 ± 4 % of the truth', () => {
  const misses: { name: string; z: number }[] = [];
  for (const { seed, room } of rooms) {
    const { solved } = surveyOf(jobOf(takeAll(room, FIXED_ORDER, seed)));
    for (const [name, terms] of asked) {
      const { mean, sd } = solved.ask(terms);
      misses.push({ name, z: Math.abs(mean - truly(room, terms)) / sd });
    }
  }
  const within = (limit: number, of = misses) => (100 * of.filter((one) => one.z < limit).length) / of.length;
  expect(misses.length).toBe(rooms.length * asked.length);
  expect(Math.abs(within(0.994) - 68)).toBeLessThanOrEqual(6);
  expect(Math.abs(within(1.96) - 95)).toBeLessThanOrEqual(4);
  // Not only on the whole: the widths boards are cut by hold for themselves.
  const widths = misses.filter((one) => one.name === 'width');
  expect(Math.abs(within(0.994, widths) - 68)).toBeLessThanOrEqual(6);
  expect(Math.abs(within(1.96, widths) - 95)).toBeLessThanOrEqual(4);
});

test('with 5 % slips among 12 readings, nine in ten over 8 mm are set aside and hardly a good one is', () => {
  let [slips, caught, good, wronged] = [0, 0, 0, 0];
  for (let seed = 1; seed <= 600; seed += 1) {
    const room = crookedRoom({ place, seed, size: TRIAL_SIZE });
    const random = randomFrom(seed + 5000);
    const slipped = new Set<string>();
    const readings = SHELF_BY_SHELF.map((spot, i): Reading => {
      const id = `r${i}`;
      const plain = takeReading({ room, spot, random: chanceAt(seed, spot), id });
      if (random.uniform() >= 0.05) return plain;
      const slip = slipOf('mm' in plain.value ? plain.value.mm : 0, random);
      if (Math.abs(slip) > 8) slipped.add(id);
      return takeReading({ room, spot, random: chanceAt(seed, spot), id, slip });
    });
    for (const { id, state } of surveyOf(jobOf(readings)).checks) {
      if (slipped.has(id)) [slips, caught] = [slips + 1, caught + (state === 'aside' ? 1 : 0)];
      else [good, wronged] = [good + 1, wronged + (state === 'aside' ? 1 : 0)];
    }
  }
  expect(slips).toBeGreaterThan(200);
  expect(caught / slips).toBeGreaterThanOrEqual(0.9);
  expect(wronged / good).toBeLessThanOrEqual(0.03);
});
