import type { Step } from '@dormer/core/work/steps/forScreens';
import { figure, type Figure } from '@dormer/core/base/figure';
import type { Bites, Fixing } from '@dormer/core/design/fixing';
import { drivenBy } from '@dormer/core/design/fixing/driven';
import { fromThere } from '@dormer/core/design/layout/forScreens';
import type { Job } from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { lengthWords, listWords, words } from '@dormer/core/say/words/first';
import type { Label } from '../../labels';

/** A number of a step, large: what it is, and how it came about. */
export interface Fact {
  readonly name: string;
  readonly figure: Figure;
  /** Up or down from a line: told with its sign. */
  readonly signed: boolean;
}

const OF_SUPPORTS = new Set(['cleat-top', 'bracket-top']);

/** The figures one needs at a step: the marks of what is put up, the length of what is put in. */
export function factsOf(step: Step, plan: Plan, label: Label): Fact[] {
  if (step.shelf === null) return [];
  const marks = plan.marks.filter((mark) => mark.shelf === step.shelf);
  if (step.kind === 'support') {
    const mark = marks.find((wallMark) => OF_SUPPORTS.has(wallMark.what));
    if (!mark) return [];
    return [
      { name: label('step.fromLine'), figure: mark.fromLevelLine, signed: true },
      { name: label('step.fromFloor'), figure: mark.up, signed: false },
    ];
  }
  const board = plan.parts.find((part) => step.parts.includes(part.id) && part.role === 'board');
  const top = marks.find((mark) => mark.what === 'shelf-top');
  return [
    ...(board
      ? [{ name: label('step.boardLong', { label: board.label }), figure: longerEdge(board), signed: false }]
      : []),
    ...(top ? [{ name: label('step.topFromLine'), figure: top.fromLevelLine, signed: true }] : []),
  ];
}

/** The longer edge of a finished board: its blank is longer where both ends run out of square. */
function longerEdge({ corner, edges, length }: Plan['parts'][number]): Figure {
  if (corner) {
    const along = corner.backMm >= corner.sideMm ? message('term.legBack') : message('term.legSide');
    return figure({ label: along, mm: Math.max(corner.backMm, corner.sideMm) });
  }
  if (!edges) return length;
  return edges.back.mm >= edges.front.mm ? edges.back : edges.front;
}

/** A mark of a support as it is measured where one stands: from the floor there, from the ceiling there. */
export interface AtWall {
  readonly name: string;
  readonly fromFloor: Figure | null;
  readonly fromCeiling: Figure | null;
}

/**
 * The mark of a step’s support at every wall; nothing for other steps, and where neither floor nor ceiling is known.
 */
export function atWalls(step: Step, plan: Plan, job: Job): AtWall[] {
  const mark =
    step.kind === 'support'
      ? plan.marks.find((wallMark) => wallMark.shelf === step.shelf && OF_SUPPORTS.has(wallMark.what))
      : undefined;
  if (!mark) return [];
  return plan.stations
    .map((station) => ({ name: words(station.name, job), ...fromThere(mark, station, job.tape) }))
    .filter((one) => one.fromFloor ?? one.fromCeiling);
}

/** Screws, pins and anchors of a step, piece by piece: `5B: 4 screws 5 × 60, into studs, at 40, 390`. */
export function fixingsOf(step: Step, plan: Plan, job: Job, label: Label): string[] {
  const own = plan.fixings.filter((fixing) => step.fixings.includes(fixing.id));
  const lines = own.flatMap(drivenBy).map(({ fixing, into, what, holes }) => ({
    piece: fixing.label,
    what: words(what, job),
    into: intoWords(fixing.into, into, plan, label),
    count: holes.length,
    // Along the piece, each place once: of two rows one above the other the second is there too.
    at: [...new Set(holes.map((hole) => lengthWords(hole.alongMm, job, false)))].join(' · '),
  }));
  const key = (one: (typeof lines)[number]) => `${one.what}/${one.into}/${one.count}/${one.at}`;
  const alike = [...new Map(lines.map((line) => [key(line), line])).values()];
  return alike.map((one) => {
    const same = lines.filter((other) => key(other) === key(one));
    const pieces = listWords(new Set(same.map((other) => other.piece)), job);
    const said = { pieces, count: one.count, what: one.what, into: one.into, at: one.at };
    return label(step.kind === 'support' ? 'step.fixingAt' : 'step.fixing', said);
  });
}

/** What screws go into: a piece by what is pencilled on it, or what is in the wall there. */
function intoWords(into: Fixing['into'], bites: Bites, plan: Plan, label: Label): string {
  if (into.kind === 'wall') return label(`step.into.${bites}`);
  const piece = plan.parts.find((part) => part.id === into.id)?.label;
  return piece ? label('step.into.piece', { piece }) : label('step.into.wood');
}
