import type { Message } from '../../../base/message';
import type { Lie } from './kinds';

/** Things of one kind as they stand on one shelf; 0 is the floor. Millimetres. */
export interface Stored {
  readonly thing: string;
  readonly name: string;
  readonly shelf: number;
  readonly count: number;
  readonly lie: Lie;
  /** How many stand on one another, in so many piles beside one another. */
  readonly layers: number;
  readonly piles: number;
  /** Where the first begins, from the left end of the shelf. */
  readonly fromMm: number;
  readonly runsMm: number;
  /** Height of a pile. */
  readonly highMm: number;
  /** What it stands on, above the floor mark. */
  readonly upMm: number;
  /** Clear height above it that nothing takes up, beyond the room to lift it out. */
  readonly spareMm: number;
}

/** What a shelf takes and holds. */
export interface Capacity {
  /** 0 is the floor. */
  readonly shelf: number;
  readonly lengthMm: number;
  readonly usedMm: number;
  readonly leftMm: number;
  readonly kg: number;
}

/** Things for which there is no room, and why. */
export interface LeftOut {
  readonly thing: string;
  readonly count: number;
  readonly why: Message;
}

/** What stands where. */
export interface Contents {
  readonly stored: readonly Stored[];
  readonly capacity: readonly Capacity[];
  /** Where the running length begins across the opening, millimetres; null at its left wall. */
  readonly acrossMm: number | null;
  readonly leftOut: readonly LeftOut[];
  /** Changes with which everything would go in, the smallest first. */
  readonly wayOut: readonly Message[];
  /**
   * How much trouble it is to reach what stands there, and how much height is wasted, as a number that can be compared;
   * `atLeast`: no layout of so many shelves comes lower. `proved`: every one was looked through.
   */
  readonly worth: { readonly cost: number; readonly atLeast: number; readonly proved: boolean };
}

/** A change to what was wished, tried out to see whether everything that can stand here at all goes in with it. */
export interface Change {
  readonly shelves: number;
  readonly bottomMm: number;
  readonly topMm: number;
}
