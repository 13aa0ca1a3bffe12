import type { Random } from '../../../base/random';
import type { Filling } from './fill';
import type { SheetKind, WantedPanel } from './wanted';
import type { CutNode, Rect } from './layout';

/** A sheet as it could be cut: how many of each panel it gives. */
export interface Candidate {
  /** Which kind of sheet, by its place in the list. */
  readonly kind: number;
  readonly counts: readonly number[];
  readonly layout: CutNode;
  readonly settings: number;
}

/** Panels and sheets, ready to be laid out; numbers stand in the order of the panels, or of the sheets. */
export interface SheetWork {
  readonly wanted: readonly WantedPanel[];
  readonly kinds: readonly SheetKind[];
  /** What is left of each sheet after trimming. */
  readonly inside: readonly Rect[];
  /** What a sheet costs, as a share of the dearest; larger ones a trace more. */
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
