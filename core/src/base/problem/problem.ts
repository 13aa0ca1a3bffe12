import type { Message } from '../message';

/** What a problem or a figure is about, so that a screen can point at it. */
export type About =
  | { readonly kind: 'place' }
  | { readonly kind: 'reading'; readonly id: string }
  | { readonly kind: 'shelves' }
  | { readonly kind: 'support' }
  | { readonly kind: 'shelf'; readonly shelf: number }
  /** A piece, by its id. */
  | { readonly kind: 'part'; readonly id: string };

/** A named problem of a plan. `stop`: this cannot be made as asked. `doubtful`: look before cutting. */
export interface Problem {
  readonly severity: 'stop' | 'doubtful';
  readonly message: Message;
  readonly about: About;
}

/** A problem that stops what it is about. */
export const stop = (about: About, words: Message): Problem => ({ severity: 'stop', message: words, about });
/** A problem to look at before cutting. */
export const doubtful = (about: About, words: Message): Problem => ({ severity: 'doubtful', message: words, about });

/** A caution, and the stage of the work at which it bites. */
export interface Caution {
  readonly message: Message;
  readonly stage: 'measure' | 'shelves' | 'cut';
}
