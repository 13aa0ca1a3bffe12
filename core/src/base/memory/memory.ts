import equal from 'fast-deep-equal';

/** Remembers what pure work came to: asked for the same of the same, it answers without working. */
export interface Memory {
  /**
   * @param work a pure function; what it is made from comes in its arguments alone
   * @param from its arguments: plain data, or what earlier work came to
   */
  recall<From extends readonly unknown[], To>(work: (...from: From) => To, ...from: From): To;
}

/** Works everything out. */
export const NO_MEMORY: Memory = { recall: (work, ...from) => work(...from) };

interface Remembered {
  readonly from: readonly unknown[];
  readonly to: unknown;
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/**
 * A memory of the last answers of each piece of work. Plain data is the same where it is equal; what earlier work came
 * to, and what that holds, is the same only where it is the very same.
 * @param most how many answers of each are kept
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
