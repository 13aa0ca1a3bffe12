import { message } from '../../../base/message';
import { broken, saidOf, type Checked, type Finding } from './finding';

/** A screw that is in something by less than this does not hold it, millimetres. */
const HOLDS_MM = 2;
/** What stands no higher above the floor than this stands on it: it is cut to the tape. Millimetres. */
const STANDS_MM = 4;
/** A face that looks up or down this much carries what lies on it, as a cosine. */
const LEVEL = 0.5;

/**
 * Pieces that nothing joins to a wall or the floor.
 * @param named ids of pieces of which it is said already that they do not lie where they should
 */
export function looseFound(built: Checked, named: readonly string[]): Finding[] {
  const held = heldIn(built, named);
  return built.body.pieces.flatMap((piece): Finding[] =>
    held.has(piece.id) ? [] : [broken(message('body.loose', saidOf(piece)), 0, piece)],
  );
}

/** What a wall or the floor holds, by a way of screws, housings and what lies on what. */
function heldIn(built: Checked, named: readonly string[]): ReadonlySet<string> {
  const next = new Map<string, Set<string>>();
  const holds = (holder: string, other: string) => next.set(holder, (next.get(holder) ?? new Set()).add(other));
  const held = new Set<string>(named);
  for (const screw of built.body.screws) {
    const ids = screw.way.flatMap((stage) =>
      'id' in stage.in && stage.in.kind !== 'stud' && stage.toMm - stage.fromMm > HOLDS_MM ? [stage.in.id] : [],
    );
    const walled = screw.way.some(({ in: inside, fromMm, toMm }) => WALL.has(inside.kind) && toMm - fromMm > HOLDS_MM);
    for (const id of ids) {
      if (walled) held.add(id);
      for (const other of ids) holds(id, other);
    }
  }
  for (const { a, b, normal } of built.body.contacts) {
    if (housed(built, a) || housed(built, b) || isPin(a) || isPin(b)) {
      holds(a, b);
      holds(b, a);
    } else if (normal[2] > LEVEL) holds(a, b);
    else if (normal[2] < -LEVEL) holds(b, a);
  }
  for (const { id, placed } of built.standing.values()) if (stands(built, placed.bounds)) held.add(id);
  const way = [...held];
  for (let id = way.pop(); id !== undefined; id = way.pop())
    for (const other of next.get(id) ?? [])
      if (!held.has(other)) {
        held.add(other);
        way.push(other);
      }
  return held;
}
const WALL: ReadonlySet<string> = new Set(['stud', 'masonry', 'panel', 'hollow']);

/** A pin is driven into the side it touches. */
const isPin = (id: string): boolean => id.startsWith('pin-');

/** Whether a piece takes others in: it has a housing, a rebate or a slot. */
const housed = ({ standing }: Checked, id: string): boolean =>
  (standing.get(id)?.solid.cuts ?? []).some(({ kind }) => kind === 'housing' || kind === 'rebate' || kind === 'slot');

function stands({ opening }: Checked, { least, most }: { least: readonly number[]; most: readonly number[] }): boolean {
  if (!opening.surfaces.includes('floor')) return false;
  const [x, y] = [0, 1].map((k) => ((least[k] as number) + (most[k] as number)) / 2) as [number, number];
  return Math.abs((least[2] as number) - opening.likely({ surface: 'floor', across: x, out: y })) < STANDS_MM;
}
