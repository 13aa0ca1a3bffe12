import { useEffect, useRef, useState, type RefObject } from 'react';
import { drafts } from '../platform/drafts';
import { useDraftKey } from './DraftScope';

interface Draft {
  readonly text: string;
  readonly focused: boolean;
  readonly change: (text: string) => void;
  readonly enter: () => void;
  readonly leave: (text?: string) => void;
  /** Commits what stands there, or a text given in its place; a text that did not change is not committed. */
  readonly commit: (text?: string) => void;
}

interface DraftOptions {
  /** Name of the field within its screen. */
  readonly label: string;
  readonly value: string;
  /** Returns false to refuse the text, which then stays in the field. */
  readonly onCommit?: ((text: string) => boolean | void) | undefined;
  /** Gets a text that the device kept when the page was gone without warning. */
  readonly onKept?: ((text: string) => void) | undefined;
  readonly input: RefObject<{ focus: () => void } | null>;
}

/** The text of a field between two commits, which the device keeps as it is typed. */
export function useDraft({ label, value, onCommit, onKept, input }: DraftOptions): Draft {
  const key = useDraftKey(label);
  const [draft, setDraft] = useState<string | null>(() => drafts.get(key));
  const [focused, setFocused] = useState(false);
  useKept({ key, draft, onKept, input });
  const change = (text: string | null) => {
    setDraft(text);
    drafts.set(key, text);
  };
  const commit = (text = draft ?? value) => {
    if (draft !== null && draft !== value && onCommit?.(text) === false) return;
    change(null);
  };
  return {
    text: draft ?? value,
    focused,
    change,
    enter: () => {
      setFocused(true);
      drafts.focus(key);
    },
    leave: (text) => {
      setFocused(false);
      drafts.focus(null);
      commit(text);
    },
    commit,
  };
}

interface Kept {
  readonly key: string | null;
  /** The text the field begins with, where the device kept one. */
  readonly draft: string | null;
  readonly onKept: ((text: string) => void) | undefined;
  readonly input: RefObject<{ focus: () => void } | null>;
}

/** Hands on a text the device kept, and gives the field the focus back. */
export function useKept({ key, draft, onKept, input }: Kept): void {
  const begun = useRef({ key, draft, onKept, input });
  useEffect(() => {
    const { key: name, draft: kept, onKept: hand, input: field } = begun.current;
    if (kept !== null) hand?.(kept);
    // A sheet takes the focus when it opens, which is after this.
    if (drafts.takeFocus(name)) setTimeout(() => field.current?.focus(), 0);
  }, []);
}
