import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { typedLength, type Job, type Thing } from '@dormer/core/job';
import { layOut, type Contents } from '@dormer/core/design/layout';
import { openingOf } from '@dormer/core/place/opening';
import { typedMass } from '@dormer/core/base/quantity';
import { randomFrom } from '@dormer/core/base/random';
import { surveyOf } from '@dormer/core/place/survey';
import { underOf } from '@dormer/core/design/system';

// Prints how long heights by what is stored take to decide, whether everything has room, and how far from the best a
// layout can be at the most: medians over made-up lists of things, and the worst of them.

const mm = (value: number) => typedLength(String(Math.round(value)), 'mm');

/** Things as people have them: mostly small, some large, now and then to be stacked. */
function things(count: number, seed: number, most: number): Thing[] {
  const random = randomFrom(seed);
  return Array.from({ length: count }, (_, i) => {
    const high = random.between(60, 300);
    return {
      id: `thing-${i}`,
      name: `Thing ${i}`,
      width: mm(random.between(40, 260)),
      height: mm(high),
      depth: mm(random.between(80, 330)),
      weight: typedMass(Math.round(random.between(2, 60)) / 10, '', 'kg'),
      count: 1 + Math.floor(random.uniform() * most),
      often: random.pick(['daily', 'weekly', 'rarely'] as const),
      lift: mm(20),
      stack: random.uniform() < 0.3 ? 2 : 1,
      flat: random.uniform() < 0.2,
    };
  });
}

const alcove = chimneyAlcove();
const opening = openingOf(surveyOf(alcove));

function wanted(shelves: number, list: Thing[]): Job {
  const wish = {
    ...alcove.shelves,
    way: 'contents',
    count: shelves,
    bottom: { kind: 'floor' },
    top: { kind: 'ceiling' },
  } as const;
  return {
    ...alcove,
    things: list,
    place: { ...alcove.place, keepClears: alcove.place.keepClears },
    shelves: { ...wish, leastGap: mm(60) },
  };
}

const middle = (values: number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;

function measure(name: string, runs: number, job: (seed: number) => Job): void {
  const took: number[] = [];
  const found: Contents[] = [];
  for (let seed = 1; seed <= runs; seed += 1) {
    const one = job(seed);
    const input = { job: one, opening, under: underOf(one) };
    if (seed === 1) layOut(input);
    const from = performance.now();
    const { contents } = layOut(input);
    took.push(performance.now() - from);
    if (contents) found.push(contents);
  }
  const whole = found.filter((one) => one.leftOut.length === 0);
  const share = ({ worth: { cost, atLeast } }: Contents) => (cost > 0 ? (100 * (cost - atLeast)) / cost : 0);
  const shares = whole.map(share);
  const most = (value: number) => `${value.toFixed(0)} %`;
  const gap =
    shares.length > 0
      ? `; at most ${most(middle(shares))} could be gained (${most(Math.max(...shares))} in the worst)`
      : '';
  process.stdout.write(
    `${name}: median ${middle(took).toFixed(0)} ms, slowest ${Math.max(...took).toFixed(0)} ms; ` +
      `everything in ${whole.length} of ${runs}${gap}\n`,
  );
}

measure('12 shelves, 40 kinds', 15, (seed) => wanted(12, things(40, seed, 1)));
measure('6 shelves, 20 kinds', 15, (seed) => wanted(6, things(20, seed, 2)));
measure('3 shelves, 4 kinds', 15, (seed) => wanted(3, things(4, seed, 2)));
measure('6 shelves, 60 kinds, more than fit', 5, (seed) => wanted(6, things(60, seed, 3)));
measure('5 shelves, 200 kinds, far more than fit', 3, (seed) => wanted(5, things(200, seed, 3)));
