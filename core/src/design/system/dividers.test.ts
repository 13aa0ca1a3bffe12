import fc from 'fast-check';
import { withFurther, withShelfSupport, type Further, type Job, type SystemName } from '../../job';
import { layOut } from '../layout';
import { roughParts } from '../fit';
import { placeFixings } from '../fixing';
import { made, mm, plainJob, saying } from '../load/testing';
import { dividersOf } from '.';
import { underOf } from './table';

type Wish = Partial<Further['dividers'][number]>;

/** The dividers of a plain job: shelves at 500, 1000, 1500, each 18 thick and 300 deep, in an alcove 1000 wide. */
function parted(job: Job, ...wishes: Wish[]) {
  const dividers = wishes.map((wish, i) => ({ id: `d${i}`, shelf: 1, at: mm(400), ...wish }));
  const asked = withFurther(job, (all) => ({ ...all, dividers }));
  const all = made(job);
  const { gaps } = layOut({ job, opening: all.opening, under: underOf(job) });
  const result = dividersOf({ job: asked, opening: all.opening, gaps, specs: all.parts, hardware: all.hardware });
  return { ...result, codes: result.problems.map((problem) => problem.message.code), all };
}

test('between two shelves: the clear gap of 482 less a play of 1, behind the nosing and in front of the back cleat', () => {
  const { parts, codes } = parted(plainJob('three-side-cleats'), {});
  const [divider] = parts;
  // 1000 - 18 - 500 = 482. The board is 280 deep; a cleat 20 thick hangs behind, and the nosing of 65 in front of it.
  expect(divider).toMatchObject({ label: 'D1', thicknessMm: 18, upright: true, shelf: 1 });
  expect(divider?.length).toMatchObject({ kind: 'given', figure: { mm: 481 } });
  // 1 clear of either.
  expect(divider?.width.mm).toBe(258);
  expect(divider?.place).toEqual({ upFrom: 500, upTo: 981, outFrom: 21, outTo: 279 });
  // From the left wall, which is 500 left of the middle.
  expect(divider?.across).toEqual({ fromMm: 391 - 500, toMm: 409 - 500 });
  expect(codes).toEqual([]);
});

test('under a board with nothing behind, it is as deep as the board', () => {
  expect(parted(plainJob('side-screwed', {}, 'span'), {}).parts[0]?.width.mm).toBe(300);
});

test('two screws through the board below and two through the one above; the free end of a low one has none', () => {
  const job = plainJob('three-side-cleats');
  const { fastenings, parts, all } = parted(job, {});
  expect(fastenings.map((fastening) => fastening.id)).toEqual(['S1-divider-D1/S1-board', 'S1-divider-D1/S2-board']);
  const pieces = roughParts([...all.parts, ...parts], all.opening, job);
  const { fixings } = placeFixings({ fastenings, parts: pieces, hardware: [], opening: all.opening, job });
  // 25 from either edge of a divider that begins 21 out, both 400 along the board.
  expect(fixings[0]?.holes.map((hole) => [hole.alongMm, hole.acrossMm])).toEqual([
    [400, 46],
    [400, 254],
  ]);
  // 18 through the board and 45 into end grain: the next screw that is long enough.
  expect(fixings[0]?.length.mm).toBeGreaterThanOrEqual(63);
  expect(parted(job, { height: mm(200) }).fastenings.map((fastening) => fastening.id)).toEqual([
    'S1-divider-D1/S1-board',
  ]);
});

test('on slats and mesh it is as deep as all of it, and takes no screws; through a hollow shelf go none', () => {
  for (const deck of ['slats', 'mesh']) {
    const { parts, fastenings, codes } = parted(saying(plainJob('ladder-frames'), { deck }), { at: mm(300) });
    expect(codes).toEqual([]);
    // Between the uprights, which are 45 deep: the deck begins 1 beside them.
    expect(parts[0]?.place).toMatchObject({ outFrom: 46, outTo: 254 });
    expect(fastenings).toEqual([]);
  }
  const hollow = plainJob('floating-rails');
  const { parts, fastenings } = parted({ ...hollow, shelves: { ...hollow.shelves, thickness: mm(40) } }, {});
  expect(parts).toHaveLength(1);
  expect(fastenings).toEqual([]);
});

test('between two shelves of their own depths it is as deep as the shallower, and no screw lies beside either', () => {
  const job = withShelfSupport(plainJob('side-screwed', {}, 'span'), 2, { depth: mm(180) });
  const { parts, fastenings, all } = parted(job, {});
  expect(parts[0]?.place).toMatchObject({ outFrom: 0, outTo: 180 });
  const pieces = roughParts([...all.parts, ...parts], all.opening, job);
  const { fixings } = placeFixings({ fastenings, parts: pieces, hardware: [], opening: all.opening, job });
  expect(fixings).toHaveLength(2);
  for (const hole of fixings.flatMap((fixing) => fixing.holes)) expect(hole.acrossMm).toBeLessThan(180);
});

