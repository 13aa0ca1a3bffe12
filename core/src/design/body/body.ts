import type { Job } from '../../job';
import type { CornerFit, Part } from '../fit';
import type { Fixing } from '../fixing';
import type { Pins } from '../layout';
import type { Hardware } from '../system';
import { cornerSolid } from './cornerPieces';
import { notchedFor, withJoints } from './cutInto';
import { zeroOf } from './zero';
import { bracketSolid, socketSolid } from './fittings';
import { solidOfPart } from './lie';
import { standOf, type Stand } from './stand';
import type { Body, BodyFitting, BodyPiece } from './bodyIs';
import { meetingsOf, type Overlap } from './meetings';
import { pinsOf } from './pins';
import { roomOf } from './room';
import { screwsOf, type Stander } from './screws';
import { cornersOfSolid, placedOf, type Solid } from './solid';
import { tidy } from './tidy';
import type { LikelyWalls } from '../../place/opening';

/** The pieces and fittings of a body in their places, before anything is screwed. */
export interface Stood {
  readonly pieces: readonly BodyPiece[];
  readonly fittings: readonly BodyFitting[];
  readonly standing: ReadonlyMap<string, Stander>;
}

/** A body with what its checks go by. */
export interface Built {
  readonly body: Body;
  readonly standing: ReadonlyMap<string, Stander>;
  readonly overlaps: readonly Overlap[];
  readonly opening: LikelyWalls;
}

export interface StandInput {
  readonly parts: readonly Part[];
  readonly hardware: readonly Hardware[];
  /** Holes for shelf pins; null where there are none. */
  readonly pins: Pins | null;
  readonly opening: LikelyWalls;
}

/** Screws of one bay, with the place as it is there. */
export interface DrivenBay {
  readonly fixings: readonly Fixing[];
  readonly opening: LikelyWalls;
  readonly job: Pick<Job, 'place' | 'fixing'>;
}

export interface BuildInput {
  readonly stood: Stood;
  readonly bays: readonly DrivenBay[];
  readonly opening: LikelyWalls;
  readonly job: Pick<Job, 'place' | 'fixing' | 'tape'>;
}

/** What belongs together and stands as a whole. */
const unitOf = ({ unit, shelf, id }: Pick<Part, 'unit' | 'shelf' | 'id'>): string =>
  unit ?? (shelf > 0 ? `shelf-${shelf}` : id);

/** Stands everything a job asks for in its place: each piece with what is cut into it, and each fitting. */
export function standUp(input: StandInput): Stood {
  const { parts, opening } = input;
  const stands = standsOf(parts, opening);
  const corners = new Map(parts.flatMap((part) => (part.corner ? [[part.shelf, part.corner] as const] : [])));
  const plain = parts.map((part): BodyPiece => {
    const { id, shelf, role, name, label } = part;
    const unit = unitOf(part);
    return { id, shelf, role, name, label, unit, solid: solidFor(part, stands, corners, opening) };
  });
  const fittings = [...hardwareOf(input, stands), ...pinsOf(input.pins, parts, plain)];
  const pieces = withNotches(plain, parts, fittings);
  const standing = new Map<string, Stander>();
  const put = (kind: Stander['kind'], one: BodyPiece | BodyFitting, zero: Stander['zero']) =>
    standing.set(one.id, { kind, id: one.id, solid: one.solid, placed: placedOf(one.solid), zero });
  pieces.forEach((piece, i) => put('piece', piece, zeroOf(parts[i] as Part)));
  fittings.forEach((fitting) => put('fitting', fitting, [0, 0]));
  return { pieces, fittings, standing };
}

/** Everything that stands in several bays. */
export function stoodTogether(all: readonly Stood[]): Stood {
  return {
    pieces: all.flatMap((one) => one.pieces),
    fittings: all.flatMap((one) => one.fittings),
    standing: new Map(all.flatMap((one) => [...one.standing])),
  };
}

/** A body of what stands, with its screws, its room, and where its pieces touch. */
export function buildBody({ stood, bays, opening, job }: BuildInput): Built {
  const { pieces, fittings, standing } = stood;
  const room = roomOf(job, opening);
  const { contacts, overlaps } = meetingsOf(standing, job.tape);
  const screws = bays.flatMap((bay) => screwsOf({ ...bay, standing, room }));
  const body = tidy({ pieces, fittings, room, screws, contacts });
  return { body, standing, overlaps, opening };
}

/** Where each unit stands against the back wall. */
function standsOf(parts: readonly Part[], opening: LikelyWalls): ReadonlyMap<string, Stand> {
  const units = new Map<string, Part[]>();
  for (const part of parts) {
    const unit = unitOf(part);
    units.set(unit, [...(units.get(unit) ?? []), part]);
  }
  return new Map([...units].map(([unit, ours]) => [unit, standOf(ours, opening)]));
}

function solidFor(
  part: Part,
  stands: ReadonlyMap<string, Stand>,
  corners: ReadonlyMap<number, CornerFit>,
  opening: LikelyWalls,
): Solid {
  const corner = corners.get(part.shelf);
  const solid = corner
    ? cornerSolid(part, corner, opening)
    : solidOfPart(part, stands.get(unitOf(part)) as Stand, opening);
  return withJoints(solid, part);
}

function hardwareOf({ hardware, parts, opening }: StandInput, stands: ReadonlyMap<string, Stand>): BodyFitting[] {
  const rodMm = parts.find((part) => part.role === 'closet-rod')?.thicknessMm ?? 0;
  return hardware.map((item): BodyFitting => {
    const { id, shelf, what, name } = item;
    const stand = stands.get(`shelf-${shelf}`) ?? { at: 0, slope: 0 };
    return {
      id,
      shelf,
      what,
      name,
      label: labelOf(item),
      solid: what === 'bracket' ? bracketSolid(item, stand) : socketSolid(item, rodMm, opening),
    };
  });
}

/** A bracket by its shelf and its number, a socket by its side. */
const labelOf = ({ id, shelf, what }: Hardware): string =>
  what === 'socket' ? (id.endsWith('left') ? 'L' : 'R') : `${shelf}.${id.split('-').at(-1)}`;

/** Pieces with a notch for everything they are let over. */
function withNotches(
  pieces: readonly BodyPiece[],
  parts: readonly Part[],
  fittings: readonly BodyFitting[],
): BodyPiece[] {
  const solids = new Map<string, Solid>([...pieces, ...fittings].map((one) => [one.id, one.solid]));
  return pieces.map((piece, i) => {
    const others = parts[i]?.notchedFor ?? [];
    if (others.length === 0) return piece;
    const solid = others.reduce((cut, id) => {
      const other = solids.get(id);
      return other ? notchedFor(cut, id, cornersOfSolid(placedOf(other))) : cut;
    }, piece.solid);
    return { ...piece, solid };
  });
}
