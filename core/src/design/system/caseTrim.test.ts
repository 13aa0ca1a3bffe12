import { standUp } from '../body';
import { shapedIn, shapeWords } from '../shaping';
import { sawScene } from '../../say/scene/saw';
import { made, mm, plainJob, saying } from '../load/testing';

const cases = ['housed-case', 'pinned-case', 'screwed-tower'] as const;
const trimmed = (system: (typeof cases)[number], said: object = {}, kind: 'alcove' | 'run' = 'alcove') =>
  made(saying(plainJob(system, {}, kind), { trim: true, play: mm(20), trimWidth: mm(25), ...said }));

/** Pieces as they stand in their opening. */
const shapedOf = ({ pieces, hardware, opening }: ReturnType<typeof made>) =>
  shapedIn(standUp({ parts: pieces, hardware, pins: null, opening }));

describe.each(cases)('%s', (system) => {
  test('none unless it is asked for', () => {
    expect(made(plainJob(system)).parts.some((part) => part.role === 'trim')).toBe(false);
  });

  test('the head: the inside of 944, twice a reveal of 3, twice the width of 25: exactly 1000', () => {
    const { long, pieces } = trimmed(system);
    // 1000 - 20 of play - two sides of 18 = 944.
    expect(long('case-trim-head')).toBeCloseTo(944 + 6 + 50, 0);
    const head = pieces.find((piece) => piece.id === 'case-trim-head')!;
    expect(head.joints).toEqual([{ kind: 'mitred', longEdge: 'upper' }]);
    expect(head.length.terms.map((term) => term.label.code)).toEqual(
      expect.arrayContaining(['term.reveals', 'term.trimWidths']),
    );
  });

  test('an upright: from the floor to the underside of the top, a reveal and a width above it', () => {
    const result = trimmed(system);
    const { long, pieces } = result;
    const top = pieces.find((piece) => piece.id === 'case-top')!;
    const upright = pieces.find((piece) => piece.id === 'case-trim-left')!;
    expect(long('case-trim-left')).toBeCloseTo(top.place.upFrom + 3 + 25 - upright.place.upFrom, 0);
    expect(upright.joints).toEqual([{ kind: 'mitred-one', longEdge: 'lower' }]);
    expect(shapeWords(shapedOf(result)(upright), result.job)).toMatchObject([
      { code: 'cutEnd.mitredOne', params: { inside: { mm: upright.length.mm - 25 } } },
    ]);
  });

  test('left and right are two pieces, mirrored about the middle, and lie before the face', () => {
    const { pieces } = trimmed(system);
    const [left, right] = ['left', 'right'].map((side) => pieces.find((piece) => piece.id === `case-trim-${side}`)!);
    expect(left?.label).not.toBe(right?.label);
    expect(left!.across!.fromMm).toBeCloseTo(-right!.across!.toMm, 6);
    expect(left?.place.outFrom).toBe(300);
  });

  test('it is pinned to both sides and the top', () => {
    const { fixings } = trimmed(system);
    const pins = fixings.filter((fixing) => fixing.id.startsWith('case-trim-'));
    expect(pins.map((pin) => pin.id).sort()).toEqual([
      'case-trim-head/case-top',
      'case-trim-left/case-left',
      'case-trim-right/case-right',
    ]);
    expect(pins.every((pin) => pin.screw.kind === 'pin' && pin.holes.length >= 2)).toBe(true);
  });

  test('too wide runs into the walls, by how much; too narrow leaves the gap open', () => {
    const wide = trimmed(system, { trimWidth: mm(45) });
    expect(wide.problems.find((problem) => problem.message.code === 'problem.trimOver')?.message.params).toMatchObject({
      over: { mm: expect.closeTo(20, 0) },
    });
    const narrow = trimmed(system, { trimWidth: mm(18), trimReveal: mm(3) });
    expect(
      narrow.problems.find((problem) => problem.message.code === 'problem.trimOpen')?.message.params,
    ).toMatchObject({
      open: { mm: expect.closeTo(7, 0) },
    });
    expect(trimmed(system).codes.filter((code) => code.startsWith('problem.trim'))).toEqual([]);
  });

  test('free on its floor there is no wall to run into', () => {
    expect(trimmed(system, { trimWidth: mm(60) }, 'run').codes.filter((code) => code === 'problem.trimOver')).toEqual(
      [],
    );
  });

  test('the last step is the trim', () => {
    const steps = trimmed(system).order.flatMap((one) => one.steps.map((step) => step.code));
    expect(steps).toContain('order.case.trim');
  });
});

test('at a ceiling the head has to be lower', () => {
  const tall = plainJob('screwed-tower');
  const job = saying(
    { ...tall, shelves: { ...tall.shelves, heights: [...tall.shelves.heights, { id: 'top', up: mm(2330) }] } },
    { trim: true, play: mm(20), trimWidth: mm(60) },
  );
  expect(made(job).codes).toContain('problem.trimCeiling');
});

test('the saw sheet shows one end mitred, the other square', () => {
  const result = trimmed('housed-case');
  const { pieces } = result;
  const outlineOf = (id: string) =>
    sawScene(shapedOf(result)(pieces.find((piece) => piece.id === id)!), result.job).shapes.flatMap((shape) =>
      shape.kind === 'polygon' && shape.role === 'board' ? [shape.points] : [],
    )[0]!;
  const slanted = (id: string) => {
    const points = outlineOf(id);
    return points.filter(
      ([x], i) =>
        Math.abs(x - points[(i + 1) % points.length]![0]) > 1 &&
        Math.abs(points[i]![1] - points[(i + 1) % points.length]![1]) > 1,
    ).length;
  };
  expect(slanted('case-trim-left')).toBe(1);
  expect(slanted('case-trim-head')).toBe(2);
});

describe('a back for the tower', () => {
  const open = made(plainJob('screwed-tower'));
  const backed = made(saying(plainJob('screwed-tower'), { back: true, backThickness: mm(6) }));

  test('it lies over both sides: as wide as the tower less a play of 2', () => {
    const panel = backed.pieces.find((piece) => piece.role === 'back-panel')!;
    const outside = backed.pieces.find((piece) => piece.id === 'case-top')!.length.mm;
    expect(panel.width.mm).toBeCloseTo(outside - 2, 0);
    expect(panel.place).toMatchObject({ outFrom: 0, outTo: 6 });
    expect(open.pieces.some((piece) => piece.role === 'back-panel')).toBe(false);
  });

  test('sides, ends and shelves are 6 less deep and stand before it', () => {
    for (const id of ['case-left', 'case-right', 'case-top', 'case-bottom', 'S1-board']) {
      expect(backed.wide(id)).toBe((open.wide(id) ?? 0) - 6);
      expect(backed.pieces.find((piece) => piece.id === id)?.place).toMatchObject({ outFrom: 6, outTo: 300 });
    }
  });

  test('no screw of a shelf comes out beside the side it goes through', () => {
    const sides = backed.fixings.filter(
      (fixing) => fixing.through.kind === 'piece' && fixing.through.id === 'case-left',
    );
    expect(sides.length).toBeGreaterThan(0);
    for (const hole of sides.flatMap((side) => side.holes)) {
      expect(hole.acrossMm).toBeGreaterThan(0);
      expect(hole.acrossMm).toBeLessThan(294);
    }
  });
});
