import type { JobUnit } from '../../base/quantity';
import { usualRegion } from '../../job/newJob';
import type { Region } from '../../job/schema';
import { inAmerican } from './american';

/** What Dormer can be read in. */
export type Language = 'en-GB' | 'en-US';

interface Writing {
  /** The locale that dates, amounts, lists and plurals are written in (BCP 47). */
  readonly locale: string;
  /** The catalogue's words as this language writes them. */
  readonly spell: (words: string) => string;
}

/** Each language, by how it writes what the catalogues say. They say it in British English. */
export const WRITING: Readonly<Record<Language, Writing>> = {
  'en-GB': { locale: 'en-GB', spell: (words) => words },
  'en-US': { locale: 'en-US', spell: inAmerican },
};

/** Who reads: their units, and where they work. */
export interface ReaderPlace {
  readonly units: JobUnit;
  readonly region?: Region | undefined;
}

/** Where a reader works: as they say, else by their units. */
export const regionOf = ({ units, region }: ReaderPlace): Region => region ?? usualRegion(units);

/** The language of a reader. */
export const languageOf = (reader: ReaderPlace): Language => (regionOf(reader) === 'us' ? 'en-US' : 'en-GB');
