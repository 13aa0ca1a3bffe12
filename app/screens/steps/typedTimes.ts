/** `18:30`, as typed. */
export const isClock = (typed: string): boolean => /^([01]?\d|2[0-3]):[0-5]\d$/.test(typed.trim());

/** A date that there is: `2026-05-09`. */
export function isDay(typed: string): boolean {
  const bare = typed.trim();
  if (!/^\d{4}-\d{2}-\d{2}$/.test(bare)) return false;
  const date = new Date(`${bare}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(bare);
}

/** Minutes since midnight as a clock shows them. */
export function clockText(minutes: number): string {
  const two = (number: number) => String(number).padStart(2, '0');
  return `${two(Math.floor(minutes / 60))}:${two(Math.floor(minutes % 60))}`;
}
