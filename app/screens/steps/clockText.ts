/** Minutes since midnight as a clock shows them; `24:00`, the end of a day, is shown as the midnight that it is. */
export function clockText(minutes: number): string {
  const two = (number: number) => String(number).padStart(2, '0');
  return `${two(Math.floor(minutes / 60) % 24)}:${two(Math.floor(minutes % 60))}`;
}
