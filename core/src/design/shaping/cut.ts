import type { Message, Param } from '../../base/message';
import type { Part } from '../fit';
import type { Body, BodyFitting, BodyPiece } from '../body';
import type { Solid } from '../body/solid';

/** The part of a piece that a further cut makes: an end, the back edge, the whole outline, or a cut in a face. */
export type FurtherKind = 'panel' | 'end' | 'back' | 'outline' | 'face' | 'hole';

/** One of the cuts that shape a piece from its rectangular blank. Plain data. */
export interface FurtherCut {
  /** Contains the piece, the cut and its sizes: a cut with other sizes has another id. */
  readonly id: string;
  readonly part: string;
  readonly label: string;
  readonly kind: FurtherKind;
  /** The figure shown large. */
  readonly figure: Extract<Param, { kind: 'length' | 'angle' }>;
  /** Sentences that say how to mark and make the cut, and the lengths after the last end cut. */
  readonly how: readonly Message[];
}

/** A further cut without its piece. */
export type LooseCut = Omit<FurtherCut, 'part' | 'label'>;

/** A part with its solid in the opening. */
export interface Shaped {
  readonly part: Part;
  readonly solid: Solid;
  /** Finds a piece or a fitting by its id; null for an unknown id. */
  readonly named: (id: string) => Pick<BodyPiece | BodyFitting, 'name' | 'label'> | null;
}

/**
 * Finds each part of a plan in its body.
 * @throws for a part that is no piece of the body, which no plan has
 */
export function shapedIn({ pieces, fittings }: Pick<Body, 'pieces' | 'fittings'>): (part: Part) => Shaped {
  const solids = new Map(pieces.map((piece) => [piece.id, piece.solid]));
  const all = new Map([...pieces, ...fittings].map((one) => [one.id, one]));
  const named = (id: string) => all.get(id) ?? null;
  return (part) => {
    const solid = solids.get(part.id);
    if (!solid) throw new Error(`the body has no piece ${part.id}`);
    return { part, solid, named };
  };
}

/** Prefix of the ids of further cuts. Cuts of a layout have another one. */
export const FURTHER = 'further:';

/** A name with sizes to a hundredth of a millimetre. */
export const cutId = (name: string, ...mm: readonly number[]): string =>
  [name, ...mm.map((one) => Math.round(one * 100) / 100)].join(':');
