import equal from 'fast-deep-equal';

/** Keeps results of pure functions, and returns a kept result when the arguments are the same. */
export interface Memory {
  /**
   * @param work a pure function of its arguments, defined once: results are kept for this very function
   * @param from its arguments: plain data, or results of earlier calls
   */
  recall<From extends readonly unknown[], To>(work: (...from: From) => To, ...from: From): To;
}

/** Keeps nothing: calls the function every time. */
export const NO_MEMORY: Memory = { recall: (work, ...from) => work(...from) };

interface Remembered {
  readonly from: readonly unknown[];
  readonly to: unknown;
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/**
 * Keeps the last results of each function. Plain arguments are the same if they are deeply equal. A result of an
 * earlier call, or one of its properties, is the same only if it is the identical object.
 * @param most how many results of each function are kept
 */
export function createMemory(most: number): Memory {
  const answers = new Map<unknown, Remembered[]>();
  const results = new WeakSet<object>();
  const same = (a: unknown, b: unknown): boolean => {
    if (a === b) return true;
    return isObject(a) && isObject(b) && !results.has(a) && !results.has(b) && equal(a, b);
  };
  const keep = (result: unknown): void => {
    if (!isObject(result)) return;
    for (const one of [result, ...Object.values(result)]) if (isObject(one)) results.add(one);
  };
  return {
    recall(work, ...from) {
      const known = answers.get(work) ?? [];
      const at = known.findIndex((one) => one.from.every((value, i) => same(value, from[i])));
      const found = known[at];
      const answer = found ?? { from, to: work(...from) };
      if (!found) keep(answer.to);
      answers.set(work, [answer, ...known.filter((one) => one !== found)].slice(0, most));
      return answer.to as ReturnType<typeof work>;
    },
  };
}
