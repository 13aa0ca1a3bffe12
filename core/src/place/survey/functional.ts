import type { SurfaceName } from '../../job';

/** A surface, or an unknown of one reading's own (how far out the point of a tape triangle lies). */
export type FieldName = SurfaceName | `aux:${string}`;

/**
 * A point of a surface by its two own coordinates, millimetres: side walls (out, up), back and front (across, up),
 * floor and ceiling (across, out).
 */
export interface Point {
  readonly surface: FieldName;
  readonly s: number;
  readonly z: number;
}

/** A weight on the position of a surface at a point. */
export interface Term extends Point {
  readonly weight: number;
}

/** A weighted sum of wall positions: what a reading says, or what a board depends on. */
export type Functional = readonly Term[];

/**
 * The position of one point itself.
 * @param s first coordinate of the point on its surface, millimetres (see Point)
 * @param z second coordinate, millimetres
 */
export const at = (surface: FieldName, s: number, z: number): Functional => [{ surface, s, z, weight: 1 }];

/** A functional times a number. */
export const times = (factor: number, one: Functional): Functional =>
  one.map((term) => ({ ...term, weight: factor * term.weight }));

/** The sum of functionals. */
export const sum = (...parts: readonly Functional[]): Functional => parts.flat();

/** One functional less another. */
export const minus = (a: Functional, b: Functional): Functional => [...a, ...times(-1, b)];

/** Height of a middle point over the chord of two others. */
export const overChord = (from: Functional, middle: Functional, to: Functional): Functional =>
  sum(middle, times(-0.5, from), times(-0.5, to));
