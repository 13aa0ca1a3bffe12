import { roughParts } from '../fit';
import { placeFixings } from '../fixing';
import { askedOf, SYSTEM_NAMES, type Job } from '../../job';
import { railOf, tiltedShelves } from '../layout';
import { railExtras, SYSTEMS, tiltedExtras } from '.';
import { braceOf } from './brace';
import { slatsOver } from './ladderPieces';
import { made, mm, openingFor, plainJob, saying } from '../load/testing';

// Every system on the plain alcove: 1000 between the walls, shelves 18 thick and 300 deep, their tops at 500, 1000,
// 1500. Survey figures are told to a tenth of a millimetre.

describe('deductions by hand', () => {
  test('three-side cleats: board 300 - 20; side cleat 300 - 20 - 20; cleats one thickness below the top', () => {
    const { wide, long, marks } = made(plainJob('three-side-cleats'));
    expect(wide('S1-board')).toBe(280);
    expect(long('S1-side-cleat-left')).toBe(260);
    expect(long('S1-side-cleat-right')).toBe(260);
    expect(wide('S1-back-cleat')).toBe(45);
    expect(marks.find((mark) => mark.what === 'cleat-top')?.up.mm).toBe(482);
  });

  test('end cleats: 300 less a set-back of 20; with a nosing of 20 another 20 less; the front end at 45°', () => {
    const plain = made(plainJob('end-cleats'));
    expect(plain.long('S1-side-cleat-left')).toBe(280);
    expect(plain.pieces.find((piece) => piece.id === 'S1-side-cleat-right')?.joints).toEqual([{ kind: 'clipped' }]);
    expect(plain.wide('S1-board')).toBe(300);
    expect(made(saying(plainJob('end-cleats'), { nosing: true })).long('S1-side-cleat-left')).toBe(260);
  });

  test('housed posts: two posts of 27 off, two grooves of 8 on: 1000 - 54 + 16; posts to 40 above the top shelf', () => {
    const { long, pieces } = made(plainJob('housed-posts'));
    expect(long('S1-board')).toBeCloseTo(962, 0);
    const post = pieces.find((piece) => piece.id === 'post-left-1')!;
    expect(post.length.mm).toBeCloseTo(1540, 0);
    // A groove's lower edge is the shelf's underside, from the post's own foot.
    const joint = post.joints[0];
    expect(joint?.kind === 'housed' ? joint.atMm.map((one) => Math.round(one)) : []).toEqual([482, 982, 1482]);
  });

  test('brackets: their top one thickness below the shelf, higher by what is let in', () => {
    const plain = made(plainJob('brackets'));
    expect(plain.marks.find((mark) => mark.what === 'bracket-top')?.up.mm).toBe(482);
    const notched = made(saying(plainJob('brackets'), { notch: mm(5) }));
    expect(notched.marks.find((mark) => mark.what === 'bracket-top')?.up.mm).toBe(487);
    expect(notched.hardware[0]?.place).toEqual({ upFrom: 187, upTo: 487, outFrom: 0, outTo: 250 });
  });

  test('a bracket that is made: leg 300 - 30; brace from 200 out to 250 down, long point to long point 320.2', () => {
    const { long, pieces } = made(saying(plainJob('brackets'), { made: 'shop' }));
    expect(long('S1-bracket-leg-1')).toBe(270);
    expect(long('S1-bracket-arm-1')).toBe(250);
    expect(long('S1-bracket-brace-1')).toBeCloseTo(Math.hypot(200, 250), 9);
    const [joint] = pieces.find((piece) => piece.id === 'S1-bracket-brace-1')!.joints;
    expect(joint).toMatchObject({
      kind: 'braced',
      degrees: expect.closeTo(38.66, 2),
      otherDegrees: expect.closeTo(51.34, 2),
    });
  });

  test('screwed through the sides: on the middle of the thickness, 40 in from both edges and one between', () => {
    const job = plainJob('side-screwed', {}, 'span');
    const { fixings } = made(job);
    const left = fixings.find((fixing) => fixing.id === 'S1-board/left')!;
    expect(left.holes.map((hole) => [hole.alongMm, hole.acrossMm])).toEqual([
      [40, 491],
      [150, 491],
      [260, 491],
    ]);
    // Through 18 of the side and 45 into end grain: 63, the next there is.
    expect(left.screw).toMatchObject({ diameterMm: 5, lengthMm: 70 });
  });

  test('hidden rails: 40 less two skins of 9 less 1 shaved; side rail 300 - 20 - 30 - 20', () => {
    const job = plainJob('floating-rails');
    const { wide, long, pieces } = made({ ...job, shelves: { ...job.shelves, thickness: mm(40) } });
    expect(wide('S1-rail-back')).toBe(21);
    expect(long('S1-side-cleat-left')).toBe(230);
    expect(pieces.filter((piece) => piece.shelf === 1 && piece.thicknessMm === 9)).toHaveLength(2);
    expect(wide('S1-nosing')).toBe(40);
    expect(wide('S1-board')).toBe(280);
  });

  test('housed case: 1000 - 10 wide, inside 990 - 36, shelves 954 + 12; a back of 6 off their depth', () => {
    const { long, wide, pieces } = made(plainJob('housed-case'));
    expect(long('S1-board')).toBeCloseTo(966, 0);
    expect(long('case-top')).toBeCloseTo(966, 0);
    expect(wide('S1-board')).toBe(294);
    expect(wide('back-panel')).toBeCloseTo(954 + 12 - 2, 0);
    // Grooves of both sides lie at the same heights from the foot; the sides are two pieces with two labels.
    const [left, right] = (['left', 'right'] as const).map((side) =>
      pieces.find((piece) => piece.id === `case-${side}`)!,
    );
    expect(left!.joints).toEqual(right!.joints);
    expect([left!.label, right!.label]).toEqual(['CL', 'CR']);
    expect(left!.role).not.toBe(right!.role);
  });

  test('pinned case: shelves inside less a play of 3, but for the one near the middle that is screwed fast', () => {
    const { long } = made(plainJob('pinned-case'));
    expect([long('S1-board'), long('S2-board'), long('S3-board')].map((one) => Math.round(one!))).toEqual([
      951, 954, 951,
    ]);
  });

  test('tower: shelves 954, the top over both sides 990, spacers as long as the clear gap, sides under the top', () => {
    const { long } = made(plainJob('screwed-tower'));
    expect(long('S2-board')).toBeCloseTo(954, 0);
    expect(long('case-top')).toBeCloseTo(990, 0);
    // From the top at 500 to the underside of the shelf at 1000.
    expect(long('S2-spacer-left')).toBe(482);
    expect(long('S2-spacer-right')).toBe(482);
  });

  test('framed bench: frame 300 - 20 - 30 deep, joists 250 - 90, end joists 250, posts 482 - 95', () => {
    const { long } = made(plainJob('framed-bench'));
    expect(long('S1-joist-1')).toBe(160);
    expect(long('S1-joist-left')).toBe(250);
    expect(long('S1-post-1')).toBeCloseTo(387, 0);
    // The frame lies 3 clear of both walls; rails stand between its end joists.
    expect(long('S1-rail-front')).toBeCloseTo(1000 - 6 - 90, 0);
  });

  test('ladder frames: rungs 300 - 90 between uprights up to the underside of the top shelf: 1500 - 18', () => {
    const { long, pieces } = made(plainJob('ladder-frames'));
    expect(long('S1-rung-1')).toBe(210);
    expect(long('frame-1-rear')).toBeCloseTo(1482, 0);
    expect(pieces.find((piece) => piece.id === 'S1-rung-1')?.place.upTo).toBe(482);
  });

  test('slats: six of 45 in 300 with 15 between would be 345; five leave gaps of 18.75', () => {
    expect(slatsOver(300, 45, 15)).toEqual({ count: 5, gapMm: 18.75 });
    expect(slatsOver(40, 45, 15)).toEqual({ count: 1, gapMm: 0 });
  });

  test('a brace of equal reach is cut at 45° at both ends', () => {
    expect(braceOf({ outMm: 200, downMm: 200 })).toMatchObject({
      degrees: 45,
      otherDegrees: 45,
      length: { mm: expect.closeTo(282.84, 2) },
    });
  });
});

