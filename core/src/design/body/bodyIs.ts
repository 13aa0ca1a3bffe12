import type { Message } from '../../base/message';
import type { PartRole } from '../system';
import type { Contact } from './meetings';
import type { BodyRoom } from './room';
import type { BodyScrew } from './screws';
import type { Solid } from './solid';

/** A piece that is cut, where it is built in. */
export interface BodyPiece {
  readonly id: string;
  /** The shelf it belongs to, from 1; 0 for what belongs to the place. */
  readonly shelf: number;
  readonly role: PartRole;
  readonly name: Message;
  /** What is pencilled on it. */
  readonly label: string;
  /** What it makes one stiff thing with: a shelf, a case, a frame. */
  readonly unit: string;
  readonly solid: Solid;
}

/** Something bought whole, where it is put up. */
export interface BodyFitting {
  readonly id: string;
  readonly shelf: number;
  readonly what: 'bracket' | 'socket' | 'pin';
  readonly name: Message;
  /** What tells it from others of its kind: its shelf and its number from the left, or its side. */
  readonly label: string;
  readonly solid: Solid;
}

/** Everything that is built, as solids in the frame of the opening. Plain data; millimetres. */
export interface Body {
  readonly pieces: readonly BodyPiece[];
  readonly fittings: readonly BodyFitting[];
  readonly room: BodyRoom;
  readonly screws: readonly BodyScrew[];
  /** Where two of them touch. */
  readonly contacts: readonly Contact[];
}
