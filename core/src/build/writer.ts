import type { BuildWish, StepPlace, Wait } from '../job';
import type { Step, StepLag } from './step';
import { waitOf } from './waits';

/** A step as it is written down; what is left away is nothing, alone and quiet. */
export type Written = Pick<Step, 'id' | 'kind' | 'what' | 'minutes'> & { readonly place: StepPlace; readonly after?: readonly (After | null)[] } & Partial<Omit<Step, 'id' | 'kind' | 'what' | 'minutes' | 'usualMinutes' | 'place' | 'after'>>; // prettier-ignore

/** A step that comes before, or one of which it is known what is waited for. */
export type After = string | { readonly step: string; readonly wait: Wait };

/** A step with what is usual where nothing was said; how long it waits as the job has it. */
export function written({ after = [], ...said }: Written, build: Pick<BuildWish, 'waits'>): Step {
  return {
    who: 'alone',
    loud: false,
    how: [],
    check: [],
    tools: [],
    materials: [],
    parts: [],
    fixings: [],
    sheets: [],
    cautions: [],
    guards: [],
    usualMinutes: said.minutes,
    shelf: null,
    ...said,
    after: after.flatMap((one) => (one === null ? [] : [lagOf(one, build)])),
  };
}

function lagOf(one: After, build: Pick<BuildWish, 'waits'>): StepLag {
  if (typeof one === 'string') return { step: one, leastMin: 0, mostMin: null, wait: null };
  return { step: one.step, ...waitOf(one.wait, build), wait: one.wait };
}
