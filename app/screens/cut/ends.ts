import type { Job } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import { words } from '@dormer/core/say/words/first';

/** What may be wished of how surely a board goes in, percent. */
export const ODDS = [90, 95, 97, 99] as const;

/** Odds as so many of a hundred: nothing that is measured is certain. */
export const ofHundred = (percent: number): number => Math.min(Math.round(percent), 99);

/** How an end is cut, in one line: "out 5 mm at the front (0.9°)". */
export const inOneLine = (all: readonly Message[], reader: Job): string =>
  all.map((message) => words(message, reader)).join('; ');
