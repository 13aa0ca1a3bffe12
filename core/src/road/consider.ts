import { placeFixings } from '../design/fixing';
import { roughParts } from '../design/fit';
import { standUp, type Body } from '../design/body';
import { SYSTEM_NAMES, withSystem, type Job, type SystemName } from '../job';
import type { Layout } from '../design/layout';
import { strengthOf, type Strength } from '../design/load';
import { about, count, message, type Message } from '../base/message';
import type { CavityBox, Opening } from '../place/opening';
import { applySystems, plannedAt, suitOf, SYSTEMS, type System } from '../design/system';

/** A support system as it would be for the shelves of a job: what one chooses by. */
export interface Considered {
  readonly system: SystemName;
  /** Whether its parts can be worked out at such a place. */
  readonly here: boolean;
  readonly traits: System<SystemName>['traits'];
  readonly fors: readonly Message[];
  readonly againsts: readonly Message[];
  /** Of the systems that can be, the two or three that have the least against them. */
  readonly recommended: boolean;
  readonly pieces: number;
  readonly screws: number;
  /** The shelf that is worst off, reckoned as in a square opening; null where nothing is held. */
  readonly strength: Pick<Strength, 'shelf' | 'sag' | 'state' | 'spanMm'> | null;
  /** One shelf with what carries it, to be drawn. */
  readonly picture: Pick<Body, 'pieces' | 'fittings'>;
}

/** At the most so many are recommended. */
const MOST_RECOMMENDED = 3;

/**
 * Every support system for the shelves as they are laid: what speaks for and against it, what it takes and how it would
 * hold. None is left out; those that cannot be worked out at such a place say so.
 */
export function considered(
  job: Job,
  opening: Opening,
  { shelves, gaps, contents, outer: space }: Layout,
  box: CavityBox | null,
): Considered[] {
  const all = SYSTEM_NAMES.map((system): Considered => {
    const tried = withSystem({ ...job, support: { ...job.support, shelves: [] } }, job.support.system, system);
    const { traits } = SYSTEMS[system];
    const here = plannedAt(system, job.place);
    const suit = suitOf(system, { job: tried, opening, shelves, gaps, space, box });
    if (!here) {
      const againsts = [message('suit.notHere')];
      return {
        system,
        here,
        traits,
        fors: [],
        againsts,
        recommended: false,
        pieces: 0,
        screws: 0,
        strength: null,
        picture: { pieces: [], fittings: [] },
      };
    }
    const made = applySystems({ job: tried, opening, shelves, gaps, space, box });
    const parts = roughParts(made.parts, opening, job);
    const { hardware } = made;
    const { fixings } = placeFixings({ fastenings: made.fastenings, parts, hardware, opening, job: tried });
    // The shelf in the middle stands for all: what carries the most is the worst off.
    const heaviest = [...made.holds].sort((a, b) => kgOn(b.shelf, contents) - kgOn(a.shelf, contents))[0];
    const [strength = null] = heaviest
      ? strengthOf({ holds: [heaviest], parts, hardware, fixings, contents, opening, job: tried })
      : [];
    const stops = made.problems.filter((problem) => problem.severity === 'stop').map((problem) => problem.message);
    const weak: Message[] = [
      ...(strength && strength.sag.state === 'over'
        ? [message('suit.sags', { sag: about(strength.sag.lastingMm), usual: about(strength.sag.usualMm) })]
        : []),
      ...(strength && strength.weakest && strength.weakest.used > 1
        ? [message('suit.fails', { percent: count(Math.round(strength.weakest.used * 100)) })]
        : []),
    ];
    const stood = standUp({ parts, hardware, pins: null, opening });
    const shown = shelves[Math.min(1, shelves.length - 1)]?.number ?? 1;
    return {
      system,
      here,
      traits,
      fors: suit.fors,
      againsts: unlike([...suit.againsts, ...weak, ...stops]),
      recommended: false,
      pieces: parts.length + hardware.length,
      screws: fixings.reduce((sum, fixing) => sum + (fixing.screw.kind === 'pin' ? 0 : fixing.holes.length), 0),
      strength: strength && {
        shelf: strength.shelf,
        sag: strength.sag,
        state: strength.state,
        spanMm: strength.spanMm,
      },
      picture: {
        pieces: stood.pieces.filter((piece) => piece.shelf === shown || piece.shelf === 0),
        fittings: stood.fittings.filter((one) => one.shelf === shown),
      },
    };
  });
  const order = [...all]
    .filter((one) => one.here && one.pieces > 0)
    .sort((a, b) => a.againsts.length - b.againsts.length || b.fors.length - a.fors.length);
  const least = order[0]?.againsts.length ?? 0;
  const best = new Set(
    order
      .filter((one, i) => i < 2 || one.againsts.length <= least)
      .slice(0, MOST_RECOMMENDED)
      .map((one) => one.system),
  );
  return all.map((one) => ({ ...one, recommended: best.has(one.system) }));
}

const kgOn = (shelf: number, contents: Layout['contents']) =>
  contents?.capacity.find((capacity) => capacity.shelf === shelf)?.kg ?? 0;

function unlike(messages: readonly Message[]): Message[] {
  return messages.filter((one, i) => messages.findIndex((other) => other.code === one.code) === i);
}
