import type { Job, Mistake } from '../../job';
import { message } from '../../base/message';
import type { Step } from './step';

/** At which steps a mistake of each cause is guarded against. */
const AT: Readonly<Record<Mistake, (step: Step) => boolean>> = {
  misread: ({ kind }) => kind === 'cut' || kind === 'measure' || kind === 'mark',
  'measured-once': ({ kind }) => kind === 'measure' || kind === 'mark',
  thickness: ({ id, kind }) => id === 'buy' || kind === 'mark',
  kerf: ({ kind }) => kind === 'cut',
  mirrored: ({ kind }) => kind === 'joint' || kind === 'drill' || kind === 'dry-fit',
  'wrong-face': ({ kind }) => kind === 'joint' || kind === 'drill',
  'cut-short': ({ kind }) => kind === 'cut',
  'not-square': ({ kind }) => kind === 'dry-fit' || kind === 'assemble',
  split: ({ kind }) => kind === 'drill',
  'missed-stud': ({ id, kind }) => id === 'studs' || kind === 'support',
  order: ({ kind }) => kind === 'assemble' || kind === 'sand',
  'too-soon': ({ kind }) => kind === 'paint' || kind === 'load',
  forgotten: ({ id }) => id === 'buy' || id === 'level-line',
  other: () => false,
};

/** A step with what guards against mistakes that came again in other jobs. */
export function withGuards(step: Step, { learned }: Pick<Job, 'learned'>): Step {
  const guards = (learned?.mistakes ?? []).flatMap(({ cause }) =>
    cause !== 'other' && AT[cause](step) ? [message(`guard.${cause}`)] : [],
  );
  return guards.length > 0 ? { ...step, guards } : step;
}
