import { message, text, type Message } from '../../base/message';
import type { Hardware } from '../system';
import { drivenBy } from './driven';
import type { Fixing } from './fixing';

/** Something to have at hand before one begins, and how many. */
export interface Needed {
  readonly what: Message;
  readonly count: number;
}

/** Everything that is bought to fix and carry: brackets and sockets, screws by their size, plugs, anchors, pins. */
export function neededFor(fixings: readonly Fixing[], hardware: readonly Hardware[]): Needed[] {
  const all = new Map<string, Needed>();
  const add = (what: Message, n: number) => {
    const key = JSON.stringify(what);
    all.set(key, { what, count: (all.get(key)?.count ?? 0) + n });
  };
  for (const { name } of hardware) add(name, 1);
  for (const { what, holes } of fixings.flatMap(drivenBy)) add(what, holes.length);
  for (const { plug, screw, holes } of fixings) {
    const plugs = holes.filter((hole) => hole.into === 'plug').length;
    if (plug && plugs > 0) add(message('needed.plug', { size: text(screw.size) }), plugs);
  }
  return [...all.values()].filter((one) => one.count > 0);
}
