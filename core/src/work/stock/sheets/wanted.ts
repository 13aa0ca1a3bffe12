import type { CarryLimit, PanelKind } from './fill';
import type { CutNode } from './layout';

export interface WantedPanel extends PanelKind {
  readonly count: number;
}

/** A sheet that can be had, bought or from the rack. */
export interface SheetKind {
  readonly id: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly price: number;
  /** How many there are; null where as many as wanted. */
  readonly available: number | null;
}

export interface CutSheetsInput {
  readonly wanted: readonly WantedPanel[];
  readonly kinds: readonly SheetKind[];
  readonly kerfMm: number;
  /** What is cut off every edge of a sheet as it comes. */
  readonly trimMm: number;
  /** What can be carried away, factory edges and all. */
  readonly limit: CarryLimit | null;
  readonly seed: number;
}

export interface CutSheet {
  readonly kind: string;
  /** What is cut from it, within the trimmed edges; places are from the trimmed corner. */
  readonly layout: CutNode;
}

export interface CutSheets {
  readonly sheets: readonly CutSheet[];
  readonly price: number;
  /** No way to cut them costs less than this. */
  readonly boundPrice: number;
  readonly proven: boolean;
  /** Panels for which nothing is large enough, or of which there is not enough; by id, one entry for each. */
  readonly missing: readonly string[];
}

export interface SheetEffort {
  /** How many times all panels are laid out anew, as far as the steps suffice. */
  readonly rounds: number;
  /** How much is looked at on the way, for each panel. */
  readonly steps: number;
  /** How many of the layouts that come about are chosen from. */
  readonly layouts: number;
  readonly nodes: number;
  readonly seconds: number;
}

export const USUAL_SHEETS: SheetEffort = { rounds: 40, steps: 8000, layouts: 120, nodes: 10, seconds: 0.3 };
