import type { Instrument, Reading, Side } from '../../job';
import { about, angle, choice, length, message, type Message, type Param } from '../../base/message';
import { isAngle, senseOf, type Spot } from './fields';
import { senseWord } from './spot';

/** "Left", "Middle", "Front" as a message. */
export const sideWords = (side: Side | 'front' | 'back'): Message => message(`side.${side}`);
/** "tape", "framing square" as a message. */
export const instrumentWords = (instrument: Instrument): Message => message(`instrument.${instrument}`);

/** Where on a wall: how far out on a side wall, where across on the back. */
const along = (spot: Extract<Spot, { wall: string; side: string }>) =>
  choice(spot.wall === 'back' ? spot.side : spot.at === 'middle' ? 'halfway' : spot.at);

/** A reading's name: "Width at the front, 900 mm up". */
export function nameOf(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.width', { at: choice(spot.at), up: length(spot.upMm) });
    case 'depth':
      return message('reading.depth', { side: choice(spot.side), up: length(spot.upMm) });
    case 'height':
      return message('reading.height', { side: choice(spot.side), at: choice(spot.at) });
    case 'corner':
      return message('reading.corner', { side: choice(spot.corner), up: length(spot.upMm) });
    case 'square':
      return message('reading.square', { side: choice(spot.corner), up: length(spot.upMm) });
    case 'plumb':
      return message('reading.plumb', {
        wall: choice(spot.wall),
        along: along(spot),
        up: length(spot.upMm),
      });
    case 'level':
      return spot.along === 'across'
        ? message('reading.level.across', { surface: choice(spot.of), at: choice(spot.at) })
        : message('reading.level.out', { surface: choice(spot.of), side: choice(spot.side) });
    case 'straightedge':
      return spot.run === 'level'
        ? message('reading.straightedge.level', { wall: choice(spot.wall), up: length(spot.upMm) })
        : message('reading.straightedge.upright', {
            wall: choice(spot.wall),
            along: along(spot),
            up: length(spot.upMm),
          });
    case 'offset':
      return message('reading.offset', {
        wall: choice(spot.wall),
        on: length(spot.onMm),
        up: length(spot.upMm),
      });
    case 'diagonal':
      return message('reading.diagonal', {
        from: choice(spot.from),
        up: length(spot.upMm),
      });
    case 'face':
      return message('reading.face', { from: choice(spot.from), at: choice(spot.at) });
    case 'triangle':
      return message('reading.triangle', { side: choice(spot.corner), up: length(spot.upMm) });
    case 'line':
      return message('reading.line', { side: choice(spot.side), at: choice(spot.at) });
  }
}

/** What to do to take it: "Hook the tape on the left wall ...". */
export function instructionFor(spot: Spot): Message {
  switch (spot.kind) {
    case 'width':
      return message('reading.do.width', { at: choice(spot.at), up: length(spot.upMm) });
    case 'depth':
      return message('reading.do.depth', { side: choice(spot.side), up: length(spot.upMm) });
    case 'height':
      return message('reading.do.height', { side: choice(spot.side), at: choice(spot.at) });
    case 'corner':
      return message('reading.do.corner', { side: choice(spot.corner), up: length(spot.upMm) });
    case 'square':
      return message('reading.do.square', {
        side: choice(spot.corner),
        up: length(spot.upMm),
        blade: length(spot.bladeMm),
      });
    case 'plumb':
      return message('reading.do.plumb', {
        wall: choice(spot.wall),
        along: along(spot),
        up: length(spot.upMm),
        over: length(spot.overMm),
      });
    case 'level':
      return spot.along === 'across'
        ? message('reading.do.level.across', {
            surface: choice(spot.of),
            at: choice(spot.at),
            over: length(spot.overMm),
          })
        : message('reading.do.level.out', {
            surface: choice(spot.of),
            side: choice(spot.side),
            over: length(spot.overMm),
          });
    case 'straightedge':
      return spot.run === 'level'
        ? message('reading.do.straightedge.level', {
            wall: choice(spot.wall),
            up: length(spot.upMm),
            over: length(spot.overMm),
          })
        : message('reading.do.straightedge.upright', {
            wall: choice(spot.wall),
            along: along(spot),
            up: length(spot.upMm),
            over: length(spot.overMm),
          });
    case 'offset': {
      const { startMm, endMm, onMm, upMm, wall } = spot;
      const line = { start: length(startMm), end: length(endMm), on: length(onMm), up: length(upMm) };
      return wall === 'back'
        ? message('reading.do.offset.back', line)
        : message('reading.do.offset.side', { ...line, wall: choice(wall) });
    }
    case 'diagonal':
      return message('reading.do.diagonal', {
        from: choice(spot.from),
        up: length(spot.upMm),
      });
    case 'face':
      return message('reading.do.face', { from: choice(spot.from), at: choice(spot.at) });
    case 'triangle':
      return message('reading.do.triangle', {
        side: choice(spot.corner),
        up: length(spot.upMm),
        first: length(spot.firstMm),
        second: length(spot.secondMm),
        out: length(spot.outMm),
      });
    case 'line':
      return message('reading.do.line', { side: choice(spot.side), at: choice(spot.at) });
  }
}

/** "at the tip", "leaning out" as a message: the word that goes with a figure. */
export const senseWords = (sense: string): Message => message('reading.sense', { sense: choice(sense as 'tip') });

/** The same as short as beside a figure in a drawing: "tip", "out". */
export const briefSense = (sense: string): Message => message('reading.senseBrief', { sense: choice(sense as 'tip') });

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
  return sense ? message('value.sensed', { value, sense: choice(sense as 'tip') }) : message('value.plain', { value });
}
