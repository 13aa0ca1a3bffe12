import type { Part } from '../../../design/fit';
import type { LaidShelf } from '../../../design/layout';
import { count, message } from '../../../base/message';
import { minutesFor, usualMinutes, wholeMinutes } from '../minutes';
import { instructions } from '../moments';
import { biteOf, drivenInPlace, piecesLine, standsAt, systemAt, throughOf, type Work } from '../work';
import type { After, Written } from '../writer';
import { boredHere, boringMinutes } from './drill';
import { ladderTo } from './ladder';

const SUPPORTING: ReadonlySet<Part['role']> = new Set([
  'back-cleat',
  'side-cleat-left',
  'side-cleat-right',
  'rail-back',
  'rail-side',
  'rail-front',
  'bracket-arm',
  'bracket-leg',
  'bracket-brace',
  'joist',
  'post',
]);

/** Step: stand housed posts up; null when there are none. */
export function standPosts(work: Work, after: readonly After[]): Written | null {
  const posts = work.parts.filter(({ role }) => role === 'post-left' || role === 'post-right');
  if (posts.length === 0) return null;
  const ids = posts.map((part) => part.id);
  const plumb = posts.some((part) => part.plumb);
  const walled = work.fixings.filter((fixing) => drivenInPlace(fixing) && ids.includes(throughOf(fixing) ?? ''));
  return {
    place: 'site',
    id: 'posts',
    kind: 'support',
    what: message('step.posts'),
    minutes: usualMinutes('posts', ids.length),
    after,
    how: [...instructions(work, 'stand', 'housed-posts'), ...boredHere(walled)],
    check: [message(plumb ? 'check.plumb' : 'check.housingsLevel')],
    tools: ['level', 'driver', 'drill', 'tape', plumb ? 'shims' : 'plane'],
    ...(plumb ? { materials: [message('buy.shims')] } : {}),
    parts: ids,
    fixings: walled.map((fixing) => fixing.id),
  };
}

/** Step: stand the uprights between bays, screwed to blocks on the back wall; null when there are none. */
export function standUprights(work: Work, after: readonly After[]): Written | null {
  const pieces = work.parts.filter(({ role }) => role === 'bay-upright' || role === 'upright-block');
  if (pieces.length === 0) return null;
  const ids = pieces.map((part) => part.id);
  const driven = work.fixings.filter((fixing) => fixing.atFace !== 'through' && ids.includes(throughOf(fixing) ?? ''));
  return {
    place: 'site',
    id: 'uprights',
    kind: 'support',
    what: message('step.uprights'),
    minutes: usualMinutes('posts', pieces.length),
    after,
    how: [
      ...piecesLine(pieces),
      ...standsAt(work, 'bay-upright'),
      message(driven.length > 0 ? 'how.uprights' : 'how.uprightsAlone'),
      ...boredHere(driven),
    ],
    check: [message('check.plumb')],
    tools: ['level', 'driver', 'drill', 'tape', 'plane'],
    parts: ids,
    fixings: driven.map((fixing) => fixing.id),
  };
}

/** Step: put up the supports of a shelf; null when it has none before its board. */
export function putUpSupports(work: Work, { number, top }: LaidShelf, after: readonly After[]): Written | null {
  const { parts, hardware, fixings } = work;
  const mine = parts.filter((part) => part.shelf === number && SUPPORTING.has(part.role));
  const brackets = hardware.filter(({ shelf, what }) => shelf === number && what === 'bracket');
  if (mine.length === 0 && brackets.length === 0) return null;
  const ids = new Set<string | null>([...mine, ...brackets].map((piece) => piece.id));
  const system = systemAt(work, number);
  const driven = fixings.filter(
    (fixing) =>
      ids.has(throughOf(fixing)) && (drivenInPlace(fixing) || (system === 'framed-bench' && ids.has(biteOf(fixing)))),
  );
  const pieces = minutesFor('support', mine.length) + minutesFor('bracket', brackets.length);
  return {
    place: 'site',
    id: `S${number}-support`,
    kind: 'support',
    shelf: number,
    what: message('step.support', { shelf: count(number) }),
    minutes: wholeMinutes(pieces + boringMinutes(driven)),
    after,
    how: [...piecesLine(mine), ...instructions(work, 'support', system), ...boredHere(driven)],
    check: [message('check.levelAcross')],
    tools: ['level', 'driver', 'drill', 'tape', 'pencil', ...ladderTo(top.mm)],
    parts: mine.map((part) => part.id),
    fixings: driven.map((fixing) => fixing.id),
  };
}
