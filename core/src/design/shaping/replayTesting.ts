import type { Job } from '../../job';
import { parseLength, TAPE_STEP_MM } from '../../base/quantity';
import type { Message } from '../../base/message';
import { lengthWords } from '../../say/words/all';
import type { Plan } from '../../plan';
import { volumeOf, areaOf, without, type Convex } from '../body/convex';
import { convexParts, squareAt, type Cut, type EndPlane, type Solid } from '../body/solid';
import { templateOf } from '../template/template';
import { zeroOf } from '../body/zero';
import { shapedIn, type Shaped } from './cut';
import { furtherCuts } from './furtherCuts';
import { sidesOf, type Sides } from './sides';

const PLAIN = { ends: { start: squareAt(0), finish: squareAt(0) }, outline: null, cuts: [] };

/** How lengths are read: as they are, or as they are written in the job's units. */
export type Reading = 'exact' | 'written';

/** What a length says once it is written in the job's units and read again, millimetres. */
function asRead(mm: number, job: Job, reading: Reading): number {
  if (reading === 'exact') return mm;
  const read = parseLength(lengthWords(mm, job), { unit: job.units });
  if (!read.ok) throw new Error(`${lengthWords(mm, job)} cannot be read`);
  return read.value.mm;
}

/** The figures and choices of a sentence, as a person reads them. */
function readerOf({ code, params }: Message, job: Job, reading: Reading) {
  return {
    mm(name: string): number {
      const param = params[name];
      if (param?.kind !== 'length' && param?.kind !== 'about') throw new Error(`${code} has no length ${name}`);
      return asRead(param.mm, job, reading);
    },
    degrees(name: string): number {
      const param = params[name];
      if (param?.kind !== 'angle') throw new Error(`${code} has no angle ${name}`);
      return Math.round(param.degrees * 10) / 10;
    },
    which<Name extends string>(name: string, [first, second]: readonly [Name, Name]): 0 | 1 {
      const param = params[name];
      const said = param?.kind === 'choice' ? param.choice : null;
      if (said !== first && said !== second) throw new Error(`${code}: ${name} is ${said}, not ${first} or ${second}`);
      return said === first ? 0 : 1;
    },
  };
}

type Reader = ReturnType<typeof readerOf>;

/**
 * Makes a piece out of its blank by nothing but what is told: its sizes from the list, every further cut from its
 * sentences, an outline from its template.
 */
export function replayed(shaped: Shaped, job: Job, reading: Reading): Solid {
  const { part, solid } = shaped;
  const sides = sidesOf(part);
  const [lengthMm, widthMm, thicknessMm] = [part.length.mm, part.width.mm, part.thicknessMm].map((mm) =>
    asRead(mm, job, reading),
  ) as [number, number, number];
  const { section } = solid;
  let piece: Solid = { ...PLAIN, frame: solid.frame, lengthMm, widthMm, thicknessMm, ...(section ? { section } : {}) };
  piece = { ...piece, ends: { start: squareAt(0), finish: squareAt(lengthMm) } };
  const template = templateOf(part);
  if (template && solid.outline) {
    const [x0, y0] = zeroOf(part);
    const flat = part.role === 'board' || part.corner !== null;
    const face = part.fit ? Math.max(...part.fit.outline.map(([, y]) => y)) : 0;
    const outline = template.outline.map(([x, y]) => [x + x0, (flat ? y : face - y) + y0] as const);
    piece = { ...piece, outline };
  }
  for (const told of furtherCuts(shaped, { job }).flatMap((cut) => cut.how)) {
    piece = applied(piece, told, sides, readerOf(told, job, reading), part);
  }
  return piece;
}

