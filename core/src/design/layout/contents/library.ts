import type { Often } from '../../../job';

/** A thing of the library: usual sizes in millimetres and kilograms, to begin with and to be changed. */
export interface LibraryThing {
  readonly id: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly depthMm: number;
  readonly kg: number;
  readonly often: Often;
  readonly liftMm: number;
  readonly stack: number;
  readonly flat: boolean;
}

const thing = (
  id: string,
  [widthMm, heightMm, depthMm]: readonly [number, number, number],
  kg: number,
  often: Often,
  liftMm: number,
  stack = 1,
  flat = false,
): LibraryThing => ({ id, widthMm, heightMm, depthMm, kg, often, liftMm, stack, flat });

/** Kinds of things people store, with sizes they usually have: along the shelf, upright, front to back. */
export const LIBRARY: readonly LibraryThing[] = [
  thing('game-box', [70, 295, 295], 1.3, 'weekly', 20, 1, true),
  thing('game-box-small', [45, 200, 130], 0.4, 'weekly', 20, 1, true),
  thing('record-crate', [340, 330, 350], 18, 'weekly', 30, 1),
  thing('books', [250, 240, 170], 5, 'weekly', 25),
  thing('books-large', [250, 320, 240], 8, 'rarely', 25),
  thing('file-box', [80, 320, 285], 3, 'weekly', 25),
  thing('storage-box', [390, 280, 280], 6, 'rarely', 20, 2),
  thing('basket', [300, 230, 300], 2, 'daily', 80),
  thing('shoe-box', [200, 120, 330], 1, 'weekly', 15, 4),
  thing('shoes', [220, 130, 300], 1, 'daily', 60),
  thing('folded-clothes', [300, 250, 350], 3, 'daily', 60),
  thing('towels', [330, 250, 300], 3, 'daily', 60),
  thing('bedding', [450, 300, 400], 4, 'rarely', 50),
  thing('suitcase', [550, 260, 400], 5, 'rarely', 40, 2),
  thing('jars', [90, 150, 90], 0.7, 'daily', 40, 2),
  thing('bottles', [90, 320, 90], 1.4, 'weekly', 20),
  thing('plates', [280, 150, 280], 4, 'daily', 60),
  thing('pans', [300, 150, 300], 2, 'daily', 60, 2),
  thing('kettle', [230, 260, 170], 1.5, 'daily', 80),
  thing('paint-tin', [180, 200, 180], 4, 'rarely', 30, 2),
  thing('tool-case', [440, 130, 340], 7, 'weekly', 40, 3),
  thing('parcel', [300, 200, 250], 3, 'daily', 40, 3),
  thing('plant-pot', [200, 350, 200], 3, 'daily', 80),
];
