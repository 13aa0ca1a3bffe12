import { readJob, summarise, type Job, type JobSummary } from '@dormer/core/job';

/** A stored document in today's version of the schema; null for one that is damaged. */
export function documentOf({ document }: { readonly document: string }): Job | null {
  try {
    const read = readJob(JSON.parse(document));
    return read.ok ? read.value : null;
  } catch {
    return null;
  }
}

/** A stored summary; null where there is none or it is damaged. */
export function summaryIn(text: string | null): JobSummary | null {
  try {
    return text === null ? null : (JSON.parse(text) as JobSummary);
  } catch {
    return null;
  }
}

/** The summary of a job as it is stored; null for a document that is damaged. */
export const summaryText = (job: Job | null): string | null => (job ? JSON.stringify(summarise(job)) : null);
