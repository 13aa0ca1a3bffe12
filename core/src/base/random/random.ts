import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A source of chance that gives the same numbers for the same seed, everywhere. */
export interface Random {
  /** Uniform in [0, 1). */
  uniform(): number;
  /** Uniform in [from, to). */
  between(from: number, to: number): number;
  /** Standard normal. */
  normal(): number;
  /** One of a list. */
  pick<T>(from: readonly T[]): T;
}

// Small seeds begin with numbers much alike; after these many draws they have nothing in common.
const WARM_UP = 32;

/** @param seed a whole number */
export function randomFrom(seed: number): Random {
  const generator = xoroshiro128plus(seed);
  const uniform = () => uniformFloat64(generator);
  for (let i = 0; i < WARM_UP; i += 1) uniform();
  return {
    uniform,
    between: (from, to) => from + (to - from) * uniform(),
    // Box and Muller (1958).
    normal: () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
    pick: (from) => from[Math.floor(uniform() * from.length)] as (typeof from)[number],
  };
}

// The normals drawn last: boards one after another are tried on the same chance.
let last: { readonly seed: number; readonly values: Float64Array } | null = null;

/** As many standard normals as wished, always the same for a seed: a longer list begins like a shorter one. */
export function normalsFrom(seed: number, count: number): Float64Array {
  if (last?.seed === seed && last.values.length >= count) return last.values;
  const { uniform } = randomFrom(seed);
  const values = new Float64Array(count + (count % 2));
  // Box and Muller (1958), both of each pair.
  for (let i = 0; i < values.length; i += 2) {
    const size = Math.sqrt(-2 * Math.log(1 - uniform()));
    const turn = 2 * Math.PI * uniform();
    values[i] = size * Math.cos(turn);
    values[i + 1] = size * Math.sin(turn);
  }
  last = { seed, values };
  return values;
}
