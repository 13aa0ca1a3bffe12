/**
 * A stick of rectangular section that runs along x, glued to a plate: a nosing, a stiffener. Millimetres; moduli N/mm².
 */
export interface Rib {
  readonly id: string;
  readonly fromMm: number;
  readonly toMm: number;
  /** y of the line of the plate it is fixed along. */
  readonly outMm: number;
  readonly thicknessMm: number;
  readonly heightMm: number;
  /** Its middle above (positive) or below the plate's middle plane. */
  readonly offsetMm: number;
  readonly modulusMpa: number;
  readonly shearMpa: number;
}

/**
 * How stiff a plate's material is: along x, along y and in shear, N/mm²; `poisson` for strain along y from stress along
 * x.
 */
export interface PlateStiffness {
  readonly alongMpa: number;
  readonly acrossMpa: number;
  readonly shearMpa: number;
  readonly poisson: number;
}

/** A straight line, along x or along y, on which the plate rests; a point where both ends are one. Millimetres. */
export interface Rest {
  readonly id: string;
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
}

/** Loads that act together, downwards: N/mm² all over, and N at points. */
export interface PlateLoad {
  readonly pressure: number;
  readonly points: readonly { readonly x: number; readonly y: number; readonly newtons: number }[];
}

/** A thin plate from (0, 0) to (lengthMm, depthMm), what it rests on and what stiffens it. */
export interface PlateModel {
  readonly lengthMm: number;
  readonly depthMm: number;
  readonly thicknessMm: number;
  readonly stiffness: PlateStiffness;
  readonly rests: readonly Rest[];
  readonly ribs: readonly Rib[];
  /** Where it is not a rectangle: what of that it fills. Elements count whose middle lies within. */
  readonly outline?: readonly (readonly [x: number, y: number])[];
}