describe('beside the shelves', () => {
  test('a tilted board lies loose on sloping cleats, 12 deep along its slope less a set-back of 20; its strip stands 20 up', () => {
    const job: Job = {
      ...plainJob('three-side-cleats'),
      tilted: [{ id: 't', front: mm(150), degrees: 15, depth: mm(300) }],
    };
    const { tilted } = tiltedShelves({ wishes: job.tilted!, thicknessMm: 18, depthMm: 400 });
    const { parts, fastenings } = tiltedExtras({ tilted, job, opening: { surfaces: ['left', 'right', 'back'] } });
    const part = (id: string) => parts.find((partSpec) => partSpec.id === id)!;
    // Less 45 tan 15° = 12.06, by which its square-cut heel would stand in the wall.
    expect(part('T1-side-cleat-left').length).toMatchObject({ figure: { mm: expect.closeTo(267.94, 2) } });
    expect(part('T1-board').width.mm).toBe(300);
    expect(part('T1-stop-strip').width.mm).toBe(38);
    const heel = 45 * Math.tan((15 * Math.PI) / 180);
    // A screw 25 from the rear, in the middle of a cleat 45 high: by the slope of 15° out and down from its rear
    // corner.
    const placed = placeFixings({
      fastenings,
      parts: roughParts(parts, openingFor(job), job),
      hardware: [],
      opening: openingFor(job),
      job,
    });
    const [hole] = placed.fixings.find((fixing) => fixing.id === 'T1-side-cleat-left/wall')!.holes;
    const turn = (15 * Math.PI) / 180;
    const rear = 150 + 300 * Math.sin(turn) - 18 * Math.cos(turn);
    expect(hole!.spot!.alongMm).toBeCloseTo((heel + 25) * Math.cos(turn) - 22.5 * Math.sin(turn), 6);
    expect(hole!.spot!.upMm).toBeCloseTo(rear - (heel + 25) * Math.sin(turn) - 22.5 * Math.cos(turn), 6);
  });

  test('a closet rod: 1000 less two plates of 5; its sockets at hanger depth, or in the middle of what there is', () => {
    const wish = { kind: 'rail', up: mm(1600), clear: mm(60) } as const;
    const opening = openingFor(plainJob('three-side-cleats'));
    const { parts, hardware } = railExtras({
      rail: railOf(wish, 400, '1mm'),
      opening,
      job: plainJob('three-side-cleats'),
    });
    const rough = roughParts(parts, opening, plainJob('three-side-cleats'));
    expect(rough[0]!.length.mm).toBeCloseTo(990, 0);
    expect(hardware.map((one) => (one.place.outFrom + one.place.outTo) / 2)).toEqual([200, 200]);
    expect(railExtras({ rail: null, opening, job: plainJob('three-side-cleats') })).toMatchObject({
      parts: [],
      hardware: [],
    });
  });
});

