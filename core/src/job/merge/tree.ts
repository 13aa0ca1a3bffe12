import equal from 'fast-deep-equal';

/** A value of a document: what JSON can say, or nothing where a field is left away. */
export type Value = string | number | boolean | null | undefined | Fields | readonly Value[];
export interface Fields {
  readonly [key: string]: Value;
}

/** One place of a document at which both sides say something else than before, and not the same. */
export interface Contradiction {
  /** Where it is: `shelves.heights[h3].up`. */
  readonly path: string;
  /** Left away where that side has removed it. */
  readonly mine: Value;
  readonly theirs: Value;
}

/** How one place of a document is merged: `whole` is never taken apart, `either` is never asked about. */
export type Rule = 'whole' | 'either' | undefined;

export type Choose = (path: string) => 'mine' | 'theirs';

export interface MergeOptions {
  /** The rule of a place, whose path has `[]` for any entry of a list. */
  readonly ruleOf: (pattern: string) => Rule;
  /** The side that is taken where the two contradict each other, by the path of the place. */
  readonly choose: Choose;
}

interface Place {
  readonly path: string;
  readonly pattern: string;
}

/**
 * Merges what two sides made of one document: what one side changed is taken from it, what both changed in the same way
 * is taken once. Entries of lists are told apart by their key, and added or removed one by one.
 * @param base what both began with; left away where that is not known, and then nothing counts as removed
 * @returns the merged document, and every place at which the sides contradict each other
 */
export function mergeTrees(
  base: Value,
  mine: Value,
  theirs: Value,
  options: MergeOptions,
): { readonly merged: Value; readonly contradictions: readonly Contradiction[] } {
  const merge = new Merge(options);
  const merged = merge.values({ path: '', pattern: '' }, base, mine, theirs);
  return { merged, contradictions: merge.contradictions };
}

class Merge {
  readonly contradictions: Contradiction[] = [];

  constructor(private readonly options: MergeOptions) {}

  values(place: Place, base: Value, mine: Value, theirs: Value): Value {
    if (equal(mine, theirs)) return theirs;
    if (equal(mine, base)) return theirs;
    if (equal(theirs, base)) return mine;
    const rule = this.options.ruleOf(place.pattern);
    if (rule === 'either') return theirs ?? mine;
    if (rule !== 'whole') {
      if (isList(mine) && isList(theirs)) return this.lists(place, isList(base) ? base : [], mine, theirs);
      if (isFields(mine) && isFields(theirs) && areAlike(mine, theirs)) {
        return this.fields(place, isFields(base) ? base : {}, mine, theirs);
      }
    }
    this.contradictions.push({ path: place.path, mine, theirs });
    return this.options.choose(place.path) === 'mine' ? mine : theirs;
  }

  private fields(place: Place, base: Fields, mine: Fields, theirs: Fields): Fields {
    const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
    const merged = [...keys].map((key) => {
      const under = (name: string) => (name === '' ? key : `${name}.${key}`);
      const inner = { path: under(place.path), pattern: under(place.pattern) };
      return [key, this.values(inner, base[key], mine[key], theirs[key])] as const;
    });
    return Object.fromEntries(merged.filter(([, value]) => value !== undefined));
  }

  private lists(place: Place, base: readonly Value[], mine: readonly Value[], theirs: readonly Value[]): Value {
    const name = keyName([base, mine, theirs]);
    const [was, here, there] = [keyed(base, name), keyed(mine, name), keyed(theirs, name)];
    return orderOf([...was.keys()], [...here.keys()], [...there.keys()]).flatMap((key) => {
      const inner = { path: `${place.path}[${key}]`, pattern: `${place.pattern}[]` };
      const merged = this.values(inner, was.get(key), here.get(key), there.get(key));
      return merged === undefined ? [] : [merged];
    });
  }
}

/** Keys by which entries of lists are told apart, the first that fits. */
const KEYS = ['id', 'step', 'item', 'shelf', 'wait', 'instrument', 'what', 'kind', 'cause'] as const;

/** The field that is another in each entry of every list; none where the whole entry tells it apart. */
const keyName = (lists: readonly (readonly Value[])[]): string | undefined =>
  KEYS.find((name) =>
    lists.every((list) => {
      const keys = list.map((entry) => (isFields(entry) ? entry[name] : undefined));
      return keys.every((value) => value !== undefined) && new Set(keys).size === list.length;
    }),
  );

/** Entries by their keys. Entries that say the same are numbered. */
function keyed(list: readonly Value[], name: string | undefined): ReadonlyMap<string, Value> {
  const entries = new Map<string, Value>();
  for (const entry of list) {
    const key =
      name && isFields(entry) ? String(entry[name]) : typeof entry === 'string' ? entry : JSON.stringify(entry);
    let number = 1;
    while (entries.has(number === 1 ? key : `${key}#${number}`)) number += 1;
    entries.set(number === 1 ? key : `${key}#${number}`, entry);
  }
  return entries;
}

/** Keys in the order of the side that changed it, with what the other side added at the end. */
function orderOf(base: readonly string[], mine: readonly string[], theirs: readonly string[]): string[] {
  const common = (list: readonly string[]) => list.filter((key) => base.includes(key));
  const theirsKept = equal(
    common(theirs),
    base.filter((key) => theirs.includes(key)),
  );
  const [first, second] = theirsKept ? [mine, theirs] : [theirs, mine];
  return [...new Set([...first, ...second])];
}

const isList = (value: Value): value is readonly Value[] => Array.isArray(value);

const isFields = (value: Value): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Things of different kinds have nothing in common, and a length as typed is one thing. */
const areAlike = (mine: Fields, theirs: Fields): boolean =>
  mine.kind === theirs.kind && !('typed' in mine) && !('typed' in theirs);
