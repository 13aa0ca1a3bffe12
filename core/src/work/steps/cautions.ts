import { message, type Message, type MessageCode } from '../../base/message';
import type { Step } from './step';
import { intoWall, type Work } from './work';

type Bites = (step: Step, fixings: Work['fixings']) => boolean;

const drillsWall: Bites = (step, fixings) =>
  fixings.some((fixing) => step.fixings.includes(fixing.id) && intoWall(fixing));
const saws: Bites = ({ kind }) => kind === 'cut' || kind === 'joint';

/** At which steps a caution of the plan bites; said there and nowhere else. */
const OF_PLAN: Partial<Record<MessageCode, Bites>> = {
  'caution.oldPaint': ({ id }) => id === 'clear' || id === 'sand-place' || id === 'open-wall',
  'caution.cavityWires': ({ id }) => id === 'check-wall' || id === 'open-wall',
  'caution.cavityLoad': ({ id }) => id === 'check-wall' || id === 'open-wall',
  'caution.cavityOutside': ({ id }) => id === 'check-wall' || id === 'open-wall',
  'caution.pilot': ({ id }) => id === 'studs',
  'caution.wires': (step, fixings) => drillsWall(step, fixings) || step.id === 'studs' || step.id === 'box-in',
  'caution.studs': (step, fixings) => drillsWall(step, fixings) && step.kind !== 'shelf',
  'caution.strength': ({ kind }) => kind === 'load',
  'caution.notFromFloor': ({ id }) => id === 'level-line' || id === 'marks',
  'caution.dust': (step, fixings) => saws(step, fixings) || (step.kind === 'sand' && step.place === 'workshop'),
  'caution.ratedLoad': ({ kind }) => kind === 'load',
  'caution.insideCabinet': (step, fixings) =>
    fixings.some((fixing) => step.fixings.includes(fixing.id) && fixing.through.kind === 'wall'),
  'caution.grooveInPairs': ({ kind }) => kind === 'joint',
  'caution.mesh': ({ kind }) => kind === 'load',
  'caution.tipping': ({ id }) => id === 'stand',
  'caution.divider': ({ id }) => id === 'dividers',
};

/** Finishes whose rags heat up by themselves. */
const SELF_HEATING: ReadonlySet<string> = new Set(['buy.oil', 'buy.stain', 'buy.conditioner']);

/** Cautions that go with the work itself, whatever the plan is. */
const OF_WORK: readonly (readonly [
  code: 'caution.saw' | 'caution.rags' | 'caution.fumes' | 'caution.ladder' | 'caution.lift',
  bites: (step: Step) => boolean,
])[] = [
  ['caution.saw', ({ kind, loud }) => kind === 'cut' && loud],
  [
    'caution.rags',
    ({ id, kind, materials }) =>
      kind === 'paint' && (/(^|-)wipe-\d/.test(id) || materials.some(({ code }) => SELF_HEATING.has(code))),
  ],
  ['caution.fumes', ({ kind }) => kind === 'paint'],
  ['caution.ladder', ({ tools }) => tools.includes('ladder')],
  ['caution.lift', ({ id, who }) => who === 'help' || id === 'buy' || id === 'cut-sheets'],
];

/** A step with its cautions, the gravest first. */
export function withCautions(step: Step, { cautions, fixings }: Pick<Work, 'cautions' | 'fixings'>): Step {
  const said: Message[] = [];
  for (const one of cautions) {
    if (OF_PLAN[one.message.code]?.(step, fixings) && !said.some((other) => other.code === one.message.code))
      said.push(one.message);
  }
  for (const [code, bites] of OF_WORK) if (bites(step)) said.push(message(code));
  return { ...step, cautions: said };
}
