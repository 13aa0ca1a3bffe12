import type { StockWish } from '@dormer/core/job/document';
import { editJob, useAppDispatch } from '../../store';

/** Returns an edit of the open job's stock settings. */
export function useStock() {
  const dispatch = useAppDispatch();
  return (change: Partial<StockWish>) =>
    void dispatch(editJob((before) => ({ ...before, stock: { ...before.stock, ...change } })));
}
