import { useEffect, useRef, useState } from 'react';
import { useLatest } from './useLatest';

/** How far long work is, and a way to learn that it is no longer wanted. */
export interface Watched {
  readonly heard: (share: number) => void;
  readonly stop: AbortSignal;
}

/** What was asked, as it stands. */
export interface Answered<Key, Answer> {
  /** The last answer, until the next is there; null before the first. */
  readonly answer: Answer | null;
  /** The key the answer belongs to. */
  readonly of: Key | null;
  /** How much of the work is done, 0 to 1; null while nothing is being worked out. */
  readonly share: number | null;
  /** The question as it stands could not be answered; not so when it was stopped. */
  readonly failed: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

/**
 * Asks something that takes a while and shows the answer while someone looks: asked anew whenever the key is another,
 * stopped and forgotten when the view goes or the next question is asked.
 * @param key what the answer depends on; null: nothing is asked
 * @param ask the question; the latest one given is asked
 */
export function useAnswer<Key extends string | number | object, Answer>(
  key: Key | null,
  ask: (watched: Watched) => Promise<Answer>,
): Answered<Key, Answer> {
  const [found, setFound] = useState<{ of: Key; answer: Answer } | null>(null);
  const [turn, setTurn] = useState(0);
  const [state, setState] = useState<{ of: Key; turn: number; share: number | null; failed: boolean } | null>(null);
  const control = useRef<AbortController | null>(null);
  const asking = useLatest(ask);
  useEffect(() => {
    if (key === null) return undefined;
    const own = new AbortController();
    control.current = own;
    let wanted = true;
    const show = (share: number | null, failed = false) => {
      if (wanted) setState({ of: key, turn, share, failed });
    };
    asking({ heard: show, stop: own.signal }).then(
      (answer) => {
        if (wanted) setFound({ of: key, answer });
        show(null);
      },
      () => show(null, !own.signal.aborted),
    );
    return () => {
      wanted = false;
      own.abort();
    };
  }, [key, turn, asking]);
  // What is known of an earlier question says nothing of the one that was asked just now.
  const current = state !== null && state.of === key && state.turn === turn;
  return {
    answer: found?.answer ?? null,
    of: found?.of ?? null,
    share: current ? state.share : key === null ? null : 0,
    failed: current && state.failed,
    stop: () => control.current?.abort(),
    again: () => setTurn(turn + 1),
  };
}
