import { message, text, type Message } from '../../base/message';
import type { Bites, Fixing, Hole } from './fixing';

/** Screws, pins or anchors of one joint that go into the same sort of thing. */
export interface Driven {
  readonly fixing: Fixing;
  readonly into: Bites;
  /** As it is bought: a hollow-wall anchor brings its own screw. */
  readonly what: Message;
  readonly holes: readonly Hole[];
}

/** What is driven for a joint, by what it goes into: the same for the list to buy and for the step that drives it. */
export function drivenBy(fixing: Fixing): Driven[] {
  const { screw, holes } = fixing;
  return [...new Set(holes.map((hole) => hole.into))].map((into): Driven => {
    const what =
      into === 'anchor' ? message('needed.anchor') : message(`needed.${screw.kind}`, { size: text(screw.size) });
    return { fixing, into, what, holes: holes.filter((hole) => hole.into === into) };
  });
}

/** Whether its holes are drilled where it is put up: into studs and hollow boards they go where these really are. */
export const drilledAtWall = ({ into, holes }: Fixing): boolean =>
  into.kind === 'wall' && holes.some((hole) => hole.into === 'stud' || hole.into === 'anchor');
