import { figure, type Figure } from '../figure';
import type { Reading, ReadingOf, Side, SpotOut } from '../job';
import { message, nested, type Message } from '../message';
import { nameOf, spotOf } from '../survey';
import type { Band, Clear, Estimate, Joint, Nominal, Opening, SurfacePoint } from './opening';
import { bowCorrelation, cornerDriftSdMm, TAPE_SD_MM, wallDriftSdMm } from './tapePrior';

type Width = ReadingOf<'width'>;

/** A size to draw by while nothing is known; flagged as not measured wherever it is used. Millimetres. */
const UNKNOWN = { widthMm: 1000, depthMm: 400, heightMm: 2400 };

/**
 * The opening taken from the tape readings as they stand, the smallest that bear on a piece deciding: the
 * widths in the piece's own band and the next ones above and below it, at the lines (back, front) it reaches.
 * How a width divides between left and right wall is not known from widths alone; it is shared evenly, and
 * the standard deviations say so.
 */
export function openingFromTape(readings: readonly Reading[]): Opening {
  const widths = readings.filter((one) => one.kind === 'width');
  const depths = readings.filter((one) => one.kind === 'depth');
  const heights = readings.filter((one) => one.kind === 'height');
  const nominal = nominalSize(widths, depths, heights);
  const lines = { back: widths.filter((w) => w.at === 'back'), front: widths.filter((w) => w.at === 'front') };
  const stations = { back: stationsOf(lines.back), front: stationsOf(lines.front) };

  const widthAt = (out: number, up: number): Estimate => {
    if (widths.length === 0) return { mm: nominal.widthMm, sdMm: 400 };
    const back = alongLine(stations.back, up);
    const front = alongLine(stations.front, up);
    if (back && front) return between(back, front, clamp(out / nominal.depthMm, 0, 1));
    const known = (back ?? front) as Estimate;
    const distance = back ? out : nominal.depthMm - out;
    return { mm: known.mm, sdMm: Math.hypot(known.sdMm, Math.SQRT2 * cornerDriftSdMm(Math.abs(distance))) };
  };

  const position = (point: SurfacePoint): Estimate => {
    if (isSideWall(point)) {
      const width = widthAt(point.out, point.up);
      const sign = point.surface === 'left' ? -1 : 1;
      return { mm: (sign * width.mm) / 2, sdMm: Math.hypot(width.sdMm / 2, sharedSd(width.mm)) };
    }
    if (point.surface === 'back') return { mm: 0, sdMm: wallDriftSdMm(Math.abs(point.across)) };
    const floor = { mm: 0, sdMm: wallDriftSdMm(Math.abs(point.across + nominal.widthMm / 2)) };
    if (point.surface === 'floor') return floor;
    const height = heightAt(heights, point.across, nominal);
    return { mm: height.mm, sdMm: Math.hypot(height.sdMm, floor.sdMm) };
  };

  // How far a width lies off the nominal one is how far the unknown sharing between the walls may reach.
  const sharedSd = (widthMm: number) => Math.abs(widthMm - nominal.widthMm) / 2;

  const jointly = (points: readonly SurfacePoint[]): Joint => ({
    meanMm: points.map((point) => position(point).mm),
    covarianceMm2: points.map((a) => points.map((b) => covariance(a, b))),
  });

  const covariance = (a: SurfacePoint, b: SurfacePoint): number => {
    if (isSideWall(a) && isSideWall(b)) {
      const [wa, wb] = [widthAt(a.out, a.up), widthAt(b.out, b.up)];
      const sign = a.surface === b.surface ? 1 : -1;
      const near = bowCorrelation(Math.hypot(a.out - b.out, a.up - b.up));
      return near * ((sign * wa.sdMm * wb.sdMm) / 4 + sharedSd(wa.mm) * sharedSd(wb.mm));
    }
    if (a.surface !== b.surface) return 0;
    const distance = apart(a, b);
    return bowCorrelation(distance) * position(a).sdMm * position(b).sdMm;
  };

  return {
    nominal,
    position,
    jointly,
    clearWidth: (band) => clearWidth(lines, band, nominal),
    clearDepth: () => smallestOf(depths, TAPE_SD_MM.depth),
    clearHeight: () => smallestOf(heights, TAPE_SD_MM.height),
  };
}

function isSideWall(point: SurfacePoint): point is Extract<SurfacePoint, { surface: 'left' | 'right' }> {
  return point.surface === 'left' || point.surface === 'right';
}

function apart(a: SurfacePoint, b: SurfacePoint): number {
  if (a.surface === 'back' && b.surface === 'back') return Math.hypot(a.across - b.across, a.up - b.up);
  if ('across' in a && 'across' in b && 'out' in a && 'out' in b) return Math.hypot(a.across - b.across, a.out - b.out);
  return 0;
}

function nominalSize(widths: readonly Reading[], depths: readonly Reading[], heights: readonly Reading[]): Nominal {
  return {
    widthMm: mean(widths) ?? UNKNOWN.widthMm,
    depthMm: mean(depths) ?? UNKNOWN.depthMm,
    heightMm: mean(heights) ?? UNKNOWN.heightMm,
    measured: { width: widths.length > 0, depth: depths.length > 0, height: heights.length > 0 },
  };
}

