import { drawingsEn } from './drawings';
import { heightsEn } from './heights';
import { partsEn } from './parts';
import { problemsEn } from './problems';
import { stepsEn } from './steps';
import { stockEn } from './stock';
import { supportsEn } from './supports';
import { surveyEn } from './survey';
import { termsEn } from './terms';

/** English, by topic: sentences about an open job. Those needed before a job is open are in `typed.ts`. */
export const restEn = [
  surveyEn,
  heightsEn,
  termsEn,
  problemsEn,
  supportsEn,
  partsEn,
  drawingsEn,
  stockEn,
  stepsEn,
] as const;
