import fc from 'fast-check';
import { stretchesOf } from './stretches';

const wide = (widthMm: number | null) => ({ widthMm });

test('a width asked for is kept, the others share the rest', () => {
  const all = stretchesOf([wide(800), wide(null), wide(null)], { left: -1200, right: 1200 }, [18, 0]);
  expect(all).toEqual([
    { fromMm: -1200, toMm: -400 },
    { fromMm: -382, toMm: 409 },
    { fromMm: 409, toMm: 1200 },
  ]);
});

test('bays that do not go in are none', () => {
  expect(stretchesOf([wide(800), wide(700)], { left: 0, right: 1400 }, [0])).toBeNull();
  expect(stretchesOf([wide(1380), wide(null)], { left: 0, right: 1400 }, [0])).toBeNull();
});

test('bays follow one another from the left edge, with what parts them in between', () => {
  const bay = fc.option(fc.integer({ min: 100, max: 600 })).map((mm) => wide(mm));
  fc.assert(
    fc.property(fc.array(bay, { minLength: 2, maxLength: 6 }), fc.integer({ min: 0, max: 40 }), (bays, between) => {
      const apart = bays.slice(1).map(() => between);
      const all = stretchesOf(bays, { left: 0, right: 4000 }, apart)!;
      expect(all[0]?.fromMm).toBe(0);
      all.slice(1).forEach((one, i) => expect(one.fromMm).toBeCloseTo((all[i]?.toMm ?? 0) + between, 6));
      if (bays.some(({ widthMm }) => widthMm === null)) expect(all.at(-1)?.toMm).toBeCloseTo(4000, 6);
    }),
  );
});
