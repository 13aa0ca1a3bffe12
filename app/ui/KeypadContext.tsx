import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
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

// Long enough for the click that follows a lifted finger.
const LIFTED_MS = 60;

/** Lets any length field below it bring up the one keypad. */
export function KeypadProvider({ children }: { children: ReactNode }) {
  const [active, setActive] = useState<ActiveField | null>(null);
  const leaving = useRef(new Set<string>());
  const down = usePointerDown();
  const show = useCallback((field: ActiveField) => {
    leaving.current.delete(field.id);
    setActive(field);
  }, []);
  // A field loses the focus when a button is pressed. Were the keypad gone before the finger is lifted, the
  // button would have moved from under it.
  const hide = useCallback(
    (id: string) => {
      leaving.current.add(id);
      const go = () =>
        setTimeout(() => {
          if (leaving.current.delete(id)) setActive((now) => (now?.id === id ? null : now));
        }, LIFTED_MS);
      if (down.current) window.addEventListener('pointerup', go, { once: true });
      else go();
    },
    [down],
  );
  const state = useMemo(() => ({ active, show, hide }), [active, show, hide]);
  return <KeypadContext value={state}>{children}</KeypadContext>;
}

function usePointerDown() {
  const down = useRef(false);
  useEffect(() => {
    if (typeof document === 'undefined') return;
    const pressed = () => {
      down.current = true;
    };
    const lifted = () => {
      down.current = false;
    };
    document.addEventListener('pointerdown', pressed, true);
    document.addEventListener('pointerup', lifted, true);
    document.addEventListener('pointercancel', lifted, true);
    return () => {
      document.removeEventListener('pointerdown', pressed, true);
      document.removeEventListener('pointerup', lifted, true);
      document.removeEventListener('pointercancel', lifted, true);
    };
  }, []);
  return down;
}

export function useKeypad(): KeypadState {
  return useContext(KeypadContext);
}
