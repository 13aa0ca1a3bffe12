import type { Instrument, Reading, Side, SpotOut, SurfaceName } from '../../job';
import { about, angle, length, message, nested, type Message, type Param } from '../../base/message';
import { isAngle, senseOf, type Spot } from './fields';
import { senseWord } from './spot';

/** "left", "middle", "right" as a message. */
export const sideWords = (side: Side): Message => message(`side.${side}`);
/** "front", "middle", "back" as a message. */
export const atWords = (at: SpotOut): Message => message(`at.${at}`);
/** "left wall", "floor" as a message. */
export const surfaceWords = (surface: SurfaceName): Message => message(`surface.${surface}`);
/** "tape", "framing square" as a message. */
export const instrumentWords = (instrument: Instrument): Message => message(`instrument.${instrument}`);

const side = (one: Side) => nested(sideWords(one));
const at = (one: SpotOut) => nested(atWords(one));
const opposite = (one: 'left' | 'right') => (one === 'left' ? 'right' : 'left');

/** Where on a wall: how far out on a side wall, where across on the back. */
function along(spot: Extract<Spot, { wall: string; side: string }>): Param & { kind: 'message' } {
  return spot.wall === 'back' ? side(spot.side) : at(spot.at);
}

/** A reading's name: "width at the front, 900 mm up". */
export function nameOf(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.width', { at: at(spot.at), up: length(spot.upMm) });
    case 'depth':
      return message('reading.depth', { side: side(spot.side), up: length(spot.upMm) });
    case 'height':
      return message('reading.height', { side: side(spot.side), at: at(spot.at) });
    case 'corner':
      return message('reading.corner', { side: side(spot.corner), up: length(spot.upMm) });
    case 'square':
      return message('reading.square', { side: side(spot.corner), up: length(spot.upMm) });
    case 'plumb':
      return message('reading.plumb', {
        wall: nested(surfaceWords(spot.wall)),
        along: along(spot),
        up: length(spot.upMm),
      });
    case 'level':
      return spot.along === 'across'
        ? message('reading.level.across', { surface: nested(surfaceWords(spot.of)), at: at(spot.at) })
        : message('reading.level.out', { surface: nested(surfaceWords(spot.of)), side: side(spot.side) });
    case 'straightedge':
      return spot.run === 'level'
        ? message('reading.straightedge.level', { wall: nested(surfaceWords(spot.wall)), up: length(spot.upMm) })
        : message('reading.straightedge.upright', {
            wall: nested(surfaceWords(spot.wall)),
            along: along(spot),
            up: length(spot.upMm),
          });
    case 'offset':
      return message('reading.offset', {
        wall: nested(surfaceWords(spot.wall)),
        on: length(spot.onMm),
        up: length(spot.upMm),
      });
    case 'diagonal':
      return message('reading.diagonal', {
        from: side(spot.from),
        to: side(opposite(spot.from)),
        up: length(spot.upMm),
      });
    case 'face':
      return message('reading.face', { from: side(spot.from), to: side(opposite(spot.from)), at: at(spot.at) });
    case 'triangle':
      return message('reading.triangle', { side: side(spot.corner), up: length(spot.upMm) });
    case 'line':
      return message('reading.line', { side: side(spot.side), at: at(spot.at) });
  }
}

/** What to do to take it: "Hook the tape on the left wall ...". */
export function instructionFor(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.do.width', { at: at(spot.at), up: length(spot.upMm) });
    case 'depth':
      return message('reading.do.depth', { side: side(spot.side), up: length(spot.upMm) });
    case 'height':
      return message('reading.do.height', { side: side(spot.side), at: at(spot.at) });
    case 'corner':
      return message('reading.do.corner', { side: side(spot.corner), up: length(spot.upMm) });
    case 'square':
      return message('reading.do.square', {
        side: side(spot.corner),
        up: length(spot.upMm),
        blade: length(spot.bladeMm),
      });
    case 'plumb':
      return message('reading.do.plumb', {
        wall: nested(surfaceWords(spot.wall)),
        along: along(spot),
        up: length(spot.upMm),
        over: length(spot.overMm),
      });
    case 'level':
      return spot.along === 'across'
        ? message('reading.do.level.across', {
            surface: nested(surfaceWords(spot.of)),
            at: at(spot.at),
            over: length(spot.overMm),
          })
        : message('reading.do.level.out', {
            surface: nested(surfaceWords(spot.of)),
            side: side(spot.side),
            over: length(spot.overMm),
          });
    case 'straightedge':
      return spot.run === 'level'
        ? message('reading.do.straightedge.level', {
            wall: nested(surfaceWords(spot.wall)),
            up: length(spot.upMm),
            over: length(spot.overMm),
          })
        : message('reading.do.straightedge.upright', {
            wall: nested(surfaceWords(spot.wall)),
            along: along(spot),
            up: length(spot.upMm),
            over: length(spot.overMm),
          });
    case 'offset':
      return message(spot.wall === 'back' ? 'reading.do.offset.back' : 'reading.do.offset.side', {
        wall: nested(surfaceWords(spot.wall)),
        start: length(spot.startMm),
        end: length(spot.endMm),
        on: length(spot.onMm),
        up: length(spot.upMm),
      });
    case 'diagonal':
      return message('reading.do.diagonal', {
        from: side(spot.from),
        to: side(opposite(spot.from)),
        up: length(spot.upMm),
      });
    case 'face':
      return message('reading.do.face', { from: side(spot.from), to: side(opposite(spot.from)), at: at(spot.at) });
    case 'triangle':
      return message('reading.do.triangle', {
        side: side(spot.corner),
        up: length(spot.upMm),
        first: length(spot.firstMm),
        second: length(spot.secondMm),
        out: length(spot.outMm),
      });
    case 'line':
      return message('reading.do.line', { side: side(spot.side), at: at(spot.at) });
  }
}

/** "at the tip", "leaning out" as a message: the word that goes with a figure. */
export const senseWords = (sense: string): Message => message(`sense.${sense}` as 'sense.tip');

/** The same as short as beside a figure in a drawing: "tip", "out". */
export const briefSense = (sense: string): Message => message(`sense.brief.${sense}` as 'sense.brief.tip');

/** What a reading said: "1126 mm", "93°", "5 mm at the tip". */
export function saidWords(reading: Reading): Message {
  const value = 'mm' in reading.value ? length(reading.value.mm) : angle(reading.value.degrees);
  return valueWords(value, senseWord(reading));
}

/** What the others would have a spot read, from one signed number in its own unit: "about 2 mm at the heel". */
export function expectedWords(spot: Spot, signed: number): Message {
  const ways = senseOf(spot);
  const value = isAngle(spot) ? angle(signed) : about(Math.abs(signed));
  return valueWords(value, ways ? ways.options[signed < 0 ? 1 : 0] : null);
}

function valueWords(value: Extract<Param, { kind: 'length' | 'about' | 'angle' }>, sense: string | null): Message {
  return sense
    ? message('value.sensed', { value, sense: nested(senseWords(sense)) })
    : message('value.plain', { value });
}
