import { baysEn } from './shelves/bays.en';
import { heightsEn } from './shelves/heights.en';
import { marksEn } from './shelves/marks.en';
import { strengthEn } from './shelves/strength.en';
import { supportsEn } from './shelves/supports.en';
import { thingsEn } from './shelves/things.en';
import { tiltedEn } from './shelves/tilted.en';

/** Words of the Shelves stage, loaded with that stage. */
export const shelvesEn = {
  ...baysEn,
  ...heightsEn,
  ...marksEn,
  ...strengthEn,
  ...supportsEn,
  ...thingsEn,
  ...tiltedEn,
};
