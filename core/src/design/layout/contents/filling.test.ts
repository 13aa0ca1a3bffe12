import fc from 'fast-check';
import { Bound } from './bound';
import { Filling, OUT } from './filling';
import { fillBy } from './search';
import { type Kind } from './kinds';
import { kind, ground } from './placeTesting';

/** Some things of every sort, by a number. */
const assorted = (seed: number) =>
  Array.from({ length: 9 }, (_, i) =>
    kind(`k${i}`, {
      count: 1 + ((seed + i) % 3),
      often: (['daily', 'weekly', 'rarely'] as const)[(seed * 7 + i) % 3],
      kg: 1 + ((seed * 3 + i * 5) % 7),
      w: 60 + ((seed * 11 + i * 37) % 160),
      h: 90 + ((seed * 13 + i * 53) % 170),
    }),
  );

test('what stands in one space changes places with another, or moves past others, as if it were put there anew', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500 }),
      fc.integer({ min: 0, max: 5 }),
      fc.integer({ min: 0, max: 5 }),
      fc.boolean(),
      (seed, from, to, swaps) => {
        const [one, kinds] = [ground({ topMm: 2400, count: 5, step: 10 }), assorted(seed)];
        const filling = new Filling(one, kinds, 700);
        fillBy(filling, []);
        const before = filling.filled();
        if (swaps) filling.swap(from, to);
        else filling.shift(from, to);
        const anew = new Filling(one, kinds, 700);
        anew.fill(filling.filled());
        expect(filling.cost()).toBeCloseTo(anew.cost(), 6);
        for (const [k, counts] of filling.filled().counts.entries()) {
          const was = [...(before.counts[k] as readonly number[])];
          const taken = was[from] as number;
          if (swaps) [was[from], was[to]] = [was[to] as number, taken];
          else {
            was.splice(from, 1);
            was.splice(to, 0, taken);
          }
          expect(counts).toEqual(was);
        }
      },
    ),
  );
});

test('a filling after picks has no kind twice, all of one only where there is room, and the rest where it costs least', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
      const [one, kinds] = [ground({ topMm: 2400, count: 5, step: 10 }), assorted(seed)];
      const bound = new Bound(one, kinds, 700);
      const filling = new Filling(one, kinds, 700);
      const plain = fillBy(filling, []);
      for (let round = 0; round < 6; round += 1) {
        const { filled, cost } = fillBy(filling, bound.step(plain.cost));
        filled.counts.forEach((counts, k) => {
          const all = counts.reduce((sum, count) => sum + count, 0);
          expect(all).toBeLessThanOrEqual((kinds[k] as Kind).count);
          expect(all === (kinds[k] as Kind).count || cost >= OUT).toBe(true);
        });
        if (cost < OUT) expect(bound.atLeast(Infinity)).toBeLessThanOrEqual(cost + 1e-6);
      }
    }),
    { numRuns: 20 },
  );
});
