import { figure, less, toTape, type Figure } from '../../base/figure';
import { usualBox, type BoxWish, type Job } from '../../job';
import { about, length, message, text, type Message } from '../../base/message';
import { acrossAt, stations } from '../kinds';
import { doubtful, stop, type Problem } from '../../base/problem';
import { snapToTape, type Tape, type TypedLength } from '../../base/quantity';
import { minus, SURE, type Functional, type Survey } from '../survey';
import { functionalOf, openingOf, surveyed } from './fromSurvey';
import type { SurfacePoint } from './opening';
import { drawSamples } from './samples';

/** A gap to fill at one fixing point, and what to fill it with. */
export interface Shim {
  readonly side: 'left' | 'right';
  readonly at: 'back' | 'front';
  readonly upMm: number;
  readonly gapMm: number;
  /** Two standard deviations. */
  readonly sureMm: number;
  /** Built up of the thicknesses that exist, millimetres. */
  readonly shimMm: number;
}

/** The largest upright square box that goes into a cavity, and how its gaps are filled and hidden. */
export interface CavityBox {
  readonly width: Figure;
  readonly height: Figure;
  readonly depth: Figure | null;
  /** Thickness of the panel at its back, millimetres; 0 where it has none. */
  readonly backMm: number;
  /** Whether the panel lies in a rebate of the sides, which are then as deep as the box. */
  readonly rebated: boolean;
  /** Where its lower left outer corner stands: in the middle of the room there is, on the highest of the sill. */
  readonly seat: { readonly acrossMm: number; readonly upMm: number };
  /** Share of openings that agree with the readings into which it goes, percent. */
  readonly odds: number;
  readonly shims: readonly Shim[];
  readonly trim: {
    /** The worst gap at the face, and how surely: two standard deviations. */
    readonly worstGapMm: number;
    readonly sureMm: number;
    /** What the trim spans from the box's inner edge outwards, less its reveal and the box's own wall. */
    readonly coversMm: number;
    readonly covers: boolean;
  };
  readonly problems: readonly Problem[];
}

type BoxJob = Pick<Job, 'box' | 'units' | 'tape' | 'shelves' | 'place'>;

const SAMPLES = 600;
const SEED = 7;
/** Trim must lie on the wall by this much beyond the worst gap. */
const LAP_MM = 10;
/** Shims that exist: thicknesses that stack. */
const SHIM_STEP_MM: Readonly<Record<Tape, number>> = { '1mm': 1, '0.5mm': 1, '1/16in': 25.4 / 32, '1/32in': 25.4 / 32 };
const FIXED_AT = [0.08, 0.5, 0.92] as const;

/**
 * The largest upright square box: plumb sides, level bottom. In each of many openings drawn from the survey the
 * room is the clear width over its whole height and depth and the clear height over its whole width; width and
 * height are drawn in together until the wanted share of openings take the box.
 * @returns null where nothing was read of the width or the height
 */
