/**
 * Remembers what pure work came to of an owner, as long as that lives: asked again of the same owner with the same key,
 * it answers without working.
 * @param most how many answers are kept of an owner; the oldest goes first
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
