import { SYSTEM_NAMES, usualLength, type Bay, type Job } from '../job';
import { plannedAt, SYSTEMS } from '../design/system';
import { randomFrom } from '../base/random';
import { anyJob } from './anyJob';

/** A bay by chance is so wide, millimetres. */
const WIDE_MM = [400, 900] as const;
/** Shelves less deep than this are not what most supports are for, millimetres. */
const SHALLOW_MM = 180;
/** An opening that is parted is wider than this, millimetres. */
const LEAST_MM = 1100;

/**
 * A job by chance whose opening is parted: two or three bays, each with shelves and a support of its own.
 * @param seed a whole number; the same one makes the same job
 */
export function anyBays(seed: number): Job {
  const random = randomFrom(seed);
  let from = seed;
  let job = anyJob(from);
  while (!parted(job)) job = anyJob((from += 1000));
  const { units } = job;
  const told = (mm: number) => usualLength(Math.round(mm), `${Math.round(mm / 25.4)}`, units);
  const systems = SYSTEM_NAMES.filter((name) => plannedAt(name, { kind: 'alcove' }));
  const beside = (id: string): Bay => {
    const count = Math.floor(random.between(0, 4));
    const system = random.pick(systems);
    // What stands beside a case, or is one, is no deeper than that.
    const deep = job.shelves.depth.mm;
    const shallower = SYSTEMS[system].unit !== 'case' && deep > 2 * SHALLOW_MM;
    return {
      kind: 'beside',
      id,
      name: '',
      width: told(random.between(...WIDE_MM)),
      shelves: {
        ...job.shelves,
        count,
        depth: shallower ? told(random.between(SHALLOW_MM, deep)) : job.shelves.depth,
        bottom: { kind: 'height', up: told(random.between(0, 400)) },
      },
      support: { system, own: {} },
    };
  };
  const main: Bay = { kind: 'main', id: 'm' };
  const roomy = (job.place.rough.width?.mm ?? 0) > 2 * LEAST_MM;
  const bays = random.pick([
    [beside('a'), main],
    [main, beside('a')],
    ...(roomy ? [[beside('a'), main, beside('b')]] : []),
  ]);
  return { ...job, id: `bays-${seed}`, name: `Bays ${seed}`, support: { ...job.support, shelves: [] }, bays };
}

const parted = ({ place }: Job): boolean =>
  (place.kind === 'alcove' || place.kind === 'span' || place.kind === 'run') && (place.rough.width?.mm ?? 0) > LEAST_MM;
