import { useEffect, useRef, useState } from 'react';
import { useLatest } from './useLatest';

/** Lets long work tell its progress, and learn that the answer is no longer wanted. */
export interface Watched {
  readonly heard: (share: number) => void;
  readonly stop: AbortSignal;
}

/** State of a question. */
export interface Answered<Key, Answer> {
  /** The last answer; null before the first. It stays until the next answer arrives. */
  readonly answer: Answer | null;
  /** The key the answer belongs to. */
  readonly of: Key | null;
  /** Share of the work done, 0 to 1; null while no work runs. */
  readonly share: number | null;
  /** Whether the current question failed; a stopped question has not. */
  readonly failed: boolean;
  readonly stop: () => void;
  readonly again: () => void;
}

/**
 * Asks a question that takes a while. Asks again when the key changes. Stops the question and ignores its answer when
 * the view unmounts or the next question starts.
 * @param key what the answer depends on; null asks nothing
 * @param ask asks the question; the hook calls the latest function it was given
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
  // State of an earlier question says nothing about the current one.
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