function applied(piece: Solid, told: Message, sides: Sides, read: Reader, part: Shaped['part']): Solid {
  const code = told.code.replace('further.hand.', 'further.');
  if (/^further\.(?:angled|mitre)$/.test(code)) {
    if (piece.outline) return piece;
    return slanted(piece, read, { sides: sides.edges, axis: 'acrossSlope', overMm: piece.widthMm, ends: sides.ends });
  }
  if (/^further\.(?:stood|bevel)$/.test(code)) {
    if (piece.outline) return piece;
    return slanted(piece, read, {
      sides: sides.faces,
      axis: 'throughSlope',
      overMm: piece.thicknessMm,
      ends: sides.ends,
      ...(told.code === 'further.bevel' ? { degrees: read.degrees('angle') } : {}),
    });
  }
  const also = (...cuts: readonly Cut[]): Solid => ({ ...piece, cuts: [...piece.cuts, ...cuts] });
  const box = /^further\.cutOut\.(\w+)$/.exec(code)?.[1];
  if (box) return also(boxFrom(box, piece, sides, read));
  if (code.startsWith('further.slot.')) return also(...slotsFrom(piece, read, part, code.endsWith('corner')));
  if (code === 'further.hole') return also(holeFrom(piece, read, part));
  return piece;
}

interface Slanting {
  readonly sides: readonly [string, string];
  readonly ends: readonly [string, string];
  readonly axis: 'acrossSlope' | 'throughSlope';
  readonly overMm: number;
  readonly degrees?: number;
}

/** Cuts an end from a mark on its shorter side to the corner on its longer one. */
function slanted(piece: Solid, read: Reader, { sides, ends, axis, overMm, degrees }: Slanting): Solid {
  const byMm = degrees === undefined ? read.mm('by') : Math.tan((degrees * Math.PI) / 180) * overMm;
  const end = read.which('end', ends) === 0 ? 'start' : 'finish';
  const shorterFirst = read.which('shorter', sides) === 0;
  const inward = end === 'start' ? 1 : -1;
  const before = piece.ends[end];
  const plane: EndPlane = {
    ...before,
    [axis]: (inward * (shorterFirst ? -byMm : byMm)) / overMm,
    atMm: before.atMm + (shorterFirst ? inward * byMm : 0),
  };
  return { ...piece, ends: { ...piece.ends, [end]: plane } };
}

type Interval = readonly [number, number];

const rectangle = ([a1, a2]: Interval, [b1, b2]: Interval): Cut['outline'] => [
  [a1, b1],
  [a2, b1],
  [a2, b2],
  [a1, b2],
];

/** A box from the sides that are named: as deep, as wide and as far along as it is told. */
function boxFrom(way: string, { lengthMm, widthMm, thicknessMm }: Solid, sides: Sides, read: Reader): Cut {
  const from = (first: boolean, mm: number, wholeMm: number): Interval => (first ? [0, mm] : [wholeMm - mm, wholeMm]);
  const atEnd = () => from(read.which('end', sides.ends) === 0, read.mm('high'), lengthMm);
  const between = (): Interval => {
    if (read.which('end', sides.ends) !== 0) throw new Error('it is counted from the other end');
    return [read.mm('from'), read.mm('to')];
  };
  const inEdge = (mm: number) => from(read.which('edge', sides.edges) === 0, mm, widthMm);
  const inFace = () => from(read.which('face', sides.faces) === 0, read.mm('deep'), thicknessMm);
  const [along, across, through] = ((): [Interval, Interval, Interval] => {
    switch (way) {
      case 'housing':
        return [between(), [0, widthMm], inFace()];
      case 'rebate':
        return [[0, lengthMm], inEdge(read.mm('wide')), inFace()];
      case 'corner':
        return [atEnd(), inEdge(read.mm('deep')), [0, thicknessMm]];
      case 'edge':
        return [between(), inEdge(read.mm('deep')), [0, thicknessMm]];
      case 'end':
        return [atEnd(), [0, widthMm], inFace()];
      case 'inward':
        return [between(), inEdge(read.mm('inward')), inFace()];
      case 'face':
        return [between(), [read.mm('near'), read.mm('far')], inFace()];
      default:
        throw new Error(`nobody told how ${way} is cut`);
    }
  })();
  return { kind: 'notch', axis: 'through', fromMm: through[0], toMm: through[1], outline: rectangle(along, across) };
}

