import type { Part } from '../fit';
import type { Joint } from '../system';
import { zeroOf } from './zero';
import { inFrame, type Cut, type EndPlane, type FacePoint, type Solid } from './solid';
import { boundsOf, type Bounds } from './convex';
import type { Vector } from './vector';

type Rectangle = readonly [fromA: number, fromB: number, toA: number, toB: number];

const rectangle = ([fromA, fromB, toA, toB]: Rectangle): Cut['outline'] => [
  [fromA, fromB],
  [toA, fromB],
  [toA, toB],
  [fromA, toB],
];

/** A solid with its ends cut, and everything cut out of it, as its joints and its holes have it. */
export function withJoints(solid: Solid, part: Part): Solid {
  const jointed = part.joints.reduce((cut, joint) => withJoint(cut, joint, part), solid);
  return { ...jointed, cuts: [...jointed.cuts, ...holesOf(part, solid)] };
}

function withJoint(solid: Solid, joint: Joint, part: Part): Solid {
  const { lengthMm: long, widthMm: wide, thicknessMm: thick, ends, cuts } = solid;
  const also = (...more: readonly Cut[]): Solid => ({ ...solid, cuts: [...cuts, ...more] });
  switch (joint.kind) {
    case 'mitred':
      return {
        ...solid,
        ends: { start: mitre('start', joint.longEdge, solid), finish: mitre('finish', joint.longEdge, solid) },
      };
    case 'mitred-one':
      return { ...solid, ends: { ...ends, finish: mitre('finish', joint.longEdge, solid) } };
    case 'clipped':
      return { ...solid, ends: { ...ends, finish: { atMm: long - wide, acrossSlope: 1, throughSlope: 0 } } };
    case 'notched': {
      const outline = rectangle([0, 0, joint.highMm, joint.deepMm]);
      return also({ kind: 'notch', axis: 'through', fromMm: 0, toMm: thick, outline, room: 'skirting' });
    }
    case 'footed': {
      const outline = rectangle([0, 0, joint.highMm, joint.deepMm]);
      return also({ kind: 'notch', axis: 'across', fromMm: 0, toMm: wide, outline, room: 'skirting' });
    }
    case 'rebated': {
      const [from, to] = innerFace(part, joint.deepMm, thick);
      const outline = rectangle([0, from, joint.wideMm, to]);
      return also({ kind: 'rebate', axis: 'along', fromMm: 0, toMm: long, outline, room: 'back-panel' });
    }
    case 'housed': {
      const [from, to] = innerFace(part, joint.depthMm, thick);
      const housing = (atMm: number): Cut => ({
        kind: 'housing',
        axis: 'across',
        fromMm: 0,
        toMm: wide,
        outline: rectangle([atMm, from, atMm + joint.wideMm, to]),
      });
      return also(...joint.atMm.map(housing));
    }
    case 'slotted':
      return also(...slots(part, joint, solid));
    case 'braced':
    case 'corner':
      // Its ends come with how it lies.
      return solid;
  }
}

/** An end at 45° across the face: the piece is as long as it is told along its long edge. */
function mitre(end: 'start' | 'finish', longEdge: 'lower' | 'upper', { lengthMm, widthMm }: Solid): EndPlane {
  const slope = (end === 'start') === (longEdge === 'lower') ? 1 : -1;
  const off = longEdge === 'lower' ? 0 : widthMm;
  return { atMm: end === 'start' ? off : lengthMm - off, acrossSlope: slope, throughSlope: 0 };
}

/** How far through a piece what is cut into the face that is turned to the shelves goes: from, and to. */
const innerFace = ({ role, id }: Part, deepMm: number, thicknessMm: number): readonly [number, number] =>
  role === 'case-side-right' || id === 'box-right' ? [0, deepMm] : [thicknessMm - deepMm, thicknessMm];

/** A slot along the back edge and along both ends, or in a corner along its two walls. */
function slots(
  part: Part,
  { backMm, endsMm, highMm }: { readonly backMm: number; readonly endsMm: number; readonly highMm: number },
  { lengthMm, widthMm, thicknessMm }: Solid,
): Cut[] {
  const slot = {
    kind: 'slot',
    axis: 'through',
    fromMm: (thicknessMm - highMm) / 2,
    toMm: (thicknessMm + highMm) / 2,
  } as const;
  const back: Cut = { ...slot, outline: rectangle([0, 0, lengthMm, backMm]) };
  const { corner } = part;
  if (!corner) {
    const ends = [rectangle([0, 0, endsMm, widthMm]), rectangle([lengthMm - endsMm, 0, lengthMm, widthMm])];
    return [back, ...ends.map((outline): Cut => ({ ...slot, outline }))];
  }
  // The strip beside the edge along the side wall, which is the outline's last.
  const [x0, y0] = zeroOf(part);
  const [x, y] = corner.outline.at(-1) as FacePoint;
  const far: FacePoint = [x + x0, y + y0];
  const home: FacePoint = [x0, y0];
  const long = Math.hypot(far[0] - home[0], far[1] - home[1]);
  const inward = corner.side === 'left' ? 1 : -1;
  const aside: FacePoint = [
    (inward * endsMm * (far[1] - home[1])) / long,
    (-inward * endsMm * (far[0] - home[0])) / long,
  ];
  const outline: FacePoint[] = [
    home,
    far,
    [far[0] + aside[0], far[1] + aside[1]],
    [home[0] + aside[0], home[1] + aside[1]],
  ];
  return [back, { ...slot, outline }];
}

const HOLE_SIDES = 16;

function holesOf(part: Part, { thicknessMm }: Solid): Cut[] {
  const [x0, y0] = zeroOf(part);
  return (part.holes ?? []).map(({ at: [x, y], diameterMm }): Cut => {
    const turn = (2 * Math.PI) / HOLE_SIDES;
    return {
      kind: 'hole',
      axis: 'through',
      fromMm: 0,
      toMm: thicknessMm,
      outline: Array.from({ length: HOLE_SIDES }, (_, i) => [
        x + x0 + (diameterMm / 2) * Math.cos(turn * i),
        y + y0 + (diameterMm / 2) * Math.sin(turn * i),
      ]),
    };
  });
}

/** How far something let into a piece is in it: bounds in the piece's own coordinates. */
const boundsIn = ({ frame }: Solid, corners: readonly Vector[]): Bounds => {
  const own = corners.map((corner) => inFrame(frame, corner));
  return boundsOf([{ faces: [{ normal: [0, 0, 1], offset: 0, corners: own }] }]);
};

/**
 * A piece with a notch for another that reaches into it: in its face from below or above, as deep as that reaches and
 * as wide as that is.
 * @param room the id of the other
 * @param corners of the other, in the frame of the opening
 */
export function notchedFor(solid: Solid, room: string, corners: readonly Vector[]): Solid {
  const { least, most } = boundsIn(solid, corners);
  const from = [Math.max(least[0], 0), Math.max(least[1], 0), Math.max(least[2], 0)] as const;
  const to = [
    Math.min(most[0], solid.lengthMm),
    Math.min(most[1], solid.widthMm),
    Math.min(most[2], solid.thicknessMm),
  ] as const;
  if (from.some((mm, k) => (to[k] as number) - mm <= LEAST_MM)) return solid;
  const notch: Cut = {
    kind: 'notch',
    axis: 'through',
    fromMm: from[2],
    toMm: to[2],
    outline: rectangle([from[0], from[1], to[0], to[1]]),
    room,
  };
  return { ...solid, cuts: [...solid.cuts, notch] };
}

/** What reaches less far into a piece than this needs no notch, millimetres. */
const LEAST_MM = 0.05;
