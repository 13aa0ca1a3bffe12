import type { Job } from '../job';
import { count, message } from '../message';
import type { WallStation } from '../opening';
import type { Plan } from '../plan';
import { spotOf, type Spot } from '../survey';
import { exaggerateAcross, type Exaggeration } from './exaggerate';
import type { Point, Role, Scene, Shape } from './scene';

export interface ElevationOptions {
  readonly exaggeration: Exaggeration;
  /** `readings`: what the tape said. `shelves`: boards, gaps and the pole. */
  readonly show: 'readings' | 'shelves';
  /** Where the tape is to be held next. */
  readonly wanted?: Spot | null;
}

/** The opening from the front: walls with their uncertainty, then readings, or shelves with gaps and the pole. */
export function elevationScene(plan: Plan, job: Job, options: ElevationOptions): Scene {
  const frame = frameOf(plan, options.exaggeration);
  const content =
    options.show === 'readings' ? readingShapes(job, frame, options.wanted ?? null) : shelfShapes(plan, frame);
  const { outerMm, heightMm, marginMm } = frame;
  const poleRoom = options.show === 'shelves' ? frame.poleMm * 4.2 : 0;
  return {
    title:
      options.show === 'readings'
        ? message('scene.elevationOpen')
        : message('scene.elevation', { count: count(plan.shelves.length) }),
    bounds: {
      x: -outerMm,
      y: -marginMm,
      width: 2 * outerMm + poleRoom,
      height: heightMm + 2 * marginMm,
    },
    shapes: [...wallShapes(plan, frame), ...content],
  };
}

interface Frame {
  readonly halfMm: number;
  readonly heightMm: number;
  /** From the middle to the edge of the sheet, with room for what is exaggerated. */
  readonly outerMm: number;
  /** Below the floor and above the ceiling. */
  readonly marginMm: number;
  readonly poleMm: number;
  readonly factor: number;
  readonly across: (x: number) => number;
}

// However large departures are drawn, they may take up no more than this share of the sheet on each side.
const MOST_REACH = 0.5;

function frameOf(plan: Plan, factor: number): Frame {
  const { nominal, left, right, levels } = plan.opening;
  const halfMm = nominal.widthMm / 2;
  const size = Math.max(nominal.widthMm, nominal.heightMm);
  const most = halfMm * (1 + MOST_REACH);
  const across = (x: number) => clamp(exaggerateAcross(x, halfMm, factor), -most, most);
  const walls = [...left, ...right].flatMap(({ back, front }) => [back.mm, front.mm]);
  const reach = nominal.measured.width ? Math.max(halfMm, ...walls.map((x) => Math.abs(across(x)))) : halfMm;
  const lifts = levels.map((one) => Math.abs(one.ceiling.mm - nominal.heightMm) * factor);
  return {
    halfMm,
    heightMm: nominal.heightMm,
    outerMm: reach + size * 0.06,
    marginMm: Math.max(...lifts) + size * 0.06,
    poleMm: size * 0.03,
    factor,
    across,
  };
}

const clamp = (value: number, least: number, most: number) => Math.min(Math.max(value, least), most);

