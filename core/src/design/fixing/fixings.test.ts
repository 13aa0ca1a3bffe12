import fc from 'fast-check';
import { SYSTEM_NAMES, type Job, type KeepClear } from '../../job';
import { zonesOn } from '../system';
import { made, mm, plainJob, saying } from '../load/testing';
import { words } from '../../say/words';
import { evenly, holeRows, holesFor, nearestFreeSpot, neededFor, plugHole, screwFor, usable } from '.';

const stud = (wall: 'left' | 'back' | 'right', from: number) => ({
  id: `${wall}-${from}`,
  wall,
  from: mm(from),
  found: 'pilot' as const,
});
const walled = (job: Job, change: Partial<Job['place']>): Job => ({ ...job, place: { ...job.place, ...change } });
const fixing = (job: Job, id: string) => made(job).fixings.find((one) => one.id === id)!;

describe('how long a screw is', () => {
  test('cleat 20, plasterboard 12.5, bite 35: 67.5, the next is 70', () => {
    const way = { passMm: 20, liningMm: 12.5, biteMm: 35, haveMm: 70 };
    const chosen = screwFor('wall', way, 'mm')!;
    expect(chosen.screw).toMatchObject({ diameterMm: 5, lengthMm: 70, size: '5 × 70' });
    expect(chosen.biteMm).toBe(37.5);
    expect(chosen.length.terms.map((term) => term.mm)).toEqual([20, 12.5, 37.5]);
    // In inches: 3/4 + 1/2 + 1 3/8 = 2 5/8, the next is 2 3/4.
    const inch = screwFor('wall', { ...way, passMm: 19.05, liningMm: 12.7 }, 'in')!;
    expect(inch.screw.size).toBe('#10 × 2 3/4 in');
  });

  test('never through a cabinet’s far side: 20 of cleat and 18 of panel take 35, not 55', () => {
    expect(screwFor('wall', { passMm: 20, liningMm: 0, biteMm: 35, haveMm: 18 }, 'mm')!.screw.lengthMm).toBe(35);
    const cleat = fixing(walled(plainJob('three-side-cleats'), { walls: 'panel' }), 'S1-side-cleat-left/wall');
    expect(cleat.screw.lengthMm).toBeLessThan(20 + 18);
    expect(cleat.holes.every((hole) => hole.into === 'panel')).toBe(true);
  });

  test('where nothing there is bites there is none', () => {
    // The longest there is at all is 120.
    expect(screwFor('wood', { passMm: 120, liningMm: 0, biteMm: 30, haveMm: 40 }, 'mm')).toBeNull();
  });

  test('wood that is too thick for its own screws takes those for walls: 45 and 45 into end grain is 5 × 90', () => {
    const end = { passMm: 45, liningMm: 0, biteMm: 45, haveMm: 200 };
    expect(screwFor('wood', end, 'mm')).toMatchObject({ screw: { size: '5 × 90' }, biteMm: 45 });
    expect(screwFor('wood', { ...end, passMm: 38.1 }, 'in')?.screw.size).toBe('#10 × 3 1/2 in');
    expect(screwFor('wood', { ...end, passMm: 35 }, 'mm')?.screw.size).toBe('4 × 80');
    // One that cannot go deeper stays with its own.
    expect(screwFor('wood', { ...end, haveMm: 20 }, 'mm')?.screw.size).toBe('4 × 60');
  });

  test('a 5 mm screw: clearance 5.5, pilot 3; a 4 mm one 4.5 and 2.5; a plug for 5 mm is 8, and 10 deeper', () => {
    const screw = (diameterMm: number) => ({ kind: 'screw' as const, diameterMm, lengthMm: 70, size: '' });
    expect(holesFor(screw(5), 'mm')).toEqual({ clearanceMm: 5.5, pilotMm: 3, countersinkMm: 10 });
    expect(holesFor(screw(4), 'mm')).toEqual({ clearanceMm: 4.5, pilotMm: 2.5, countersinkMm: 8 });
    expect(plugHole(screw(5), 45, 'mm')).toEqual({ drillMm: 8, deepMm: 55 });
    // Drills in inches: number 10 clears in 13/64, its pilot is 1/8 less a hair: 7/64 or 1/8.
    const inch = holesFor(screw(4.83), 'in');
    expect(inch.clearanceMm / (25.4 / 64)).toBeCloseTo(13, 6);
    expect([7, 8]).toContain(Math.round(inch.pilotMm / (25.4 / 64)));
  });

  test('a board is never pierced: screws up through a bracket end below its top', () => {
    const up = fixing(plainJob('brackets'), 'S1-bracket-1/board');
    expect(up.screw.lengthMm).toBeLessThanOrEqual(3 + 18 - 2);
  });
});

