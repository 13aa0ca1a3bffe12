const STATIONS = 5;

/**
 * Even stations over a stretch, both ends included; a stretch shorter than 1 mm has one.
 * @param from millimetres
 * @param to millimetres
 * @returns millimetres, rising
 */
export function stations(from: number, to: number, count = STATIONS): number[] {
  if (to - from < 1) return [from];
  return Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));
}
