import type { Part } from '../fit';
import { furtherCuts, type FurtherKind } from '../fit/furtherCuts';
import { about as roughly, count, message, type Message } from '../message';
import { drilledAtWall } from '../fixing';
import { surfaceOf } from '../stock/finish';
import { grouped } from '../stock/grouped';
import { finishing } from './finishing';
import type { Step } from './step';
import { about, biteOf, BORE_MIN, instructions, labelsOf, systemAt, throughOf, UNITS, type Work } from './work';
import { written, type After, type Written } from './writer';

export interface Made {
  readonly steps: readonly Step[];
  /** What putting up supports waits for; what putting in boards waits for. */
  readonly supports: readonly After[];
  readonly boards: readonly After[];
  /** What is stood up whole waits for; null where nothing is. */
  readonly unit: readonly After[] | null;
}

/** Pieces of one lot: cut, worked, sanded and finished together. */
interface Lot {
  readonly name: '' | 'boards-';
  readonly parts: readonly Part[];
  /** What cutting waits for beside the wood. */
  readonly after: readonly After[];
}

/** What belongs to a unit that is put together in the workshop: a cavity’s box, a case, frames. */
export function unitParts(work: Work): Part[] {
  const { parts, takes } = work;
  const boards = new Set(['board', 'nosing', 'slat', 'mesh']);
  const standing = (part: Part) =>
    part.shelf > 0
      ? UNITS.has(systemAt(work, part.shelf)) && (!boards.has(part.role) || goesInWithUnit(work, part.shelf))
      : CASE_ROLES.has(part.role);
  return parts.filter((part) => standing(part) || (takes === 'box' && (part.role === 'box-side' || part.role === 'box-end')));
} // prettier-ignore

const CASE_ROLES: ReadonlySet<Part['role']> = new Set(['case-side-left', 'case-side-right', 'case-top', 'case-bottom', 'back-panel', 'tip-rail', 'spacer', 'filler', 'upright', 'rung', 'box-side', 'box-end']); // prettier-ignore

/** Whether a shelf’s board is housed or screwed in when the unit is put together: not where it lies on pins or rungs. */
function goesInWithUnit({ fixings, job }: Work, shelf: number): boolean {
  const system = systemAt({ job }, shelf);
  if (system === 'ladder-frames') return false;
  return system !== 'pinned-case' || fixings.some((one) => biteOf(one) === `S${shelf}-board`);
}

/**
 * The work in the workshop: what is bought, cut, grooved, drilled, tried dry, sanded, finished and put together.
 * @param opened what has to be done before anything can be cut to measure: a wall that is opened first
 */