describe('where a screw goes', () => {
  test('into every stud the cleat crosses, and near both its ends; two at the least', () => {
    const job = walled(plainJob('three-side-cleats'), { studs: [stud('back', 230), stud('back', 632)] });
    const { holes } = fixing(job, 'S1-back-cleat/wall');
    // The cleat begins where the wall does in a square opening.
    const spots = holes.map((hole) => [Math.round(hole.spot!.alongMm), hole.into]);
    expect(spots).toEqual([
      [25, 'anchor'],
      [230, 'stud'],
      [632, 'stud'],
      [975, 'anchor'],
    ]);
    expect(holes.map((hole) => hole.acrossMm)).toEqual([22.5, 22.5, 22.5, 22.5]);
  });

  test('a stud near an end serves for it', () => {
    const job = walled(plainJob('three-side-cleats'), { studs: [stud('back', 60), stud('back', 900)] });
    const { holes } = fixing(job, 'S1-back-cleat/wall');
    expect(holes.map((hole) => Math.round(hole.spot!.alongMm))).toEqual([60, 900]);
  });

  test('plaster takes plugs, no more than 400 apart; a high stick takes two rows', () => {
    const job = walled(saying(plainJob('three-side-cleats'), { cleatHeight: mm(90) }), { walls: 'plaster' });
    const { holes, plug } = fixing(job, 'S1-back-cleat/wall');
    expect(plug).toMatchObject({ drillMm: 8 });
    expect(holes.every((hole) => hole.into === 'plug')).toBe(true);
    expect(new Set(holes.map((hole) => hole.acrossMm)).size).toBe(2);
    const alongs = [...new Set(holes.map((hole) => hole.alongMm))];
    expect(Math.max(...alongs.slice(1).map((one, i) => one - alongs[i]!))).toBeLessThanOrEqual(400);
  });

  test('moved aside from an outlet, and from a hole in a cabinet’s side', () => {
    const outlet: KeepClear = {
      id: 'o',
      what: 'outlet',
      wall: 'back',
      from: mm(460),
      up: mm(400),
      width: mm(80),
      height: mm(80),
      note: '',
    };
    const job = walled(plainJob('three-side-cleats'), { walls: 'plaster', keepClears: [outlet] });
    const { holes } = fixing(job, 'S1-back-cleat/wall');
    for (const { spot } of holes) expect(spot!.alongMm <= 430 || spot!.alongMm >= 570).toBe(true);
    const hole: KeepClear = {
      id: 'h',
      what: 'hole',
      wall: 'left',
      from: mm(148),
      up: mm(100),
      width: mm(5),
      height: mm(2000),
      note: '',
    };
    const span = walled(plainJob('side-screwed', {}, 'span'), { keepClears: [hole] });
    expect(fixing(span, 'S1-board/left').holes.map((one) => one.alongMm)).toEqual([40, 137, 260]);
    expect(fixing(span, 'S1-board/right').holes.map((one) => one.alongMm)).toEqual([40, 150, 260]);
    expect(made(span).codes).toContain('problem.sideMoved');
  });

  test('even places with both ends, and the nearest that is free', () => {
    expect(evenly({ fromMm: 25, toMm: 975 }, 400, 2)).toEqual([
      25,
      expect.closeTo(341.67, 2),
      expect.closeTo(658.33, 2),
      975,
    ]);
    expect(usable(1000)).toEqual({ fromMm: 25, toMm: 975 });
    expect(usable(60)).toEqual({ fromMm: 15, toMm: 45 });
    expect(nearestFreeSpot(50, { fromMm: 0, toMm: 100 }, (at) => at >= 70)).toBe(70);
    expect(nearestFreeSpot(50, { fromMm: 0, toMm: 100 }, () => false)).toBeNull();
  });
});

test('holes are told on marks of the tape, row by row', () => {
  const holes = [
    { alongMm: 341.7, acrossMm: 22.6 },
    { alongMm: 25, acrossMm: 22.6 },
    { alongMm: 25, acrossMm: 60 },
  ] as never;
  const through = { kind: 'piece', id: 'a' } as const;
  expect(holeRows({ holes, through }, '1mm')).toEqual([
    { acrossMm: 23, alongs: [25, 342] },
    { acrossMm: 60, alongs: [25] },
  ]);
  // 25 mm is a hair short of an inch: on a tape in sixteenths it is one.
  expect(holeRows({ holes, through }, '1/16in')[0]?.alongs[0]).toBeCloseTo(25.4, 9);
});

