import type { ShelvesWish } from '../job';
import type { Under } from '../layout';
import type { SystemInput, SystemResult } from './system';
import { threeSideCleats, underCleats } from './threeSideCleats';

/** Every support system by name. A further one is a further line. */
export const SYSTEMS: { readonly [Name in SystemInput['support']['system']]: (input: SystemInput) => SystemResult } = {
  'three-side-cleats': threeSideCleats,
};

/** Lays out the parts of the chosen support system. */
export function applySystem(input: SystemInput): SystemResult {
  return SYSTEMS[input.support.system](input);
}

/** What a shelf of each system takes up below its board. */
const UNDER: {
  readonly [Name in SystemInput['support']['system']]: (wish: ShelvesWish, support: SystemInput['support']) => Under;
} = {
  'three-side-cleats': underCleats,
};

/** What a shelf takes up below its board, by what carries it: what the heights have to leave room for. */
export function underOf(wish: ShelvesWish, support: SystemInput['support']): Under {
  return UNDER[support.system](wish, support);
} // prettier-ignore
