import type { Step } from '@dormer/core/build/hand';
import type { Figure } from '@dormer/core/figure';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/words';
import type { Label } from '../../labels';

/** A number of a step, large: what it is, and how it came about. */
export interface Fact {
  readonly name: string;
  readonly figure: Figure;
}

const OF_SUPPORTS = new Set(['cleat-top', 'bracket-top']);

/** The figures one needs at a step: the marks of what is put up, the length of what is put in. */
export function factsOf(step: Step, plan: Plan, label: Label): Fact[] {
  if (step.shelf === null) return [];
  const marks = plan.marks.filter((one) => one.shelf === step.shelf);
  if (step.kind === 'support') {
    const mark = marks.find((one) => OF_SUPPORTS.has(one.what));
    if (!mark) return [];
    return [
      { name: label('step.fromLine'), figure: mark.fromLevelLine },
      { name: label('step.fromFloor'), figure: mark.up },
    ];
  }
  const board = plan.parts.find((one) => step.parts.includes(one.id) && one.role === 'board');
  const top = marks.find((one) => one.what === 'shelf-top');
  return [
    ...(board ? [{ name: label('step.boardLong', { label: board.label }), figure: board.length }] : []),
    ...(top ? [{ name: label('step.topFromLine'), figure: top.fromLevelLine }] : []),
  ];
}

/** Screws and pins of a step, piece by piece: `5B: 4 × 5 × 60 mm screws into the back wall`. */
export function fixingsOf(step: Step, plan: Plan, job: Job, label: Label): string[] {
  const own = plan.fixings.filter((one) => step.fixings.includes(one.id));
  const lines = own.map((one) => ({
    piece: one.label,
    what: words({ code: `needed.${one.screw.kind}`, params: { size: { is: 'text', text: one.screw.size } } }, job),
    count: one.holes.length,
  }));
  const alike = [...new Map(lines.map((one) => [`${one.what}/${one.count}`, one])).values()];
  return alike.map(({ what, count }) => {
    const pieces = lines.filter((one) => one.what === what && one.count === count).map((one) => one.piece);
    return label('step.fixing', { pieces: [...new Set(pieces)].join(', '), count, what });
  });
}
