import { nested, text, type Message } from '../../../base/message';
import { stop, doubtful, type Problem } from '../../../base/problem';
import type { Hold } from '../../system';
import type { Fixing } from '../../fixing';
import type { Built } from '../body';
import type { BodyFitting, BodyPiece } from '../bodyIs';

/** What every check of a body goes by. */
export interface Checked extends Built {
  readonly holds: readonly Hold[];
  readonly fixings: readonly Fixing[];
}

/** Something that does not hold of a body: what, of which of its pieces and fittings, and how bad. */
export interface Finding {
  readonly code: FindingCode;
  /** Ids of what it is about, the first the one it is said of. */
  readonly of: readonly string[];
  /** How far it is out, millimetres: of several alike the worst is said. */
  readonly byMm: number;
  readonly problem: Problem;
}

export type FindingCode = Extract<Message['code'], `body.${string}`>;

type Named = BodyPiece | BodyFitting;

/** The piece or fitting of an id. */
export function namedIn({ body }: Built, id: string): Named | null {
  return body.pieces.find((one) => one.id === id) ?? body.fittings.find((one) => one.id === id) ?? null;
}

/** A piece as it is said in a sentence: what is pencilled on it, and its name. */
export const saidOf = ({ label, name }: Named) => ({ piece: text(label), name: nested(name) });

/** A second piece as it is said in a sentence. */
export const otherOf = ({ label, name }: Named) => ({ other: text(label), otherName: nested(name) });

const aboutOf = (...all: readonly (Named | null)[]): Problem['about'] => {
  const shelf = Math.max(0, ...all.map((one) => one?.shelf ?? 0));
  return shelf > 0 ? { kind: 'shelf', shelf } : { kind: 'support' };
};

/** A finding that cannot be built as it is asked. */
export const broken = (words: Message & { code: FindingCode }, byMm: number, ...of: readonly Named[]): Finding => ({
  code: words.code,
  of: of.map(({ id }) => id),
  byMm,
  problem: stop(aboutOf(...of), words),
});

/** A finding to look at before cutting. */
export const toCheck = (words: Message & { code: FindingCode }, byMm: number, ...of: readonly Named[]): Finding => ({
  code: words.code,
  of: of.map(({ id }) => id),
  byMm,
  problem: doubtful(aboutOf(...of), words),
});
