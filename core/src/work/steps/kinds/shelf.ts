import type { Part } from '../../../design/fit';
import type { SystemName } from '../../../job';
import type { LaidShelf } from '../../../design/layout';
import { count, message, type Message } from '../../../base/message';
import { minutesFor, wholeMinutes } from '../minutes';
import { instructions } from '../moments';
import type { StepTool } from '../step';
import { unitParts } from '../unit';
import { orderWords, wayWords } from '../wayIn';
import { biteOf, systemAt, throughOf, type Work } from '../work';
import type { After, Written } from '../writer';
import { ladderTo } from './ladder';

/** Boards longer than this need two people. Millimetres (assumed). */
const LONG_MM = 1800;

const BOARDS: ReadonlySet<Part['role']> = new Set(['slat', 'mesh', 'skin']);
const LATER: ReadonlySet<Part['role']> = new Set(['nosing', 'divider']);

/** Loose pieces of a shelf and the fixings driven with them. */
function laidOn(work: Work, shelf: number) {
  const { parts, fixings } = work;
  const unit = new Set<string | null>(unitParts(work).map((part) => part.id));
  const later = new Set<string | null>(parts.filter(({ role }) => LATER.has(role)).map((part) => part.id));
  const ofShelf = parts.filter((part) => part.shelf === shelf);
  const board = ofShelf.find(({ role }) => role === 'board');
  const others = ofShelf.filter(({ role }) => BOARDS.has(role));
  const pieces = [...(board ? [board] : []), ...others].filter(({ id }) => !unit.has(id));
  const ids = new Set<string | null>(pieces.map((part) => part.id));
  const driven = fixings.filter((fixing) => {
    const through = throughOf(fixing);
    // What is screwed on from inside a case is bitten by it too, but stands in another bay.
    const bitten =
      ids.has(biteOf(fixing)) && !later.has(through) && (fixing.atFace === 'through' || !unit.has(through));
    return fixing.shelf === shelf && !later.has(biteOf(fixing)) && (ids.has(through) || bitten);
  });
  return { board, pieces, driven };
}

/**
 * Step: put a shelf's board in; null when the shelf has no loose board.
 * @param first whether this is the first board: that step tells the order of all boards
 */
export function putInShelf(
  work: Work,
  { number, top }: LaidShelf,
  { after, first }: { after: readonly After[]; first: boolean },
): Written | null {
  const { board, pieces, driven } = laidOn(work, number);
  if (pieces.length === 0) return null;
  const system = systemAt(work, number);
  const propped = system === 'side-screwed';
  const long = pieces.some(({ length }) => length.mm > LONG_MM);
  const tight = Boolean(board?.fit) && work.job.fit.habit !== 'loose';
  const screws = driven.reduce((sum, { holes }) => sum + holes.length, 0);
  const extra = (propped ? minutesFor('propped') : 0) + (tight ? minutesFor('triedDry') : 0);
  const tools: StepTool[] = [
    ...(driven.length > 0 ? (['driver', 'drill'] as const) : []),
    'level',
    ...(tight ? (['plane', 'pencil'] as const) : []),
    ...(propped ? (['prop-sticks'] as const) : []),
    ...ladderTo(top.mm),
  ];
  return {
    place: 'site',
    id: `S${number}-shelf`,
    kind: 'shelf',
    shelf: number,
    what: message('step.shelf', { shelf: count(number) }),
    minutes: wholeMinutes(minutesFor('shelf', screws) + extra),
    after,
    who: propped || long ? 'help' : 'alone',
    how: [
      ...(first ? orderWords(work.waysIn) : []),
      ...(tight ? [message('how.tryDry')] : []),
      ...broughtIn(board, system, work),
    ],
    check: [message('check.shelfLevel'), ...(board?.fit ? [message('check.gaps')] : [])],
    tools,
    materials: system === 'pinned-case' ? [message('buy.shelfPins')] : [],
    parts: pieces.map((part) => part.id),
    fixings: driven.map((fixing) => fixing.id),
  };
}

/**
 * How a shelf gets into its place: by its own way in where that is known, in place of what is usual; then as its system
 * has it.
 */
function broughtIn(board: Part | undefined, system: SystemName, work: Work): Message[] {
  const way = board ? work.waysIn.ways.find(({ shelf }) => shelf === board.shelf) : undefined;
  const usual = instructions(work, 'shelf', system);
  return way ? [...wayWords(way), ...usual.filter(({ code }) => code !== 'order.board.on')] : usual;
}
