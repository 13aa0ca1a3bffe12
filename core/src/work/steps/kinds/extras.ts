import type { Part } from '../../../design/fit';
import { message, type Message } from '../../../base/message';
import { NO_SHELF } from '../../../design/system';
import { usualMinutes, type Timed } from '../minutes';
import { instructions } from '../moments';
import type { Step, StepTool } from '../step';
import { unitParts } from '../unit';
import { biteOf, throughOf, type Work } from '../work';
import type { After, Written } from '../writer';

interface Extra {
  readonly id: Timed & Step['id'];
  readonly kind: 'shelf' | 'trim';
  readonly what: Message;
  /** Whether this step puts a piece on. */
  readonly takes: (part: Part) => boolean;
  readonly how: readonly Message[];
  readonly check: readonly Message[];
  /** Whether glue holds the pieces, if the job glues. */
  readonly glue?: boolean;
}

const roles =
  (...wanted: readonly Part['role'][]) =>
  ({ role }: Part) =>
    wanted.includes(role);

/** Dividers, tilted shelves, rail, fronts, trim: in the order they go on once the boards are in. */
const extrasOf = (work: Work): readonly Extra[] => [
  {
    id: 'dividers',
    kind: 'shelf',
    what: message('step.dividers'),
    takes: roles('divider'),
    how: [message('how.dividers')],
    check: [message('check.dividers')],
  },
  {
    id: 'tilted',
    kind: 'shelf',
    what: message('step.tilted'),
    takes: ({ role, shelf }) =>
      role === 'tilted-board' || role === 'stop-strip' || (shelf === NO_SHELF && role.startsWith('side-cleat')),
    how: [message('how.tilted')],
    check: [message('check.tilted')],
  },
  {
    id: 'rod',
    kind: 'shelf',
    what: message('step.rod'),
    takes: roles('closet-rod'),
    how: [message('how.rod')],
    check: [],
  },
  {
    id: 'fronts',
    kind: 'trim',
    what: message('step.fronts'),
    takes: roles('nosing'),
    how: instructions(work, 'front').filter(({ code }) => code !== 'order.case.trim'),
    check: [message('check.frontsFlush')],
    glue: true,
  },
  {
    id: 'trim',
    kind: 'trim',
    what: message('step.trim'),
    takes: roles('trim'),
    how: [message('how.trim')],
    check: [message('check.mitres')],
  },
];

/** Steps for dividers, tilted shelves, rail, fronts and trim, as far as the job has them; later steps wait for all. */
export function putOnExtras(work: Work, after: readonly After[]): { steps: Written[]; done: After[] } {
  const unit = new Set(unitParts(work).map((part) => part.id));
  const free = work.parts.filter(({ id }) => !unit.has(id));
  const steps: Written[] = [];
  const done: After[] = [];
  for (const extra of extrasOf(work)) {
    const pieces = free.filter(extra.takes);
    if (pieces.length === 0) continue;
    const glued = Boolean(extra.glue) && work.job.build.hold === 'glue';
    steps.push(putOn(work, extra, { pieces, glued, after }));
    done.push(glued ? { step: extra.id, wait: 'glue' } : extra.id);
  }
  return { steps, done };
}

interface PutOn {
  readonly pieces: readonly Part[];
  readonly glued: boolean;
  readonly after: readonly After[];
}

function putOn(work: Work, { id, kind, what, how, check, glue }: Extra, { pieces, glued, after }: PutOn): Written {
  const sockets = work.hardware.filter((piece) => id === 'rod' && piece.what === 'socket');
  const ids = new Set<string | null>([...pieces, ...sockets].map((piece) => piece.id));
  const driven = work.fixings.filter(
    (fixing) => ids.has(throughOf(fixing)) || (id === 'dividers' && ids.has(biteOf(fixing))),
  );
  const tools: StepTool[] = [
    'tape',
    'level',
    'pencil',
    ...(driven.length > 0 || sockets.length > 0 ? (['driver', 'drill'] as const) : []),
    ...(glue ? (['pin-hammer', 'clamps'] as const) : []),
  ];
  return {
    place: 'site',
    id,
    kind,
    what,
    minutes: usualMinutes(id, pieces.length),
    after,
    how: [...how, ...(glue ? [message(glued ? 'how.glued' : 'how.screwed')] : [])],
    check,
    tools,
    materials: glued ? [message('buy.glue')] : [],
    parts: pieces.map((part) => part.id),
    fixings: driven.map((fixing) => fixing.id),
  };
}