export function make(work: Work, opened: readonly After[], measuredInPlace: readonly After[]): Made {
  const { job, parts, fixings, kinds } = work;
  const { build, stock, tools: has } = job;
  const steps: Step[] = [];
  const put = (one: Written): string => {
    steps.push(written(one, build));
    return one.id;
  };
  const shop = { place: 'workshop' } as const;
  if (parts.length === 0) return { steps, supports: [], boards: [], unit: null };

  const bought = put({ id: 'buy', kind: 'buy', place: 'shop', what: message('step.buy'), minutes: 45, after: opened, how: [message('how.buy'), ...(stock.carry ? [message('how.shopCuts')] : [])], check: [message('check.straight')], sheets: ['shopping', ...(stock.carry ? (['layouts'] as const) : [])] });
  const glued = parts.filter((one) => kinds.glued.includes(one.id));
  const wood: After = glued.length === 0
    ? bought
    : { step: put({ ...shop, id: 'glue-panels', kind: 'glue', what: message('step.gluePanels', { count: count(glued.length) }), minutes: about(20 + 20 * glued.length), after: [bought], how: [message('how.gluePanels')], check: [message('check.flat', { off: roughly(1) })], tools: ['saw', 'plane', 'clamps'], materials: [message('buy.glue')], parts: glued.map((one) => one.id), sheets: ['layouts'] }), wait: 'glue' };

  const unit = new Set(unitParts(work).map((one) => one.id));
  const later = build.cut === 'in-place' ? parts.filter((one) => one.role === 'board' && !unit.has(one.id) && one.shelf > 0) : [];
  const first = parts.filter((one) => !later.includes(one));
  const main = lot({ name: '', parts: first, after: [] });
  const second = later.length > 0 ? lot({ name: 'boards-', parts: later, after: measuredInPlace }) : main;
  const loose = first.some((one) => unit.has(one.id)) ? assembled(main.finished) : null;
  return { steps, supports: main.ready, boards: second.ready, unit: loose };

  function lot({ name, parts: mine, after }: Lot): { finished: readonly After[]; ready: readonly After[] } {
    const id = (one: string) => `${name}${one}`;
    const of = (ids: readonly string[]) => mine.filter((one) => ids.includes(one.id));
    const [sheets, sticks] = [of(kinds.sheets), of(kinds.sticks)];
    const boards = of(kinds.boards);
    const saw = has === 'hand' ? 'hand-saw' : 'saw';
    const cutting = { ...shop, kind: 'cut', loud: has === 'power', tools: [saw, 'tape', 'square', 'pencil', 'eye-ear', 'mask'], sheets: ['layouts', 'cut-list'] } as const;
    const shapes = (all: readonly Part[], kinds: readonly FurtherKind[]) => shapeSteps(all, work, kinds);
    const list = (all: readonly Part[]) => (labelsOf(all) ? [message('how.pieces', { pieces: { is: 'message', message: labelsOf(all)! } })] : []);
    const cuts = [
      sheets.length > 0 ? put({ ...cutting, id: id('cut-sheets'), what: message('step.cutSheets', { count: count(sheets.length) }), minutes: about(15 + 6 * sheets.length + scribing(sheets)), after: [bought, ...after], how: [message('how.cutSheets'), ...list(sheets), ...shapes(sheets, SAWN)], check: [message('check.cut', { off: roughly(0.5) })], parts: sheets.map((one) => one.id) }) : null,
      boards.length > 0 ? put({ ...cutting, id: id('cut-boards'), what: message('step.cutBoards', { count: count(boards.length) }), minutes: about(10 + 6 * boards.length + scribing(boards)), after: [wood, ...after], how: [message('how.cutBoards'), ...list(boards), ...shapes(boards, SAWN)], check: [message('check.cut', { off: roughly(0.5) })], parts: boards.map((one) => one.id) }) : null,
      sticks.length > 0 ? put({ ...cutting, id: id('cut-sticks'), what: message('step.cutSticks', { count: count(sticks.length) }), minutes: about(10 + 3 * sticks.length), after: [bought, ...after], how: [message('how.cutSticks'), ...list(sticks), ...shapes(sticks, SAWN)], check: [message('check.pairs')], parts: sticks.map((one) => one.id) }) : null,
    ];
    let last: (After | null)[] = [...cuts];
    const jointed = mine.filter((one) => one.joint?.is === 'housed' || one.joint?.is === 'slotted' || one.joint?.is === 'notched');
    if (jointed.length > 0) {
      const how = instructions(work, 'joint');
      last = [put({ ...shop, id: id('joints'), kind: 'joint', loud: has === 'power', what: message('step.joints', { count: count(jointed.length) }), minutes: about(10 + 12 * jointed.length), after: last, how: [...(how.length > 0 ? how : [message('how.joints')]), ...shapes(jointed, ['face'])], check: [message('check.jointsMatch')], tools: has === 'hand' ? ['hand-saw', 'chisel', 'square'] : ['router', 'clamps', 'square', 'eye-ear', 'mask'], parts: jointed.map((one) => one.id) })];
    }
    // What goes into studs or hollow board is drilled at the wall, once it is known where these are.
    const drilled = fixings.filter((one) => !drilledAtWall(one) && mine.some((part) => part.id === throughOf(one)));
    const bored = mine.filter((one) => (one.holes ?? []).length > 0);
    const holes = [...drilled, ...bored].reduce((sum, one) => sum + (one.holes ?? []).length, 0);
    if (holes > 0) {
      last = [put({ ...shop, id: id('drill'), kind: 'drill', what: message('step.drill', { count: count(holes) }), minutes: about(8 + holes * BORE_MIN), after: last, how: [message('how.drill'), ...shapes(bored, ['hole'])], check: [message('check.drilled')], tools: ['drill', 'countersink', 'tape', 'pencil'], parts: [...new Set([...drilled.map((one) => throughOf(one) ?? ''), ...bored.map((one) => one.id)])], sheets: ['drilling'] })];
    }
    const pins = name === '' ? instructions(work, 'pins') : [];
    if (pins.length > 0 && job.pins) {
      const sides = mine.filter((one) => one.role === 'box-side' || one.role.startsWith('case-side'));
      last = [put({ ...shop, id: 'pins', kind: 'drill', what: message('step.pins'), minutes: 30, after: last, how: pins, check: [message('check.pins')], tools: ['drill', 'jig', 'tape', 'pencil'], parts: sides.map((one) => one.id), sheets: ['drilling'] })];
    }
    const making = instructions(work, 'make');
    const brackets = mine.filter((one) => one.role.startsWith('bracket-'));
    if (brackets.length > 0) {
      last = [put({ ...shop, id: id('brackets'), kind: 'assemble', what: message('step.brackets'), minutes: about(10 + 5 * brackets.length), after: last, how: making, check: [message('check.bracketsAlike')], tools: ['driver', 'clamps', 'square'], materials: [message('buy.glue')], parts: brackets.map((one) => one.id), fixings: drilled.filter((one) => [throughOf(one), biteOf(one)].every((id) => brackets.some((part) => part.id === id))).map((one) => one.id) })];
    }
    const whole = mine.filter((one) => unit.has(one.id));
    if (whole.length > 0) {
      last = [put({ ...shop, id: id('dry-fit'), kind: 'dry-fit', what: message('step.dryFit'), minutes: about(10 + 2 * whole.length), after: last, how: instructions(work, 'dry').length > 0 ? instructions(work, 'dry') : [message('how.dryFit')], check: [message('check.diagonals', { off: roughly(2) }), message('check.partsMarked')], tools: ['clamps', 'tape', 'square', 'pencil'], parts: whole.map((one) => one.id) })];
    }
    const areaM2 = mine.reduce((sum, one) => sum + (one.role === 'mesh' ? 0 : surfaceOf(one)), 0);
    const sanded = put({ ...shop, id: id('sand'), kind: 'sand', what: message('step.sand'), minutes: about(8 + 5 * areaM2), after: last, how: [message(whole.length > 0 ? 'how.sandBefore' : 'how.sand')], check: [message('check.sanded')], tools: has === 'hand' ? ['sanding-block', 'mask'] : ['sander', 'sanding-block', 'mask', 'eye-ear'], parts: mine.map((one) => one.id) });
    if (build.finish === 'after') return { finished: [sanded], ready: [sanded] };
    const finished = finishing({ job, lot: name, place: 'workshop', areaM2, after: [sanded], pieces: labelsOf(mine), parts: mine.map((one) => one.id) });
    steps.push(...finished.steps);
    return { finished: finished.ready, ready: finished.ready };
  }

  function assembled(after: readonly After[]): readonly After[] {
    const whole = unitParts(work);
    const ids = new Set(whole.map((one) => one.id));
    const driven = fixings.filter((one) => ids.has(biteOf(one) ?? '') && ids.has(throughOf(one) ?? ''));
    const glue = build.hold === 'glue';
    const how = instructions(work, 'assemble').filter(({ code }) => (glue || !code.endsWith('.glue')) && (code !== 'order.case.back' || whole.some((one) => one.role === 'back-panel')));
    const id = put({ ...shop, id: 'assemble', kind: 'assemble', what: message('step.assemble'), minutes: about(25 + 3 * whole.length), after, how: [...how, message(glue ? 'how.glued' : 'how.screwed')], check: [message('check.diagonals', { off: roughly(2) })], tools: ['driver', 'clamps', 'tape', 'square'], materials: glue ? [message('buy.glue')] : [], parts: whole.map((one) => one.id), fixings: driven.map((one) => one.id) });
    return [glue ? { step: id, wait: 'glue' } : id];
  }
} // prettier-ignore

