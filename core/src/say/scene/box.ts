import { usualBox, type Job } from '../../job/document';
import { about, message } from '../../base/message';
import { outerCorners } from '../../design/body/corners';
import type { PartRole } from '../../design/system';
import type { Plan } from '../../plan';
import { hullOf } from './hull';
import type { Point, Role, Scene, Shape } from './scene';

/**
 * A cavity from the front in its true shape: the studs, the box standing in the middle of them, and the trim about its
 * face, mitred at the corners. Along each trim stands its long point.
 * @returns null where there is no box with trim
 */
export function boxScene(plan: Plan, job: Job): Scene | null {
  const { box, opening } = plan;
  const piece = (id: string) => plan.parts.find((part) => part.id === id);
  const [upright, across] = [piece('trim-left'), piece('trim-head')];
  if (!box || !upright || !across) return null;
  const { trim } = job.box ?? usualBox(job.units);
  const wall = job.shelves.thickness.mm;
  const left = box.seat.acrossMm;
  const foot = box.seat.upMm;
  const [right, head] = [left + box.width.mm, foot + box.height.mm];
  const around = (by: number) => ({
    l: left + wall - by,
    r: right - wall + by,
    f: foot + wall - by,
    h: head - wall + by,
  });
  const all = around(trim.reveal.mm + trim.width.mm);
  // Without trim along the bottom its uprights end where the box does.
  const outer = trim.foot === false ? { ...all, f: foot } : all;
  const seen = (role: Role, roles: readonly PartRole[]) =>
    plan.body.pieces.flatMap(({ role: of, solid }): Shape[] =>
      roles.includes(of) ? [shape(role, ...hullOf(outerCorners(solid).map(([x, , z]): Point => [x, z])))] : [],
    );
  const margin = Math.max(box.width.mm, box.height.mm) * 0.04;
  const edge = {
    l: Math.min(outer.l, left) - 2.4 * margin,
    r: Math.max(outer.r, right) + margin,
    f: Math.min(outer.f, foot) - margin,
    h: Math.max(outer.h, head) + 2.4 * margin,
  };
  const shape = (role: Role, ...points: Point[]): Shape => ({ kind: 'polygon', role, points });
  const string = (from: Point, to: Point, mm: number, share = 0.5): Shape => ({
    kind: 'dimension',
    role: 'dimension',
    from,
    to,
    mm,
    share,
  });
  const studs = (['left', 'right'] as const).flatMap((side): Shape[] => {
    const face = opening.sections.flatMap((section): Point[] => {
      const front = section[side]?.at(-1);
      return front ? [[front.mm, section.upMm]] : [];
    });
    const [low, high] = [face[0], face.at(-1)];
    if (!low || !high) return [];
    const far = side === 'left' ? edge.l : edge.r;
    return [shape('wall', [low[0], edge.f], ...face, [high[0], edge.h], [far, edge.h], [far, edge.f])];
  });
  const levels = (['floor', 'ceiling'] as const).map((surface): Shape => {
    const nominal = surface === 'floor' ? 0 : opening.extent.height;
    const at = opening.levels.map((level): Point => [level.acrossMm, level[surface]?.mm ?? nominal]);
    const [first, last] = [at[0]?.[1] ?? nominal, at.at(-1)?.[1] ?? nominal];
    const far = surface === 'floor' ? edge.f : edge.h;
    return shape('wall', [edge.l, first], ...at, [edge.r, last], [edge.r, far], [edge.l, far]);
  });
  return {
    title: message('scene.box'),
    bounds: { x: edge.l, y: edge.f, width: edge.r - edge.l, height: edge.h - edge.f },
    shapes: [
      ...studs,
      ...levels,
      ...seen('board', ['box-side', 'box-end']),
      ...seen('trim', ['trim']),
      string([outer.l, edge.h - margin], [outer.r, edge.h - margin], across.length.mm),
      string([edge.l + margin, outer.f], [edge.l + margin, outer.h], upright.length.mm),
      {
        kind: 'label',
        role: box.trim.covers ? 'gap-hidden' : 'gap-seen',
        at: [(left + right) / 2, foot + box.height.mm / 2],
        anchor: 'middle',
        words: message('scene.gap', { gap: about(box.trim.worstGapMm + box.trim.sureMm) }),
      },
    ],
  };
}
