import type { Part } from '../fit';
import { about as roughly, count, message, type Message } from '../message';
import { drilledAtWall, type Fixing } from '../fixing';
import { surfaceOf } from '../stock/finish';
import type { SystemName } from '../job';
import { NO_SHELF } from '../system';
import { finishing } from './finishing';
import { unitParts, type Made } from './make';
import type { Prepared } from './prepare';
import type { Step } from './step';
import { about, biteOf, BORE_MIN, instructions, intoWall, labelsOf, systemAt, throughOf, type Work } from './work';
import { orderWords, wayWords } from './wayIn';
import { written, type After, type Written } from './writer';

/** A board longer than this wants two pairs of hands. Millimetres. */
const LONG_MM = 1800;

/** Pieces whose screw heads are seen. */
const FACES: ReadonlySet<Part['role']> = new Set([
  'board',
  'nosing',
  'tilted-board',
  'stop-strip',
  'box-side',
  'trim',
  'slat',
]);

/** Supports as they are put up: what boards that are measured in place wait for. */
export interface Supported {
  readonly steps: readonly Step[];
  readonly last: readonly After[];
}

const SUPPORTING: ReadonlySet<Part['role']> = new Set(['back-cleat', 'side-cleat-left', 'side-cleat-right', 'rail-back', 'rail-side', 'rail-front', 'bracket-arm', 'bracket-leg', 'bracket-brace', 'joist', 'post']); // prettier-ignore

/** What is fixed to the walls or stood up before any board: a unit or a cavity’s box, posts, then the supports one after another. */
export function support(work: Work, ready: Prepared['ready'], made: Pick<Made, 'supports' | 'unit'>): Supported {
  const { job, parts, hardware, fixings, takes, shelves } = work;
  const steps: Step[] = [];
  const put = (one: Written): string => {
    steps.push(written(one, job.build));
    return one.id;
  };
  const base: After[] = [...ready, ...made.supports];
  let last: After[] = [];
  const unit = unitParts(work);
  if (made.unit && unit.length > 0) {
    const box = takes === 'box';
    const walled = fixings.filter((one) => intoWall(one) && unit.some((part) => part.id === throughOf(one)));
    const stands = instructions(work, 'stand');
    last = [put({ place: 'site', id: box ? 'box-in' : 'stand', kind: 'assemble', what: message(box ? 'step.boxIn' : 'step.stand'), minutes: about((box ? 45 : 30) + boring(walled)), after: [...ready, ...made.unit], who: 'help', how: [...(box ? [message('how.boxIn'), message('how.boxScrews')] : stands), ...boredHere(walled)], check: [box ? message('check.boxSquare', { off: roughly(2) }) : message('check.plumb')], tools: ['level', 'driver', 'drill', 'tape', 'shims'], materials: [message('buy.shims')], parts: unit.map((one) => one.id), fixings: walled.map((one) => one.id) })];
  }
  const posts = parts.filter((one) => one.role === 'post-left' || one.role === 'post-right');
  if (posts.length > 0) {
    const ids = posts.map((one) => one.id);
    const walled = fixings.filter((one) => intoWall(one) && ids.includes(throughOf(one) ?? ''));
    last = [put({ place: 'site', id: 'posts', kind: 'support', what: message('step.posts'), minutes: about(20 + 15 * posts.length), after: base, how: [...instructions(work, 'stand', 'housed-posts'), ...boredHere(walled)], check: [message('check.plumb')], tools: ['level', 'driver', 'drill', 'tape', 'plane'], parts: ids, fixings: walled.map((one) => one.id) })];
  }
  const order = job.build.supports === 'top-down' ? [...shelves].reverse() : shelves;
  for (const { number, top } of order) {
    const mine = parts.filter((one) => one.shelf === number && SUPPORTING.has(one.role));
    const brackets = hardware.filter((one) => one.shelf === number && one.what === 'bracket');
    if (mine.length === 0 && brackets.length === 0) continue;
    const ids = new Set([...mine, ...brackets].map((one) => one.id));
    const driven = fixings.filter((one) => ids.has(throughOf(one) ?? '') && (intoWall(one) || (systemAt(work, number) === 'framed-bench' && ids.has(biteOf(one) ?? ''))));
    last = [put({ place: 'site', id: `S${number}-support`, kind: 'support', shelf: number, what: message('step.support', { shelf: count(number) }), minutes: about(8 + 5 * mine.length + 6 * brackets.length + boring(driven)), after: [...base, ...last], how: [...listed(mine), ...instructions(work, 'support', systemAt(work, number)), ...boredHere(driven)], check: [message('check.levelAcross')], tools: ['level', 'driver', 'drill', 'tape', 'pencil', ...high(top.mm)], parts: mine.map((one) => one.id), fixings: driven.map((one) => one.id) })];
  }
  return { steps, last };
} // prettier-ignore

/** What drilling at the wall takes, minutes; and that it is done there. */
const boring = (driven: readonly Fixing[]): number =>
  driven.reduce((sum, one) => sum + (drilledAtWall(one) ? one.holes.length * BORE_MIN : 0), 0);
