import type { Body } from '../../design/body';
import type { Part } from '../../design/fit';
import type { Fixing } from '../../design/fixing';
import type { SystemName, WorkJob } from '../../job';
import type { LaidShelf } from '../../design/layout';
import { length, list, message, text, type Message } from '../../base/message';
import type { Caution } from '../../base/problem';
import type { CutKinds } from '../stock';
import type { WaysIn } from './wayIn';
import { systemOf, type Applied, type Hardware } from '../../design/system';

/** What steps are made from: the job, and what the road has made of it so far. */
export interface Work {
  readonly job: WorkJob;
  readonly takes: 'boards' | 'box';
  readonly parts: readonly Part[];
  /** The parts and the hardware as they stand in the opening. */
  readonly body: Pick<Body, 'pieces' | 'fittings'>;
  readonly hardware: readonly Hardware[];
  readonly fixings: readonly Fixing[];
  readonly shelves: readonly LaidShelf[];
  /** The system of each shelf by its number; as the job says if absent. */
  readonly systems?: ReadonlyMap<number, SystemName>;
  /** The ceiling above the floor mark, millimetres. */
  readonly ceilingMm: number;
  /** Where the back wall begins across the opening, millimetres. */
  readonly wallFromMm: number;
  /** From the back of the place to its front, millimetres. */
  readonly depthMm: number;
  /** How each system goes together, first to last. */
  readonly order: Applied['order'];
  readonly cautions: readonly Caution[];
  readonly kinds: CutKinds;
  /** How boards get in, and in which order. */
  readonly waysIn: WaysIn;
}

/** The system that carries a shelf. */
export const systemAt = ({ job, systems }: Pick<Work, 'job' | 'systems'>, shelf: number): SystemName =>
  systems?.get(shelf) ?? systemOf(job.support, shelf);

/** Fixings that go into a wall, or through one. */
export const intoWall = ({ into, through }: Fixing): boolean => into.kind === 'wall' || through.kind === 'wall';

/** Fixings that are driven where the pieces go: into a wall, or into what stands beside the bay. */
export const drivenInPlace = (fixing: Fixing): boolean => intoWall(fixing) || fixing.atFace === 'into';

/** The piece or bracket a fixing goes through; null where that is a wall. */
export const throughOf = ({ through }: Fixing): string | null => (through.kind === 'wall' ? null : through.id);
/** The piece a fixing bites into; null where that is a wall. */
export const biteOf = ({ into }: Fixing): string | null => (into.kind === 'wall' ? null : into.id);

/** A line with the labels of pieces; none for more pieces than one reads at once. */
export function piecesLine(parts: readonly Pick<Part, 'label'>[]): Message[] {
  if (parts.length === 0 || parts.length > READ_AT_ONCE) return [];
  return [message('how.pieces', { pieces: list(parts.map((part) => text(part.label))) })];
}

const READ_AT_ONCE = 12;

/** Where uprights between bays, and cases in a bay, stand along the back wall: by their left faces. */
export function standsAt({ job, parts, wallFromMm }: Pick<Work, 'job' | 'parts' | 'wallFromMm'>, role: Part['role']) {
  return parts.flatMap((part): Message[] => {
    if (!job.bays || part.role !== role || !part.across) return [];
    const at = length(part.across.fromMm - wallFromMm);
    return [message('how.standsAt', { piece: text(part.label), at })];
  });
}
