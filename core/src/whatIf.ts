import type { Job, Offcut } from './job';
import { withChange } from './job';
import { weightOf } from './design/load';
import type { Message } from './base/message';
import { planJob } from './plan';
import { materialWords, planCutting, shoppingFor, type CuttingEffort, type Solver } from './work/stock';

/** One material for the boards of a job, and what it would come to. */
export interface WhatIf {
  readonly material: string;
  readonly name: Message;
  /** What the boards are of now. */
  readonly chosen: boolean;
  /** Everything that is bought. */
  readonly price: number;
  readonly kg: number;
  /** The most any shelf sags in the years to come, millimetres; null where no shelf is reckoned. */
  readonly sagMm: number | null;
  /** Shelves that give way, or sag more than is usual. */
  readonly weak: number;
  /** What part of the wood that is bought becomes no part. */
  readonly wasteShare: number;
  /** Parts for which nothing can be had. */
  readonly missing: number;
}

const USUAL = ['pine', 'birch-ply', 'mdf'] as const;

/**
 * Boards, plywood and MDF for the same job, side by side: each planned and cut as if it were chosen. Yields how much of
 * the work is done, 0 to 1.
 */
export function* whatIf(
  { job, rack }: { job: Job; rack: readonly Offcut[] },
  solver: Solver,
  effort?: CuttingEffort,
): Generator<number, readonly WhatIf[]> {
  const materials = [...new Set([job.wood.boards, ...USUAL])];
  const found: WhatIf[] = [];
  for (const material of materials) {
    const share = found.length / materials.length;
    yield share;
    const other = withChange(job, { kind: 'material', id: material });
    const plan = planJob(other);
    const work = planCutting({ job: other, plan, rack }, solver, effort);
    let step = work.next();
    for (; !step.done; step = work.next()) yield share + step.value / materials.length;
    const cutting = step.value;
    const used = cutting.layouts.reduce(
      (sum, layout) => sum + layout.item.lengthMm * layout.item.widthMm * layout.item.thicknessMm,
      0,
    );
    const parts = cutting.blanks.reduce((sum, blank) => sum + blank.lengthMm * blank.widthMm * blank.thicknessMm, 0);
    found.push({
      material,
      name: materialWords(material, other.wood.own),
      chosen: material === job.wood.boards,
      price: shoppingFor({ job: other, plan, cutting }).total,
      kg: weightOf(plan.parts, other),
      sagMm: plan.strengths.length > 0 ? Math.max(...plan.strengths.map((strength) => strength.sag.lastingMm)) : null,
      weak: plan.strengths.filter((strength) => strength.state !== 'holds').length,
      wasteShare: used > 0 ? Math.max(0, 1 - parts / used) : 0,
      missing: cutting.problems.filter((problem) => problem.severity === 'stop').length,
    });
  }
  return found;
}
