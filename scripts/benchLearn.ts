import { ownTimes } from '@dormer/core/work/log';
import { randomFrom } from '@dormer/core/base/random';
import { learnErrors } from '@dormer/core/place/survey';

// Prints how near estimates of a simulated person come to the truth: own speed by timed steps, own reading error by
// repeats.

const PERSONS = 200;
const percent = (log: number) => `${(100 * (Math.exp(log) - 1)).toFixed(0)} %`;
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;

console.log('| timed steps of a kind | error of the own time, mean |');
console.log('| ---: | ---: |');
for (const steps of [0, 1, 3, 10, 30, 100]) {
  const off = Array.from({ length: PERSONS }, (_, seed) => {
    const draw = randomFrom(seed + 1);
    const truth = Math.exp(draw.between(-0.6, 0.6));
    const took = Array.from({ length: steps }, () => ({
      kind: 'cut',
      usualMin: 30,
      tookMin: 30 * truth * Math.exp(0.5 * draw.normal()),
    }));
    return Math.abs(Math.log((ownTimes(took)[0]?.factor ?? 1) / truth));
  });
  console.log(`| ${steps} | ${percent(mean(off))} |`);
}

console.log('\n| repeats | own error, mean (true 1.50) | error, mean |');
console.log('| ---: | ---: | ---: |');
for (const repeats of [0, 4, 16, 64, 256]) {
  const found = Array.from({ length: PERSONS }, (_, seed) => {
    const draw = randomFrom(seed + 1);
    // Each repeat beyond the first has one square of its own.
    const squares = Array.from({ length: repeats }, () => (1.5 * draw.normal()) ** 2).reduce(
      (sum, one) => sum + one,
      0,
    );
    return learnErrors([{ instrument: 'tape', repeats, squares }])[0]!.factor;
  });
  console.log(
    `| ${repeats} | ${mean(found).toFixed(2)} | ${percent(mean(found.map((one) => Math.abs(Math.log(one / 1.5)))))} |`,
  );
}
