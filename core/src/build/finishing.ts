import type { Job, StepPlace } from '../job';
import { count, message, type Message } from '../message';
import type { Step, StepTool } from './step';
import { about } from './work';
import { written, type After } from './writer';

interface FinishingInput {
  readonly job: Pick<Job, 'stock' | 'build'>;
  /** In front of the ids of its steps, so that two lots can be finished one after the other. */
  readonly lot: string;
  readonly place: StepPlace;
  readonly areaM2: number;
  readonly after: readonly (After | null)[];
  readonly pieces: Message | null;
  readonly parts: readonly string[];
}

/** Minutes to the square metre, by what is put on; and to begin with each time, for tins and brushes. */
const PER_M2 = { primer: 6, paint: 7, conditioner: 4, stain: 6, clear: 6, oil: 6, wipe: 4 } as const;
const BEGIN_MIN = 10;

/**
 * A finish as it is put on: primer and coats; conditioner, stain within its window, clear coats; clear coats alone; oil, each
 * coat wiped off within its window. Nothing for bare wood.
 * @returns the steps, and what comes next waits for
 */
export function finishing({ job, lot, place, areaM2, after, pieces, parts }: FinishingInput): { steps: Step[]; ready: readonly After[] } {
  const { finish, coats } = job.stock;
  const steps: Step[] = [];
  let last: readonly (After | null)[] = after;
  const brush: readonly StepTool[] = ['brush', 'cloths', 'dust-sheet'];
  const put = (id: string, what: Message, per: keyof typeof PER_M2, how: readonly Message[], materials: readonly Message[], check: readonly Message[] = []) => {
    const minutes = about(BEGIN_MIN + areaM2 * PER_M2[per]);
    steps.push(written({ id: `${lot}${id}`, kind: 'paint', what, place, minutes, after: last, how, check, tools: brush, materials, parts }, job.build));
    return `${lot}${id}`;
  };
  const which = pieces === null ? [] : [message('how.pieces', { pieces: { is: 'message', message: pieces } })];
  const each = (of: 'paint' | 'clear') => {
    for (let coat = 1; coat <= coats; coat += 1) {
      const id = put(`${of}-${coat}`, message(`step.${of}`, { coat: count(coat) }), of, [message(coat === 1 ? `how.${of}` : 'how.betweenCoats')], [message(`buy.${of}`)], coat === coats ? [message('check.coat')] : []);
      last = [{ step: id, wait: of }];
    }
  };
  switch (finish) {
    case 'bare':
      return { steps, ready: after.filter((one) => one !== null) };
    case 'paint':
      last = [{ step: put('prime', message('step.prime'), 'primer', [message('how.prime'), ...which], [message('buy.primer')]), wait: 'primer' }];
      each('paint');
      break;
    case 'stain':
      last = [{ step: put('condition', message('step.condition'), 'conditioner', [message('how.condition'), ...which], [message('buy.conditioner')]), wait: 'conditioner' }];
      last = [{ step: put('stain', message('step.stain'), 'stain', [message('how.stain')], [message('buy.stain')], [message('check.stain')]), wait: 'stain' }];
      each('clear');
      break;
    case 'clear':
      each('clear');
      break;
    case 'oil':
      for (let coat = 1; coat <= coats; coat += 1) {
        last = [{ step: put(`oil-${coat}`, message('step.oil', { coat: count(coat) }), 'oil', [message('how.oil'), ...which], [message('buy.oil')]), wait: 'oil-wipe' }];
        last = [{ step: put(`wipe-${coat}`, message('step.wipe', { coat: count(coat) }), 'wipe', [message('how.wipe')], [], [message('check.wiped')]), wait: 'oil' }];
      }
  }
  return { steps, ready: last.filter((one) => one !== null) };
} // prettier-ignore