export function cavityBox(survey: Survey, job: BoxJob): CavityBox | null {
  const opening = openingOf(survey);
  const { extent } = survey;
  const wish = job.box ?? usualBox(job.units);
  if (!extent.measured.width || !extent.measured.height) return null;
  const ups = stations(0.01 * extent.height, 0.99 * extent.height, 9);
  const outs = stations(0, extent.depth, 3);
  const across = stations(acrossAt('left', extent), acrossAt('right', extent), 3);
  const wall = (surface: 'left' | 'right') =>
    ups.flatMap((up) => outs.map((out): SurfacePoint => ({ surface, out, up })));
  const level = (surface: 'floor' | 'ceiling') =>
    across.flatMap((x) => outs.map((out): SurfacePoint => ({ surface, across: x, out })));
  const faces: Faces = [wall('left'), wall('right'), level('floor'), level('ceiling')];
  const joint = opening.jointly(faces.flat());
  const rooms = drawSamples(joint, SAMPLES, SEED).map((sample) => roomIn(sample, faces));
  const { widthMm, heightMm } = largest(rooms, wish.odds / 100);
  const mean = roomIn(joint.meanMm, faces);

  const sized = (label: Message, between: Functional, wantedMm: number, own: TypedLength | undefined) => {
    const told = surveyed(survey, between, label);
    if (own) return less(told, message('term.boxTyped'), told.mm - own.mm);
    return toTape(
      less(told, message('term.boxOdds', { odds: text(`${wish.odds}`) }), told.mm - wantedMm),
      job.tape,
      'down',
    );
  };
  const width = sized(message('term.cavityWidth'), mean.acrossFrom, widthMm, wish.size?.width);
  const height = sized(message('term.cavityHeight'), mean.upFrom, heightMm, wish.size?.height);
  const shallowest = opening.clearDepth()?.narrowest;
  const measured = shallowest ? toTape(shallowest, job.tape, 'down') : null;
  // A hole that is open at the back ends nowhere: the box is as deep as its shelves are wished.
  const open = figure({ label: message('term.boxOpen'), mm: job.shelves.depth.mm });
  const depth = measured ?? (job.place.back ? null : open);
  const backMm = wish.back?.mm ?? 0;
  const rebated = backMm > 0 && wish.backFit === 'rebated';
  const seat = { acrossMm: mean.left + (mean.width - width.mm) / 2, upMm: mean.floor };
  const problems: Problem[] = [];
  if (width.mm <= 0 || height.mm <= 0) {
    problems.push(
      stop(
        { kind: 'place' },
        message('problem.noBox', { width: length(Math.max(mean.width, 0)), height: length(Math.max(mean.height, 0)) }),
      ),
    );
    return {
      width,
      height,
      depth,
      backMm,
      rebated,
      seat,
      odds: 0,
      shims: [],
      trim: { worstGapMm: 0, sureMm: 0, coversMm: 0, covers: false },
      problems,
    };
  }
  const goesIn = rooms.filter((room) => room.width >= width.mm && room.height >= height.mm).length;
  const odds = (100 * goesIn) / rooms.length;
  if (wish.size && odds < wish.odds - NEARLY)
    problems.push(tooLarge({ width, height, odds }, wish, { widthMm, heightMm }, job.tape));
  const shims = shimsOf(survey, width.mm, height.mm, mean, job.tape);
  const trim = trimOf(survey, width.mm, height.mm, mean, wish.trim, job.shelves.thickness.mm);
  if (!trim.covers) {
    problems.push(
      doubtful(
        { kind: 'place' },
        message('problem.trimShort', { covers: length(trim.coversMm), gap: about(trim.worstGapMm + trim.sureMm) }),
      ),
    );
  }
  return { width, height, depth, backMm, rebated, seat, odds, shims, trim, problems };
}

/** A typed box that goes in less surely than is wished. */
function tooLarge(
  { width, height, odds }: Pick<CavityBox, 'width' | 'height' | 'odds'>,
  wish: BoxWish,
  fits: { readonly widthMm: number; readonly heightMm: number },
  tape: Tape,
): Problem {
  const said = {
    width: length(width.mm),
    height: length(height.mm),
    odds: text(`${Math.round(odds)}`),
    fitsWidth: length(snapToTape(fits.widthMm, tape, 'down')),
    fitsHeight: length(snapToTape(fits.heightMm, tape, 'down')),
    wanted: text(`${wish.odds}`),
  };
  const severity = odds < UNLIKELY ? stop : doubtful;
  return severity({ kind: 'place' }, message('problem.boxLarge', said));
}
/** Chances that differ by less are the same; a box with less of a chance is not worth making. Percent. */
const NEARLY = 0.5;
const UNLIKELY = 20;

/** Points of the left and right wall, the sill and the head. */
type Faces = readonly [left: SurfacePoint[], right: SurfacePoint[], floor: SurfacePoint[], ceiling: SurfacePoint[]];

interface Room {
  readonly width: number;
  readonly height: number;
  /** The points between which it is so wide and so high. */
  readonly acrossFrom: Functional;
  readonly upFrom: Functional;
  /** Innermost left and highest sill: where the box stands. */
  readonly left: number;
  readonly floor: number;
}

