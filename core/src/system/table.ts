import type { SystemInput, SystemResult } from './system';
import { threeSideCleats } from './threeSideCleats';

/** Every support system by name. A further one is a further line. */
export const SYSTEMS: { readonly [Name in SystemInput['support']['system']]: (input: SystemInput) => SystemResult } = {
  'three-side-cleats': threeSideCleats,
};

/** Lays out the parts of the chosen support system. */
export function applySystem(input: SystemInput): SystemResult {
  return SYSTEMS[input.support.system](input);
}