const boredHere = (driven: readonly Fixing[]): Message[] =>
  driven.some(drilledAtWall)
    ? [message(driven.some((one) => one.holes.some(({ into }) => into === 'stud')) ? 'how.boreHere' : 'how.boreHollow')]
    : [];

/** Boards into their places, what hides and divides them, and all that comes after: fillers, seams, the last coat, the cure, the load. */
export function install(work: Work, ready: Prepared['ready'], made: Made, supported: Supported['last']): Step[] {
  const { job, parts, hardware, fixings, shelves, takes } = work;
  const { build, stock, fit } = job;
  const steps: Step[] = [];
  const put = (one: Written): string => {
    steps.push(written(one, build));
    return one.id;
  };
  if (parts.length === 0) return steps;
  const unit = new Set(unitParts(work).map((one) => one.id));
  const laterPieces = new Set(parts.filter((one) => one.role === 'nosing' || one.role === 'divider').map((one) => one.id));
  const up: After[] = [...ready, ...made.boards, ...supported];
  let last: After[] = [];
  const order = work.waysIn.order === 'bottom-up' ? shelves : [...shelves].reverse();
  for (const { number, top } of order) {
    const board = parts.find((one) => one.shelf === number && one.role === 'board');
    const slats = parts.filter((one) => one.shelf === number && (one.role === 'slat' || one.role === 'mesh' || one.role === 'skin'));
    const mine = [...(board ? [board] : []), ...slats].filter((one) => !unit.has(one.id));
    if (mine.length === 0) continue;
    const ids = new Set(mine.map((one) => one.id));
    const driven = fixings.filter((one) => one.shelf === number && (ids.has(throughOf(one) ?? '') || (ids.has(biteOf(one) ?? '') && !laterPieces.has(throughOf(one) ?? '') && !unit.has(throughOf(one) ?? ''))));
    const system = systemAt(work, number);
    const propped = system === 'side-screwed';
    const long = mine.some((one) => one.length.mm > LONG_MM);
    const tight = board?.fit && fit.habit !== 'loose' ? [message('how.tryDry')] : [];
    last = [put({ place: 'site', id: `S${number}-shelf`, kind: 'shelf', shelf: number, what: message('step.shelf', { shelf: count(number) }), minutes: about(8 + (propped ? 15 : 0) + (tight.length > 0 ? 6 : 0) + driven.reduce((sum, one) => sum + one.holes.length, 0)), after: [...up, ...last], who: propped || long ? 'help' : 'alone', how: [...(last.length === 0 ? orderWords(work.waysIn) : []), ...tight, ...broughtIn(board, system, work)], check: [message('check.shelfLevel'), ...(board?.fit ? [message('check.gaps')] : [])], tools: [...(driven.length > 0 ? (['driver', 'drill'] as const) : []), 'level', ...(tight.length > 0 ? (['plane', 'pencil'] as const) : []), ...(propped ? (['prop-sticks'] as const) : []), ...high(top.mm)], materials: system === 'pinned-case' ? [message('buy.shelfPins')] : [], parts: mine.map((one) => one.id), fixings: driven.map((one) => one.id) })];
  }
  const placed: After[] = last.length > 0 ? last : up;
  const others: After[] = [];
  const extra = (id: string, kind: Step['kind'], what: Message, roles: readonly Part['role'][], how: readonly Message[], check: readonly Message[], minutes: (count: number) => number, glue = false): void => {
    const mine = parts.filter((one) => !unit.has(one.id) && (roles.includes(one.role) || (id === 'tilted' && one.shelf === NO_SHELF && one.role.startsWith('side-cleat'))));
    if (mine.length === 0) return;
    const ids = new Set(mine.map((one) => one.id));
    const own = hardware.filter((one) => id === 'rod' && one.what === 'socket');
    const driven = fixings.filter((one) => [...ids, ...own.map((each) => each.id)].includes(throughOf(one) ?? ''));
    const glued = glue && build.hold === 'glue';
    const step = put({ place: 'site', id, kind, what, minutes: about(minutes(mine.length)), after: placed, how: [...how, ...(glue ? [message(glued ? 'how.glued' : 'how.screwed')] : [])], check, tools: ['tape', 'level', 'pencil', ...(driven.length > 0 || own.length > 0 ? (['driver', 'drill'] as const) : []), ...(glue ? (['pin-hammer', 'clamps'] as const) : [])], materials: glued ? [message('buy.glue')] : [], parts: mine.map((one) => one.id), fixings: driven.map((one) => one.id) });
    others.push(glued ? { step, wait: 'glue' } : step);
  };
  extra('dividers', 'shelf', message('step.dividers'), ['divider'], [message('how.dividers')], [message('check.dividers')], (n) => 8 * n);
  extra('tilted', 'shelf', message('step.tilted'), ['tilted-board', 'stop-strip'], [message('how.tilted')], [message('check.tilted')], (n) => 8 + 6 * n);
  extra('rod', 'shelf', message('step.rod'), ['closet-rod'], [message('how.rod')], [], () => 15);
  extra('fronts', 'trim', message('step.fronts'), ['nosing'], instructions(work, 'front').filter((one) => one.code !== 'order.case.trim'), [message('check.frontsFlush')], (n) => 6 + 7 * n, true);
  extra('trim', 'trim', message('step.trim'), ['trim'], [message('how.trim')], [message('check.mitres')], (n) => 10 + 12 * n);
  const done: After[] = [...placed, ...others];

  const paint = stock.finish === 'paint';
  const pieces = parts.filter((one) => one.role !== 'mesh' && one.role !== 'closet-rod');
  let smooth: readonly After[] = done;
  const faces = new Set(parts.filter((one) => FACES.has(one.role)).map((one) => one.id));
  const heads = fixings.reduce((sum, one) => sum + (faces.has(throughOf(one) ?? '') ? one.holes.length : 0), 0);
  if (paint && heads > 0) {
    const filled = put({ place: 'site', id: 'fill-heads', kind: 'fill', what: message('step.fillHeads', { count: count(heads) }), minutes: about(5 + heads * 0.3), after: done, how: [message('how.fillHeads')], tools: ['filler-knife'], materials: [message('buy.filler')] });
    smooth = [put({ place: 'site', id: 'sand-heads', kind: 'sand', what: message('step.sandHeads'), minutes: about(5 + heads * 0.3), after: [{ step: filled, wait: 'filler' }], how: [message('how.sandHeads')], check: [message('check.flush')], tools: ['sanding-block', 'vacuum', 'mask'] })];
  }
  const seams = paint && fit.habit !== 'loose' && takes === 'boards' && pieces.some((one) => one.role === 'board' && (one.fit !== null || one.corner !== null));
  let coated: readonly After[] = smooth;
  if (build.finish === 'after' && stock.finish !== 'bare') {
    const areaM2 = pieces.reduce((sum, one) => sum + surfaceOf(one), 0);
    const finished = finishing({ job, lot: 'last-', place: 'site', areaM2, after: smooth, pieces: null, parts: [] });
    steps.push(...finished.steps);
    coated = finished.ready;
  }
  const caulked = seams
    ? put({ place: 'site', id: 'caulk', kind: 'caulk', what: message('step.caulk'), minutes: about(6 + 4 * shelves.length), after: coated, how: [message('how.caulk', { off: roughly(3) })], check: [message('check.caulk')], tools: ['caulk-gun', 'cloths'], materials: [message('buy.caulk')] })
    : null;
  const after: readonly After[] = caulked ? [{ step: caulked, wait: 'caulk' }] : coated;
  // What was painted before it went in has fillers and seams to be painted over.
  const touched = paint && (caulked !== null || build.finish === 'before')
    ? put({ place: 'site', id: 'touch-up', kind: 'paint', what: message('step.touchUp'), minutes: about(10 + 3 * shelves.length), after, how: [message('how.touchUp')], tools: ['brush', 'cloths', 'dust-sheet'], materials: [message('buy.paint')] })
    : null;
  const coats = steps.filter((one) => one.kind === 'paint').map((one) => one.id);
  const cure: readonly After[] = touched !== null ? [{ step: touched, wait: 'cure' }] : stock.finish === 'bare' ? after : [...coats.slice(-1).map((step) => ({ step, wait: 'cure' as const })), ...after];
  const workshop = build.finish === 'before' && touched === null && stock.finish !== 'bare' ? made.boards.flatMap((one) => (typeof one === 'string' ? [] : [{ step: one.step, wait: 'cure' as const }])) : [];
  const loaded = put({ place: 'site', id: 'load', kind: 'load', what: message('step.load'), minutes: 20, after: [...cure, ...workshop], how: [message('how.load')], check: [message('check.load')] });
  put({ place: 'site', id: 'look-back', kind: 'look-back', what: message('step.lookBack'), minutes: 10, after: [loaded], how: [message('how.lookBack')], tools: ['tape'] });
  return steps;
} // prettier-ignore

/** How a shelf gets into its place: by its own way in where that is known, in place of what is usual; then as its system has it. */
function broughtIn(board: Part | undefined, system: SystemName, work: Work): Message[] {
  const way = board ? work.waysIn.ways.find((one) => one.shelf === board.shelf) : undefined;
  const usual = instructions(work, 'shelf', system);
  return way ? [...wayWords(way), ...usual.filter((one) => one.code !== 'order.board.on')] : usual;
}

/** Above this one stands on something. Millimetres. */
const REACH_MM = 1900;
const high = (upMm: number) => (upMm > REACH_MM ? (['ladder'] as const) : []);
const listed = (parts: readonly Part[]): Message[] => {
  const labels = labelsOf(parts);
  return labels ? [message('how.pieces', { pieces: { is: 'message', message: labels } })] : [];
};
