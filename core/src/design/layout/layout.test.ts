import fc from 'fast-check';
import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { typedLength, type Job, type KeepClear, type ShelvesWish, type Thing } from '../../job';
import { openingOf } from '../../place/opening';
import { surveyOf } from '../../place/survey';
import { underOf } from '../system';
import { layOut, metAt, NOTHING_UNDER, nearestFree, railOf, blockedTops } from '.';

const mm = (value: number) => typedLength(String(value), 'mm');
const alcove: Job = { ...chimneyAlcove(), things: [], people: [] };
const opening = openingOf(surveyOf(alcove));

function laid(wish: Partial<ShelvesWish>, change: Partial<Job> = {}) {
  const job: Job = { ...alcove, ...change, shelves: { ...alcove.shelves, ...wish } };
  return layOut({ job, opening, under: underOf(job) });
}
const topsOf = (layout: ReturnType<typeof laid>) => layout.shelves.map((shelf) => shelf.top.mm);
const codes = (layout: ReturnType<typeof laid>) => layout.problems.map((problem) => problem.message.code);
const locked = (id: string, up: number) => ({ id, up: mm(up), locked: true as const });

function outlet(up: number, wall: KeepClear['wall'] = 'back', from = 300): KeepClear {
  return { id: 'o', what: 'outlet', wall, from: mm(from), up: mm(up), width: mm(80), height: mm(80), note: '' };
}

test('a locked shelf stays and the others share what is left, as many in all as before', () => {
  const layout = laid({ heights: [locked('a', 1500)] });
  expect(layout.shelves).toHaveLength(5);
  expect(layout.shelves.find((shelf) => shelf.id === 'a')).toMatchObject({ held: 'locked', top: { mm: 1500 } });
  // Below: 420 to 1482 with two: (1062 - 36) / 3 = 342. Above: 1500 to 2350 with two: 271.33, on the tape.
  expect(layout.gaps.map((gap) => gap.clear.mm)).toEqual([342, 342, 342, 271.5, 271, 271.5]);
});

test('locked heights that are no marks of the tape are left as they are', () => {
  expect(topsOf(laid({ heights: [locked('a', 1500.2)] }))).toContain(1500.2);
});

test('locked shelves never move, however the others are spaced', () => {
  const way = fc.constantFrom('equal-gaps', 'on-centre', 'graduated', 'typed', 'contents' as const);
  const heights = fc.uniqueArray(fc.integer({ min: 5, max: 22 }), { minLength: 1, maxLength: 3 });
  fc.assert(
    fc.property(way, heights, fc.integer({ min: 1, max: 6 }), (one, ups, count) => {
      const tops = topsOf(
        laid({ way: one, count, heights: ups.map((up, i) => locked(`l${i}`, up * 100)) }, { things: [box()] }),
      );
      for (const up of ups) expect(tops).toContain(up * 100);
      expect(tops).toHaveLength(one === 'typed' ? ups.length : Math.max(count, ups.length));
    }),
    { numRuns: 40 },
  );
});

test('a base, a rail and garments: the lowest shelf lies on them', () => {
  expect(topsOf(laid({ bottom: { kind: 'base', up: mm(100) }, count: 3 }))[0]).toBe(118);
  const rail = laid({ bottom: { kind: 'rail', up: mm(1700), clear: mm(65) }, count: 2 });
  expect(rail.shelves[0]).toMatchObject({ held: 'seated', underside: { mm: 1765 } });
  expect(rail.gaps[0]).toMatchObject({ below: 1, above: 2 });
  // Coats hang 1400 below the rail, 100 clear of the floor.
  const coats = railOf({ kind: 'garments', hang: 'coats', floor: mm(100), clear: mm(65) }, 600, '0.5mm');
  expect(coats).toMatchObject({ up: { mm: 1500 }, out: { mm: 280 }, shelfUnderside: { mm: 1565 } });
  expect(codes(rail)).toContain('problem.hangerDepth');
});

test('a shelf lined up with what is there, by either face; what is gone is named', () => {
  const { place } = cloakroomCloset();
  const to = (one: NonNullable<ShelvesWish['aligned']>[number]['to'], face: 'top' | 'underside' = 'top') =>
    topsOf(
      laid({ way: 'typed', aligned: [{ id: 'x', to: one, face }] }, { place: { ...alcove.place, mouth: place.mouth } }),
    );
  expect(to({ kind: 'level-line' })).toEqual([1000]);
  expect(to({ kind: 'skirting' }, 'underside')).toEqual([138]);
  expect(to({ kind: 'keep-clear', id: 'clear-outlet-left', edge: 'top' })).toEqual([386]);
  expect(to({ kind: 'mark', name: 'Shelf of the cabinet beside', up: mm(1234) })).toEqual([1234]);
  expect(to({ kind: 'mouth' })[0]).toBeCloseTo(80.5 * 25.4, 6);
  const gone = laid({ aligned: [{ id: 'x', to: { kind: 'keep-clear', id: 'no', edge: 'top' }, face: 'top' }] });
  expect(codes(gone)).toContain('problem.alignedGone');
});