/** Slots in the middle of the thickness: along the back, and at both ends or along the side wall of a corner. */
function slotsFrom(piece: Solid, read: Reader, { corner }: Shaped['part'], inCorner: boolean): Cut[] {
  const { lengthMm, widthMm, thicknessMm, outline } = piece;
  const high = read.mm('high');
  const slot = {
    kind: 'slot',
    axis: 'through',
    fromMm: (thicknessMm - high) / 2,
    toMm: (thicknessMm + high) / 2,
  } as const;
  const back: Cut = { ...slot, outline: rectangle([0, lengthMm], [0, read.mm('deep')]) };
  const sideMm = read.mm('side');
  if (!inCorner || !corner || !outline) {
    const ends: Interval[] = [
      [0, sideMm],
      [lengthMm - sideMm, lengthMm],
    ];
    return [back, ...ends.map((end): Cut => ({ ...slot, outline: rectangle(end, [0, widthMm]) }))];
  }
  // Beside the edge of its template that lies at the side wall: from the corner, as wide as is told.
  const [home, far] = [outline[0]!, outline.at(-1)!];
  const long = Math.hypot(far[0] - home[0], far[1] - home[1]);
  const turn = corner.side === 'left' ? 1 : -1;
  const aside = [(turn * sideMm * (far[1] - home[1])) / long, (-turn * sideMm * (far[0] - home[0])) / long] as const;
  const strip = [home, far, [far[0] + aside[0], far[1] + aside[1]], [home[0] + aside[0], home[1] + aside[1]]] as const;
  return [back, { ...slot, outline: strip }];
}

/** A round hole so far from the end and the back edge that are named, on the straight edge a board is marked from. */
function holeFrom({ thicknessMm }: Solid, read: Reader, part: Shaped['part']): Cut {
  const [x0, y0] = zeroOf(part);
  const outline = templateOf(part)?.outline ?? [];
  const backs = outline.filter(([, y]) => Math.abs(y) < 0.01).map(([x]) => x);
  const right = read.which('side', ['left', 'right']) === 1;
  const [least, most] = part.fit ? [0, part.fit.backMm] : [Math.min(...backs), Math.max(...backs)];
  const x = right ? most - read.mm('along') : least + read.mm('along');
  const [radius, y] = [read.mm('diameter') / 2, read.mm('back')];
  const sides = Array.from({ length: 16 }, (_, i) => (2 * Math.PI * i) / 16);
  return {
    kind: 'hole',
    axis: 'through',
    fromMm: 0,
    toMm: thicknessMm,
    outline: sides.map((turn) => [x + x0 + radius * Math.cos(turn), y + y0 + radius * Math.sin(turn)]),
  };
}

/** What a piece may be off at the most, millimetres: as told, and as that is written on the marks of a tape. */
const mayBeOff = (reading: Reading, { tape }: Job) =>
  reading === 'exact' ? 0.5 : Math.max(0.5, TAPE_STEP_MM[tape] / 2 + 0.01);

/** How thick a body is at the most: its volume over its largest face, millimetres. */
const thickOf = (body: Convex): number => volumeOf(body) / Math.max(...body.faces.map(areaOf));

/** How thick what one solid has and another has not is at the most, millimetres. */
function leftOver(of: Solid, other: Solid): number {
  const taken = convexParts(other);
  const left = convexParts(of).flatMap((body) =>
    taken.reduce<Convex[]>((bodies, one) => bodies.flatMap((piece) => without(piece, one)), [body]),
  );
  return Math.max(0, ...left.map(thickOf));
}

/** The pieces that come out other than they are planned, with by how much. */
export function differing({ parts, body }: Pick<Plan, 'parts' | 'body'>, job: Job): readonly string[] {
  const shaped = shapedIn(body);
  return (['exact', 'written'] as const).flatMap((reading) =>
    parts.flatMap((part) => {
      const one = shaped(part);
      const made = replayed(one, job, reading);
      const byMm = Math.max(leftOver(one.solid, made), leftOver(made, one.solid));
      return byMm > mayBeOff(reading, job) ? [`${reading} ${part.id} (${part.role}): ${byMm.toFixed(2)} mm`] : [];
    }),
  );
}
