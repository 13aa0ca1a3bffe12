import { askedOf, offered, SUPPORT_ASKS } from '../../job';
import { strengthOf } from '../load/strength';
import { made, mm, plainJob, saying } from '../load/testing';

const frames = (said: Readonly<Record<string, unknown>> = {}, tools: 'hand' | 'power' = 'power') =>
  made(saying({ ...plainJob('ladder-frames'), tools }, said));
const order = (of: ReturnType<typeof made>) => of.order.flatMap((one) => one.steps.map((step) => step.code));

describe('how rungs are joined', () => {
  test('in pockets with power tools, through the uprights with hand tools, unless it was said', () => {
    expect(askedOf(plainJob('ladder-frames'), 'ladder-frames').rungJoint).toBe('pocket');
    expect(askedOf({ ...plainJob('ladder-frames'), tools: 'hand' }, 'ladder-frames').rungJoint).toBe('through');
    expect(frames({ rungJoint: 'pocket' }, 'hand').fixings.some((fixing) => fixing.screw.kind === 'pocket')).toBe(true);
  });

  test('hand tools are offered no pockets', () => {
    const ask = SUPPORT_ASKS['ladder-frames'].rungJoint;
    expect(offered(ask, 'power')).toEqual(['pocket', 'through']);
    expect(offered(ask, 'hand')).toEqual(['through']);
  });

  test('two screws at each joint, either way, for every rung of every frame', () => {
    for (const rungJoint of ['pocket', 'through']) {
      const joints = frames({ rungJoint }).fixings.filter((fixing) => /^S\d-rung-\d\/(rear|front)$/.test(fixing.id));
      const rungs = frames({ rungJoint }).pieces.filter((piece) => piece.role === 'rung');
      expect(joints).toHaveLength(2 * rungs.length);
      expect(joints.every((joint) => joint.holes.length === 2)).toBe(true);
    }
  });

  test('through an upright of 45 into end grain: at the height of the rung, on the middle of its thickness', () => {
    const all = frames({ rungJoint: 'through', stickThickness: mm(30), stickWidth: mm(45) });
    const joint = all.fixings.find((fixing) => fixing.id === 'S1-rung-1/rear')!;
    const upright = all.pieces.find((piece) => piece.id === 'frame-1-rear')!;
    // The rung lies from 437 to 482: its screws at 30 and 70 % of it, from the upright's own foot.
    const foot = upright.place.upFrom;
    expect(joint.holes.map((hole) => Math.round(hole.alongMm + foot))).toEqual([451, 469]);
    expect(joint.holes.map((hole) => hole.acrossMm)).toEqual([15, 15]);
    expect(joint.length.mm).toBeGreaterThanOrEqual(45 + 45);
  });

  test('the steps say which', () => {
    expect(order(frames({ rungJoint: 'pocket' }))).toContain('order.ladder.jig');
    expect(order(frames({ rungJoint: 'through' }))).toContain('order.ladder.through');
  });
});

describe('what lies on the rungs', () => {
  test('mesh: one panel a shelf in place of its board, whose strength nobody here can tell', () => {
    const mesh = frames({ deck: 'mesh' });
    const boards = frames({ deck: 'boards' });
    const panels = mesh.pieces.filter((piece) => piece.role === 'mesh');
    expect(panels.map((panel) => panel.label)).toEqual(['1M', '2M', '3M']);
    expect(mesh.pieces.some((piece) => piece.role === 'board')).toBe(false);
    expect(panels[0]?.length.mm).toBe(boards.long('S1-board'));
    expect(mesh.holds).toEqual([]);
    expect(mesh.cautions.map((caution) => caution.message.code)).toContain('caution.mesh');
    expect(
      strengthOf({
        holds: mesh.holds,
        parts: mesh.pieces,
        hardware: [],
        fixings: mesh.fixings,
        contents: null,
        opening: mesh.opening,
        job: mesh.job,
      }),
    ).toEqual([]);
  });

  test('slats and mesh are screwed to every rung as boards are', () => {
    for (const deck of ['boards', 'slats', 'mesh'] as const) {
      const down = frames({ deck }).fixings.filter((fixing) => fixing.id.startsWith('S1-board/'));
      expect(down.length).toBeGreaterThanOrEqual(2);
      expect(order(frames({ deck }))).toContain(`order.ladder.${deck}`);
    }
  });
});

test('a choice that hand tools leave open is answered by the handiest', () => {
  const byHand = { ...plainJob('housed-posts'), tools: 'hand' as const };
  expect(askedOf(byHand, 'housed-posts').joint).toBe('rebate');
  expect(askedOf({ ...byHand, tools: 'power' }, 'housed-posts').joint).toBe('groove');
  expect(offered(SUPPORT_ASKS['floating-rails'].made, 'hand')).toEqual(['hollow']);
  expect(offered(SUPPORT_ASKS.brackets.made, 'hand')).toEqual(['bought', 'shop']);
});
