import { withMeasured, type CutPiece, type Job, type Offcut } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/base/quantity';
import type { Cutting } from '@dormer/core/work/stock';
import { piecesOn } from '@dormer/core/work/stock/cutPieces';
import { editJob } from './actions';
import { api, type Supplier } from './api';
import { cuttingBegan, cuttingDone, cuttingHeard, cuttingStopped } from './cutting';
import type { AppDispatch, RootState, Services } from './state';

type Thunk<R> = (dispatch: AppDispatch, getState: () => RootState, services: Services) => R;

/** `all`: how the whole job is cut. `left`: what of it is not cut yet and does not lie on the saw. */
export type CuttingOf = 'all' | 'left';

/**
 * What a cutting is worked out from: the job without what is only ticked off in it, what is on the rack, what is cut.
 */
export function cuttingKey(job: Job, rack: RootState['rack']['pieces'], of: CuttingOf): string {
  const { stock, notes: _notes, build: _build, ...rest } = job;
  const { ticked: _ticked, have: _have, saw: _saw, coats: _coats, lotCoats: _lots, cut: _cut, ...asked } = stock;
  return JSON.stringify([rest, asked, asked.useRack ? rack : [], cutOf(job, of)]);
}

const cutOf = ({ stock: { cut, saw } }: Job, of: CuttingOf): CutPiece[] =>
  of === 'all' ? [] : [...cut, ...(saw ? piecesOn(saw) : [])];

let going: AbortController | null = null;

/** Works out how the open job is cut, unless that is known; what was being worked out before is given up. */
export const workOutCutting =
  (of: CuttingOf, again = false): Thunk<Promise<void>> =>
  async (dispatch, getState, { core }) => {
    const { openJob, rack, cutting } = getState();
    const { job } = openJob.present;
    if (!job) return;
    const key = cuttingKey(job, rack.pieces, of);
    if (cutting.key === key || cutting.working?.key === key) return;
    if (cutting.stopped?.key === key && !again) return;
    going?.abort();
    const mine = new AbortController();
    going = mine;
    dispatch(cuttingBegan(key));
    const newest = () => going === mine;
    try {
      const heard = (share: number) => void (newest() && dispatch(cuttingHeard(share)));
      const result = await core.cut({ job, rack: rack.pieces, cut: cutOf(job, of) }, { heard, stop: mine.signal });
      if (newest()) dispatch(cuttingDone({ key, result }));
    } catch {
      if (newest()) dispatch(cuttingStopped({ key, failed: !mine.signal.aborted }));
    }
  };

/** Gives up what is being worked out. */
export const stopCutting = (): Thunk<void> => () => going?.abort();

/** How the open job would be cut from what is on the bench, less what is made. */
export const cutFromBench =
  (bench: readonly Offcut[], made: readonly string[]): Thunk<Promise<Cutting | null>> =>
  async (_dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    return job ? core.cut({ job, rack: [], bench, made }) : null;
  };

/** Boards, plywood and MDF side by side, worked out by the worker; it can be watched and stopped. */
export const whatIfMaterials =
  (watching: Parameters<Services['core']['whatIf']>[1]): Thunk<ReturnType<Services['core']['whatIf']>> =>
  async (_dispatch, getState, { core }) => {
    const { openJob, rack } = getState();
    return openJob.present.job ? core.whatIf({ job: openJob.present.job, rack: rack.pieces }, watching) : [];
  };

/** A thickness measured on what was bought: heights, grooves and deductions follow. One step to undo. */
export const measuredStock =
  (section: string, wasMm: number, thickness: TypedLength): Thunk<void> =>
  (dispatch) =>
    void dispatch(editJob((job) => withMeasured(job, section, wasMm, thickness)));

/**
 * Asks a supplier what things cost and how many there are; its answer is kept in the job. @returns whether it answered
 */
export const askSupplier =
  (supplier: Supplier, items: readonly { item: string; price: number }[]): Thunk<Promise<boolean>> =>
  async (dispatch) => {
    const answer = await dispatch(api.endpoints.quote.initiate({ supplier: supplier.id, items: items.slice(0, 600) }));
    if (!answer.data) return false;
    const { quotes } = answer.data;
    const fresh = new Set(quotes.map((quote) => quote.item));
    dispatch(
      editJob((job) => {
        const known = job.stock.prices.filter((price) => !fresh.has(price.item));
        return { ...job, stock: { ...job.stock, priced: supplier.name, prices: [...known, ...quotes].slice(-600) } };
      }),
    );
    return true;
  };
