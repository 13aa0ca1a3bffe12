import { useState } from 'react';

interface Draft {
  readonly text: string;
  readonly focused: boolean;
  readonly change: (text: string) => void;
  readonly enter: () => void;
  readonly leave: (text?: string) => void;
  /** Commits what stands there, or a text given in its place; a text that did not change is not committed. */
  readonly commit: (text?: string) => void;
}

/**
 * The text of a field between two commits.
 * @param onCommit returns false to refuse the text, which then stays in the field
 */
export function useDraft(value: string, onCommit?: (text: string) => boolean | void): Draft {
  const [draft, setDraft] = useState<string | null>(null);
  const [focused, setFocused] = useState(false);
  const commit = (text = draft ?? value) => {
    if (draft !== null && draft !== value && onCommit?.(text) === false) return;
    setDraft(null);
  };
  return {
    text: draft ?? value,
    focused,
    change: setDraft,
    enter: () => setFocused(true),
    leave: (text) => {
      setFocused(false);
      commit(text);
    },
    commit,
  };
}