test('what is bought is counted: brackets, screws by size, anchors with theirs, plugs', () => {
  const said = (job: Job) => {
    const { fixings, hardware } = made(job);
    return neededFor(fixings, hardware).map((one) => `${one.count} × ${words(one.what, job)}`);
  };
  // Three shelves on two brackets each, two screws up into the board and two to the wall; one stud only meets none.
  const brackets = plainJob('brackets');
  expect(said(walled(brackets, { studs: [stud('back', 250), stud('back', 750)] }))).toEqual([
    '6 × Bracket 250 mm by 300 mm',
    '12 × Screws 5 × 60',
    '12 × Screws 4 × 16',
  ]);
  expect(said(brackets)).toContain('12 × Hollow-wall fixings with their screws');
  expect(said(walled(brackets, { walls: 'plaster' }))).toContain('12 × Wall plugs for screws 5 × 50');
});

test('in random jobs no screw lies outside its piece or in what must stay clear, and every joint has two or a problem', () => {
  const wall = fc.constantFrom('left', 'back', 'right' as const);
  const clears = fc.array(
    fc.record({
      what: fc.constantFrom('outlet', 'hole', 'pipe', 'vent' as const),
      wall,
      from: fc.integer({ min: 20, max: 900 }),
      up: fc.integer({ min: 50, max: 1700 }),
      width: fc.integer({ min: 5, max: 200 }),
      height: fc.integer({ min: 5, max: 300 }),
    }),
    { maxLength: 5 },
  );
  const random = fc.record({
    system: fc.constantFrom(...SYSTEM_NAMES),
    walls: fc.constantFrom('lined', 'plaster', 'panel', 'studs' as const),
    anchors: fc.boolean(),
    clears,
    studs: fc.uniqueArray(fc.record({ wall, from: fc.integer({ min: 10, max: 990 }) }), {
      maxLength: 8,
      selector: (one) => `${one.wall}${one.from}`,
    }),
    depth: fc.integer({ min: 150, max: 380 }),
    thickness: fc.integer({ min: 12, max: 50 }),
    heights: fc.uniqueArray(fc.integer({ min: 10, max: 40 }), { minLength: 1, maxLength: 4 }),
  });
  fc.assert(
    fc.property(random, ({ system, walls, anchors, clears: kept, studs, depth, thickness, heights }) => {
      const start = plainJob(system);
      const job: Job = {
        ...start,
        fixing: { ...start.fixing, anchors },
        place: {
          ...start.place,
          walls,
          studs: studs.map((one) => stud(one.wall, one.from)),
          keepClears: kept.map((one, i) => ({
            id: `k${i}`,
            note: '',
            what: one.what,
            wall: one.wall,
            from: mm(one.from),
            up: mm(one.up),
            width: mm(one.width),
            height: mm(one.height),
          })),
        },
        shelves: {
          ...start.shelves,
          depth: mm(depth),
          thickness: mm(thickness),
          heights: heights.map((height, i) => ({ id: `h${i}`, up: mm(height * 50) })),
        },
      };
      const { fixings, pieces, fastenings, codes } = made(job);
      const troubled = codes.some((code) => /noStudNoAnchor|noPlaceForScrews|noScrew|sideBlocked/.test(code));
      for (const one of fixings) {
        const { through, holes, into } = one;
        const part = through.kind === 'piece' ? pieces.find(({ id }) => id === through.id)! : null;
        for (const hole of holes) {
          if (part) {
            expect(hole.alongMm).toBeGreaterThan(0);
            expect(hole.alongMm).toBeLessThan(part.length.mm);
            expect(hole.acrossMm).toBeGreaterThan(0);
            expect(hole.acrossMm).toBeLessThan(part.width.mm);
          }
          const on = into.kind === 'wall' ? into.wall : through.kind === 'wall' ? through.wall : null;
          if (!on || !hole.spot) continue;
          const { alongMm, upMm } = hole.spot;
          for (const zone of zonesOn(job.place, on)) {
            expect(alongMm <= zone.fromMm || alongMm >= zone.toMm || upMm <= zone.lowMm || upMm >= zone.highMm).toBe(
              true,
            );
          }
          if (!anchors) expect(hole.into).not.toBe('anchor');
        }
        // Never out at the far side.
        const reach = one.screw.lengthMm - one.passMm - one.liningMm;
        const deep =
          into.kind === 'piece' ? (into.haveMm ?? Infinity) : walls === 'panel' ? job.fixing.panel.mm : Infinity;
        expect(reach).toBeLessThan(deep);
        expect(holes.length >= 2 || troubled).toBe(true);
      }
      expect(fixings.length === fastenings.length || troubled || pieces.length === 0).toBe(true);
    }),
    { numRuns: 250 },
  );
});
