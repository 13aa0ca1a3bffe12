import { designOf, workOf, type Job } from '../job';
import { volumeOfSolid } from '../design/body';
import { furtherCuts, shapedIn } from '../design/shaping';
import { differing } from '../design/shaping/replayTesting';
import { anyJob } from '../rigs/anyJob';
import { bookFaults } from '../work/steps/bookTesting';
import type { BuiltBody } from './body';
import { placeOf } from './parts';
import { piecesOf, type Pieces } from './pieces';
import { buildOf } from './sections';

/** How many jobs by chance, in as many groups: each group is a test of its own. */
const JOBS = 1000;
const GROUPS = 10;

/** Of so many jobs of a group the saw and the steps are gone through too. */
const CUT = 30;

interface Chosen {
  readonly job: Job;
  readonly pieces: Pieces;
  readonly built: BuiltBody;
}

function builtOf(job: Job): Chosen {
  const pieces = piecesOf(designOf(job), placeOf(job));
  return { job, pieces, built: pieces.built };
}

const isMixed = ({ support }: Job): boolean => (support.shelves ?? []).length > 0;

/**
 * What may be said of a job with one support: its own chair rail or outlet is met, the walls are not known well enough
 * for the depth of its housings.
 */
const OF_THE_PLACE: ReadonlySet<string> = new Set(['body.meetsThing', 'body.shortOfHousing']);

/** A board lies on little of a thin end cleat where it is cut short: its screws are near an edge, and that is said. */
const ofThinCleats = ({ support }: Job, code: string): boolean =>
  code === 'body.nearEdge' && support.system === 'end-cleats';

/** Faults of one job in a few words, for the message of a test that fails. */
function faultsOf(job: Job, built: BuiltBody): string[] {
  const said = built.problems
    .map(({ message }) => message.code as string)
    .filter((code) => code.startsWith('body.') && !OF_THE_PLACE.has(code) && !ofThinCleats(job, code));
  return isMixed(job) ? [] : said.map((code) => `${job.id} ${job.place.kind} ${job.support.system}: ${code}`);
}

/** Two pieces of one unit that are in one another: whatever else is asked, that never is. */
function ownOverlaps(job: Job, built: BuiltBody): string[] {
  const units = new Map(built.body.pieces.map((piece) => [piece.id, piece.unit]));
  return built.findings
    .filter(({ code }) => code === 'body.inOneAnother')
    .flatMap(({ of: [a = '', b = ''] }) => {
      const same = units.has(a) && units.get(a) === units.get(b);
      return same ? [`${job.id} ${job.support.system}: ${a} in ${b}`] : [];
    });
}

describe.each(Array.from({ length: GROUPS }, (_, i) => i))('jobs by chance, group %i', (group) => {
  const from = (group * JOBS) / GROUPS + 1;
  const jobs = Array.from({ length: JOBS / GROUPS }, (_, i) => anyJob(from + i));
  const built = jobs.map(builtOf);
  const sawn = built.filter((one) => one.pieces.parts.length > 0).slice(0, CUT);

  test('enough of them are built to say something', () => {
    expect(built.filter((one) => one.pieces.parts.length > 0).length).toBeGreaterThan(jobs.length / 2);
  });

  test('with one support nothing runs into anything, all is held, and every screw bites', () => {
    expect(built.flatMap((one) => faultsOf(one.job, one.built))).toEqual([]);
  });

  test('with several supports no piece runs into one of its own', () => {
    expect(built.flatMap((one) => ownOverlaps(one.job, one.built))).toEqual([]);
  });

  test('what runs into another is named, and stops', () => {
    for (const { built: one } of built) {
      const deep = one.findings.filter(({ code }) => code === 'body.inOneAnother');
      const stops = one.problems.filter(
        ({ message, severity }) => message.code === 'body.inOneAnother' && severity === 'stop',
      );
      expect(stops.length > 0).toBe(deep.length > 0);
    }
  });

  test('every piece has a volume, every id is one, and every screw has its joint', () => {
    for (const { built: one } of built) {
      const { pieces, fittings, screws } = one.body;
      for (const piece of pieces) expect(volumeOfSolid(piece.solid)).toBeGreaterThan(0);
      const ids = [...pieces, ...fittings].map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      const joints = new Set(one.fixings.map(({ id }) => id));
      expect(screws.every(({ fixing }) => joints.has(fixing))).toBe(true);
      expect(screws.length).toBe(one.fixings.reduce((sum, { holes }) => sum + holes.length, 0));
    }
  });

  test('cut as told, every piece is its solid', () => {
    expect(sawn).toHaveLength(CUT);
    const off = sawn.flatMap(({ job, pieces: { parts }, built: { body } }) =>
      differing({ parts, body }, job).map((words) => `${job.id} ${words}`),
    );
    expect(off).toEqual([]);
  });

  test('every cut has a figure to set, and no id stands for two', () => {
    const cuts = sawn.flatMap(({ job, pieces: { parts }, built: { body } }) => {
      const shaped = shapedIn(body);
      return parts.flatMap((part) => furtherCuts(shaped(part), { job }).map((cut) => ({ cut, of: job.id })));
    });
    expect(cuts.length).toBeGreaterThan(CUT);
    const figureOf = ({ figure }: (typeof cuts)[number]['cut']) =>
      figure.kind === 'length' ? figure.mm : figure.degrees;
    expect(cuts.filter(({ cut }) => figureOf(cut) <= 0).map(({ cut, of }) => `${of} ${cut.id}`)).toEqual([]);
    const ids = cuts.map(({ cut, of }) => `${of} ${cut.id}`);
    expect(ids.filter((id, i) => ids.indexOf(id) !== i)).toEqual([]);
  });

  test('every piece is listed, cut and put in once, every screw driven in one step and bought', () => {
    const faults = sawn.flatMap(({ job, pieces }) => {
      const { steps } = buildOf(workOf(job), pieces, { problems: [], cautions: [] });
      const book = { ...pieces, fixings: pieces.built.fixings, steps };
      return bookFaults(book, job).map((words) => `${job.id} ${job.support.system} ${words}`);
    });
    expect(faults).toEqual([]);
  });
});
