import type { Part } from '../fit';
import { lieOfPart, type Lie } from '../body/lies';

export type EndName = 'left' | 'right' | 'rear' | 'front' | 'foot' | 'top';
export type EdgeName = 'back' | 'front' | 'lower' | 'upper' | 'left' | 'right';
export type FaceName = 'under' | 'upper' | 'rear' | 'front' | 'wall' | 'room' | 'left' | 'right' | 'inner' | 'outer';

/**
 * Names of the two ends, edges and faces of a piece. The first of each pair is where its length, its width or its
 * thickness is counted from.
 */
export interface Sides {
  readonly ends: readonly [EndName, EndName];
  readonly edges: readonly [EdgeName, EdgeName];
  readonly faces: readonly [FaceName, FaceName];
}

const ALONG = ['left', 'right'] as const;
const OUT = ['rear', 'front'] as const;
const UP = ['foot', 'top'] as const;

const BY_LIE: Readonly<Record<Lie, Sides>> = {
  flat: { ends: ALONG, edges: ['back', 'front'], faces: ['under', 'upper'] },
  'on-edge': { ends: ALONG, edges: ['lower', 'upper'], faces: ['rear', 'front'] },
  'out-on-edge': { ends: OUT, edges: ['lower', 'upper'], faces: ['left', 'right'] },
  'out-flat': { ends: OUT, edges: ['left', 'right'], faces: ['under', 'upper'] },
  'up-sideways': { ends: UP, edges: ['back', 'front'], faces: ['left', 'right'] },
  'up-facing': { ends: UP, edges: ['left', 'right'], faces: ['rear', 'front'] },
};

/** Names of the faces of a piece at a side wall, or of a case side; null for other pieces. */
function facesOf({ role, id }: Pick<Part, 'role' | 'id'>): Sides['faces'] | null {
  switch (role) {
    case 'side-cleat-left':
    case 'side-cleat-right':
    case 'post-left':
    case 'post-right':
    case 'rail-side':
      return ['wall', 'room'];
    case 'case-side-left':
      return ['outer', 'inner'];
    case 'case-side-right':
      return ['inner', 'outer'];
    case 'box-side':
      return id === 'box-right' ? ['inner', 'outer'] : ['outer', 'inner'];
    default:
      return null;
  }
}

/** Names of a piece's sides, by its role and by how it lies. */
export function sidesOf(part: Pick<Part, 'role' | 'id' | 'upright'>): Sides {
  // The outer face of a brace looks away from the corner that the brace stiffens.
  if (part.role === 'bracket-brace') return { ends: UP, edges: ['left', 'right'], faces: ['outer', 'inner'] };
  const sides = BY_LIE[lieOfPart(part)];
  return { ...sides, faces: facesOf(part) ?? sides.faces };
}
