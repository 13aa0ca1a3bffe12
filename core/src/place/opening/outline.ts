import type { Extent } from '../kinds';
import type { Estimate, Nominal } from './opening';

/** The upright surfaces at one height; null for one the place does not have. */
export interface WallSection {
  readonly upMm: number;
  /** x of the side walls at `outsMm`. */
  readonly left: readonly Estimate[] | null;
  readonly right: readonly Estimate[] | null;
  /** y of back and front line at `acrossesMm`. */
  readonly back: readonly Estimate[] | null;
  readonly front: readonly Estimate[] | null;
}

/** Floor and ceiling at one place across, at the front line; null for one the place does not have. */
export interface LevelStation {
  readonly acrossMm: number;
  readonly floor: Estimate | null;
  readonly ceiling: Estimate | null;
}

/** The opening as plain data for drawings: walls at their stations, bottom to top, left to right, back to front. */
export interface Outline {
  readonly nominal: Nominal;
  readonly extent: Extent;
  readonly outsMm: readonly number[];
  readonly acrossesMm: readonly number[];
  readonly sections: readonly WallSection[];
  readonly levels: readonly LevelStation[];
}

/** The section at any height: straight between the stations above and below it. */
export function sectionAt(outline: Outline, upMm: number): WallSection {
  const { sections } = outline;
  const first = sections[0] as WallSection;
  const last = sections.at(-1) as WallSection;
  const above = sections.find((section) => section.upMm >= upMm) ?? last;
  const below = [...sections].reverse().find((section) => section.upMm <= upMm) ?? first;
  const share = above.upMm === below.upMm ? 0 : (upMm - below.upMm) / (above.upMm - below.upMm);
  const between = (a: readonly Estimate[] | null, b: readonly Estimate[] | null) =>
    a && b
      ? a.map((estimate, i): Estimate => {
          const other = b[i] ?? estimate;
          return {
            mm: estimate.mm + share * (other.mm - estimate.mm),
            sdMm: estimate.sdMm + share * (other.sdMm - estimate.sdMm),
          };
        })
      : null;
  return {
    upMm,
    left: between(below.left, above.left),
    right: between(below.right, above.right),
    back: between(below.back, above.back),
    front: between(below.front, above.front),
  };
}

/**
 * Where a side wall is at a distance from the back: straight between its stations.
 * @param wall its positions at `outsMm`, at one height
 * @returns x in the frame of the opening, millimetres
 */
export function wallAt({ outsMm }: Pick<Outline, 'outsMm'>, wall: readonly Estimate[], out: number): number {
  const beyond = outsMm.findIndex((one) => one >= out);
  const next = beyond === -1 ? outsMm.length - 1 : Math.max(beyond, 1);
  const [from, to] = [outsMm[next - 1] ?? 0, outsMm[next] ?? 0];
  const [a, b] = [wall[next - 1] ?? wall.at(-1), wall[next] ?? wall.at(-1)] as [Estimate, Estimate];
  const share = to > from ? Math.min(Math.max((out - from) / (to - from), 0), 1) : 0;
  return a.mm + share * (b.mm - a.mm);
}