function roomIn(sample: ArrayLike<number>, faces: Faces): Room {
  let from = 0;
  const [left, right, floor, ceiling] = faces.map((points) => {
    const at = Array.prototype.slice.call(sample, from, (from += points.length)) as number[];
    const end = (mm: number) => ({ mm, point: points[at.indexOf(mm)] as SurfacePoint });
    return { most: end(Math.max(...at)), least: end(Math.min(...at)) };
  }) as [Face, Face, Face, Face];
  const between = (low: Face, high: Face) => minus(functionalOf(high.least.point), functionalOf(low.most.point));
  return {
    width: right.least.mm - left.most.mm,
    height: ceiling.least.mm - floor.most.mm,
    acrossFrom: between(left, right),
    upFrom: between(floor, ceiling),
    left: left.most.mm,
    floor: floor.most.mm,
  };
}

interface Face {
  readonly most: { readonly mm: number; readonly point: SurfacePoint };
  readonly least: { readonly mm: number; readonly point: SurfacePoint };
}

/** Width and height at one share of their own distributions, drawn in until the two together reach the odds. */
function largest(rooms: readonly Room[], odds: number): { widthMm: number; heightMm: number } {
  const widths = rooms.map((room) => room.width).sort((a, b) => a - b);
  const heights = rooms.map((room) => room.height).sort((a, b) => a - b);
  for (let i = Math.floor((1 - odds) * rooms.length); i >= 0; i -= 1) {
    const [widthMm, heightMm] = [widths[i] as number, heights[i] as number];
    const goesIn = rooms.filter((room) => room.width >= widthMm && room.height >= heightMm).length;
    if (goesIn >= odds * rooms.length) return { widthMm, heightMm };
  }
  return { widthMm: widths[0] as number, heightMm: heights[0] as number };
}

/** Gaps between the box, standing in the middle of the room, and the studs at its fixing points. */
function shimsOf(survey: Survey, width: number, height: number, room: Room, tape: Tape): Shim[] {
  const opening = openingOf(survey);
  const spare = room.width - width;
  const box = { left: room.left + spare / 2, right: room.left + spare / 2 + width };
  const step = SHIM_STEP_MM[tape];
  return FIXED_AT.flatMap((share) =>
    (['left', 'right'] as const).flatMap((side) =>
      (['back', 'front'] as const).map((at): Shim => {
        const up = room.floor + share * height;
        const out = at === 'back' ? 0.15 * survey.extent.depth : 0.85 * survey.extent.depth;
        const wall = opening.position({ surface: side, out, up });
        const gap = side === 'left' ? box.left - wall.mm : wall.mm - box.right;
        const gapMm = Math.max(gap, 0);
        return { side, at, upMm: up, gapMm, sureMm: SURE * wall.sdMm, shimMm: Math.round(gapMm / step) * step };
      }),
    ),
  );
}

/** The widest gap at the face all round, and whether the trim hides it and still lies on the wall. */
function trimOf(
  survey: Survey,
  width: number,
  height: number,
  room: Room,
  trim: BoxWish['trim'],
  wallMm: number,
): CavityBox['trim'] {
  const opening = openingOf(survey);
  const { depth, left, right } = survey.extent;
  const spare = room.width - width;
  const box = { left: room.left + spare / 2, right: room.left + spare / 2 + width, head: room.floor + height };
  const gaps = [
    ...stations(0, survey.extent.height, 7).flatMap((up) => {
      const [l, r] = [
        opening.position({ surface: 'left', out: depth, up }),
        opening.position({ surface: 'right', out: depth, up }),
      ];
      return [
        { gap: box.left - l.mm, sd: l.sdMm },
        { gap: r.mm - box.right, sd: r.sdMm },
      ];
    }),
    ...stations(left, right, 5).flatMap((across) => {
      const [f, c] = [
        opening.position({ surface: 'floor', across, out: depth }),
        opening.position({ surface: 'ceiling', across, out: depth }),
      ];
      const head = { gap: c.mm - box.head, sd: c.sdMm };
      return trim.foot === false ? [head] : [{ gap: room.floor - f.mm, sd: f.sdMm }, head];
    }),
  ];
  const worst = gaps.reduce((a, b) => (b.gap + SURE * b.sd > a.gap + SURE * a.sd ? b : a));
  // The trim starts its reveal outside the box's inner edge and must reach past the gap onto the wall.
  const coversMm = trim.width.mm + trim.reveal.mm - wallMm;
  return {
    worstGapMm: Math.max(worst.gap, 0),
    sureMm: SURE * worst.sd,
    coversMm,
    covers: coversMm - LAP_MM >= worst.gap + SURE * worst.sd,
  };
}
