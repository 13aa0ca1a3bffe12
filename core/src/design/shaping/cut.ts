import type { Message, Param } from '../../base/message';
import type { Part } from '../fit';
import type { Body, BodyFitting, BodyPiece } from '../body';
import type { Solid } from '../body/solid';

/** What a further cut makes: an end or a back, a piece's whole outline, or what is cut into its face. */
export type FurtherKind = 'panel' | 'end' | 'back' | 'outline' | 'face' | 'hole';

/** A cut that makes a piece of its rectangular blank: one of several, each done by itself. Plain data. */
export interface FurtherCut {
  /** Names the piece, the cut and its sizes: a cut with other sizes is another cut. */
  readonly id: string;
  readonly part: string;
  readonly label: string;
  readonly kind: FurtherKind;
  /** The figure that is read from a step away. */
  readonly figure: Extract<Param, { kind: 'length' | 'angle' }>;
  /** How it is marked and made, sentence by sentence; what the piece measures after its last end. */
  readonly how: readonly Message[];
}

/** A further cut before it is known whose it is. */
export type LooseCut = Omit<FurtherCut, 'part' | 'label'>;

/** A piece as it is asked for and as it lies in the opening. */
export interface Shaped {
  readonly part: Part;
  readonly solid: Solid;
  /** The piece or the fitting with an id, that it is let over; null for one that is not known. */
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

/** How the ids of further cuts begin, so that they are told from those of a layout's cuts. */
export const FURTHER = 'further:';

/** A name with sizes to a hundredth of a millimetre. */
export const cutId = (name: string, ...mm: readonly number[]): string =>
  [name, ...mm.map((one) => Math.round(one * 100) / 100)].join(':');
