import fc from 'fast-check';
import { STEP_PLACES } from '../../../job';
import type { Lag, Ordered, Travel } from './network';

/** Ways as between a house, a workshop nearby and a shop in town. Minutes. */
export const WAYS: Travel = (from, to) => (from === to ? 0 : from === 'shop' || to === 'shop' ? 30 : 5);

/** Random steps, each after some of those before it, with waits and now and then a limit to one. */
export function someSteps({
  most,
  limits,
}: {
  readonly most: number;
  readonly limits: boolean;
}): fc.Arbitrary<Ordered[]> {
  const step = fc.record({
    place: fc.constantFrom(...STEP_PLACES),
    minutes: fc.integer({ min: 1, max: 60 }),
    after: fc.array(
      fc.record({
        back: fc.integer({ min: 1, max: 4 }),
        least: fc.constantFrom(0, 0, 15, 60, 240),
        room: fc.constantFrom(null, null, null, 10, 45, 120),
      }),
      { maxLength: 2 },
    ),
  });
  return fc.array(step, { minLength: 1, maxLength: most }).map((all) =>
    all.map(({ place, minutes, after }, i): Ordered => {
      const lags = after.flatMap(({ back, least, room }): Lag[] =>
        i < back
          ? []
          : [{ step: `s${i - back}`, leastMin: least, mostMin: limits && room !== null ? least + room : null }],
      );
      return {
        id: `s${i}`,
        place,
        minutes,
        after: lags.filter((lag, k) => lags.findIndex((other) => other.step === lag.step) === k),
      };
    }),
  );
}