test('heights that run into an outlet, by hand: board 18, cleat 45, 30 kept clear about 500 to 580', () => {
  const place = { ...alcove.place, keepClears: [outlet(500)] };
  const under = { backMm: 45, sideMm: 45, hangsMm: 47 };
  const [blocked] = blockedTops(place, { thicknessMm: 18, depthMm: 340, under });
  expect(blocked).toMatchObject({ fromMm: 470, boardToMm: 628, toMm: 673, grave: true });
  // Farther out on a side wall than the shelf is deep it is in nobody's way.
  const side = { ...place, keepClears: [outlet(500, 'left', 380)] };
  expect(blockedTops(side, { thicknessMm: 18, depthMm: 340, under })).toEqual([]);
  expect(blockedTops(place, { thicknessMm: 18, depthMm: 340, under: NOTHING_UNDER })[0]?.toMm).toBe(628);
  const within = { leastMm: 100, mostMm: 2000, tape: '1mm' } as const;
  expect(nearestFree(600, [blocked!], within)).toEqual({ belowMm: 470, aboveMm: 673 });
  // On a sixteenth: 18 1/2 in is 469.9, 26 1/2 is 673.1.
  const inches = nearestFree(600, [blocked!], { ...within, tape: '1/16in' });
  expect(inches.belowMm).toBeCloseTo(18.5 * 25.4, 9);
  expect(inches.aboveMm).toBeCloseTo(26.5 * 25.4, 9);
  expect(nearestFree(600, [blocked!], { leastMm: 500, mostMm: 650, tape: '1mm' })).toEqual({
    belowMm: null,
    aboveMm: null,
  });
  expect([470, 673].flatMap((top) => metAt(top, [blocked!]))).toEqual([]);
});

test('a shelf that meets a keep-clear is named with the free heights; the margin is the person’s to say', () => {
  const place = { ...alcove.place, keepClears: [outlet(500)] };
  const meets = (up: number, keepClears = place.keepClears) =>
    laid({ way: 'typed', heights: [{ id: 'a', up: mm(up) }] }, { place: { ...place, keepClears } }).problems.filter(
      (problem) => problem.message.code.startsWith('problem.meets'),
    );
  expect(meets(600)[0]).toMatchObject({
    severity: 'stop',
    message: { code: 'problem.meets.board' },
    about: { kind: 'shelf', shelf: 1 },
  });
  expect(meets(650)[0]?.message.code).toBe('problem.meets.support');
  expect(meets(460)).toEqual([]);
  expect(meets(480, [{ ...outlet(500), margin: mm(0) }])).toEqual([]);
  // A pipe can be notched around.
  expect(meets(600, [{ ...outlet(500), what: 'pipe' }])[0]?.severity).toBe('doubtful');
});

function box(change: Partial<Thing> = {}): Thing {
  return {
    id: 'box',
    name: 'Box',
    width: mm(300),
    height: mm(280),
    depth: mm(300),
    weight: { kg: 4, typed: '4 kg' },
    count: 4,
    often: 'weekly',
    lift: mm(20),
    stack: 1,
    flat: false,
    ...change,
  };
}

test('by what is stored: everything goes in, no shelf in a keep-clear, nothing higher than its gap', () => {
  const sizes = fc.record({
    h: fc.integer({ min: 60, max: 420 }),
    w: fc.integer({ min: 60, max: 500 }),
    n: fc.integer({ min: 1, max: 5 }),
    often: fc.constantFrom('daily', 'weekly', 'rarely' as const),
  });
  fc.assert(
    fc.property(
      fc.array(sizes, { minLength: 1, maxLength: 7 }),
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 500, max: 2000 }),
      (given, count, outletUp) => {
        const things = given.map((one, i) =>
          box({ id: `t${i}`, height: mm(one.h), width: mm(one.w), count: one.n, often: one.often }),
        );
        const place = { ...alcove.place, keepClears: [outlet(outletUp)] };
        const layout = laid({ way: 'contents', count }, { things, place });
        const { contents } = layout;
        expect(layout.shelves).toHaveLength(count);
        for (const top of topsOf(layout)) expect(metAt(top, layout.blocked)).toEqual([]);
        if (!contents) throw new Error('nothing stored');
        for (const { top } of layout.shelves)
          expect(top.terms.reduce((sum, term) => sum + term.mm, 0)).toBeCloseTo(top.mm, 6);
        const hangs = 47;
        for (const one of contents.stored) {
          const gap = layout.gaps.find(({ below }) => below === (one.shelf === 0 ? null : one.shelf));
          expect(one.highMm + 20).toBeLessThanOrEqual((gap?.clear.mm ?? 0) - (gap?.above ? hangs : 0) + 0.01);
        }
        for (const one of contents.capacity) {
          expect(one.usedMm + one.leftMm).toBeCloseTo(one.lengthMm, 6);
          expect(one.leftMm).toBeGreaterThanOrEqual(-1e-6);
        }
        for (const thing of things) {
          const inside = contents.stored
            .filter((one) => one.thing === thing.id)
            .reduce((sum, one) => sum + one.count, 0);
          const out = contents.leftOut.find((one) => one.thing === thing.id)?.count ?? 0;
          expect(inside + out).toBe(thing.count);
        }
      },
    ),
    { numRuns: 25 },
  );
}, 120_000);

