/** Candidates for a reading by their covariances, before any of them is taken. */
export interface Choice {
  /** With each target, C by T. */
  readonly withTargets: readonly (readonly number[])[];
  /** With one another, C by C. */
  readonly amongThemselves: readonly (readonly number[])[];
  /** Variance of each candidate's own reading error. */
  readonly noise: readonly number[];
  /** What each target's variance counts for. */
  readonly counts: readonly number[];
  /** Trouble of taking each candidate. */
  readonly trouble: readonly number[];
}

/**
 * The readings that would be taken one after another, each the one worth most once those before it were taken: a
 * rank-one update of the covariances for each.
 * @param size how many readings to take
 * @returns indices of candidates, at most `size`
 */
export function oneAfterAnother(choice: Choice, size: number): number[] {
  const withTargets = choice.withTargets.map((row) => [...row]);
  const among = choice.amongThemselves.map((row) => [...row]);
  const picked: number[] = [];
  while (picked.length < size) {
    let [best, most] = [-1, 0];
    for (let c = 0; c < among.length; c += 1) {
      if (picked.includes(c)) continue;
      const worth = worthOf(withTargets[c] as number[], varianceOf(c), choice.counts) / (choice.trouble[c] as number);
      if (worth > most) [best, most] = [c, worth];
    }
    if (best < 0) break;
    picked.push(best);
    takeOff(best);
  }
  return picked;

  function varianceOf(c: number): number {
    return ((among[c] as number[])[c] as number) + (choice.noise[c] as number);
  }

  function takeOff(k: number): void {
    const variance = varianceOf(k);
    const [own, targets] = [[...(among[k] as number[])], [...(withTargets[k] as number[])]];
    for (let c = 0; c < among.length; c += 1) {
      const gain = (own[c] as number) / variance;
      if (gain === 0) continue;
      subtract(among[c] as number[], own, gain);
      subtract(withTargets[c] as number[], targets, gain);
    }
  }
}

/** What a reading takes off the variance of the targets: Σ counts cov² / variance. */
function worthOf(withTargets: readonly number[], variance: number, counts: readonly number[]): number {
  let sum = 0;
  for (let t = 0; t < withTargets.length; t += 1) sum += (counts[t] as number) * (withTargets[t] as number) ** 2;
  return sum / variance;
}

function subtract(from: number[], what: readonly number[], times: number): void {
  for (let i = 0; i < from.length; i += 1) from[i] = (from[i] as number) - times * (what[i] as number);
}
