import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import type { PadKey } from './keypadKeys';

/** The length field that is being filled in. */
export interface ActiveField {
  readonly id: string;
  readonly label: string;
  /** What the length comes to, in the other unit; empty while it is not a length. */
  readonly otherUnit: string;
  readonly press: (key: PadKey) => void;
  readonly leave: () => void;
}

interface KeypadState {
  readonly active: ActiveField | null;
  readonly show: (field: ActiveField) => void;
  readonly hide: (id: string) => void;
}

const KeypadContext = createContext<KeypadState>({ active: null, show: () => undefined, hide: () => undefined });

/** Lets any length field below it bring up the one keypad. */
export function KeypadProvider({ children }: { children: ReactNode }) {
  const [active, setActive] = useState<ActiveField | null>(null);
  const hide = useCallback((id: string) => setActive((now) => (now?.id === id ? null : now)), []);
  const state = useMemo(() => ({ active, show: setActive, hide }), [active, hide]);
  return <KeypadContext value={state}>{children}</KeypadContext>;
}

export function useKeypad(): KeypadState {
  return useContext(KeypadContext);
}
