/**
 * Keeps results of a pure function per owner, as long as the owner lives. A second call with the same owner and key
 * returns the kept result.
 * @param most how many results are kept per owner; the oldest is dropped first
 * @example pockets(opening, band, () => pocketOf(opening, band))
 */
export function perOwner<Owner extends object, Value>(most: number) {
  const all = new WeakMap<Owner, Map<string, Value>>();
  return (owner: Owner, key: unknown, work: () => Value): Value => {
    const name = JSON.stringify(key);
    const known = all.get(owner) ?? new Map<string, Value>();
    all.set(owner, known);
    if (known.has(name)) return known.get(name) as Value;
    const value = work();
    known.set(name, value);
    const [oldest] = known.keys();
    if (known.size > most && oldest !== undefined) known.delete(oldest);
    return value;
  };
}
