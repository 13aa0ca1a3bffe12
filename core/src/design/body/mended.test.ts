import type { Job, PlaceKind, SystemName } from '../../job';
import { planJob, type Plan } from '../../plan';
import { cloakroomCloset, stairCavity, windowCorner } from '../../rigs/demo';
import { mm, plainJob, saying } from '../load/testing';

// What was wrong while each stage had its own idea of the thing: each of these once ran into something or was loose.

const planOf = (
  system: SystemName,
  said: Readonly<Record<string, unknown>> = {},
  change: Partial<Job> = {},
  kind: PlaceKind = 'alcove',
): Plan => planJob(saying(plainJob(system, change, kind), said));

const bodyCodes = (plan: Plan) =>
  plan.problems.map(({ message }) => message.code).filter((code) => code.startsWith('body.'));
const partOf = (plan: Plan, id: string) => plan.parts.find((part) => part.id === id)!;
const joint = (plan: Plan, id: string) => plan.fixings.find((fixing) => fixing.id === id);
const skirting = (job: Job): Job['place'] => ({ ...job.place, skirting: { height: mm(100), thickness: mm(15) } });

describe('cases', () => {
  test('a back panel lies in a rebate of both sides and is pinned to every board', () => {
    const plan = planOf('housed-case');
    expect(bodyCodes(plan)).toEqual([]);
    expect(partOf(plan, 'case-left').joints).toContainEqual({ kind: 'rebated', deepMm: 6, wideMm: 6 });
    for (const id of ['case-left', 'case-top', 'case-bottom', 'S1-board', 'S2-board', 'S3-board'])
      expect(joint(plan, `back-panel/${id}`)?.holes.length).toBeGreaterThanOrEqual(2);
  });

  test('the rail against tipping lies under the top, whatever the sides are, and is screwed to both', () => {
    const plan = planOf('pinned-case', { sideThickness: mm(12) });
    const [rail, top] = [partOf(plan, 'tip-rail'), partOf(plan, 'case-top')];
    expect(rail.place.upTo).toBeCloseTo(top.place.upFrom, 6);
    expect(joint(plan, 'case-left/tip-rail')?.holes).toHaveLength(2);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test.each(['housed-case', 'pinned-case', 'screwed-tower'] as const)(
    '%s: a lipping is pinned, inside the sides',
    (system) => {
      const plan = planOf(system, { nosing: true });
      expect(joint(plan, 'S2-nosing/board')?.holes.length).toBeGreaterThanOrEqual(2);
      const [left, right] = ['case-left', 'case-right'].map((id) => partOf(plan, id));
      const nosing = partOf(plan, 'S2-nosing');
      expect(nosing.across!.fromMm).toBeGreaterThanOrEqual(left!.across!.toMm - 1e-6);
      expect(nosing.across!.toMm).toBeLessThanOrEqual(right!.across!.fromMm + 1e-6);
      expect(bodyCodes(plan)).toEqual([]);
    },
  );

  test('between skirtings of 15 a case is 30 narrower, and its sides are cut out for the one behind', () => {
    const bare = planOf('housed-case');
    const job = saying(plainJob('housed-case'), {});
    const skirted = planJob({ ...job, place: skirting(job) });
    const wide = (plan: Plan) => partOf(plan, 'case-right').across!.toMm - partOf(plan, 'case-left').across!.fromMm;
    expect(wide(bare) - wide(skirted)).toBeCloseTo(30, 6);
    expect(partOf(skirted, 'case-left').joints).toContainEqual({ kind: 'notched', deepMm: 15, highMm: 100 });
    expect(bodyCodes(skirted)).toEqual([]);
  });

  test('shelves on pins have their pins without being asked for, and one that is screwed fast', () => {
    const plan = planOf('pinned-case');
    expect(plan.pins).not.toBeNull();
    expect(joint(plan, `case-left/S${plan.pins!.fixed}-board`)).toBeDefined();
    const pins = plan.body.fittings.filter(({ what }) => what === 'pin');
    expect(new Set(pins.map(({ shelf }) => shelf))).toEqual(
      new Set([1, 2, 3].filter((shelf) => shelf !== plan.pins!.fixed)),
    );
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('of two cases in one place the second is named, and the first is planned', () => {
    const job = plainJob('housed-case');
    const plan = planJob({ ...job, support: { ...job.support, shelves: [{ shelf: 2, system: 'pinned-case' }] } });
    expect(
      plan.problems.filter(({ severity }) => severity === 'stop').map(({ about, message }) => [about, message.code]),
    ).toEqual([[{ kind: 'shelf', shelf: 2 }, 'problem.twoCases']]);
    expect(plan.parts.filter(({ role }) => role === 'board').map(({ shelf }) => shelf)).toEqual([1, 3]);
  });

  test('a cavity box has its four corners screwed and its trim pinned all round', () => {
    const plan = planJob(stairCavity());
    for (const side of ['left', 'right'])
      for (const end of ['top', 'bottom']) expect(joint(plan, `box-${side}/box-${end}`)?.holes).toHaveLength(2);
    for (const trim of ['left', 'right', 'head', 'foot'])
      expect(plan.fixings.some(({ id }) => id.startsWith(`trim-${trim}/box-`))).toBe(true);
    expect(bodyCodes(plan)).toEqual([]);
  });
});

describe('frames and benches', () => {
  test('a deck lies between the uprights; the topmost lies over them', () => {
    const plan = planOf('ladder-frames', { stickWidth: mm(45) });
    expect(partOf(plan, 'S1-board').place).toMatchObject({ outFrom: 46, outTo: 254 });
    expect(partOf(plan, 'S3-board').place).toMatchObject({ outFrom: 0, outTo: 300 });
    expect(partOf(plan, 'frame-1-rear').place.upTo).toBe(partOf(plan, 'S3-board').place.upFrom);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('every slat is screwed at every frame', () => {
    const plan = planOf('ladder-frames', { deck: 'slats' });
    const slats = plan.parts.filter(({ shelf, role }) => shelf === 2 && (role === 'slat' || role === 'board'));
    const frames = new Set(plan.parts.flatMap(({ id }) => /^frame-(\d+)-rear$/.exec(id)?.[1] ?? []));
    expect(slats.length).toBeGreaterThan(2);
    for (const { id } of slats)
      expect(plan.fixings.filter((fixing) => fixing.id.startsWith(`${id}/`))).toHaveLength(frames.size);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('posts of an upper bench stand on the top of the one below', () => {
    const heights = [600, 1300].map((up, i) => ({ id: `h${i}`, up: mm(up) }));
    const job = plainJob('framed-bench', {}, 'run');
    const plan = planJob({ ...job, shelves: { ...job.shelves, heights, depth: mm(400) } });
    const upper = plan.parts.filter(({ role, shelf }) => role === 'post' && shelf === 2);
    expect(upper.length).toBeGreaterThan(1);
    for (const post of upper) expect(post.place.upFrom).toBe(600);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('a post’s screws go into the rail above it, which is less deep than the post', () => {
    const plan = planOf('framed-bench', { frameThickness: mm(38), post: mm(90) }, {}, 'run');
    const screws = plan.body.screws.filter(({ fixing }) => /rail-front\/S\d-post/.test(fixing));
    expect(screws.length).toBeGreaterThan(2);
    for (const { way } of screws)
      expect(way.some(({ in: inside }) => 'id' in inside && /rail-front/.test(inside.id ?? ''))).toBe(true);
    expect(bodyCodes(plan).filter((code) => code !== 'body.inOneAnother')).toEqual([]);
  });
});

describe('cleats, brackets, rails', () => {
  test('a batten cut off at 45° has no screw where it would come out below', () => {
    expect(bodyCodes(planOf('end-cleats', { frontCut: '45', loose: false }))).toEqual([]);
  });

  test('a board is notched for the brackets it lies over', () => {
    const plan = planOf('brackets', { notch: mm(3) });
    const board = plan.body.pieces.find(({ id }) => id === 'S2-board')!;
    const brackets = plan.body.fittings.filter(({ shelf }) => shelf === 2);
    const notches = board.solid.cuts.filter(({ kind }) => kind === 'notch');
    expect(notches).toHaveLength(brackets.length);
    for (const notch of notches) expect([notch.fromMm, notch.toMm]).toEqual([0, 3]);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('the screws of a brace end in it', () => {
    const plan = planOf('brackets', { made: 'shop' });
    const braced = plan.body.screws.filter(({ fixing }) => fixing.includes('/bracket-brace'));
    expect(braced.length).toBeGreaterThan(3);
    for (const { way, lengthMm } of braced) expect(way.at(-1)?.toMm).toBeCloseTo(lengthMm, 6);
  });

  test('a bracket longer than the gap below its shelf is named', () => {
    const plan = planOf('brackets', { leg: mm(550), arm: mm(250) });
    expect(plan.problems.map(({ message }) => message.code)).toContain('problem.gapTooSmall');
  });

  test('both skins of a hollow shelf are held, with the lock on either side', () => {
    for (const lock of ['below', 'above']) {
      const thick = { ...plainJob('floating-rails').shelves, thickness: mm(45) };
      expect(bodyCodes(planOf('floating-rails', { made: 'hollow', lock }, { shelves: thick }))).toEqual([]);
    }
  });

  test('the upper skin rests on its rails, however much is shaved off them', () => {
    const thick = { ...plainJob('floating-rails').shelves, thickness: mm(45) };
    const plan = planOf('floating-rails', { made: 'hollow', shave: mm(3) }, { shelves: thick });
    expect(partOf(plan, 'S1-rail-back').place.upTo).toBeCloseTo(partOf(plan, 'S1-board').place.upFrom, 6);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('a rail’s cups are clear of the battens above, and sloping battens of the wall', () => {
    const plan = planJob(cloakroomCloset());
    expect(plan.body.fittings.filter(({ what }) => what === 'socket')).toHaveLength(2);
    expect(plan.parts.filter(({ tiltDegrees }) => tiltDegrees).length).toBeGreaterThan(4);
    expect(bodyCodes(plan)).toEqual([]);
  });

  test('what a second support runs into is named at its shelf, and stops', () => {
    const job = plainJob('three-side-cleats');
    const plan = planJob({ ...job, support: { ...job.support, shelves: [{ shelf: 3, system: 'housed-posts' }] } });
    const named = plan.problems.filter(({ message }) => message.code === 'body.inOneAnother');
    expect(named.length).toBeGreaterThan(0);
    expect(named.every(({ severity }) => severity === 'stop')).toBe(true);
  });
});

test('the rails of a corner stop as far short of the front as they are asked to', () => {
  const corner = windowCorner();
  const railed = (setBack: number) => {
    const asked = { setBack: mm(setBack) };
    const plan = planJob({
      ...corner,
      shelves: { ...corner.shelves, thickness: mm(40) },
      support: { system: 'floating-rails', own: { 'floating-rails': asked } },
    });
    return plan.body.pieces.filter((piece) => piece.role === 'rail-back' || piece.role === 'rail-side');
  };
  const [near, far] = [railed(20), railed(70)];
  expect(near.length).toBeGreaterThan(3);
  near.forEach((rail, i) => {
    const shorter = rail.solid.lengthMm - far[i]!.solid.lengthMm;
    // On the marks of the tape, each down to the mark below.
    expect(Math.abs(shorter - 50)).toBeLessThan(1.6);
  });
});

describe('bare studs', () => {
  const studs = [200, 600].map((from, i) => ({
    id: `s${i}`,
    wall: 'back' as const,
    from: mm(from),
    found: 'magnet' as const,
  }));
  const withStuds = (all: typeof studs) => {
    const job = plainJob('brackets');
    return planJob({ ...job, place: { ...job.place, walls: 'studs', studs: all } });
  };

  test('brackets stand at the studs that are noted, and every screw is in one', () => {
    const plan = withStuds(studs);
    const walled = plan.fixings.filter(({ into }) => into.kind === 'wall');
    expect(walled.length).toBeGreaterThan(0);
    expect(walled.flatMap(({ holes }) => holes).every(({ into, stud }) => into === 'stud' && stud !== null)).toBe(true);
    expect(plan.needed.map(({ what }) => what.code)).not.toContain('needed.anchor');
  });

  test('where none are noted no screw has a hold, and that is said', () => {
    const plan = withStuds([]);
    expect(plan.problems.map(({ message }) => message.code)).toContain('problem.noStudNoAnchor');
  });
});

test('a stud noted beyond the end of its wall is named, and no screw is driven there', () => {
  const job = plainJob('three-side-cleats');
  const stud = (id: string, from: number) => ({ id, wall: 'back' as const, from: mm(from), found: 'magnet' as const });
  const plan = planJob({ ...job, place: { ...job.place, studs: [stud('in', 300), stud('out', 1400)] } });
  expect(plan.problems.filter(({ message }) => message.code === 'problem.studOutside')).toHaveLength(1);
  expect(plan.fixings.flatMap(({ holes }) => holes).some(({ stud: id }) => id === 'out')).toBe(false);
  expect(plan.fixings.flatMap(({ holes }) => holes).some(({ stud: id }) => id === 'in')).toBe(true);
});

test('rows of pins stand as far from the edges as the case asks, where no rows are wished', () => {
  const plan = planOf('pinned-case', { pinSetBack: mm(60) });
  expect(plan.pins?.rowsMm).toEqual([60, 240]);
  expect(plan.body.fittings.filter(({ what }) => what === 'pin').length).toBeGreaterThan(3);
});
