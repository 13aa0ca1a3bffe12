import { about, count, mass, message, nested } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import type { Cure } from './cures';
import type { Strength } from './strength';

/** How much of what it may bear a shelf uses where it uses the most: 1 is all of it. */
const usedMost = ({ bending, leaning, weakest, beams }: Strength): number =>
  Math.max(bending, leaning, weakest?.used ?? 0, ...beams.map((beam) => beam.bending));

/**
 * Shelves that may give way or sag too much, the worst of each kind: with how much it would carry as it is (everything
 * grows with the load; what leaning uses does so little), and the cheapest cure that was worked out.
 */
export function strengthProblems(strengths: readonly Strength[], cures: readonly Cure[]): Problem[] {
  const worst = (some: readonly Strength[], by: (one: Strength) => number) =>
    some.reduce<Strength | null>((most, strength) => (!most || by(strength) > by(most) ? strength : most), null);
  const failing = worst(
    strengths.filter((strength) => strength.state === 'fails'),
    usedMost,
  );
  const sagging = worst(
    strengths.filter((strength) => strength.state === 'sags'),
    ({ sag }) => sag.lastingMm / sag.usualMm,
  );
  const cured = ({ shelf }: Strength) => cures.find((cure) => cure.shelf === shelf);
  const told: Problem[] = [];
  if (failing) {
    const { shelf, carries } = failing;
    const used = usedMost(failing);
    const holdsKg = Math.max((carries.kg + carries.selfKg) / used - carries.selfKg, 0);
    const numbers = {
      shelf: count(shelf),
      kg: mass(carries.kg),
      percent: count(Math.round(100 * used)),
      holds: mass(holdsKg),
    };
    told.push(stop({ kind: 'shelf', shelf }, message('problem.givesWay', numbers)));
  }
  if (sagging) {
    const { shelf, sag } = sagging;
    const cure = cured(sagging);
    const sags = { shelf: count(shelf), sag: about(sag.lastingMm), usual: about(sag.usualMm) };
    const words = cure
      ? message('problem.sagsCured', { ...sags, cure: nested(cure.words) })
      : message('problem.sags', sags);
    told.push(doubtful({ kind: 'shelf', shelf }, words));
  }
  return told;
}
