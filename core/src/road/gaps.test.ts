import { lineThrough } from '../design/body/convex';
import { lieOfPart } from '../design/body/lies';
import { placedOf, type BodyPiece } from '../design/body';
import { designOf, typedLength, type Job } from '../job';
import { planJob, type Plan } from '../plan';
import { anyBays } from '../rigs/anyBays';
import { anyJob } from '../rigs/anyJob';
import { chimneyAlcove, stairCavity } from '../rigs/demo';
import { placeOf } from './parts';
import { piecesOf } from './pieces';

const WIDE = [0.3, 0.4, 0.5, 0.6, 0.7];
const seeds = (from: number, count: number) => Array.from({ length: count }, (_, i) => from + i);

interface Told {
  readonly job: string;
  readonly pieces: readonly BodyPiece[];
  readonly gap: Plan['gaps'][number];
  /** Top of the shelf below, as it is told. */
  readonly from: number;
}

/** Gaps between two shelves that are both built. */
function toldOf(job: Job): Told[] {
  const design = designOf(job);
  const { gaps, shelves, built } = piecesOf(design, placeOf(design));
  const top = (shelf: number) => shelves.find(({ number }) => number === shelf)?.top.mm ?? NaN;
  const boards = new Set(built.body.pieces.filter((piece) => lieOfPart(piece) === 'flat').map(({ shelf }) => shelf));
  return gaps.flatMap((gap): Told[] => {
    const { below, above } = gap;
    if (below === null || above === null || !boards.has(below) || !boards.has(above)) return [];
    return [{ job: job.id, pieces: built.body.pieces, gap, from: top(below) }];
  });
}

const told = [...seeds(2001, 160).map(anyJob), ...seeds(301, 60).map(anyBays)].flatMap(toldOf);

interface Over {
  readonly flat: boolean;
  readonly placed: ReturnType<typeof placedOf>;
}

/** A shelf seen from below: how high it is over a spot, its boards alone or with what hangs from them. */
function seenFromBelow({ pieces, gap, from }: Told) {
  const over = pieces.flatMap((piece): Over[] => {
    const lie = lieOfPart(piece);
    return piece.shelf === gap.above && (lie === 'flat' || lie === 'on-edge')
      ? [{ flat: lie === 'flat', placed: placedOf(piece.solid) }]
      : [];
  });
  const highOver = (all: readonly Over[], x: number, y: number): number | null => {
    const hits = all.flatMap(({ placed }) =>
      placed.parts.flatMap(({ body }) => lineThrough(body, [x, y, 0], [0, 0, 1])?.fromMm ?? []),
    );
    return hits.length > 0 ? Math.min(...hits) - from : null;
  };
  const outs = over.flatMap(({ placed: { bounds } }) => [bounds.least[1], bounds.most[1]]);
  const boards = over.filter(({ flat }) => flat);
  const ends = boards.flatMap(({ placed: { bounds } }) => [bounds.least[1], bounds.most[1]]);
  const [back, front, middle] = [Math.min(...outs), Math.max(...outs), (Math.min(...ends) + Math.max(...ends)) / 2];
  const ys = seeds(0, 60).map((i) => back + 1 + ((front - back - 2) * i) / 59);
  const sides = boards.flatMap(({ placed: { bounds } }) => [bounds.least[0], bounds.most[0]]);
  const [left, right] = [Math.min(...sides), Math.max(...sides)];
  const xs = WIDE.map((share) => left + share * (right - left));
  /** The most room there is anywhere across, under everything at the front or at the back. */
  const room = (side: 'front' | 'back'): number => {
    const here = ys.filter((y) => (side === 'front' ? y > middle : y < middle));
    const rooms = xs.map((x) => Math.min(...here.flatMap((y) => highOver(over, x, y) ?? [])));
    // Beside the curve of a corner shelf nothing is overhead.
    return Math.max(...rooms.filter((mm) => mm < Infinity));
  };
  const between = Math.min(...xs.flatMap((x) => ys.flatMap((y) => highOver(boards, x, y) ?? [])));
  return { between, front: room('front'), back: room('back') };
}

const FINE_MM = 0.4;
const off = (one: number, other: number) => Math.abs(one - other) > FINE_MM;
const named = ({ job, gap }: Told) => `${job} ${gap.above}`;

test('jobs by chance have gaps to measure, some of them with lipping, rails and battens in them', () => {
  expect(told.length).toBeGreaterThan(200);
  expect(told.filter(({ gap }) => gap.reachIn).length).toBeGreaterThan(30);
  expect(told.filter(({ gap }) => gap.behind).length).toBeGreaterThan(20);
});

test('clear heights are what a plumb line measures: between boards, at the front, at the back', () => {
  const wrong = told.filter((one) => {
    const { clear, reachIn, behind } = one.gap;
    const seen = seenFromBelow(one);
    return (
      off(seen.between, clear.mm) || off(seen.front, (reachIn ?? clear).mm) || off(seen.back, (behind ?? clear).mm)
    );
  });
  expect(wrong.map(named)).toEqual([]);
});

test('on three battens: lipping of 65 in front of a board of 18, and the batten behind', () => {
  const job = chimneyAlcove();
  const { gaps, parts } = planJob(job);
  const batten = parts.find((part) => part.role === 'back-cleat')!;
  const [, gap] = gaps;
  expect(gap!.reachIn!.mm).toBeCloseTo(gap!.clear.mm - 47, 6);
  expect(gap!.behind!.mm).toBeCloseTo(gap!.clear.mm - batten.width.mm, 6);
  expect(gap!.behind!.terms.at(-1)!.label.code).toBe('term.cleatBelowShelf');
});

test('one reaches under a lipping in the box of a cavity, less by what it hangs below its shelf', () => {
  const nosing = { nosing: true, nosingHeight: typedLength('40', 'mm') };
  const box = stairCavity();
  const plan = planJob({ ...box, support: { ...box.support, own: { 'pinned-case': nosing } } });
  const under = plan.gaps.slice(0, -1);
  expect(under.length).toBeGreaterThan(2);
  for (const gap of under) expect(gap.reachIn!.mm).toBeCloseTo(gap.clear.mm - (40 - 12.7), 3);
  expect(plan.gaps.at(-1)!.reachIn).toBeNull();
});

test('the top of a case that stands over a shelf takes up some of its space', () => {
  const alcove = chimneyAlcove();
  const last = alcove.shelves.count;
  const mixed = (system: Job['support']['system']) =>
    planJob({ ...alcove, support: { ...alcove.support, shelves: [{ shelf: last, system }] } });
  const [cased, cleats] = [mixed('pinned-case'), mixed('end-cleats')];
  const top = cased.body.pieces.find((piece) => piece.role === 'case-top')!;
  const under = placedOf(top.solid).bounds.least[2];
  const highest = cased.shelves.at(-1)!;
  expect(cased.gaps.at(-1)!.clear.mm).toBeCloseTo(under - highest.top.mm, 3);
  expect(cased.gaps.at(-1)!.clear.mm).toBeLessThan(cleats.gaps.at(-1)!.clear.mm - 10);
});
