import fc from 'fast-check';
import { bruteForce } from './bruteForce';
import { cycleIn, networkOf, type Lag, type Ordered } from './network';
import { oneWorkerBound } from './oneWorker';
import { orderSteps } from './orderSteps';
import { earliestTimes } from './times';
import { someSteps, WAYS } from './testing';

const after = (step: string, leastMin = 0, mostMin: number | null = null): Lag => ({ step, leastMin, mostMin });
const step = (id: string, place: Ordered['place'], minutes: number, ...lags: Lag[]): Ordered => ({
  id,
  place,
  minutes,
  after: lags,
});
const idsOf = (all: readonly { step: string }[]) => all.map((one) => one.step).join(' ');

describe('small jobs ordered by hand', () => {
  test('what can be done at a place is done before it is left', () => {
    const steps = [
      step('fill', 'site', 20),
      step('cut', 'workshop', 60),
      step('prime', 'site', 30),
      step('sand', 'workshop', 30, after('cut')),
      step('hang', 'site', 40, after('sand'), after('prime')),
    ];
    const { changes, steps: order, proven, elapsedMin } = orderSteps({ steps, travel: WAYS });
    // Either all of the workshop first, or one more walk: workshop, then site.
    expect(changes).toBe(1);
    expect(idsOf(order).startsWith('cut sand')).toBe(true);
    expect(elapsedMin).toBe(60 + 30 + 5 + 20 + 30 + 40);
    expect(proven).toBe(true);
  });

  test('waits overlap with other work in the same place', () => {
    const steps = [
      step('sweep', 'site', 50),
      step('fill', 'site', 10),
      step('sand', 'site', 10, after('fill', 60)),
      step('mark', 'site', 10),
    ];
    const { steps: order, elapsedMin, proven } = orderSteps({ steps, travel: WAYS });
    // Fill first; sweeping and marking are an hour, just what the filler takes.
    expect(order[0]!.step).toBe('fill');
    expect(order.at(-1)!.step).toBe('sand');
    expect(elapsedMin).toBe(10 + 60 + 10);
    expect(proven).toBe(true);
  });

  test('a stain goes on within its window, so what opens the window waits', () => {
    // The conditioner must be stained 5 to 30 minutes later, and nothing stains before the lamp is hung: 45 minutes’
    // work.
    const steps = [
      step('condition', 'workshop', 10),
      step('lamp', 'workshop', 45),
      step('stain', 'workshop', 20, after('condition', 5, 30), after('lamp')),
    ];
    const { steps: order, tooShort } = orderSteps({ steps, travel: WAYS });
    expect(idsOf(order)).toBe('lamp condition stain');
    expect(order[2]!.startMin - order[1]!.endMin).toBe(5);
    expect(tooShort).toEqual([]);
  });

  test('a window that is already open keeps its end', () => {
    const steps = [step('sweep', 'site', 50), step('stain', 'site', 20)];
    const input = { steps, travel: WAYS, at: 'site' as const };
    const { steps: order } = orderSteps({
      ...input,
      running: [{ step: 'condition', to: 'stain', leastMin: -3, mostMin: 22 }],
    });
    expect(idsOf(order)).toBe('stain sweep');
    const waiting = orderSteps({ ...input, running: [{ step: 'condition', to: 'stain', leastMin: 30, mostMin: 80 }] });
    expect(idsOf(waiting.steps)).toBe('sweep stain');
  });

  test('the way is counted from where one is', () => {
    const [only] = orderSteps({ steps: [step('buy', 'shop', 20)], travel: WAYS, at: 'site' }).steps;
    expect(only).toEqual({ step: 'buy', startMin: 30, endMin: 50 });
  });
});

describe('a window that cannot be met', () => {
  test('is named with what it takes, and the rest is ordered without it', () => {
    const steps = [
      step('condition', 'workshop', 10),
      step('glue', 'workshop', 15, after('condition')),
      step('stain', 'workshop', 20, after('condition', 5, 30), after('glue', 60)),
    ];
    const { tooShort, steps: order } = orderSteps({ steps, travel: WAYS });
    expect(tooShort).toEqual([{ from: 'condition', to: 'stain', mostMin: 30, neededMin: 75, proven: true }]);
    expect(idsOf(order)).toBe('condition glue stain');
  });

  test('two that stand against one another: one of them is named, with what it takes then', () => {
    // Both must be followed within ten minutes by a thing that itself takes twenty.
    const steps = [
      step('a', 'site', 5),
      step('b', 'site', 5),
      step('after-a', 'site', 20, after('a', 0, 10), after('b')),
      step('after-b', 'site', 20, after('b', 0, 10), after('a')),
    ];
    const { tooShort, steps: order } = orderSteps({ steps, travel: WAYS });
    expect(tooShort).toHaveLength(1);
    expect(tooShort[0]!.neededMin).toBeGreaterThanOrEqual(20);
    expect(order).toHaveLength(4);
  });

  test('steps that go round in a circle are found in their order', () => {
    expect(cycleIn([step('a', 'site', 1), step('b', 'site', 1, after('c')), step('c', 'site', 1, after('b'))])).toEqual(
      ['c', 'b'],
    );
    expect(cycleIn([step('a', 'site', 1), step('b', 'site', 1, after('a'))])).toBeNull();
    expect(cycleIn([step('a', 'site', 1, after('a'))])).toEqual(['a']);
  });
});

