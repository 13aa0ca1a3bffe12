/** The sheet an elevation is drawn on. */
export interface Frame {
  readonly left: number;
  readonly right: number;
  readonly middleMm: number;
  readonly heightMm: number;
  /** From the middle to the edge of the sheet, with room for what is exaggerated. */
  readonly outerMm: number;
  /** Below the floor and above the ceiling. */
  readonly marginMm: number;
  readonly poleMm: number;
  readonly factor: number;
  readonly across: (x: number) => number;
}
