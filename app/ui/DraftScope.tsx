import { createContext, useContext, useEffect, useLayoutEffect, useState, type ReactNode } from 'react';
import { drafts, PLACE } from '../platform/drafts';

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

/** What a person chose and has not confirmed yet: back when the page was gone without warning. */
export function useKeptState<T>(name: string, initial: T): [T, (next: T) => void] {
  const key = useDraftKey(name);
  const kept = () => drafts.get(key);
  return useStateKeptAs(key, kept, initial);
}

/**
 * Where a person is: the open sheet, the chosen tab or card. Back when the page was gone without warning, if something
 * that was typed or chosen there waits as well; otherwise a page begins as it always does.
 */
export function useKeptPlace<T>(name: string, initial: T): [T, (next: T) => void] {
  const key = useDraftKey(PLACE + name);
  const kept = () => (drafts.hasTyped(scopeOf(key)) ? drafts.get(key) : null);
  return useStateKeptAs(key, kept, initial);
}

function useStateKeptAs<T>(key: string | null, kept: () => string | null, initial: T): [T, (next: T) => void] {
  const [state, setState] = useState<T>(() => parsed(kept(), initial));
  useEffect(() => {
    drafts.set(key, state === initial ? null : JSON.stringify(state));
  }, [key, state, initial]);
  return [state, setState];
}

const scopeOf = (key: string | null) => key?.slice(0, key.lastIndexOf(PLACE)) ?? null;

function parsed<T>(kept: string | null, initial: T): T {
  try {
    return kept === null ? initial : (JSON.parse(kept) as T);
  } catch {
    return initial;
  }
}