/** What an end or a back that follows the wall takes to be cut, minutes. */
const scribing = (parts: readonly Part[]): number => 20 * parts.filter(followsWall).length;

/** Cuts that are made at the saw, after the straight ones. */
const SAWN: readonly FurtherKind[] = ['panel', 'end', 'back', 'outline'];

/** What makes pieces of blanks, as it is told at the saw. */
function shapeSteps(
  parts: readonly Part[],
  { job, kinds: { glued } }: Pick<Work, 'job' | 'kinds'>,
  kinds: readonly FurtherKind[],
): Message[] {
  const cutsOf = (part: Part, label: string) => furtherCuts({ ...part, label }, job.tools, glued.includes(part.id));
  // Pieces that are cut alike are told together.
  const alike = grouped(parts, (one) => JSON.stringify(cutsOf(one, '').map(({ kind, how }) => [kind, how])));
  const cuts = alike.flatMap((all) => cutsOf(all[0] as Part, all.map((one) => one.label).join(', ')));
  const lines = cuts.flatMap((one) => (kinds.includes(one.kind) ? one.how : []));
  // Which face is up is said once, before the cuts.
  const faceUp = (one: Message) => one.code.startsWith('further.faceUp');
  const faces = lines.filter((one, i) => faceUp(one) && lines.findIndex((other) => other.code === one.code) === i);
  return [...faces, ...lines.filter((one) => !faceUp(one))];
}

function followsWall({ fit }: Part): boolean {
  return fit !== null && (fit.style === 'scribed' || fit.back?.style === 'scribed');
}
