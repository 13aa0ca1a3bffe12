import type { APIRequestContext } from '@playwright/test';
import { textFaults } from './faults';
import { AT_ONE_SIZE, expect, LONG_WORDS, test, type Person } from './person';
import { Tour } from './tour';

test.use({ locale: LONG_WORDS });

/** Words that are no language's: names of units, of files, of keys, of Dormer and of the simulated shop. */
const UNITS =
  'Dormer mm cm in ft lb lbs oz fl pint quart psi ga kg min pdf svg dxf csv ics json Enter Shift Esc Practice yard';

/** Words that no catalogue holds, since the platform has them: days and months, spans of time, lists. */
const INTL = Array.from({ length: 12 * 7 }, (_, i) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'full' }).format(new Date(2026, i % 12, 1 + (i % 7))),
).concat('Jan Feb Mar Apr Jun Jul Aug Sept Oct Nov Dec Mon Tue Wed Thu Fri Sat Sun now minute minutes ago and UTC');

/** Words that need no translation: of units, of the platform, and what people typed in the jobs. */
async function knownWords(request: APIRequestContext): Promise<Set<string>> {
  const { jobs } = (await (await request.get('/api/jobs')).json()) as { jobs: { id: string }[] };
  expect(jobs.length).toBeGreaterThan(3);
  const documents = await Promise.all(jobs.map(async ({ id }) => (await request.get(`/api/jobs/${id}`)).text()));
  const all = [UNITS, ...INTL, ...documents].join(' ').matchAll(/\p{L}+/gu);
  return new Set([...all].map(([word]) => word.toLowerCase()));
}

/**
 * Walks somewhere and looks at every text on the way.
 * @param least how many screens must have been seen
 */
async function faultless(person: Person, known: Set<string>, least: number, walk: (tour: Tour) => Promise<void>) {
  const faults = { untranslated: new Set<string>(), cut: new Set<string>(), overlapping: new Set<string>() };
  let seen = 0;
  const look = async () => {
    seen += 1;
    const found = await textFaults(person.page, known);
    for (const kind of ['untranslated', 'cut', 'overlapping'] as const) {
      for (const text of found[kind]) faults[kind].add(text);
    }
  };
  await walk(new Tour(person, look));
  expect(seen).toBeGreaterThanOrEqual(least);
  const none = new Set();
  expect(faults).toEqual({ untranslated: none, cut: none, overlapping: none });
}

for (const job of ['Chimney alcove', 'Cloakroom closet']) {
  test(
    `in a language of longer words nothing is cut, overlaps or stays English: ${job}`,
    AT_ONE_SIZE,
    async ({ person, request }) => {
      await faultless(person, await knownWords(request), 45, async (tour) => {
        await person.open(job);
        await tour.everywhere();
      });
    },
  );
}

test(
  'in a language of longer words nothing is cut, overlaps or stays English: the list, and other places',
  AT_ONE_SIZE,
  async ({ person, request }) => {
    await faultless(person, await knownWords(request), 25, async (tour) => {
      await tour.jobs();
      for (const job of ['Stair cavity', 'Parcel bench', 'Between the tall cabinets', 'Window corner']) {
        await person.open(job);
        await tour.place();
      }
    });
  },
);
