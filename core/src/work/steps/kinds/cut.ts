import type { Part } from '../../../design/fit';
import type { FurtherKind } from '../../../design/shaping';
import { about, count, message, type Message } from '../../../base/message';
import { minutesFor, wholeMinutes, type Timed } from '../minutes';
import type { Step } from '../step';
import { piecesLine, type Work } from '../work';
import type { After, Written } from '../writer';
import { shapeSteps, type Shaping } from './shapes';

/** Cuts that are made at the saw, after the straight ones. */
const SAWN: readonly FurtherKind[] = ['panel', 'end', 'back', 'outline'];

interface Cutting {
  readonly id: string;
  readonly parts: readonly Part[];
  readonly after: readonly (After | null)[];
}

interface Cut extends Cutting {
  readonly what: Message;
  readonly how: Message;
  readonly check: Message;
  readonly takes: Timed;
}

function cut(work: Shaping, { id, parts, after, what, how, check, takes }: Cut): Written {
  const { job } = work;
  const tools: Step['tools'] = [
    job.tools === 'hand' ? 'hand-saw' : 'saw',
    'tape',
    'square',
    'pencil',
    'eye-ear',
    'mask',
  ];
  const scribed = takes === 'cutSticks' ? 0 : parts.filter(followsWall).length;
  return {
    place: 'workshop',
    kind: 'cut',
    loud: job.tools === 'power',
    tools,
    sheets: ['layouts', 'cut-list'],
    id,
    what,
    minutes: wholeMinutes(minutesFor(takes, parts.length) + minutesFor('scribe', scribed)),
    after,
    how: [how, ...piecesLine(parts), ...shapeSteps(parts, work, SAWN)],
    check: [check],
    parts: parts.map((part) => part.id),
  };
}

/** Step: cut pieces from sheets. */
export const cutSheets = (work: Work, cutting: Cutting): Written =>
  cut(work, {
    ...cutting,
    what: message('step.cutSheets', { count: count(cutting.parts.length) }),
    how: message('how.cutSheets'),
    check: message('check.cut', { off: about(0.5) }),
    takes: 'cutSheets',
  });

/** Step: cut boards from solid wood. */
export const cutBoards = (work: Work, cutting: Cutting): Written =>
  cut(work, {
    ...cutting,
    what: message('step.cutBoards', { count: count(cutting.parts.length) }),
    how: message('how.cutBoards'),
    check: message('check.cut', { off: about(0.5) }),
    takes: 'cutBoards',
  });

/** Step: cut cleats, posts and strips. */
export const cutSticks = (work: Work, cutting: Cutting): Written =>
  cut(work, {
    ...cutting,
    what: message('step.cutSticks', { count: count(cutting.parts.length) }),
    how: message('how.cutSticks'),
    check: message('check.pairs'),
    takes: 'cutSticks',
  });

function followsWall({ fit }: Part): boolean {
  return fit !== null && (fit.style === 'scribed' || fit.back?.style === 'scribed');
}
