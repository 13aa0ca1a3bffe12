import { typedLength, type KeepClear, type Reading, type Stud, type Thing } from '../../job';
import { typedMass, type JobUnit } from '../../base/quantity';
import { readingAt, spotFrom, spotOfKind, type Spot, type SpotOf } from '../../place/reading';

type Given<S> = { readonly [K in keyof S]?: K extends `${string}Mm` ? string : S[K] };

/** Readings of one unit, written the way a person would say them: lengths as typed. */
export function taker(unit: JobUnit) {
  let taken = 0;
  return <Kind extends Spot['kind']>(
    kind: Kind,
    where: Given<SpotOf<Kind>>,
    value: string,
    sense?: string,
  ): Reading => {
    taken += 1;
    const typed: Record<string, ReturnType<typeof typedLength>> = {};
    const fields = Object.fromEntries(
      Object.entries({ ...spotOfKind(kind), ...where }).map(([name, said]) => {
        if (!name.endsWith('Mm') || typeof said !== 'string') return [name, said];
        const length = typedLength(said, unit);
        typed[name.slice(0, -2)] = length;
        return [name, length.mm];
      }),
    );
    const said =
      kind === 'corner' ? { degrees: Number(value), typed: value } : typedLength(value.split(' & ')[0] as string, unit);
    const other = value.split(' & ')[1];
    return readingAt(spotFrom(kind, fields), {
      id: `${kind}-${taken}`,
      value: said,
      other: other === undefined ? undefined : typedLength(other, unit),
      sense,
      typed,
      unit,
      ...(kind === 'corner' ? { with: 'bevel' } : {}),
    });
  };
}

/** A stud found so far from where its wall begins. */
export function stud(unit: JobUnit, wall: Stud['wall'], from: string, found: Stud['found']): Stud {
  return { id: `stud-${wall}-${from.replace(/\W+/g, '-')}`, wall, from: typedLength(from, unit), found };
}

type Box = readonly [from: string, up: string, width: string, height: string];

/** Something on a wall that must stay clear: left edge, lower edge, width, height. */
export function keepClear(
  unit: JobUnit,
  what: KeepClear['what'],
  wall: KeepClear['wall'],
  box: Box,
  note = '',
): KeepClear {
  const [from, up, width, height] = box.map((typed) => typedLength(typed, unit)) as [
    KeepClear['from'],
    KeepClear['up'],
    KeepClear['width'],
    KeepClear['height'],
  ];
  return { id: `clear-${what}-${wall}`, what, wall, from, up, width, height, note };
}

type Sizes = readonly [width: string, height: string, depth: string, lift: string];

/** A kind of thing to be stored: its sizes, the weight of one, and how many. */
export function thing(
  unit: JobUnit,
  name: string,
  sizes: Sizes,
  weight: readonly [kg: number, typed: string],
  rest: Pick<Thing, 'count' | 'often'> & Partial<Pick<Thing, 'stack' | 'flat' | 'who'>>,
): Thing {
  const [width, height, depth, lift] = sizes.map((typed) => typedLength(typed, unit)) as [
    Thing['width'],
    Thing['height'],
    Thing['depth'],
    Thing['lift'],
  ];
  const id = `thing-${name.toLowerCase().replace(/\W+/g, '-')}`;
  return {
    id,
    name,
    width,
    height,
    depth,
    lift,
    weight: typedMass(weight[0], weight[1], 'kg'),
    stack: 1,
    flat: false,
    ...rest,
  };
}
