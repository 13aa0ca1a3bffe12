import fc from 'fast-check';
import { chimneyAlcove, demoJobs, windowCorner } from '../../rigs/demo';
import { typedLength, withSystem, type Job } from '../../job';
import type { Message } from '../../base/message';
import { planJob } from '../../plan';
import { TAPE_STEP_MM } from '../../base/quantity';
import { words } from '../../say/words/all';
import { furtherCuts } from './furtherCuts';
import type { Part } from './part';

type Point = readonly [number, number];

const mmOf = (told: Message, name: string): number => {
  const param = told.params[name];
  if (param?.kind !== 'length' && param?.kind !== 'about') throw new Error(`${told.code} has no length “${name}”`);
  return param.mm;
};
const sideOf = ({ params: { side } }: Message) => (side?.kind === 'choice' ? side.choice : null);

/** Carries out what is told on the blank: its four corners, back left first, x along it from its left end. */
function sawn(part: Part, tools: Job['tools']): { back: Point; front: Point } {
  const long = part.length.mm;
  const back: [number, number] = [0, long];
  const front: [number, number] = [0, long];
  for (const told of furtherCuts(part, tools).flatMap((furtherCut) => furtherCut.how)) {
    const into = /^further\.(?:hand\.)?in\.(back|lower|front|upper)$/.exec(told.code)?.[1];
    if (!into) continue;
    const edge = into === 'back' || into === 'lower' ? back : front;
    if (sideOf(told) === 'left') edge[0] += mmOf(told, 'by');
    else edge[1] -= mmOf(told, 'by');
  }
  return { back, front };
}

const straight = ({ fit }: Part) => fit !== null && fit.left.style !== 'scribed' && fit.right.style !== 'scribed';

function replays(job: Job): number {
  const fitted = planJob(job).parts.filter(straight);
  for (const part of fitted) {
    const { back, front } = sawn(part, job.tools);
    const fit = part.fit!;
    // The outline begins at the left end of the back edge: its long point lies that far further left.
    const left = Math.max(fit.left.outMm, 0);
    expect(Math.abs(back[0] - left)).toBeLessThan(0.01);
    expect(Math.abs(front[0] - (left - fit.left.outMm))).toBeLessThan(0.01);
    expect(Math.abs(back[1] - back[0] - part.edges!.back.mm)).toBeLessThan(0.01);
    expect(Math.abs(front[1] - front[0] - part.edges!.front.mm)).toBeLessThan(0.01);
    // What goes between posts or plates is put on a mark of the tape once more.
    const markMm = TAPE_STEP_MM[job.tape];
    expect(Math.abs(front[1] - front[0] - fit.frontMm)).toBeLessThan(part.role === 'closet-rod' ? markMm : 0.5);
  }
  return fitted.length;
}

describe('cut as told, a piece is what was planned', () => {
  test.each(['power', 'hand'] as const)('every straight-ended piece of the demo jobs, with %s tools', (tools) => {
    const counted = demoJobs().map((job) => replays({ ...job, tools }));
    expect(counted.reduce((sum, one) => sum + one, 0)).toBeGreaterThan(20);
  });

  test('over leaning and turning walls', () => {
    const job = chimneyAlcove();
    const move = fc.array(fc.integer({ min: -12, max: 12 }), {
      minLength: job.readings.length,
      maxLength: job.readings.length,
    });
    fc.assert(
      fc.property(move, fc.constantFrom('angled', 'bevelled', 'square'), (by, ends) => {
        const readings = job.readings.map((reading, i) => {
          if (reading.kind !== 'width') return reading;
          const mm = reading.value.mm + (by[i] ?? 0);
          return { ...reading, value: typedLength(String(mm), 'mm') };
        });
        expect(replays({ ...job, readings, fit: { ...job.fit, ends } } as Job)).toBeGreaterThan(0);
      }),
      { numRuns: 8 },
    );
  });

  test('no board of the chimney alcove is longer than its walls are apart', () => {
    const job = chimneyAlcove();
    const boards = planJob(job).parts.filter((part) => part.role === 'board' && part.fit);
    expect(boards).toHaveLength(5);
    const longer = boards.filter((board) => {
      const { back, front } = sawn(board, job.tools);
      const { left, right } = board.fit!.walls;
      const [first, last] = [right[0]! - left[0]!, right.at(-1)! - left.at(-1)!];
      return back[1] - back[0] > first || front[1] - front[0] > last;
    });
    expect(longer.map((part) => part.label)).toEqual([]);
    // As blanks most of them were: that is what was told before.
    const blanks = boards.filter((board) => {
      const { left, right } = board.fit!.walls;
      return board.length.mm > Math.min(right[0]! - left[0]!, right.at(-1)! - left.at(-1)!);
    });
    expect(blanks.length).toBeGreaterThan(2);
  });
});

