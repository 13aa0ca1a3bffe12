import type { Job, Reading } from '../../job';
import { count, message } from '../../base/message';
import type { Estimate } from '../../place/opening';
import type { Plan } from '../../plan';
import { sameSpot, senseWord, spotOf, type Spot } from '../../place/reading';
import { SURE } from '../../place/survey/sure';
import { drawnLevel, type Frame } from './elevationFrame';
import { elevationSpot } from './elevationSpots';
import { poleAcross, shelfShapes } from './elevationShelves';
import { reachRoom, storedShapes } from './elevationStored';
import { clamp, exaggerateAcross, type Exaggeration } from './exaggerate';
import type { Point, Role, Scene, Shape } from './scene';

export interface ElevationOptions {
  readonly exaggeration: Exaggeration;
  /** `readings`: what the tape said. `shelves`: boards, gaps and the pole. */
  readonly show: 'readings' | 'shelves';
  /** Where the tape is to be held next: what was read there before is not drawn, so that it is read afresh. */
  readonly wanted?: Spot | null;
  /** Beside the shelves: what stands on them, and where the people of the job reach. */
  readonly stored?: boolean;
  /** Screws, and how far shelves sag. */
  readonly strength?: boolean;
}

/** The opening from the front: walls with their uncertainty, then readings, or shelves with gaps and the pole. */
export function elevationScene(plan: Plan, job: Job, options: ElevationOptions): Scene {
  const frame = frameOf(plan, options.exaggeration);
  const content =
    options.show === 'readings'
      ? readingShapes(plan, job, frame, options.wanted ?? null)
      : [
          ...(options.stored ? storedShapes(plan, job, frame) : []),
          ...shelfShapes(plan, frame, options.stored ?? false, options.strength ?? false),
        ];
  const { outerMm, heightMm, marginMm, middleMm } = frame;
  const poleRoom = options.show === 'shelves' ? frame.poleMm * 6.2 : 0;
  const beside = options.stored ? reachRoom(job, frame) : 0;
  return {
    title:
      options.show === 'readings'
        ? message('scene.elevationOpen')
        : message('scene.elevation', { count: count(plan.shelves.length) }),
    bounds: {
      x: middleMm - outerMm - beside,
      y: -marginMm,
      width: beside + 2 * outerMm + poleRoom,
      height: heightMm + 2 * marginMm,
    },
    shapes: [...trimShapes(job, frame), ...wallShapes(plan, frame), ...keepClearShapes(job, plan), ...content],
  };
}

/** Where the pole stands on the sheet of an elevation of shelves, and as high as it goes. Millimetres of the sheet. */
export function poleOf(
  plan: Plan,
  exaggeration: Exaggeration,
): { readonly x: number; readonly width: number; readonly left: number; readonly height: number } {
  const frame = frameOf(plan, exaggeration);
  return { x: poleAcross(frame), width: frame.poleMm, left: frame.left, height: frame.heightMm };
}

// However large departures are drawn, they may take up no more than this share of the sheet on each side.
const MOST_REACH = 0.5;

function frameOf(plan: Plan, factor: number): Frame {
  const { nominal, extent, sections, levels } = plan.opening;
  const { left, right, height } = extent;
  const [halfMm, middleMm] = [(right - left) / 2, (left + right) / 2];
  const size = Math.max(nominal.widthMm, nominal.heightMm);
  const most = halfMm * (1 + MOST_REACH);
  const across = (x: number) => middleMm + clamp(exaggerateAcross(x, left, right, factor) - middleMm, -most, most);
  const walls = sections.flatMap((section) =>
    [...(section.left ?? []), ...(section.right ?? [])].map((wall) => wall.mm),
  );
  const known = nominal.measured.width || !(sections[0]?.left && sections[0]?.right);
  const reach = known ? Math.max(halfMm, ...walls.map((x) => Math.abs(across(x) - middleMm))) : halfMm;
  const lifts = levels.map((level) => Math.abs((level.ceiling?.mm ?? height) - height) * factor);
  const falls = levels.map((level) => Math.abs(level.floor?.mm ?? 0) * factor);
  return {
    left,
    right,
    middleMm,
    heightMm: height,
    outerMm: reach + size * 0.06,
    marginMm: Math.min(Math.max(...lifts, ...falls), height * 0.15) + size * 0.06,
    poleMm: size * 0.03,
    factor,
    across,
  };
}

