import type { JobUnit } from '../../base/quantity';
import { usualRegion } from '../../job/newJob';
import type { Region } from '../../job/schema';
import { inAmerican } from './american';
import { lengthened } from './lengthened';

interface Writing {
  /** The locale that dates, amounts, lists and plurals are written in (BCP 47). */
  readonly locale: string;
  /** Language of the catalogues whose sentences are said; English says what another one lacks. */
  readonly catalogue: string;
  /** The catalogue's words as this language writes them. */
  readonly spell: (words: string) => string;
}

/** Each language by its tag (BCP 47): how it writes what the catalogues say. The English ones are British. */
export const WRITING = {
  'en-GB': { locale: 'en-GB', catalogue: 'en', spell: (words) => words },
  'en-US': { locale: 'en-US', catalogue: 'en', spell: inAmerican },
  // Longer words with accents, by which a test sees what is cut, overlaps or is in no catalogue.
  'en-XA': { locale: 'en-GB', catalogue: 'en', spell: lengthened },
} as const satisfies Readonly<Record<string, Writing>>;

/** What Dormer can be read in. */
export type Language = keyof typeof WRITING;

/** Who reads: their units, and where they work. */
export interface ReaderPlace {
  readonly units: JobUnit;
  readonly region?: Region | undefined;
}

/** Where a reader works: as they say, else by their units. */
export const regionOf = ({ units, region }: ReaderPlace): Region => region ?? usualRegion(units);

/** Languages by the region of a job. Any other one goes by what the person's device asks for. */
const BY_REGION: Readonly<Record<Region, Language>> = { uk: 'en-GB', us: 'en-US' };

let asked: Language | null = null;

/**
 * Says everything from here on in the language that a device asks for.
 * @param tags languages the person reads, the preferred one first (BCP 47)
 */
export function readIn(tags: readonly string[]): void {
  const others = Object.keys(WRITING).filter((tag) => !(Object.values(BY_REGION) as string[]).includes(tag));
  const first = tags.map((tag) => {
    const spoken = others.find((other) => tag === other || tag.startsWith(`${other}-`));
    return spoken ?? (tag.startsWith('en') ? 'en' : null);
  });
  const found = first.find((tag) => tag !== null);
  asked = found === undefined || found === 'en' ? null : (found as Language);
}

/** The language of a reader: what their device asks for, else the English of their region. */
export const languageOf = (reader: ReaderPlace): Language => asked ?? BY_REGION[regionOf(reader)];
