import { useLayoutEffect } from 'react';

/** What a pressed key does. `free`: no text is being typed; `empty`: none, or into an empty field. */
export type OnKey = (event: KeyboardEvent, where: { readonly free: boolean; readonly empty: boolean }) => boolean;

/**
 * Listens to the keyboard while no sheet is open. It hears keys before the fields do, which keep theirs to
 * themselves.
 * @param onKey returns whether the key was meant for it
 */
export function useKeys(onKey: OnKey): void {
  // With the commit that shows it: a key pressed at once after a view appears is heard.
  useLayoutEffect(() => {
    if (typeof document === 'undefined') return;
    const hear = (event: KeyboardEvent) => {
      if (document.querySelector('dialog[open]')) return;
      const { target } = event;
      const free = !(target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement);
      const empty = free || (target as HTMLInputElement).value === '';
      if (onKey(event, { free, empty })) event.preventDefault();
    };
    document.addEventListener('keydown', hear, true);
    return () => document.removeEventListener('keydown', hear, true);
  }, [onKey]);
}
