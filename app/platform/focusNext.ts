/** The mark by which length fields find each other. */
export const LENGTH_FIELD = 'length-field';

/** Moves the focus to the next length field of the page, as Enter does on a form; after the last, out of it. */
export function focusNextLength(from: unknown): void {
  if (typeof document === 'undefined') return;
  const fields = [...document.querySelectorAll<HTMLInputElement>(`[data-testid="${LENGTH_FIELD}"]`)];
  const next = fields[fields.indexOf(from as HTMLInputElement) + 1];
  if (next) next.focus();
  else (from as HTMLInputElement | null)?.blur();
}

/** Gives a field the focus, by its test id. */
export function focusField(testID: string): void {
  if (typeof document === 'undefined') return;
  document.querySelector<HTMLInputElement>(`[data-testid="${testID}"]`)?.focus();
}