describe('every system', () => {
  const places = { 'side-screwed': 'span' } as const;
  test.each(SYSTEM_NAMES)('%s: pieces with names and lengths, joints, an order, a board that is held', (system) => {
    const kind = system in places ? places[system as 'side-screwed'] : 'alcove';
    const job = plainJob(system, {}, kind);
    const thick = system === 'floating-rails' ? { ...job, shelves: { ...job.shelves, thickness: mm(40) } } : job;
    const { pieces, fixings, holds, order, codes } = made(thick);
    expect(codes).toEqual([]);
    expect(new Set(pieces.map((piece) => piece.id)).size).toBe(pieces.length);
    expect(pieces.every((piece) => piece.length.mm > 0 && piece.width.mm > 0 && piece.label !== '')).toBe(true);
    expect(holds.map((one) => one.shelf)).toEqual([1, 2, 3]);
    expect(holds.every((one) => one.rests.length >= 2 && pieces.some((part) => part.id === one.board))).toBe(true);
    expect(fixings.every((fixing) => fixing.holes.length >= 2)).toBe(true);
    expect(fixings.length).toBeGreaterThan(0);
    expect(order[0]?.steps.length).toBeGreaterThan(2);
  });

  test.each(SYSTEM_NAMES)('%s says what it takes up below a shelf, and never less than nothing', (system) => {
    const job = plainJob(system);
    const under = SYSTEMS[system].under(job.shelves, askedOf(job, system) as never);
    expect(Math.min(...Object.values(under))).toBeGreaterThanOrEqual(0);
  });

  test('left and right pieces have labels of their own', () => {
    for (const system of SYSTEM_NAMES) {
      const { pieces } = made(plainJob(system));
      const labels = (side: string) =>
        pieces.filter((piece) => piece.id.endsWith(side) && piece.role !== 'spacer').map((piece) => piece.label);
      expect(labels('-left').filter((label) => labels('-right').includes(label))).toEqual([]);
    }
  });
});