describe('what is told of an end', () => {
  const boards = (job: Job) => planJob(job).parts.filter((part) => part.role === 'board');

  test('how far in at which edge, the angle as degrees and as so much over so much, which face up', () => {
    const job = chimneyAlcove();
    const [cut] = boards(job).flatMap((board) => furtherCuts(board, 'power'));
    const said = cut!.how.map((message) => words(message, job)).join(' ');
    expect(said).toMatch(/^\dS, (left|right) end: mark [\d.]+ mm from the end on the (back|front) edge\./);
    expect(said).toMatch(/[\d.]+° off square, [\d.]+ mm over 320 mm\./);
    expect(said).toMatch(/Top face up, front edge towards you\./);
    expect(cut!.figure).toMatchObject({ kind: 'length' });
  });

  test('with hand tools a line and a plane in place of a blade', () => {
    const job: Job = { ...chimneyAlcove(), tools: 'hand' };
    const said = boards(job).flatMap((board) =>
      furtherCuts(board, 'hand').flatMap((cut) => cut.how.map((line) => words(line, job))),
    );
    expect(said.some((line) => /Knife a line .* Saw on the waste side and plane to the line/.test(line))).toBe(true);
    expect(said.some((line) => /blade|°/.test(line))).toBe(false);
  });

  test('a plain rectangle takes none; a scribed end tells what is left on', () => {
    const job = chimneyAlcove();
    const square = boards({ ...job, fit: { ...job.fit, ends: 'square', back: 'straight' } });
    expect(square.flatMap((part) => furtherCuts(part, 'power'))).toEqual([]);
    const scribed = boards({ ...job, fit: { ...job.fit, ends: 'scribed' } }).flatMap((board) =>
      furtherCuts(board, 'power'),
    );
    expect(scribed.some((furtherCut) => furtherCut.how.some((line) => line.code === 'further.scribe'))).toBe(true);
  });
});

describe('joints and outlines', () => {
  const kindsOf = (job: Job) => {
    const { parts } = planJob(job);
    return parts.flatMap((part) =>
      furtherCuts(part, job.tools).map((cut) => `${part.role} ${cut.id.split('/')[1]!.split(':')[0]!}`),
    );
  };

  test('mitred trim: both ends of the head; a corner shelf: its outline; a case: each of its housings', () => {
    const stair = demoJobs().find((demoJob) => demoJob.place.kind === 'cavity')!;
    expect(kindsOf(stair)).toEqual(expect.arrayContaining(['trim left', 'trim right']));
    expect(kindsOf(windowCorner()).filter((kind) => /outline-rounded/.test(kind))).toHaveLength(3);
    const housed = withSystem(chimneyAlcove(), 'three-side-cleats', 'housed-case');
    // Five shelves, a top and a bottom in each side.
    expect(kindsOf(housed).filter((kind) => kind.startsWith('case-side-left housing-'))).toHaveLength(7);
  });

  test('a panel that is glued up is cut to its size when it is dry', () => {
    const board = planJob(chimneyAlcove()).parts.find((part) => part.role === 'board')!;
    expect(furtherCuts(board, 'power', true)[0]).toMatchObject({ kind: 'panel', figure: { mm: board.length.mm } });
  });
});