function mean(readings: readonly Reading[]): number | null {
  if (readings.length === 0) return null;
  return readings.reduce((sum, one) => sum + one.value.mm, 0) / readings.length;
}

/** What was read at one height of a line: the mean of its repeats. */
interface Station extends Estimate {
  readonly up: number;
}

/** The stations of one line (back or front), lowest first. */
function stationsOf(line: readonly Width[]): Station[] {
  const byHeight = new Map<number, Width[]>();
  for (const width of line) byHeight.set(width.up.mm, [...(byHeight.get(width.up.mm) ?? []), width]);
  return [...byHeight]
    .map(([up, here]) => ({ up, mm: mean(here) as number, sdMm: TAPE_SD_MM.width / Math.sqrt(here.length) }))
    .sort((a, b) => a.up - b.up);
}

/** The width of one line at a height: straight between readings, level beyond the last. */
function alongLine(stations: readonly Station[], up: number): Estimate | null {
  const below = stations.filter((one) => one.up <= up).at(-1);
  const above = stations.find((one) => one.up >= up);
  const nearest = below ?? above;
  if (!nearest) return null;
  const distance = Math.min(...stations.map((one) => Math.abs(one.up - up)));
  const drift = Math.SQRT2 * wallDriftSdMm(distance);
  if (!below || !above || above.up === below.up) return { mm: nearest.mm, sdMm: Math.hypot(nearest.sdMm, drift) };
  const read = between(below, above, (up - below.up) / (above.up - below.up));
  return { mm: read.mm, sdMm: Math.hypot(read.sdMm, drift) };
}

function between(a: Estimate, b: Estimate, share: number): Estimate {
  return {
    mm: a.mm + (b.mm - a.mm) * share,
    sdMm: Math.hypot(a.sdMm * (1 - share), b.sdMm * share),
  };
}

function heightAt(heights: readonly ReadingOf<'height'>[], across: number, nominal: Nominal): Estimate {
  if (heights.length === 0) return { mm: nominal.heightMm, sdMm: 400 };
  const third = nominal.widthMm / 6;
  const side: Side = across < -third ? 'left' : across > third ? 'right' : 'middle';
  const here = heights.filter((one) => one.side === side);
  const away = here.length > 0 ? 0 : nominal.widthMm / 2;
  return { mm: mean(here) ?? nominal.heightMm, sdMm: Math.hypot(TAPE_SD_MM.height, wallDriftSdMm(away)) };
}

/** The widths that bear on a band: those inside it, and the nearest above and below. */
function bearing(line: readonly Width[], band: Band): Width[] {
  const below = Math.max(...line.map((w) => w.up.mm).filter((up) => up <= band.upFrom));
  const above = Math.min(...line.map((w) => w.up.mm).filter((up) => up >= band.upTo));
  return line.filter(({ up: { mm } }) => mm === below || mm === above || (mm > band.upFrom && mm < band.upTo));
}

// A strip this close to the back or the front line is as wide as the opening is there.
const ALONG_LINE_MM = 60;

/** Lines whose widths bear on a band: one for a strip along the back or the front, both for everything else. */
function linesReached(band: Band, depthMm: number): SpotOut[] {
  if (band.outTo <= ALONG_LINE_MM) return ['back'];
  if (band.outFrom >= depthMm - ALONG_LINE_MM) return ['front'];
  return ['back', 'front'];
}

function clearWidth(lines: Readonly<Record<SpotOut, Width[]>>, band: Band, nominal: Nominal): Clear | null {
  const reached = linesReached(band, nominal.depthMm).flatMap((at) => bearing(lines[at], band));
  const found = reached.length > 0 ? reached : [...bearing(lines.back, band), ...bearing(lines.front, band)];
  const [first, ...rest] = [...found].sort((a, b) => a.value.mm - b.value.mm);
  if (!first) return null;
  const distance = ({ up: { mm } }: Width) => Math.max(band.upFrom - mm, mm - band.upTo, 0);
  const nearestReadingMm = Math.min(...found.map(distance));
  const label =
    rest.length > 0
      ? message('term.smallestWidth', { reading: readingName(first) })
      : message('term.onlyWidth', { reading: readingName(first) });
  const widest = rest.at(-1) ?? first;
  return {
    narrowest: resting(label, first),
    widest: resting(message('term.largest', { reading: readingName(widest) }), widest),
    sdMm: Math.hypot(TAPE_SD_MM.width, Math.SQRT2 * wallDriftSdMm(nearestReadingMm)),
    nearestReadingMm,
  };
}

function smallestOf(readings: readonly Reading[], sdMm: number): Clear | null {
  const sorted = [...readings].sort((a, b) => a.value.mm - b.value.mm);
  const [first] = sorted;
  if (!first) return null;
  const widest = sorted.at(-1) ?? first;
  return {
    narrowest: resting(message('term.smallest', { reading: readingName(first) }), first),
    widest: resting(message('term.largest', { reading: readingName(widest) }), widest),
    sdMm,
    nearestReadingMm: 0,
  };
}

function resting(label: Message, reading: Reading): Figure {
  return figure({ label, mm: reading.value.mm, readings: [reading.id] });
}

const readingName = (reading: Reading) => nested(nameOf(spotOf(reading)));
const clamp = (value: number, least: number, most: number) => Math.min(Math.max(value, least), most);
