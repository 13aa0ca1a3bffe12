import type { Part } from '../../design/fit';
import { drivenBy, type Fixing, type Needed } from '../../design/fixing';
import type { Job } from '../../job';
import { blanksOf, type CutGroup } from '../stock';
import type { Step } from './step';

const PUT_IN: ReadonlySet<Step['kind']> = new Set(['support', 'shelf', 'trim', 'assemble']);

/** What is made and how, as far as it is counted. */
export interface Book {
  readonly parts: readonly Part[];
  readonly fixings: readonly Fixing[];
  readonly needed: readonly Needed[];
  readonly cutList: readonly CutGroup[];
  readonly steps: readonly Step[];
}

/** What is in one list and not in the other, or in either more than once. */
function unlike(what: string, is: readonly string[], wanted: readonly string[]): string[] {
  const count = (all: readonly string[], id: string) => all.filter((one) => one === id).length;
  const ids = [...new Set([...is, ...wanted])];
  return ids.flatMap((id) => (count(is, id) === 1 && count(wanted, id) === 1 ? [] : [`${what}: ${id}`]));
}

/**
 * What a plan counts otherwise than once: every piece is listed, cut from stock, made and put in, and every screw is
 * driven in one step and bought.
 */
export function bookFaults({ parts, fixings, needed, cutList, steps }: Book, job: Job): string[] {
  const ids = parts.map((part) => part.id);
  const cut = parts.filter((part) => part.role !== 'mesh').map((part) => part.id);
  const put = new Set(steps.filter((step) => PUT_IN.has(step.kind)).flatMap((step) => step.parts));
  const byId = new Map(fixings.map((fixing) => [fixing.id, fixing]));
  const driven = new Map<string, number>();
  for (const id of steps.flatMap((step) => step.fixings)) {
    for (const { what, holes } of [byId.get(id)].flatMap((fixing) => (fixing ? drivenBy(fixing) : []))) {
      const name = JSON.stringify(what);
      driven.set(name, (driven.get(name) ?? 0) + holes.length);
    }
  }
  const bought = new Map(needed.map(({ what, count }) => [JSON.stringify(what), count]));
  return [
    ...unlike(
      'listed',
      cutList.flatMap((group) => group.rows.flatMap((row) => row.partIds)),
      ids,
    ),
    ...unlike(
      'from stock',
      blanksOf(parts, job).flatMap((blank) => blank.parts),
      cut,
    ),
    ...unlike(
      'cut',
      steps.filter((step) => step.kind === 'cut').flatMap((step) => step.parts),
      cut,
    ),
    ...ids.filter((id) => !put.has(id)).map((id) => `not put in: ${id}`),
    ...unlike(
      'driven',
      steps.flatMap((step) => step.fixings),
      fixings.map((fixing) => fixing.id),
    ),
    ...[...driven].flatMap(([name, count]) => (bought.get(name) === count ? [] : [`bought: ${name}`])),
  ];
}
