import type { Job, StepPlace } from '../../../job';
import { count, message, type Message } from '../../../base/message';
import { usualMinutes, type Timed } from '../minutes';
import type { After, Written } from '../writer';

export interface FinishInput {
  readonly job: Pick<Job, 'stock'>;
  /** In front of the ids of its steps, so that two lots can be finished one after the other. */
  readonly lot: string;
  readonly place: StepPlace;
  readonly areaM2: number;
  readonly after: readonly (After | null)[];
  /** A line with the labels of the pieces, if that is said. */
  readonly pieces: readonly Message[];
  readonly parts: readonly string[];
}

/** One coat: its words, its time, and the wait after it. */
interface Coat {
  readonly id: string;
  readonly what: Message;
  readonly takes: Timed;
  readonly how: readonly Message[];
  readonly materials: readonly Message[];
  readonly check?: readonly Message[];
  readonly wait: Extract<After, object>['wait'];
}

/**
 * A finish as it is put on: primer and coats; conditioner, stain within its window, clear coats; clear coats alone;
 * oil, each coat wiped off within its window. Nothing for bare wood.
 * @returns the steps, and what comes next waits for
 */
export function finishSteps({ job, lot, place, areaM2, after, pieces, parts }: FinishInput): {
  steps: Written[];
  ready: readonly After[];
} {
  let last: readonly (After | null)[] = after;
  const steps = coatsOf(job.stock, pieces).map(({ id, what, takes, how, materials, check = [], wait }): Written => {
    const waits = last;
    last = [{ step: `${lot}${id}`, wait }];
    return {
      id: `${lot}${id}`,
      kind: 'paint',
      what,
      place,
      minutes: usualMinutes(takes, areaM2),
      after: waits,
      how,
      check,
      tools: ['brush', 'cloths', 'dust-sheet'],
      materials,
      parts,
    };
  });
  return { steps, ready: last.filter((before) => before !== null) };
}

/** Coats of a finish, in order. */
function coatsOf({ finish, coats }: Job['stock'], which: readonly Message[]): Coat[] {
  const numbers = Array.from({ length: coats }, (_, i) => i + 1);
  const each = (of: 'paint' | 'clear') => numbers.map((coat) => coatOf(of, coat, coats));
  switch (finish) {
    case 'bare':
      return [];
    case 'paint':
      return [primer(which), ...each('paint')];
    case 'stain':
      return [...stainCoats(which), ...each('clear')];
    case 'clear':
      return each('clear');
    case 'oil':
      return numbers.flatMap((coat) => oilCoat(coat, which));
  }
}

const coatOf = (of: 'paint' | 'clear', coat: number, coats: number): Coat => ({
  id: `${of}-${coat}`,
  what: message(`step.${of}`, { coat: count(coat) }),
  takes: of,
  how: [message(coat === 1 ? `how.${of}` : 'how.betweenCoats')],
  materials: [message(`buy.${of}`)],
  check: coat === coats ? [message('check.coat')] : [],
  wait: of,
});

const primer = (which: readonly Message[]): Coat => ({
  id: 'prime',
  what: message('step.prime'),
  takes: 'prime',
  how: [message('how.prime'), ...which],
  materials: [message('buy.primer')],
  wait: 'primer',
});

const stainCoats = (which: readonly Message[]): Coat[] => [
  {
    id: 'condition',
    what: message('step.condition'),
    takes: 'condition',
    how: [message('how.condition'), ...which],
    materials: [message('buy.conditioner')],
    wait: 'conditioner',
  },
  {
    id: 'stain',
    what: message('step.stain'),
    takes: 'stain',
    how: [message('how.stain')],
    materials: [message('buy.stain')],
    check: [message('check.stain')],
    wait: 'stain',
  },
];

const oilCoat = (coat: number, which: readonly Message[]): Coat[] => [
  {
    id: `oil-${coat}`,
    what: message('step.oil', { coat: count(coat) }),
    takes: 'oil',
    how: [message('how.oil'), ...which],
    materials: [message('buy.oil')],
    wait: 'oil-wipe',
  },
  {
    id: `wipe-${coat}`,
    what: message('step.wipe', { coat: count(coat) }),
    takes: 'wipe',
    how: [message('how.wipe')],
    materials: [],
    check: [message('check.wiped')],
    wait: 'oil',
  },
];
