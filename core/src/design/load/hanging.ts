import type { Part } from '../fit';
import { ROD_WOOD, type Job } from '../../job';
import { about, mass, message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import { beamOf, bentBetween, rectangle, type Section } from './beams';
import { sagLimits } from './limits';
import { materialsFor, materialsOf, type Material } from './materials';

/**
 * What hangs on a metre of a full closet rod, kilograms; and what stands on a metre of a shelf for shoes. Planning
 * values.
 */
export const HANGING_KG_PER_M = 30;
export const SHOES_KG_PER_M = 12;

/** A round bar (Gere & Goodno, Mechanics of Materials, appendix E). */
export const round = (diameterMm: number): Section => ({
  inertia: (Math.PI * diameterMm ** 4) / 64,
  modulus: (Math.PI * diameterMm ** 3) / 32,
});

/** A tube with a wall so thick. */
export const tube = (diameterMm: number, wallMm: number): Section => {
  const inertia = (Math.PI * (diameterMm ** 4 - (diameterMm - 2 * wallMm) ** 4)) / 64;
  return { inertia, modulus: (2 * inertia) / diameterMm };
};

/** The usual rod: structural steel (EN 10025-2, S235; partial factor 1.1). */
const STEEL = { eAlongMpa: 210_000, creep: 0, bearsMpa: 235 / 1.1, densityKgM3: 7850 } as const;
const TUBE_WALL_MM = 1.5;

type HangingJob = Pick<Job, 'wood' | 'further'>;

/**
 * A closet rod and tilted shelves that give way or sag too much between the walls: a rod with what carrying it in the
 * middle would come to (each half is then a beam of half the span).
 */
export function hangingProblems(parts: readonly Part[], job: HangingJob): Problem[] {
  const { board } = materialsFor(job);
  const where = { kind: 'shelves' } as const;
  return parts.flatMap((part): Problem[] => {
    const span = part.length.mm;
    if (part.role === 'closet-rod') {
      const { beam, section, selfKgPerM } = beamOfRod(part.width.mm, job);
      const kgPerMetre = HANGING_KG_PER_M + selfKgPerM;
      const { lastingMm, used } = bentBetween(section, span, kgPerMetre, beam);
      const halved = bentBetween(section, span / 2, kgPerMetre, beam);
      const said = {
        sag: about(lastingMm),
        kg: mass((HANGING_KG_PER_M * span) / 1000),
        halved: about(halved.lastingMm),
      };
      if (used > 1) return [stop(where, message('problem.rodBreaks', said))];
      return lastingMm > sagLimits(span).usualMm ? [doubtful(where, message('problem.rodSags', said))] : [];
    }
    if (part.role === 'tilted-board') {
      const kgPerMetre = SHOES_KG_PER_M + selfKg(board, part.width.mm * part.thicknessMm);
      const { lastingMm, used } = bentBetween(
        rectangle(part.width.mm, part.thicknessMm),
        span,
        kgPerMetre,
        beamOf(board),
      );
      const said = {
        piece: { kind: 'text', text: part.label } as const,
        sag: about(lastingMm),
        usual: about(sagLimits(span).usualMm),
      };
      if (used > 1) return [stop(where, message('problem.tiltedBreaks', said))];
      return lastingMm > sagLimits(span).usualMm ? [doubtful(where, message('problem.tiltedSags', said))] : [];
    }
    return [];
  });
}

/** A rod as a beam: of the wood that rods are sold of, or a steel tube. */
function beamOfRod(diameterMm: number, { wood, further }: HangingJob) {
  const timber = materialsOf(wood.own).find(({ id }) => id === ROD_WOOD);
  if (further?.rod === 'wood' && timber)
    return {
      beam: beamOf(timber),
      section: round(diameterMm),
      selfKgPerM: selfKg(timber, (Math.PI * diameterMm ** 2) / 4),
    };
  return {
    beam: STEEL,
    section: tube(diameterMm, TUBE_WALL_MM),
    selfKgPerM: selfKg(STEEL, Math.PI * (diameterMm - TUBE_WALL_MM) * TUBE_WALL_MM),
  };
}

/** What a metre of a stick or board of so much section weighs, kilograms. */
const selfKg = ({ densityKgM3 }: Pick<Material, 'densityKgM3'>, areaMm2: number): number =>
  (densityKgM3 * areaMm2) / 1e6;
