import type { Job } from '@dormer/core/job/document';
import { moneyWords } from '@dormer/core/say/words/first';

/** An amount with the job's unit of money. */
export const money = (amount: number, job: Job): string => moneyWords(amount, job.stock.currency, job);
