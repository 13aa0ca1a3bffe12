import { LOTS } from '../limits';
import type { Job } from '../schema';
import { mergeTrees, type Choose, type Contradiction, type Fields, type Rule, type Value } from './tree';

/** Places that are never taken apart: a half of one with a half of the other would say what nobody said. */
const WHOLE = new Set([
  'readings[]',
  'trials[]',
  'stock.coats',
  ...LOTS.map((lot) => `stock.lotCoats.${lot}`),
  'stock.saw.layouts',
  'build.calendar.free',
]);

/** Places at which nobody is asked, since either will do: what follows from other jobs, and ticks made twice. */
const EITHER = new Set(['errors', 'errors[]', 'learned', 'build.done[]', 'version', 'format']);

const ruleOf = (pattern: string): Rule => (WHOLE.has(pattern) ? 'whole' : EITHER.has(pattern) ? 'either' : undefined);

/** Two jobs made one, and where they contradict each other. */
export interface MergedJob {
  readonly job: Job;
  readonly contradictions: readonly Contradiction[];
}

/**
 * Merges what two devices made of one job, part by part: readings, things, ticks and all other lists by their entries,
 * wishes field by field.
 * @param base the version both began with; null where it is not known: nothing counts as removed then
 * @param choose the side that is taken where the two contradict each other; theirs when left away
 * @example mergeJobs(base, { ...base, name: 'A' }, { ...base, notes: 'B' }).contradictions // []
 */
export function mergeJobs(base: Job | null, mine: Job, theirs: Job, choose: Choose = () => 'theirs'): MergedJob {
  const options = { ruleOf, choose };
  const tree = (job: Job | null) => (job ?? undefined) as unknown as Value;
  const { merged, contradictions } = mergeTrees(tree(base), tree(mine), tree(theirs), options);
  return { job: merged as Fields as unknown as Job, contradictions };
}