function wallShapes(plan: Plan, frame: Frame): Shape[] {
  const { opening } = plan;
  const { measured } = opening.nominal;
  const outer = frame.outerMm;
  const sides = (['left', 'right'] as const).flatMap((side): Shape[] => {
    const sign = side === 'left' ? -1 : 1;
    const stations = opening[side];
    // The walls run on past floor and ceiling, which are drawn over them.
    const [foot, head] = [-frame.marginMm, frame.heightMm + frame.marginMm];
    const face = stations.map((one): Point => [frame.across(one.front.mm), one.upMm]);
    const ends = [face[0], face.at(-1)].map((one) => one?.[0] ?? sign * frame.halfMm) as [number, number];
    const behind = stations.map((one): Point => [frame.across(one.back.mm), one.upMm]);
    const role: Role = measured.width ? 'wall' : 'wall-unknown';
    const solid: Shape = {
      is: 'polygon',
      role,
      points: [[ends[0], foot], ...face, [ends[1], head], [sign * outer, head], [sign * outer, foot]],
    };
    if (!measured.width) return [solid];
    return [solid, bandOf(stations, frame), { is: 'path', points: behind, role: 'wall-behind' }];
  });
  const level = (surface: 'floor' | 'ceiling', edge: number): Shape => ({
    is: 'polygon',
    role: surface === 'ceiling' && !measured.height ? 'wall-unknown' : 'wall',
    points: [
      [-outer, ceilingLift(plan, frame, surface, 0)],
      ...opening.levels.map((one, index): Point => [one.acrossMm, ceilingLift(plan, frame, surface, index)]),
      [outer, ceilingLift(plan, frame, surface, opening.levels.length - 1)],
      [outer, edge],
      [-outer, edge],
    ],
  });
  return [...sides, level('floor', -frame.marginMm), level('ceiling', frame.heightMm + frame.marginMm)];
}

function ceilingLift(plan: Plan, frame: Frame, surface: 'floor' | 'ceiling', index: number): number {
  const nominal = surface === 'floor' ? 0 : frame.heightMm;
  const station = plan.opening.levels[index];
  return station ? nominal + (station[surface].mm - nominal) * frame.factor : nominal;
}

/** Two standard deviations either side of where the wall most likely stands. */
function bandOf(stations: readonly WallStation[], frame: Frame): Shape {
  const edge = (sign: 1 | -1) =>
    stations.map((one): Point => {
      const x = frame.across(one.front.mm + sign * 2 * one.front.sdMm);
      return [clamp(x, -frame.outerMm, frame.outerMm), one.upMm];
    });
  return { is: 'polygon', role: 'uncertain-band', points: [...edge(1), ...edge(-1).reverse()] };
}

function readingShapes(job: Job, frame: Frame, wanted: Spot | null): Shape[] {
  const taken = job.readings.flatMap((reading) =>
    spotShapes(spotOf(reading), frame, reading.value.mm, { is: 'reading', id: reading.id }),
  );
  return [...taken, ...(wanted ? spotShapes(wanted, frame, null) : [])];
}

function spotShapes(
  spot: Spot,
  frame: Frame,
  mm: number | null,
  about?: { readonly is: 'reading'; readonly id: string },
): Shape[] {
  const { halfMm, heightMm } = frame;
  const sideAcross = (side: 'left' | 'middle' | 'right') => ({ left: -0.72, middle: 0, right: 0.72 })[side] * halfMm;
  const role: Role = mm === null ? 'reading-wanted' : 'at' in spot && spot.at === 'back' ? 'reading-behind' : 'reading';
  const string = (from: Point, to: Point, share: number): Shape =>
    mm === null
      ? { is: 'path', points: [from, to], role }
      : { is: 'dimension', from, to, mm, share, role, ...(about ? { about } : {}) };
  switch (spot.kind) {
    case 'width': {
      // Back and front strings at one height share their line; their figures stand side by side.
      const half = mm === null ? halfMm : frame.across(mm / 2);
      return [string([-half, spot.upMm], [half, spot.upMm], spot.at === 'back' ? 0.32 : 0.66)];
    }
    case 'height': {
      const x = sideAcross(spot.side) * (spot.at === 'back' ? 0.9 : 1);
      return [string([x, 0], [x, mm ?? heightMm], 0.86)];
    }
    case 'depth': {
      const at: Point = [sideAcross(spot.side) * 0.82, spot.upMm + heightMm * 0.055];
      const dot: Shape = { is: 'dot', at, role, ...(about ? { about } : {}) };
      const beside: Point = [at[0] + frame.poleMm * 0.8 * (at[0] > 0 ? -1 : 1), at[1]];
      const anchor = at[0] > 0 ? 'end' : 'start';
      return mm === null ? [dot] : [dot, { is: 'label', at: beside, role, anchor, mm, ...(about ? { about } : {}) }];
    }
  }
}

