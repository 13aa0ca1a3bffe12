import type { Instrument } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/base/quantity';
import type { Spot } from '@dormer/core/place/reading';
import type { Card } from './card';
import type { Said } from './ReadingValue';

/** State of a reading card. */
export interface CardState {
  /** Text in the field as a value: null when unreadable, undefined when empty. */
  readonly draft: Said | null | undefined;
  /** A figure entered before the advice has caught up waits for it, so that it never lands at the spot before. */
  readonly waiting: Said | null;
  /** Done was pressed while a figure waits: close once that figure has its spot. */
  readonly closing: boolean;
  /** The spot picker is open. */
  readonly placing: boolean;
  /** Number of figures taken or skipped; each new figure gets a fresh field. */
  readonly passed: number;
  readonly sense: string | null;
  /** Lengths of the spot as the person typed them. */
  readonly typed: Readonly<Record<string, TypedLength>>;
  readonly instrument: Instrument | null;
}

/** What the card is doing; `checking` while the text in its field cannot be read. */
export type CardPhase = 'asking' | 'typing' | 'checking' | 'waiting' | 'closing';

/** What the card is about when an event arrives. */
export interface CardSituation {
  readonly card: Card['kind'];
  /** Whether the advice takes the last reading into account. */
  readonly fresh: boolean;
  readonly spot: Spot | null;
}

export type CardEvent =
  | { readonly kind: 'drafted'; readonly said: Said | null | undefined }
  | { readonly kind: 'entered'; readonly said: Said }
  /** Pressed Done; `shown` is the device's value, used when nothing is typed. */
  | { readonly kind: 'finished'; readonly shown: Said | undefined }
  | { readonly kind: 'advised' }
  | { readonly kind: 'skipped' }
  | { readonly kind: 'placing' }
  | { readonly kind: 'moved'; readonly typed: Readonly<Record<string, TypedLength>> }
  | { readonly kind: 'sensed'; readonly sense: string }
  | { readonly kind: 'tool'; readonly instrument: Instrument };

/** Effects for the caller to run. */
export type CardEffect =
  | ({ readonly kind: 'take'; readonly said: Said; readonly spot: Spot } & Pick<
      CardState,
      'sense' | 'typed' | 'instrument'
    >)
  | { readonly kind: 'next' }
  | { readonly kind: 'close' }
  /** Of a triangle the other distance is wanting. */
  | { readonly kind: 'ask-other' };

export interface CardStep {
  readonly state: CardState;
  readonly effects: readonly CardEffect[];
}

/** Starts a card. */
export const beginCard = (card: Card['kind']): CardState => ({
  draft: undefined,
  waiting: null,
  closing: false,
  placing: card === 'own' || card === 'edit',
  passed: 0,
  sense: null,
  typed: {},
  instrument: null,
});

export function phaseOf({ draft, waiting, closing }: CardState): CardPhase {
  if (closing) return 'closing';
  if (waiting) return 'waiting';
  if (draft === null) return 'checking';
  return draft ? 'typing' : 'asking';
}

/** The reducer: next state of the card, and the effects to run. */
export function stepCard(state: CardState, event: CardEvent, situation: CardSituation): CardStep {
  switch (event.kind) {
    case 'drafted':
      return only({ ...state, draft: event.said });
    case 'placing':
      return only({ ...state, placing: true });
    case 'moved':
      return only({ ...state, typed: { ...state.typed, ...event.typed } });
    case 'sensed':
      return only({ ...state, sense: event.sense });
    case 'tool':
      return only({ ...state, instrument: event.instrument });
    case 'skipped':
      // A figure typed for a spot that is passed over goes with it.
      return only({ ...state, draft: undefined, passed: state.passed + 1 });
    case 'entered':
      if (isLate(situation)) return only({ ...state, waiting: event.said });
      return situation.spot ? take(state, event.said, situation.spot, situation.card) : only(state);
    case 'advised':
      return adviceCame(state, situation);
    case 'finished':
      return finish(state, event.shown, situation);
  }
}

const only = (state: CardState): CardStep => ({ state, effects: [] });

/** Whether the advice is older than the last reading, so that its spot is not where the tape is held. */
const isLate = ({ card, fresh }: CardSituation): boolean => card === 'next' && !fresh;

function take(state: CardState, said: Said, spot: Spot, card: Card['kind'], waited = false): CardStep {
  const { sense, typed, instrument } = state;
  // A figure that waited has left its field already: what stands there now is the next one.
  const leaves = !waited || spot.kind === 'triangle';
  return {
    state: {
      ...state,
      sense: null,
      typed: {},
      ...(leaves ? { draft: undefined, passed: state.passed + 1 } : {}),
      ...(card === 'next' ? {} : { placing: false }),
    },
    effects: [
      { kind: 'take', said, spot, sense, typed, instrument },
      ...(card === 'next' ? [] : [{ kind: 'next' } as const]),
    ],
  };
}

/** Takes the waiting figure at the advised spot; closes a card that is done. */
function adviceCame(state: CardState, { card, fresh, spot }: CardSituation): CardStep {
  if (!fresh) return only(state);
  const { waiting, closing } = state;
  const begun = { ...state, waiting: null, closing: false };
  const taken = waiting && spot ? take(begun, waiting, spot, card, true) : only(begun);
  return closing ? { ...taken, effects: [...taken.effects, { kind: 'close' }] } : taken;
}

/** A figure that stands in the field is a reading, Enter or not; one that cannot be read is not passed over. */
function finish(state: CardState, shown: Said | undefined, situation: CardSituation): CardStep {
  const { spot, card } = situation;
  const close = { kind: 'close' } as const;
  if (!spot) return { state, effects: [close] };
  if (state.draft === null) return { state, effects: spot.kind === 'triangle' ? [{ kind: 'ask-other' }] : [] };
  const standing = state.draft ?? shown;
  if (isLate(situation)) {
    const waiting = standing ?? state.waiting;
    return waiting ? only({ ...state, waiting, closing: true }) : { state, effects: [close] };
  }
  if (!standing || card === 'edit') return { state, effects: [close] };
  const taken = take(state, standing, spot, card);
  return { ...taken, effects: [...taken.effects, close] };
}