describe('impossible wishes are named, with the nearest thing that works', () => {
  const codes = (job: Job) => made(job).codes;

  test('a bracket deeper than the shelf', () => {
    const { problems, parts } = made(saying(plainJob('brackets'), { arm: mm(320) }));
    const problem = problems.find((one) => one.message.code === 'problem.bracketTooDeep');
    expect(problem).toMatchObject({ severity: 'stop', message: { params: { arm: { mm: 320 }, board: { mm: 300 } } } });
    expect(parts).toEqual([]);
  });

  test('no studs and no anchors allowed', () => {
    const job = plainJob('brackets');
    const none = { ...job, fixing: { ...job.fixing, anchors: false } };
    expect(codes(none)).toContain('problem.noStudNoAnchor');
    expect(codes({ ...plainJob('three-side-cleats'), fixing: none.fixing })).toContain('problem.noStudNoAnchor');
    const stud = (from: number, i: number) => ({
      id: `s${i}`,
      wall: 'back' as const,
      from: mm(from),
      found: 'pilot' as const,
    });
    const studs = { ...none, place: { ...none.place, studs: [200, 800].map(stud) } };
    expect(codes(studs)).toEqual([]);
  });

  test.each<[string, Job, string]>([
    [
      'a cleat that stops behind the back',
      saying(plainJob('end-cleats'), { setBack: mm(290) }),
      'problem.noCleatLength',
    ],
    ['a groove through half a post', saying(plainJob('housed-posts'), { groove: mm(20) }), 'problem.grooveTooDeep'],
    ['a hollow shelf with no room for a rail', plainJob('floating-rails'), 'problem.hollowThin'],
    ['soft sides', plainJob('side-screwed'), 'problem.notRigid'],
    [
      'a case that cannot be stood up',
      {
        ...plainJob('housed-case'),
        shelves: { ...plainJob('housed-case').shelves, heights: [{ id: 'h', up: mm(2370) }] },
      },
      'problem.caseTilts',
    ],
    [
      'a bench on the floor',
      {
        ...plainJob('framed-bench'),
        shelves: { ...plainJob('framed-bench').shelves, heights: [{ id: 'h', up: mm(150) }] },
      },
      'problem.benchLow',
    ],
    [
      'a bench that is hardly deep',
      { ...plainJob('framed-bench'), shelves: { ...plainJob('framed-bench').shelves, depth: mm(120) } },
      'problem.benchShallow',
    ],
    [
      'frames with no room for rungs',
      { ...plainJob('ladder-frames'), shelves: { ...plainJob('ladder-frames').shelves, depth: mm(120) } },
      'problem.ladderShallow',
    ],
    [
      'a bracket with no room for its brace',
      saying(plainJob('brackets'), { made: 'shop', arm: mm(100), leg: mm(90) }),
      'problem.noBrace',
    ],
  ])('%s', (_, job, code) => {
    const plan = made(job);
    expect(plan.codes).toContain(code);
    expect(plan.pieces.some((piece) => piece.role !== 'board' && piece.shelf === 1)).toBe(
      code === 'problem.notRigid' ? false : plan.pieces.length > 0,
    );
  });
});