test('they are numbered from below and from the left, however they were added', () => {
  const { parts } = parted(plainJob('three-side-cleats'), { shelf: 2, at: mm(300) }, { at: mm(700) }, { at: mm(300) });
  expect(parts.map((part) => [part.label, part.shelf, part.across?.fromMm])).toEqual([
    ['D1', 1, -209],
    ['D2', 1, 191],
    ['D3', 2, -209],
  ]);
});

describe('what cannot be is named, and left out', () => {
  const job = plainJob('three-side-cleats');
  const cases: [string, Job, Wish, string][] = [
    ['beyond the board', job, { at: mm(996) }, 'problem.dividerOff'],
    ['nothing above it to end at', job, { shelf: 3 }, 'problem.dividerTop'],
    ['higher than the gap', job, { height: mm(490) }, 'problem.dividerHigh'],
    [
      'in the way of a bracket that is made',
      saying(plainJob('brackets', { place: { ...job.place, walls: 'plaster' } }), { made: 'shop' }),
      { at: mm(100) },
      'problem.dividerMeets',
    ],
  ];
  test.each(cases)('%s', (_, of, wish, code) => {
    const all = made(of);
    const arm = all.parts.find((part) => part.id === 'S2-bracket-arm-1')?.across;
    const at = code === 'problem.dividerMeets' && arm ? { at: mm((arm.fromMm + arm.toMm) / 2 + 500) } : {};
    const { parts, fastenings, codes } = parted(of, { ...wish, ...at });
    expect(codes).toEqual([code]);
    expect([...parts, ...fastenings]).toEqual([]);
  });

  test('where a bought bracket hangs', () => {
    const bought = plainJob('brackets', { place: { ...job.place, walls: 'plaster' } });
    const [bracket] = made(bought).hardware.filter((hardware) => hardware.shelf === 2);
    const middle = (bracket!.across.fromMm + bracket!.across.toMm) / 2 + 500;
    expect(parted(bought, { at: mm(middle) }).codes).toEqual(['problem.dividerBracket']);
    // Beside it there is room; so there is under it, for one that ends below.
    expect(parted(bought, { at: mm(middle + 100) }).codes).toEqual([]);
    expect(parted(bought, { at: mm(middle), height: mm(150) }).codes).toEqual([]);
  });

  test('two of one shelf that stand in one another; on two shelves they do not', () => {
    expect(parted(job, {}, { at: mm(410) }).codes).toEqual(['problem.dividerMeets']);
    expect(parted(job, {}, { at: mm(430) }).codes).toEqual([]);
    expect(parted(job, {}, { shelf: 2 }).codes).toEqual([]);
  });

  test('a top shelf takes one of a height', () => {
    const { parts, codes } = parted(job, { shelf: 3, height: mm(300) });
    expect(codes).toEqual([]);
    expect(parts[0]?.place).toEqual({ upFrom: 1500, upTo: 1800, outFrom: 0, outTo: 280 });
  });

  test('a shelf that is not there has none, without a word', () => {
    expect(parted(job, { shelf: 9 })).toMatchObject({ parts: [], problems: [] });
  });
});

test('a divider is said to be no support; without one nothing is', () => {
  expect(parted(plainJob('end-cleats'), {}).cautions.map((caution) => caution.message.code)).toEqual([
    'caution.divider',
  ]);
  expect(parted(plainJob('end-cleats')).cautions).toEqual([]);
});

test('whatever carries the shelves, a divider stands in its gap and meets no other piece', () => {
  const systems = [
    'three-side-cleats',
    'end-cleats',
    'housed-posts',
    'brackets',
    'housed-case',
    'pinned-case',
    'screwed-tower',
    'ladder-frames',
  ] as const satisfies readonly SystemName[];
  const wish = fc.record({ shelf: fc.integer({ min: 1, max: 2 }), at: fc.integer({ min: 1, max: 1000 }).map(mm) });
  fc.assert(
    fc.property(fc.constantFrom(...systems), wish, (system, one) => {
      const { parts, codes, all } = parted(plainJob(system), one);
      expect(parts.length + codes.length).toBe(1);
      for (const { place, across } of parts) {
        const others = all.parts.filter(
          (other) =>
            other.across &&
            other.place.upFrom < place.upTo &&
            other.place.upTo > place.upFrom &&
            other.place.outFrom < place.outTo &&
            other.place.outTo > place.outFrom &&
            other.across.fromMm < across!.toMm &&
            other.across.toMm > across!.fromMm &&
            other.shelf === one.shelf + 1,
        );
        expect(others.map((other) => other.id)).toEqual([]);
        expect(place.upTo).toBeLessThan(one.shelf === 1 ? 982 : 1482);
      }
    }),
  );
});
