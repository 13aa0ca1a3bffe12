import type { Job } from '@dormer/core/job/document';

/** An amount with the job's unit of money. */
export const money = (amount: number, { currency }: Job['stock']): string => `${currency} ${amount.toFixed(2)}`;
