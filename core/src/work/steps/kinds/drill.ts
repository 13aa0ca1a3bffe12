import type { Part } from '../../../design/fit';
import { drilledAtWall, type Fixing } from '../../../design/fixing';
import { count, message, type Message } from '../../../base/message';
import { minutesFor, usualMinutes } from '../minutes';
import { instructions } from '../moments';
import { throughOf, type Work } from '../work';
import type { After, Written } from '../writer';
import { shapeSteps } from './shapes';

type Waits = readonly (After | null)[];

/** Joints to drill at the bench. Holes into studs or hollow board are drilled at the wall, once the studs are found. */
export const drilledAtBench = ({ fixings }: Pick<Work, 'fixings'>, parts: readonly Part[]): Fixing[] =>
  fixings.filter((fixing) => !drilledAtWall(fixing) && parts.some((part) => part.id === throughOf(fixing)));

/** Step: drill all holes of the pieces; null when there are none. */
export function drillPieces(work: Work, id: string, parts: readonly Part[], after: Waits): Written | null {
  const drilled = drilledAtBench(work, parts);
  const bored = parts.filter((part) => (part.holes ?? []).length > 0);
  const holes = [...drilled, ...bored].reduce((sum, { holes: own = [] }) => sum + own.length, 0);
  if (holes === 0) return null;
  return {
    place: 'workshop',
    id,
    kind: 'drill',
    what: message('step.drill', { count: count(holes) }),
    minutes: usualMinutes('drill', holes),
    after,
    how: [message('how.drill'), ...shapeSteps(bored, work, ['hole'])],
    check: [message('check.drilled')],
    tools: ['drill', 'countersink', 'tape', 'pencil'],
    parts: [...new Set([...drilled.map((fixing) => throughOf(fixing) ?? ''), ...bored.map((part) => part.id)])],
    sheets: ['drilling'],
  };
}

/** Step: drill rows of holes for shelf pins; null when no shelf lies on pins. */
export function drillPins(work: Work, parts: readonly Part[], after: Waits): Written | null {
  const how = instructions(work, 'pins');
  if (how.length === 0) return null;
  const sides = parts.filter(({ role }) => role === 'box-side' || role.startsWith('case-side'));
  return {
    place: 'workshop',
    id: 'pins',
    kind: 'drill',
    what: message('step.pins'),
    minutes: usualMinutes('pins'),
    after,
    how,
    check: [message('check.pins')],
    tools: ['drill', 'jig', 'tape', 'pencil'],
    parts: sides.map((part) => part.id),
    sheets: ['drilling'],
  };
}

/** Step: clear the finish out of the pin holes. */
export const cleanPins = ({ parts }: Pick<Written, 'parts'>, after: Waits): Written => ({
  place: 'workshop',
  id: 'clean-pins',
  kind: 'drill',
  what: message('step.cleanPins'),
  minutes: usualMinutes('cleanPins'),
  after,
  how: [message('how.cleanPins')],
  check: [message('check.pinsGoIn')],
  tools: ['drill'],
  ...(parts ? { parts } : {}),
});

/** Time to drill at the wall, minutes. */
export const boringMinutes = (driven: readonly Fixing[]): number =>
  driven.reduce((sum, fixing) => sum + (drilledAtWall(fixing) ? minutesFor('boreAtWall', fixing.holes.length) : 0), 0);

/** Instruction to drill at the wall, when a joint needs that. */
export const boredHere = (driven: readonly Fixing[]): Message[] => {
  if (!driven.some(drilledAtWall)) return [];
  const studs = driven.some(({ holes }) => holes.some(({ into }) => into === 'stud'));
  return [message(studs ? 'how.boreHere' : 'how.boreHollow')];
};
