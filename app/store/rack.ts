import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Offcut } from '@dormer/core/job/document';

/** A change to the rack that the server does not know of yet. */
export type RackChange =
  { readonly kind: 'put'; readonly piece: Offcut } | { readonly kind: 'remove'; readonly id: string };

/** The offcut rack, as this device has it, for all jobs. */
export interface RackState {
  readonly pieces: readonly Offcut[];
  readonly waiting: readonly RackChange[];
}

export const after = (pieces: readonly Offcut[], change: RackChange): readonly Offcut[] => {
  const id = change.kind === 'put' ? change.piece.id : change.id;
  const others = pieces.filter((piece) => piece.id !== id);
  return change.kind === 'put' ? [...others, change.piece] : others;
};

const slice = createSlice({
  name: 'rack',
  initialState: { pieces: [], waiting: [] } as RackState,
  reducers: {
    rackRead: (_state, { payload }: PayloadAction<RackState>) => payload,
    rackChanged: ({ pieces, waiting }, { payload }: PayloadAction<RackChange>) => ({
      pieces: after(pieces, payload),
      waiting: [...waiting, payload],
    }),
    /** The server has the first of the changes that waited. */
    rackSent: ({ pieces, waiting }) => ({ pieces, waiting: waiting.slice(1) }),
    /** What the server has, with what it does not know of yet. */
    rackPulled: ({ waiting }, { payload }: PayloadAction<readonly Offcut[]>) => ({
      pieces: waiting.reduce(after, payload),
      waiting,
    }),
  },
});

export const { rackRead, rackChanged, rackSent, rackPulled } = slice.actions;
export const rackReducer = slice.reducer;