function shelfShapes(plan: Plan, frame: Frame): Shape[] {
  const { halfMm } = frame;
  const parts = plan.parts.flatMap((part): Shape[] => {
    const about = { is: 'shelf', shelf: part.shelf } as const;
    const { upFrom, upTo } = part.place;
    const box = (left: number, right: number, role: Role): Shape => ({
      is: 'polygon',
      role,
      about,
      points: [[left, upFrom], [right, upFrom], [right, upTo], [left, upTo]], // prettier-ignore
    });
    const half = frame.across(part.length.mm / 2);
    if (part.role === 'board') return [box(-half, half, 'board')];
    if (part.role === 'nosing') return [box(-half, half, 'nosing')];
    if (part.role === 'back-cleat') return [box(-half, half, 'cleat')];
    const wall = part.role === 'side-cleat-left' ? -1 : 1;
    const from = frame.across(wall * halfMm);
    const to = from - wall * part.thicknessMm;
    return [box(Math.min(from, to), Math.max(from, to), 'cleat')];
  });
  const drawn = new Set(plan.parts.map((part) => part.shelf));
  const bare = plan.shelves
    .filter((shelf) => !drawn.has(shelf.number))
    .map((shelf): Shape => ({
      is: 'polygon',
      role: 'stopped',
      about: { is: 'shelf', shelf: shelf.number },
      points: [
        [-halfMm, shelf.underside.mm],
        [halfMm, shelf.underside.mm],
        [halfMm, shelf.top.mm],
        [-halfMm, shelf.top.mm],
      ],
    }));
  const order: readonly Role[] = ['cleat', 'board', 'nosing'];
  const sorted = order.flatMap((role) => parts.filter((shape) => shape.role === role));
  return [...levelLineShapes(plan, frame), ...sorted, ...bare, ...gapShapes(plan), ...poleShapes(plan, frame)];
}

function levelLineShapes(plan: Plan, frame: Frame): Shape[] {
  const up = plan.levelLineUpMm;
  if (up <= 0 || up >= frame.heightMm) return [];
  const right = poleAcross(frame) + frame.poleMm;
  return [{ is: 'path', role: 'level-line', points: [[-frame.halfMm, up], [right, up]] }]; // prettier-ignore
}

/** Clear gaps as dimension strings in the middle of the opening. */
function gapShapes(plan: Plan): Shape[] {
  const topOf = (shelf: number | null) => plan.shelves.find((one) => one.number === shelf)?.top.mm ?? null;
  return plan.gaps
    .filter((gap) => gap.clear.mm > 0)
    .map((gap): Shape => {
      const upper = plan.shelves.find((one) => one.number === gap.above)?.underside.mm;
      const lower = topOf(gap.below) ?? (upper ?? 0) - gap.clear.mm;
      return {
        is: 'dimension',
        role: 'dimension',
        from: [0, lower],
        to: [0, lower + gap.clear.mm],
        mm: gap.clear.mm,
        share: 0.5,
      };
    });
}

const poleAcross = (frame: Frame) => frame.outerMm + frame.poleMm * 0.6;

/** The pole beside the opening: a stick stood on the floor mark with every shelf's top as a running dimension. */
function poleShapes(plan: Plan, frame: Frame): Shape[] {
  const left = poleAcross(frame);
  const right = left + frame.poleMm;
  const stick: Shape = {
    is: 'polygon',
    role: 'pole',
    points: [[left, 0], [right, 0], [right, frame.heightMm], [left, frame.heightMm]], // prettier-ignore
  };
  const marks = plan.shelves.flatMap((shelf): Shape[] => {
    const about = { is: 'shelf', shelf: shelf.number } as const;
    const { mm } = shelf.top;
    return [
      { is: 'path', role: 'floor-mark', points: [[left, mm], [right, mm]], about }, // prettier-ignore
      { is: 'label', role: 'dimension', at: [right + frame.poleMm * 0.3, mm], anchor: 'start', mm, about },
    ];
  });
  return [stick, ...marks];
}
