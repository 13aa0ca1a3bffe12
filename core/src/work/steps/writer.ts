import type { BuildWish, StepPlace, Wait } from '../../job';
import type { Step, StepLag } from './step';
import { waitOf } from './waits';

/** A step as it is written down; what is left away is nothing, alone and quiet. */
export type Written = Pick<Step, 'id' | 'kind' | 'what' | 'minutes'> & {
  readonly place: StepPlace;
  readonly after?: readonly (After | null)[];
} & Partial<Omit<Step, 'id' | 'kind' | 'what' | 'minutes' | 'usualMinutes' | 'place' | 'after'>>;

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
    after: after.flatMap((before) => (before === null ? [] : [lagOf(before, build)])),
  };
}

function lagOf(before: After, build: Pick<BuildWish, 'waits'>): StepLag {
  if (typeof before === 'string') return { step: before, leastMin: 0, mostMin: null, wait: null };
  return { step: before.step, ...waitOf(before.wait, build), wait: before.wait };
}

/**
 * Appends a step.
 * @returns its id
 */
export type Put = (step: Written) => string;

/** Returns an empty list of steps and the function that appends to it. */
export function stepWriter(build: Pick<BuildWish, 'waits'>): { readonly steps: Step[]; readonly put: Put } {
  const steps: Step[] = [];
  const put: Put = (step) => {
    steps.push(written(step, build));
    return step.id;
  };
  return { steps, put };
}