function wallShapes(plan: Plan, frame: Frame): Shape[] {
  const { opening } = plan;
  const { measured } = opening.nominal;
  const edge = (sign: 1 | -1) => frame.middleMm + sign * frame.outerMm;
  const sides = (['left', 'right'] as const).flatMap((side): Shape[] => {
    if (!opening.sections[0]?.[side]) return [];
    const sign = side === 'left' ? -1 : 1;
    const stations = opening.sections.map((section) => {
      const wall = section[side] as readonly Estimate[];
      return { upMm: section.upMm, back: wall[0] as Estimate, front: wall.at(-1) as Estimate };
    });
    // The walls run on past floor and ceiling, which are drawn over them.
    const [foot, head] = [-frame.marginMm, frame.heightMm + frame.marginMm];
    const face = stations.map((station): Point => [frame.across(station.front.mm), station.upMm]);
    const ends = [face[0], face.at(-1)].map((one) => one?.[0] ?? frame[side]) as [number, number];
    const behind = stations.map((station): Point => [frame.across(station.back.mm), station.upMm]);
    const known = measured.width || !(opening.sections[0]?.left && opening.sections[0]?.right);
    const solid: Shape = {
      kind: 'polygon',
      role: known ? 'wall' : 'wall-unknown',
      points: [[ends[0], foot], ...face, [ends[1], head], [edge(sign), head], [edge(sign), foot]],
    };
    if (!known) return [solid];
    return [solid, bandOf(stations, frame), { kind: 'path', points: behind, role: 'wall-behind' }];
  });
  const level = (surface: 'floor' | 'ceiling', sheetEdge: number): Shape => ({
    kind: 'polygon',
    role: surface === 'ceiling' && !measured.height ? 'wall-unknown' : 'wall',
    points: [
      [edge(-1), drawnLevel(plan, frame, surface, 0)],
      ...opening.levels.map((levelStation, index): Point => [
        levelStation.acrossMm,
        drawnLevel(plan, frame, surface, index),
      ]),
      [edge(1), drawnLevel(plan, frame, surface, opening.levels.length - 1)],
      [edge(1), sheetEdge],
      [edge(-1), sheetEdge],
    ],
  });
  return [...sides, level('floor', -frame.marginMm), level('ceiling', frame.heightMm + frame.marginMm)];
}

interface SideStation {
  readonly upMm: number;
  readonly front: Estimate;
}

/** How surely a wall is known, either side of where it most likely stands. */
function bandOf(stations: readonly SideStation[], frame: Frame): Shape {
  const edge = (sign: 1 | -1) =>
    stations.map((station): Point => {
      const x = frame.across(station.front.mm + sign * SURE * station.front.sdMm) - frame.middleMm;
      return [frame.middleMm + clamp(x, -frame.outerMm, frame.outerMm), station.upMm];
    });
  return { kind: 'polygon', role: 'uncertain-band', points: [...edge(1), ...edge(-1).reverse()] };
}

function readingShapes(plan: Plan, job: Job, frame: Frame, wanted: Spot | null): Shape[] {
  const spots = {
    extent: plan.opening.extent,
    across: frame.across,
    levelLineUpMm: plan.levelLineUpMm,
    smallMm: frame.poleMm,
  };
  const taken = readingsBeside(job, wanted).flatMap((reading) =>
    elevationSpot(spotOf(reading), spots, {
      role: roleOf(plan, reading.id, 'at' in reading && reading.at === 'back'),
      value: reading.value,
      sense: senseWord(reading),
      about: { kind: 'reading', id: reading.id },
    }),
  );
  return [...taken, ...(wanted ? elevationSpot(wanted, spots, { role: 'reading-wanted', value: null }) : [])];
}

/** The readings but for those at a spot that is to be read: nobody is to see there what was read before. */
export function readingsBeside(job: Job, wanted: Spot | null | undefined): readonly Reading[] {
  return wanted ? job.readings.filter((reading) => !sameSpot(spotOf(reading), wanted)) : job.readings;
}

/** How a reading is drawn: set aside or dropped ones stand out from those that count. */
export function roleOf(plan: Plan, id: string, behind: boolean): Role {
  const state = plan.readings.find((reading) => reading.id === id)?.state ?? 'used';
  if (state !== 'used') return 'reading-aside';
  return behind ? 'reading-behind' : 'reading';
}

/**
 * Skirting and chair rail run across the back, and on behind the side walls and the floor, which are drawn over them.
 */
function trimShapes({ place: { skirting, rail } }: Job, { middleMm, outerMm, marginMm }: Frame): Shape[] {
  const [left, right] = [middleMm - outerMm, middleMm + outerMm];
  const band = (from: number, to: number): Shape => {
    return {
      kind: 'polygon',
      role: 'trim',
      points: [
        [left, from],
        [right, from],
        [right, to],
        [left, to],
      ],
    };
  };
  return [
    ...(skirting ? [band(-marginMm, skirting.height.mm)] : []),
    ...(rail ? [band(rail.up.mm, rail.up.mm + rail.height.mm)] : []),
  ];
}

/** Studs of the back wall; in front of it outlets, vents and whatever else must stay clear. */
function keepClearShapes(job: Job, plan: Plan): Shape[] {
  const { left, right } = plan.opening.extent;
  const { keepClears, studs } = job.place;
  const boxes = keepClears.flatMap((keepClear): Shape[] => {
    const { from, up, width, height } = keepClear;
    const depth = plan.opening.extent.depth;
    // On a side wall it is seen from its edge: as a mark on that wall.
    const wide = keepClear.wall === 'back' ? width.mm : Math.min(depth, (right - left) * 0.04);
    const x = keepClear.wall === 'back' ? left + from.mm : keepClear.wall === 'left' ? left : right - wide;
    const [z, top] = [up.mm, up.mm + height.mm];
    const points: Point[] = [
      [x, z],
      [x + wide, z],
      [x + wide, top],
      [x, top],
    ];
    return [{ kind: 'polygon', role: 'keep-clear', points }];
  });
  const lines = studs.flatMap((stud): Shape[] => {
    if (stud.wall !== 'back') return [];
    const x = left + stud.from.mm;
    return [
      {
        kind: 'path',
        role: 'stud',
        points: [
          [x, 0],
          [x, plan.opening.extent.height],
        ],
      },
    ];
  });
  return [...lines, ...boxes];
}