describe('one worker', () => {
  test('heads, hands and tails: Carlier’s example', () => {
    // J. Carlier, The one-machine sequencing problem, EJOR 11 (1982), table 1: heads, times and tails of seven jobs.
    const table = [
      [10, 5, 7],
      [13, 6, 26],
      [11, 7, 24],
      [20, 4, 21],
      [30, 3, 8],
      [0, 6, 17],
      [30, 2, 0],
    ] as const;
    const bound = oneWorkerBound(table.map(([head, minutes, tail]) => ({ head, minutes, tail })));
    // With breaking off, no schedule is over before the worst set lets it: here jobs 2, 3 and 4.
    const sets = subsets(table).map(
      (set) =>
        Math.min(...set.map((one) => one[0])) +
        set.reduce((sum, one) => sum + one[1], 0) +
        Math.min(...set.map((one) => one[2])),
    );
    expect(bound).toBe(Math.max(...sets));
  });

  test('nothing to do takes no time', () => expect(oneWorkerBound([])).toBe(0));
});

function subsets<T>(all: readonly T[]): T[][] {
  return Array.from({ length: 2 ** all.length - 1 }, (_, i) => all.filter((_one, k) => (i + 1) & (1 << k)));
}

describe('random jobs', () => {
  test('up to nine steps, no order looked at one by one is better', () => {
    fc.assert(
      fc.property(someSteps({ most: 9, limits: true }), (steps) => {
        const brute = bruteForce(steps, WAYS);
        const found = orderSteps({ steps, travel: WAYS, nodes: 1e6 });
        if (!brute) {
          expect(found.tooShort.length).toBeGreaterThan(0);
          return;
        }
        expect(found.tooShort).toEqual([]);
        expect(found.changes).toBe(brute.changes);
        expect(found.elapsedMin).toBeCloseTo(brute.elapsedMin, 6);
        expect(found.proven).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  test('no wait is shorter or longer than it may be, nothing overlaps, every way is gone', () => {
    fc.assert(
      fc.property(someSteps({ most: 24, limits: true }), (steps) => {
        const found = orderSteps({ steps, travel: WAYS, nodes: 300 });
        expect(found.steps.map((one) => one.step).sort()).toEqual(steps.map((one) => one.id).sort());
        const by = new Map(found.steps.map((one) => [one.step, one]));
        const loose = new Set(found.tooShort.map((one) => `${one.from}>${one.to}`));
        for (const { id, minutes, after: lags } of steps) {
          const own = by.get(id)!;
          expect(own.endMin - own.startMin).toBeCloseTo(minutes, 9);
          for (const lag of lags) {
            const wait = own.startMin - by.get(lag.step)!.endMin;
            expect(wait).toBeGreaterThanOrEqual(lag.leastMin - 1e-6);
            if (lag.mostMin !== null && !loose.has(`${lag.step}>${id}`))
              expect(wait).toBeLessThanOrEqual(lag.mostMin + 1e-6);
          }
        }
        found.steps.slice(1).forEach((one, k) => {
          const before = found.steps[k]!;
          const [from, to] = [before, one].map((each) => steps.find(({ id }) => id === each.step)!.place);
          expect(one.startMin).toBeGreaterThanOrEqual(before.endMin + WAYS(from!, to!) - 1e-6);
        });
        expect(found.boundChanges).toBeLessThanOrEqual(found.changes);
        if (found.changes === found.boundChanges)
          expect(found.boundElapsedMin).toBeLessThanOrEqual(found.elapsedMin + 1e-6);
      }),
    );
  });

  test('beginnings are the earliest there are: a minute less breaks something', () => {
    fc.assert(
      fc.property(someSteps({ most: 7, limits: true }), (steps) => {
        const network = networkOf(steps);
        const starts = earliestTimes(network.sorted, network, WAYS);
        if (!starts) return;
        const holds = (times: readonly number[]) => {
          const at = new Map(network.sorted.map((one, k) => [one, times[k]!]));
          return times.every((time, k) => {
            const own = network.sorted[k]!;
            const before = network.sorted[k - 1];
            if (time < -1e-9) return false;
            if (
              before !== undefined &&
              time <
                times[k - 1]! + network.minutes[before]! + WAYS(network.places[before]!, network.places[own]!) - 1e-9
            )
              return false;
            return network.into[own]!.every((arc) => {
              const wait = time - at.get(arc.from)! - network.minutes[arc.from]!;
              return wait >= arc.leastMin - 1e-9 && wait <= arc.mostMin + 1e-9;
            });
          });
        };
        expect(holds(starts)).toBe(true);
        starts.forEach((_, k) => expect(holds(starts.map((time, i) => (i === k ? time - 1 : time)))).toBe(false));
      }),
    );
  });
});
