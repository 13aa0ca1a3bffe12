import type { Bites, Fixing } from '../../design/fixing';
import { length, message, text, type Message } from '../../base/message';
import type { Step, StepTool } from './step';
import type { Work } from './work';

type Driving = Pick<Work, 'fixings' | 'job'>;

/**
 * A step with what its screws go into, how each kind is driven, and how it is tested. Studs and plugs carry what leans
 * on them; nobody hangs on an anchor in hollow board.
 */
export function withDriving(step: Step, { fixings, job }: Driving): Step {
  const ours = fixings.filter((fixing) => step.fixings.includes(fixing.id));
  if (ours.length === 0) return step;
  const bites = new Set(ours.flatMap((fixing) => fixing.holes.map((hole) => hole.into)));
  const plugs = ours.flatMap(({ plug, screw }) => (plug ? [{ ...plug, size: screw.size }] : []));
  const each = [...new Map(plugs.map((plug) => [JSON.stringify(plug), plug])).values()];
  const how: Message[] = [
    ...(bites.has('stud') ? [message(job.place.walls === 'studs' ? 'how.into.bareStud' : 'how.into.stud')] : []),
    ...each.map(({ size, drillMm, deepMm }) =>
      message('how.into.plug', { size: text(size), drill: length(drillMm), deep: length(deepMm) }),
    ),
    ...(bites.has('anchor') ? [message('how.into.anchor')] : []),
    ...(bites.has('panel') ? [message('how.into.panel')] : []),
    ...(ours.some(intoWood) ? [message('how.into.wood')] : []),
    ...(ours.some(({ atFace }) => atFace) ? [message('how.into.beside')] : []),
  ];
  return {
    ...step,
    how: [...step.how, ...how],
    check: [...step.check, ...tests(bites)],
    tools: [...new Set([...step.tools, ...toolsFor(bites)])],
  };
}

/** Screws into another piece; pins are driven without a hole. */
const intoWood = ({ screw, holes }: Fixing): boolean =>
  screw.kind !== 'pin' && holes.some((hole) => hole.into === 'wood');

/** How what is fixed is tested. */
function tests(bites: ReadonlySet<Bites>): Message[] {
  if (bites.has('anchor')) return [message('check.anchors')];
  if (bites.has('stud') || bites.has('plug')) return [message('check.tug')];
  return [message('check.driven')];
}

const toolsFor = (bites: ReadonlySet<Bites>): StepTool[] => [
  'driver',
  'drill',
  ...(bites.has('plug') ? (['masonry-bit', 'vacuum', 'hammer'] as const) : []),
];
