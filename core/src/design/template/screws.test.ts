import { chimneyAlcove, parcelBench, windowCorner } from '../../rigs/demo';
import { holeRows } from '../fixing';
import { withFurther, withSystem, type Job } from '../../job';
import { planJob, type Plan } from '../../plan';
import { screwTemplate } from './screws';

const alcove = planJob(chimneyAlcove());
const templateFor = (plan: Plan, id: string, job: Job) => {
  const fixing = plan.fixings.find((one) => one.id === id)!;
  const part = plan.parts.find((one) => fixing.through.kind === 'piece' && one.id === fixing.through.id)!;
  return { fixing, part, template: screwTemplate(part, fixing, job.tape)! };
};

test('a cleat: the holes of the drilling sheet, up from its lower edge, which lies at the foot', () => {
  const { fixing, part, template } = templateFor(alcove, 'S1-back-cleat/wall', chimneyAlcove());
  const [row] = holeRows(fixing, '0.5mm');
  expect(template.holes?.map((hole) => hole.at[0])).toEqual(row?.alongs);
  for (const hole of template.holes ?? []) {
    expect(part.width.mm - hole.at[1]).toBe(row?.acrossMm);
    expect(hole.diameterMm).toBe(fixing.sizes.clearanceMm);
  }
  expect(template.label).toBe(part.label);
});

test('a board: its own outline, holes in from its back edge', () => {
  const id = alcove.fixings.find((one) => one.through.kind === 'piece' && one.through.id === 'S1-board')!.id;
  const { part, template, fixing } = templateFor(alcove, id, chimneyAlcove());
  expect(template.outline).toEqual(part.fit!.outline);
  expect(template.holes).toHaveLength(fixing.holes.length);
  for (const { at } of template.holes ?? []) {
    expect(at[1]).toBeGreaterThan(0);
    expect(at[1]).toBeLessThan(part.width.mm);
  }
});

test('every piece of every demo job that is drilled has a template whose holes lie on it', () => {
  for (const job of [chimneyAlcove(), parcelBench()]) {
    const plan = planJob(job);
    let seen = 0;
    for (const fixing of plan.fixings) {
      const { through } = fixing;
      const part = through.kind === 'piece' ? plan.parts.find((one) => one.id === through.id) : undefined;
      const template = part ? screwTemplate(part, fixing, job.tape) : null;
      if (!template) continue;
      seen += 1;
      const [xs, ys] = [template.outline.map(([x]) => x), template.outline.map(([, y]) => y)];
      for (const { at, diameterMm } of template.holes ?? []) {
        expect(at[0] - diameterMm / 2).toBeGreaterThan(Math.min(...xs));
        expect(at[0] + diameterMm / 2).toBeLessThan(Math.max(...xs));
        expect(at[1]).toBeGreaterThan(Math.min(...ys));
        expect(at[1]).toBeLessThan(Math.max(...ys));
      }
    }
    expect(seen).toBeGreaterThan(5);
  }
});

describe('which way round', () => {
  const faceOf = (id: string) => templateFor(alcove, id, chimneyAlcove());
  const endOf = (id: string) => {
    const { template, part } = faceOf(id);
    const mark = template.marks.find((templateMark) => templateMark.words.code === 'template.rearEnd')!;
    return mark.at[0] < part.length.mm / 2 ? 'left' : 'right';
  };

  test('seen from the room the rear of a left cleat is on the right, that of a right one on the left', () => {
    expect(endOf('S1-side-cleat-left/wall')).toBe('right');
    expect(endOf('S1-side-cleat-right/wall')).toBe('left');
    const mirrored = (id: string) =>
      faceOf(id)
        .template.holes!.map((hole) => hole.at[0])
        .sort((a, b) => a - b);
    const { part } = faceOf('S1-side-cleat-left/wall');
    const [row] = holeRows(faceOf('S1-side-cleat-left/wall').fixing, '0.5mm');
    expect(mirrored('S1-side-cleat-left/wall')).toEqual(
      row!.alongs.map((mm) => part.length.mm - mm).sort((a, b) => a - b),
    );
  });

  test('a board is seen from above, also where it is driven from below, which is said', () => {
    const job = withFurther(chimneyAlcove(), (all) => ({
      ...all,
      dividers: [{ id: 'd', shelf: 2, at: { mm: 400, typed: '400', unit: 'mm' as const } }],
    }));
    const plan = planJob(job);
    const [below, above] = ['S2-board', 'S3-board'].map((board) => templateFor(plan, `S2-divider-D1/${board}`, job));
    for (const one of [below, above]) expect(one!.template.faceUp.code).toBe('template.topUp');
    expect(below!.fixing.heads).toBe('below');
    expect(below!.template.notes.map((note) => note.code)).toContain('template.headsBelow');
    expect(above!.template.notes.map((note) => note.code)).not.toContain('template.headsBelow');
    expect(below!.template.holes!.every((hole) => Math.abs(hole.at[0] - 400) < 2)).toBe(true);
  });

  test('pockets are drilled by their jig', () => {
    const job = withSystem(chimneyAlcove(), 'three-side-cleats', 'ladder-frames');
    const plan = planJob(job);
    const pocket = plan.fixings.find((fixing) => fixing.screw.kind === 'pocket')!;
    const rung = plan.parts.find((part) => pocket.through.kind === 'piece' && part.id === pocket.through.id)!;
    expect(screwTemplate(rung, pocket, job.tape)).toBeNull();
  });
});

test('none for a corner shelf, and none for a piece that is not what is drilled', () => {
  const corner = planJob(windowCorner());
  const board = corner.parts.find((part) => part.corner)!;
  const fixing = corner.fixings[0]!;
  expect(screwTemplate(board, { ...fixing, through: { kind: 'piece', id: board.id } }, '0.5mm')).toBeNull();
  const cleat = alcove.parts.find((part) => part.id === 'S1-back-cleat')!;
  const other = alcove.fixings.find((one) => one.id === 'S2-back-cleat/wall')!;
  expect(screwTemplate(cleat, other, '0.5mm')).toBeNull();
});
