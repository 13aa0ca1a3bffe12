import { newPlace, type SurfaceName } from '../../job';
import { randomFrom, type Random } from '../../base/random';
import { roomOf, type Departure, type Room } from './room';

/** How crooked the rooms of a trial are, as standard deviations. */
export const TRIAL_CROOKED = {
  outOfSquareDegrees: 0.9,
  outOfPlumb: 0.004,
  twistPerMm: 3e-6,
  bowMm: 2.5,
  bowOverMm: 700,
  roughMm: 0.4,
  roughOverMm: 100,
} as const;

/**
 * Knots so far apart that the spline's slopes are those of a surface that bows over `bowOverMm`: a straight run between
 * two chance values at a distance a has slopes of √3 / a of its spread, such a surface of 1 / bowOver.
 */
const KNOTS_MM = TRIAL_CROOKED.bowOverMm * Math.sqrt(3);

/**
 * An alcove for trials of fitting, by figures of its own and made of other stuff than the survey believes in: tilts are
 * normal, the bow is half waves across and half a spline up the wall through chance knots, roughness is waves.
 * @param knotsMm between the knots of the spline: nearer than usual makes walls wavier than the survey holds them to be
 */
export function trialRoom(seed: number, knotsMm: number = KNOTS_MM): Room {
  const random = randomFrom(seed * 101 + 13);
  const size = {
    widthMm: random.between(850, 1400),
    depthMm: random.between(330, 420),
    heightMm: random.between(2350, 2550),
  };
  return roomOf({ place: newPlace('alcove'), size }, (surface) => departure(surface, size.heightMm, knotsMm, random));
}

function departure(surface: SurfaceName, heightMm: number, knotsMm: number, random: Random): Departure {
  const of = TRIAL_CROOKED;
  const upright = surface !== 'floor' && surface !== 'ceiling';
  const square = upright
    ? Math.tan((of.outOfSquareDegrees * random.normal() * Math.PI) / 180)
    : of.outOfPlumb * random.normal();
  const plumb = of.outOfPlumb * random.normal();
  const twist = of.twistPerMm * random.normal();
  const half = of.bowMm / Math.SQRT2;
  const bow = waves(half, of.bowOverMm, 5, random);
  const knots = Array.from({ length: Math.ceil(heightMm / knotsMm) + 3 }, () => half * random.normal());
  const spline = (v: number) => catmullRom(knots, (v + heightMm / 2) / knotsMm + 1);
  const rough = waves(of.roughMm, of.roughOverMm, 8, random);
  const askew = surface === 'back' || surface === 'front' ? 0 : square;
  const share = surface === 'front' ? 0.3 : 1;
  return (u, v) => askew * u + share * (plumb * v + twist * u * v + bow(u, v) + spline(v) + rough(u, v));
}

/** A sum of waves of chance directions, lengths about 2π `over` and this standard deviation in all. */
function waves(sdMm: number, overMm: number, count: number, random: Random): Departure {
  const all = Array.from({ length: count }, () => {
    const [turn, per] = [random.between(0, Math.PI), random.between(0.5, 1.6) / overMm];
    return { s: per * Math.cos(turn), z: per * Math.sin(turn), phase: random.between(0, 2 * Math.PI) };
  });
  const amplitude = sdMm * Math.sqrt(2 / count);
  return (u, v) => all.reduce((sum, one) => sum + amplitude * Math.cos(one.s * u + one.z * v + one.phase), 0);
}

/** Catmull and Rom (1974): a smooth curve through knots at whole numbers. */
function catmullRom(knots: readonly number[], at: number): number {
  const i = Math.min(Math.max(Math.floor(at), 1), knots.length - 3);
  const t = at - i;
  const [a, b, c, d] = knots.slice(i - 1, i + 3) as [number, number, number, number];
  return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t);
}
