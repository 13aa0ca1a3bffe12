/** Items that are alike, together, in the order in which the first of each kind came. */
export function grouped<T>(items: readonly T[], by: (item: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const group = groups.get(by(item));
    if (group) group.push(item);
    else groups.set(by(item), [item]);
  }
  return [...groups.values()];
}
