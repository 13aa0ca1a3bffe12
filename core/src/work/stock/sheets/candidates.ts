import type { Random } from '../../../base/random';
import type { Filling } from './fill';
import type { SheetKind, WantedPanel } from './wanted';
import type { CutNode, Rect } from './layout';

/** A possible cut of one sheet: number of each panel. */
export interface Candidate {
  /** Index of the kind of sheet. */
  readonly kind: number;
  readonly counts: readonly number[];
  readonly layout: CutNode;
  readonly settings: number;
}

/** Panels and sheets to lay out; arrays follow the order of the panels, or of the sheets. */
export interface SheetWork {
  readonly wanted: readonly WantedPanel[];
  readonly kinds: readonly SheetKind[];
  /** Usable rectangle of each sheet after trimming. */
  readonly inside: readonly Rect[];
  /** Cost of each sheet as a share of the dearest; larger sheets cost a trace more. */
  readonly costs: readonly number[];
  /** Areas of panels, square millimetres. */
  readonly areas: readonly number[];
  readonly filling: Filling;
  readonly random: Random;
}

/** The area of the panels of a sheet, square millimetres. */
export const usedArea = ({ counts }: Pick<Candidate, 'counts'>, areas: readonly number[]): number =>
  counts.reduce((sum, count, i) => sum + count * areas[i]!, 0);

/** The area of a sheet after trimming, square millimetres. */
export const areaInside = ({ lengthMm, widthMm }: Rect): number => lengthMm * widthMm;
