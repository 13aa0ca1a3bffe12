import type { Problem } from '../../../base/problem';
import type { Checked, Finding } from './finding';
import { looseFound } from './held';
import { overlapsFound } from './overlaps';
import { restsFound } from './rests';
import { thingsMet, wallsMet } from './room';
import { screwsFound } from './screws';

export type { Checked, Finding, FindingCode } from './finding';

/** Everything that does not hold of a body as it stands in its room. */
export function checkBody(built: Checked): Finding[] {
  const rests = restsFound(built);
  // What does not lie where it should is not said to be loose as well.
  const restless = rests.flatMap(({ of }) => of.slice(0, 1));
  return [
    ...overlapsFound(built),
    ...thingsMet(built),
    ...wallsMet(built),
    ...looseFound(built, restless),
    ...rests,
    ...screwsFound(built),
  ];
}

/** Findings as problems: of those alike at one shelf the worst is said. */
export function bodyProblems(findings: readonly Finding[]): Problem[] {
  const worst = new Map<string, Finding>();
  for (const finding of findings) {
    const key = `${finding.code} ${JSON.stringify(finding.problem.about)}`;
    const known = worst.get(key);
    if (!known || finding.byMm > known.byMm) worst.set(key, finding);
  }
  return [...worst.values()].map(({ problem }) => problem);
}
