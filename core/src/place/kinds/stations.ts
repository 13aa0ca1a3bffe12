const STATIONS = 5;

/** Even stations from one to another, both ends included; one where they are the same. */
export function stations(from: number, to: number, count = STATIONS): number[] {
  if (to - from < 1) return [from];
  return Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));
}
