import type { Reading, Side, SpotOut } from '../job';
import { length, message, nested, type Message } from '../message';

/** "left", "middle", "right" as a message. */
export const sideWords = (side: Side): Message => message(`side.${side}`);
/** "front", "back" as a message. */
export const atWords = (at: SpotOut): Message => message(`at.${at}`);

/** Where a reading is or will be taken: the reading without its value. */
export type Spot =
  | { readonly kind: 'width'; readonly at: SpotOut; readonly upMm: number }
  | { readonly kind: 'depth'; readonly side: Side; readonly upMm: number }
  | { readonly kind: 'height'; readonly side: Side; readonly at: SpotOut };

/** The spot a reading was taken at. */
export function spotOf(reading: Reading): Spot {
  switch (reading.kind) {
    case 'width':
      return { kind: 'width', at: reading.at, upMm: reading.up.mm };
    case 'depth':
      return { kind: 'depth', side: reading.side, upMm: reading.up.mm };
    case 'height':
      return { kind: 'height', side: reading.side, at: reading.at };
  }
}

/** A reading's name: "width at the front, 900 mm up". */
export function nameOf(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.width', { at: nested(atWords(spot.at)), up: length(spot.upMm) });
    case 'depth':
      return message('reading.depth', { side: nested(sideWords(spot.side)), up: length(spot.upMm) });
    case 'height':
      return message('reading.height', { side: nested(sideWords(spot.side)), at: nested(atWords(spot.at)) });
  }
}

/** What to do with the tape to take it: "Hook the tape on the left wall ...". */
export function instructionFor(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.do.width', { at: nested(atWords(spot.at)), up: length(spot.upMm) });
    case 'depth':
      return message('reading.do.depth', { side: nested(sideWords(spot.side)), up: length(spot.upMm) });
    case 'height':
      return message('reading.do.height', { side: nested(sideWords(spot.side)), at: nested(atWords(spot.at)) });
  }
}
