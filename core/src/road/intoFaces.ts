import type { Fixing } from '../design/fixing';
import type { BayFace, BayRoad } from './bayRoad';

/**
 * Screws into the wall of a bay that is the side of a case go into that piece; screws through it from behind go through
 * the piece, where they are told from its foot and its rear edge.
 */
export function intoFaces(fixings: readonly Fixing[], faces: BayRoad['faces']): Fixing[] {
  const faceAt = (one: Fixing['through'] | Fixing['into']): BayFace | null =>
    one.kind === 'wall' && one.wall !== 'back' ? faces[one.wall] : null;
  return fixings.map((fixing): Fixing => {
    const [into, through] = [faceAt(fixing.into), faceAt(fixing.through)];
    if (!into && !through) return fixing;
    return {
      ...fixing,
      atFace: into ? 'into' : 'through',
      ...(into ? { into: { kind: 'piece', id: into.id, grain: 'side', haveMm: into.thicknessMm } } : {}),
      ...(through ? { through: { kind: 'piece', id: through.id }, label: through.label } : {}),
      holes: fixing.holes.map((hole) => ({
        ...hole,
        into: 'wood',
        stud: null,
        spot: null,
        ...(through && hole.spot
          ? {
              alongMm: hole.spot.upMm - through.place.upFrom,
              acrossMm: hole.spot.alongMm - through.place.outFrom,
            }
          : {}),
      })),
    };
  });
}

/**
 * Spots on the back wall told from its own left end, not from that of a bay.
 * @param byMm how far the bay begins to the right of the wall, millimetres
 */
export function fromWallEnd(fixings: readonly Fixing[], byMm: number): Fixing[] {
  if (byMm === 0) return [...fixings];
  return fixings.map((fixing) => {
    if (fixing.into.kind !== 'wall' || fixing.into.wall !== 'back') return fixing;
    const moved = ({ spot }: Fixing['holes'][number]) => spot && { ...spot, alongMm: spot.alongMm + byMm };
    return { ...fixing, holes: fixing.holes.map((hole) => ({ ...hole, spot: moved(hole) })) };
  });
}