test('a height by what is stored says why: what stands below it, what hangs there, the board', () => {
  const { shelves } = laid(
    { way: 'contents', count: 2, bottom: { kind: 'base', up: mm(100) } },
    { things: [box({ count: 6 })] },
  );
  // On the lowest shelf, 118 up, boxes of 280 with 20 above them; cleats of 47 hang in; a board of 18.
  expect(shelves[1]?.top.terms.map((term) => [term.label.code, term.mm])).toEqual([
    ['term.topOfShelfBelow', 118],
    ['term.highest', 300],
    ['term.hangsIn', 47],
    ['term.plusThickness', 18],
  ]);
  expect(shelves[1]?.top.mm).toBe(483);
});

test('what does not fit is named with the smallest way out, and the way out is true', () => {
  const way = (wish: Partial<ShelvesWish>, ...things: Thing[]) =>
    laid({ way: 'contents', count: 2, ...wish }, { things }).contents!;
  // Deeper by 30 than the shelf, and the opening has it.
  const deep = way({ depth: mm(300) }, box({ depth: mm(330) }));
  expect(deep).toMatchObject({ leftOut: [{ thing: 'box', count: 4, why: { code: 'out.deep' } }] });
  expect(deep.wayOut[0]).toMatchObject({ code: 'wayOut.deeper', params: { by: { mm: 30 } } });
  expect(way({}, box({ width: mm(1300) })).leftOut[0]?.why.code).toBe('out.wide');
  expect(way({}, box({ height: mm(2400) })).leftOut[0]?.why.code).toBe('out.high');
  // Twelve boxes, three to a shelf: two shelves take six of them.
  const many = way({}, box({ count: 12, height: mm(300) }));
  expect(many.leftOut).toMatchObject([{ why: { code: 'out.room' }, count: 6 }]);
  expect(many.wayOut.map((message) => message.code)).toContain('wayOut.twoMore');
  expect(way({ count: 4 }, box({ count: 12, height: mm(300) })).leftOut).toEqual([]);
  // Five shelves with the things of one that is too high for the gaps they leave.
  const high = { count: 5, bottom: { kind: 'height', up: mm(1350) } } as const;
  const [fewer] = way(high, box({ height: mm(500) })).wayOut;
  expect(fewer?.code).toMatch(/^wayOut\.(one|two)Fewer|bottomDown/);
});

test('the top of the space is raised by what is missing: 45 for a thing 45 too high', () => {
  // One shelf on a base of 0: its top at 18, the space to 400: 382. The thing asks for 427.
  const wish = {
    way: 'contents',
    count: 1,
    bottom: { kind: 'base', up: mm(0) },
    top: { kind: 'height', up: mm(400) },
  } as const;
  const { contents } = laid(wish, { things: [box({ height: mm(407), count: 1 })] });
  expect(contents?.leftOut).toMatchObject([{ thing: 'box' }]);
  const up = contents?.wayOut.find((message) => message.code === 'wayOut.topUp')?.params.by;
  if (up?.kind !== 'length') throw new Error('no way up');
  expect(up.mm).toBeGreaterThanOrEqual(45);
  const raised = { ...wish, top: { kind: 'height', up: mm(400 + up.mm) } } as const;
  expect(laid(raised, { things: [box({ height: mm(407), count: 1 })] }).contents?.leftOut).toEqual([]);
});

test('silly wishes come to named problems, never to an exception', () => {
  const many = Array.from({ length: 200 }, (_, i) => box({ id: `t${i}`, name: `Box ${i}` }));
  const full = laid({ way: 'contents' }, { things: many });
  expect(full.shelves).toHaveLength(5);
  expect(codes(full)).toContain('problem.leftOutMore');
  expect(codes(laid({ way: 'contents' }))).toContain('problem.nothingListed');
  expect(codes(laid({ way: 'contents', count: 40, leastGap: mm(200) }, { things: [box()] }))).toContain(
    'problem.leastGap',
  );
  expect(codes(laid({ way: 'equal-gaps', count: 40, thickness: mm(60) }))).toContain('problem.tooManyShelves');
  expect(codes(laid({ way: 'graduated', count: 0 }))).toContain('problem.noShelves');
  expect(laid({ way: 'contents', count: 0 }, { things: [box()] }).shelves).toEqual([]);
}, 60_000);

test('an even layout has what it can hold told too', () => {
  const { contents } = laid({}, { things: [box({ height: mm(200) })] });
  expect(contents?.stored.reduce((sum, one) => sum + one.count, 0)).toBe(4);
  expect(contents?.capacity).toHaveLength(5);
});
