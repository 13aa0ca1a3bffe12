import type { Part } from '../../design/fit';
import type { Job } from '../../job';
import { blanksOf } from './blanks';
import { catalogueOf } from './catalogue';
import { fromSheets, SAME_WIDTH_MM, sourcesFor } from './sources';

/**
 * How pieces are cut: from sheets, from boards, from sticks and rods; and which of them nothing that is sold is wide
 * enough for.
 */
export interface CutKinds {
  readonly sheets: readonly string[];
  readonly boards: readonly string[];
  readonly sticks: readonly string[];
  /** Of the boards: glued up from strips. */
  readonly glued: readonly string[];
  /** Planed down from thicker wood: from how thick. Millimetres. */
  readonly planed: ReadonlyMap<string, number>;
}

/** What the parts of a job are cut from, by their ids, without working out how. */
export function cutKinds(
  parts: readonly Part[],
  job: Pick<Job, 'stock' | 'region' | 'wood' | 'further' | 'tape'>,
): CutKinds {
  const items = catalogueOf(job);
  const leave = new Set(job.stock.leave);
  const kinds = { sheets: [] as string[], boards: [] as string[], sticks: [] as string[], glued: [] as string[] };
  const planed = new Map<string, number>();
  for (const blank of blanksOf(parts, job)) {
    const isSheet = fromSheets(blank, items);
    const sources = isSheet || blank.form === 'rod' ? null : sourcesFor(blank, items, leave);
    const fromMm = sources?.planedFromMm ?? null;
    if (fromMm !== null) for (const id of blank.parts) planed.set(id, fromMm);
    if (isSheet) kinds.sheets.push(...blank.parts);
    else if (blank.form !== 'flat') kinds.sticks.push(...blank.parts);
    else {
      kinds.boards.push(...blank.parts);
      const wide = sources?.items.some((item) => item.widthMm >= blank.widthMm - SAME_WIDTH_MM) ?? true;
      if (!wide) kinds.glued.push(...blank.parts);
    }
  }
  return { ...kinds, planed };
}
