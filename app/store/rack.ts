import { createSlice, nanoid, type PayloadAction } from '@reduxjs/toolkit';
import type { Offcut } from '@dormer/core/job/document';

/** A change to the rack that the server does not know of yet. */
export type RackChange = { readonly id: string } & (
  { readonly kind: 'put'; readonly piece: Offcut } | { readonly kind: 'remove'; readonly piece: Pick<Offcut, 'id'> }
);

/** The offcut rack, as this device has it, for all jobs. */
export interface RackState {
  /** Identity of the server it lives on; null while none has been met. */
  readonly server: string | null;
  readonly pieces: readonly Offcut[];
  readonly waiting: readonly RackChange[];
}

export const EMPTY_RACK: RackState = { server: null, pieces: [], waiting: [] };

export const after = (pieces: readonly Offcut[], change: RackChange): readonly Offcut[] => {
  const others = pieces.filter((piece) => piece.id !== change.piece.id);
  return change.kind === 'put' ? [...others, change.piece] : others;
};

/** The rack after a change that waits for the server. */
export const withChange = (rack: RackState, change: RackChange): RackState => ({
  ...rack,
  pieces: after(rack.pieces, change),
  waiting: [...rack.waiting, change],
});

/** The server has a change that waited. */
export const withoutChange = (rack: RackState, id: string): RackState => ({
  ...rack,
  waiting: rack.waiting.filter((change) => change.id !== id),
});

/** What the server has, with what it does not know of yet. */
export const withPulled = (rack: RackState, server: string | null, pieces: readonly Offcut[]): RackState => ({
  server,
  pieces: rack.waiting.reduce(after, pieces),
  waiting: rack.waiting,
});

/** All pieces of a rack of another server wait for this one. */
export const withServer = (rack: RackState, server: string): RackState => ({
  ...rack,
  server,
  waiting: rack.pieces.map((piece) => ({ kind: 'put', id: nanoid(), piece })),
});

const slice = createSlice({
  name: 'rack',
  initialState: EMPTY_RACK,
  reducers: {
    /** The rack as the device has it. */
    rackRead: (_state, { payload }: PayloadAction<RackState>) => payload,
  },
});

export const { rackRead } = slice.actions;
export const rackReducer = slice.reducer;
