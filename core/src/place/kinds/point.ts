/**
 * A point in the frame of an opening, millimetres: across to the right along the back wall, out from it towards the
 * person, up from the floor mark.
 */
export interface Point3 {
  readonly across: number;
  readonly out: number;
  readonly up: number;
}

/** A point seen from above. */
export type FloorPoint = Omit<Point3, 'up'>;
