import type { Job, Saw } from '@dormer/core/job/document';
import { FURTHER } from '@dormer/core/design/shaping/cut';
import type { Plan } from '@dormer/core/plan';
import type { Blank, SawStep } from '@dormer/core/work/stock';
import { partsOfBlank, type SawTask } from '@dormer/core/work/stock/sawTasks';
import { lengthWords } from '@dormer/core/say/words/first';
import type { Label } from '../../labels';

/** Every blank on the layouts of a cutting that has begun. */
const allBlanks = (saw: Saw): string[] => {
  const walk = (node: Saw['layouts'][number]['tree']): string[] =>
    node.kind === 'part' ? [node.part ?? ''] : (node.pieces ?? []).flatMap(walk);
  return saw.layouts.flatMap((layout) => walk(layout.tree));
};

/** What the pieces of a cutting that has begun are called. */
export function blanksIn(saw: Saw, plan: Plan): Pick<Blank, 'id' | 'label' | 'parts' | 'widthMm'>[] {
  return allBlanks(saw).map((id) => {
    const ids = partsOfBlank(id);
    const piece = /~(\d+)$/.exec(id)?.[1];
    const names = ids.map((one) => plan.parts.find((part) => part.id === one)?.label ?? one).join(' ');
    return { id, parts: ids, widthMm: 0, label: piece ? `${names}-${piece}` : names };
  });
}

/** Whether pieces on the saw have another length in the plan, or a cut that is made is no longer asked for. */
export function changedSince(saw: Saw, plan: Plan, made: ReadonlySet<string>, tasks: readonly SawTask[]): boolean {
  const known = new Set(tasks.map((task) => task.id));
  if (saw.done.some((one) => one.startsWith(FURTHER) && !known.has(one))) return true;
  const walk = (node: Saw['layouts'][number]['tree']): boolean => {
    if (node.kind !== 'part') return (node.pieces ?? []).some(walk);
    const id = node.part ?? '';
    if (made.has(id) || /[~+]/.test(id)) return false;
    const part = plan.parts.find((one) => one.id === id);
    return !part || Math.abs((node.turned ? node.widthMm : node.lengthMm) - part.length.mm) > 0.3;
  };
  return saw.layouts.some((layout) => walk(layout.tree));
}

/** What a straight cut gives, in words. */
export function givesWords(step: SawStep, job: Job, label: Label): string {
  const size = { long: lengthWords(step.gives.lengthMm, job), wide: lengthWords(step.gives.widthMm, job) };
  if (step.at < 0) return label(step.kind === 'edges' ? 'sawing.edges' : 'sawing.trims');
  if (step.shop) return label('sawing.shop', size);
  if (step.gives.part !== null) return label('sawing.part', size);
  return label(step.gives.kind === 'rest' ? 'sawing.rest' : 'sawing.piece', size);
}
