import { shapedIn } from '../design/shaping/cut';
import { furtherCuts } from '../design/shaping/furtherCuts';
import { differing } from '../design/shaping/replayTesting';
import { designOf, readJob, workOf, type Job } from '../job';
import { anyBays } from '../rigs/anyBays';
import { bookFaults } from '../work/steps/bookTesting';
import { placeOf } from './parts';
import { piecesOf } from './pieces';
import { buildOf } from './sections';

const JOBS = 120;
/** Of so many of them the saw and the steps are gone through too. */
const CUT = 40;

const built = Array.from({ length: JOBS }, (_, i) => anyBays(i + 1)).map((job) => ({
  job,
  pieces: piecesOf(designOf(job), placeOf(job)),
}));
const parted = built.filter(({ pieces }) => pieces.bays.length > 1);
const sawn = parted.filter(({ pieces }) => pieces.parts.length > 0).slice(0, CUT);

/** Its own chair rail or outlet is met; the walls are not known well enough for the depth of its housings. */
const OF_THE_PLACE: ReadonlySet<string> = new Set(['body.meetsThing', 'body.shortOfHousing']);
/** A board lies on little of a thin end cleat where it is cut short: its screws are near an edge, and that is said. */
const ofThinCleats = (job: Job, code: string): boolean =>
  code === 'body.nearEdge' &&
  [job.support, ...(job.bays ?? []).flatMap((bay) => (bay.kind === 'beside' ? [bay.support] : []))].some(
    ({ system }) => system === 'end-cleats',
  );

test('most openings take the bays asked for', () => {
  expect(parted.length).toBeGreaterThan(JOBS / 2);
  expect(sawn).toHaveLength(CUT);
});

test('a job with bays is read again as it was written', () => {
  for (const { job } of built) expect(readJob(JSON.parse(JSON.stringify(job)))).toEqual({ ok: true, value: job });
});

test('nothing of one bay runs into another, all is held, and every screw bites', () => {
  const faults = parted.flatMap(({ job, pieces }) =>
    pieces.built.problems
      .map(({ message }) => message.code as string)
      .filter((code) => code.startsWith('body.') && !OF_THE_PLACE.has(code) && !ofThinCleats(job, code))
      .map((code) => `${job.id}: ${code}`),
  );
  expect(faults).toEqual([]);
});

test('every piece, joint and shelf has a name of its own', () => {
  for (const { pieces } of parted) {
    const { body, fixings } = pieces.built;
    const names = [
      [...body.pieces, ...body.fittings].map(({ id }) => id),
      fixings.map(({ id }) => id),
      pieces.shelves.map(({ number }) => number),
    ];
    for (const all of names) expect(new Set<string | number>(all).size).toBe(all.length);
  }
});

test('every board lies within its bay', () => {
  const checked = parted.flatMap(({ pieces }) =>
    pieces.bays.flatMap(({ road, parts }) =>
      parts.flatMap((part) => {
        const across = part.fit
          ? { fromMm: part.fit.seat.acrossMm, toMm: part.fit.seat.acrossMm + part.fit.backMm }
          : part.across;
        return part.role === 'board' && across ? [{ across, stretch: road.stretch, road }] : [];
      }),
    ),
  );
  expect(checked.length).toBeGreaterThan(JOBS);
  for (const { across, stretch, road } of checked) {
    // A face turns with its case; a wall leans.
    const leans = 25;
    expect(across.fromMm).toBeGreaterThan(stretch.fromMm - (road.faces.left ? 5 : leans));
    expect(across.toMm).toBeLessThan(stretch.toMm + (road.faces.right ? 5 : leans));
  }
});

test('cut as told, every piece is its solid, and no cut stands for two', () => {
  const off = sawn.flatMap(({ job, pieces: { parts, built: one } }) =>
    differing({ parts, body: one.body }, job).map((words) => `${job.id} ${words}`),
  );
  expect(off).toEqual([]);
  const cuts = sawn.flatMap(({ job, pieces: { parts, built: one } }) => {
    const shaped = shapedIn(one.body);
    return parts.flatMap((part) => furtherCuts(shaped(part), { job }).map((cut) => `${job.id} ${cut.id}`));
  });
  expect(cuts.length).toBeGreaterThan(CUT);
  expect(new Set(cuts).size).toBe(cuts.length);
});

test('every piece is listed, cut and put in once, every screw driven in one step and bought', () => {
  const faults = sawn.flatMap(({ job, pieces }) => {
    const { steps } = buildOf(workOf(job), pieces, { problems: [], cautions: [] });
    return bookFaults({ ...pieces, fixings: pieces.built.fixings, steps }, job).map((words) => `${job.id} ${words}`);
  });
  expect(faults).toEqual([]);
});
