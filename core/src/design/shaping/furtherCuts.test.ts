import { chimneyAlcove, demoJobs, windowCorner } from '../../rigs/demo';
import { typedLength, withSystem, type Job } from '../../job';
import { planJob } from '../../plan';
import { words } from '../../say/words/all';
import type { Part } from '../fit';
import { shapedIn } from './cut';
import { furtherCuts } from './furtherCuts';

/** Everything that is told of the pieces of a job that are chosen, cut by cut. */
function cutsOf(job: Job, chosen: (part: Part) => boolean, glued = false) {
  const plan = planJob(job);
  const shaped = shapedIn(plan.body);
  const parts = plan.parts.filter(chosen);
  expect(parts.length).toBeGreaterThan(0);
  return parts.flatMap((part) => furtherCuts(shaped(part), { job, glued }).map((cut) => ({ ...cut, role: part.role })));
}

const isBoard = (part: Part) => part.role === 'board';

describe('what is told of an end', () => {
  test('how far in at which edge, the angle as degrees and as so much over so much, which face up', () => {
    const job = chimneyAlcove();
    const [cut] = cutsOf(job, isBoard);
    const said = cut!.how.map((message) => words(message, job)).join(' ');
    expect(said).toMatch(/^\dS, (left|right) end: mark [\d.]+ mm from the end on the (back|front) edge\./);
    expect(said).toMatch(/[\d.]+° off square, [\d.]+ mm over 320 mm\./);
    expect(said).toMatch(/Top face up, front edge towards you\./);
    expect(cut!.figure).toMatchObject({ kind: 'length' });
  });

  test('with hand tools a line and a plane in place of a blade', () => {
    const job: Job = { ...chimneyAlcove(), tools: 'hand' };
    const said = cutsOf(job, isBoard).flatMap((cut) => cut.how.map((line) => words(line, job)));
    expect(said.some((line) => /Knife a line .* Saw on the waste side and plane to the line/.test(line))).toBe(true);
    expect(said.some((line) => /blade|°/.test(line))).toBe(false);
  });

  test('a plain rectangle takes none; a scribed end tells what is left on', () => {
    const job = chimneyAlcove();
    expect(cutsOf({ ...job, fit: { ...job.fit, ends: 'square', back: 'straight' } }, isBoard)).toEqual([]);
    const scribed = cutsOf({ ...job, fit: { ...job.fit, ends: 'scribed' } }, isBoard);
    expect(scribed.some((furtherCut) => furtherCut.how.some((line) => line.code === 'further.scribe'))).toBe(true);
  });
});

describe('joints and outlines', () => {
  const kindsOf = (job: Job) =>
    cutsOf(job, () => true).map((cut) => `${cut.role} ${cut.id.split('/')[1]!.split(':')[0]!}`);

  test('mitred trim: both ends of the head; a corner shelf: its outline; a case: each of its housings', () => {
    const stair = demoJobs().find((demoJob) => demoJob.place.kind === 'cavity')!;
    expect(kindsOf(stair)).toEqual(expect.arrayContaining(['trim left', 'trim right']));
    expect(kindsOf(windowCorner()).filter((kind) => /outline-rounded/.test(kind))).toHaveLength(3);
    const housed = withSystem(chimneyAlcove(), 'three-side-cleats', 'housed-case');
    // Five shelves, a top and a bottom in each side.
    expect(kindsOf(housed).filter((kind) => kind === 'case-side-left housing')).toHaveLength(7);
  });

  test('a panel that is glued up is cut to its size when it is dry', () => {
    const board = planJob(chimneyAlcove()).parts.find(isBoard)!;
    const [cut] = cutsOf(chimneyAlcove(), isBoard, true);
    expect(cut).toMatchObject({ kind: 'panel', figure: { mm: board.length.mm } });
    expect(cut!.how.map((line) => line.code)).toEqual(['further.panel']);
  });

  test('a brace is cut over its thickness, lying on its edge, and stays as long as its long points', () => {
    const job = bracketed({ made: 'shop' });
    const [brace] = planJob(job).parts.filter((part) => part.role === 'bracket-brace');
    const cuts = cutsOf(job, (part) => part.id === brace!.id);
    expect(cuts.map((cut) => cut.how[0]?.code)).toEqual(['further.stood', 'further.stood']);
    for (const cut of cuts) expect(cut.how[0]?.params['over']).toMatchObject({ mm: brace!.thicknessMm });
    expect(cuts.at(-1)?.how.at(-1)).toMatchObject({
      code: 'further.longPoints',
      params: { long: { mm: expect.closeTo(brace!.length.mm, 6) } },
    });
  });

  test('a board that is let over its brackets has a notch for each, and says which', () => {
    const job = bracketed({ made: 'bought', notch: typedLength('5', 'mm') });
    const brackets = planJob(job).body.fittings.filter((fitting) => fitting.what === 'bracket' && fitting.shelf === 1);
    expect(brackets.length).toBeGreaterThan(1);
    const notches = cutsOf(job, (part) => isBoard(part) && part.shelf === 1).filter((cut) => cut.kind === 'face');
    const said = notches.map((cut) => cut.how.map((line) => words(line, job)).join(' '));
    expect(said).toHaveLength(brackets.length);
    brackets.forEach((bracket, i) => {
      expect(said[i]).toMatch(
        /^1S: cut a notch in the underside, 5 mm deep, between [\d.]+ mm and [\d.]+ mm from the left end/,
      );
      expect(said[i]).toMatch(new RegExp(`This makes room for ${bracket.label.replace('.', '\\.')} \\(.*bracket`, 'i'));
    });
  });
});

/** The chimney alcove on brackets. */
function bracketed(asked: NonNullable<Job['support']['own']['brackets']>): Job {
  return { ...chimneyAlcove(), support: { system: 'brackets', own: { brackets: asked } } };
}
