import { bodyEn } from './body';
import { drawingsEn } from './drawings';
import { heightsEn } from './heights';
import { partsEn } from './parts';
import { problemsEn } from './problems';
import { stepsEn } from './steps';
import { stockEn } from './stock';
import { supportsEn } from './supports';
import { surveyEn } from './survey';
import { termsEn } from './terms';
import { tradeWordsEn } from './tradeWords';
import type { typedEn } from './typed';

/** English, by topic: sentences about an open job. Those needed before a job is open are in `typed.ts`. */
export const restEn = [
  surveyEn,
  heightsEn,
  termsEn,
  problemsEn,
  bodyEn,
  supportsEn,
  partsEn,
  drawingsEn,
  stockEn,
  stepsEn,
  tradeWordsEn,
] as const;

/** Every sentence of the core by its code. */
export type Sentences = typeof typedEn &
  typeof surveyEn &
  typeof heightsEn &
  typeof termsEn &
  typeof problemsEn &
  typeof bodyEn &
  typeof supportsEn &
  typeof partsEn &
  typeof drawingsEn &
  typeof stockEn &
  typeof stepsEn &
  typeof tradeWordsEn;
