import { newJob, typedLength, type Job, type PlaceKind } from '../../job';
import type { JobUnit } from '../../base/quantity';
import { stud, taker } from '../demo/take';

/** What a piece of work begins with: a new job, and short ways to say its lengths, readings and studs. */
export function begun({ id, name, kind, units }: { id: string; name: string; kind: PlaceKind; units: JobUnit }) {
  return {
    start: newJob({ id, name, kind, units }),
    long: (typed: string) => typedLength(typed, units),
    read: taker(units),
    stud: (wall: Job['place']['studs'][number]['wall'], from: string) => stud(units, wall, from, 'pilot'),
  };
}
