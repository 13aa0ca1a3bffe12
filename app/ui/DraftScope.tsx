import { createContext, useContext, useEffect, useLayoutEffect, useState, type ReactNode } from 'react';
import { drafts } from '../platform/drafts';

const Scope = createContext<string | null>(null);

/** Where the fields within are: drafts of fields are told apart by it and by their labels. */
export function DraftScope({ name, children }: { name: string; children: ReactNode }) {
  const outer = useContext(Scope);
  return <Scope.Provider value={outer === null ? name : `${outer}|${name}`}>{children}</Scope.Provider>;
}

/**
 * Name of the draft of a field; null outside of any scope, where nothing is kept.
 * @param name of the field within its scope
 */
export function useDraftKey(name: string): string | null {
  const scope = useContext(Scope);
  const key = scope === null ? null : `${scope}|${name}`;
  // Before any effect that types into the field.
  useLayoutEffect(() => (key === null ? undefined : drafts.mount(key)), [key]);
  return key;
}

/**
 * State that is there again when the page was gone of a sudden: which sheet is open, what is chosen in it. It goes when
 * its screen is left.
 */
export function useKeptState<T>(name: string, initial: T): [T, (next: T) => void] {
  const key = useDraftKey(name);
  const [state, setState] = useState<T>(() => parsed(drafts.get(key), initial));
  useEffect(() => {
    drafts.set(key, state === initial ? null : JSON.stringify(state));
  }, [key, state, initial]);
  return [state, setState];
}

function parsed<T>(kept: string | null, initial: T): T {
  try {
    return kept === null ? initial : (JSON.parse(kept) as T);
  } catch {
    return initial;
  }
}
