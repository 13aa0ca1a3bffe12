import type { Place } from '../../job';
import type { Extent } from '../../place/kinds';
import { marginOf } from '../../place/kinds';
import type { FixedWall } from './system';

/**
 * What must stay clear on a wall: across it from where it begins (its left end, a side wall its back corner), and up.
 */
export interface WallZone {
  readonly id: string;
  readonly what: Place['keepClears'][number]['what'] | 'rail';
  readonly fromMm: number;
  readonly toMm: number;
  readonly lowMm: number;
  readonly highMm: number;
}

/**
 * Everything on one wall that no screw and no bracket may meet, with its margin. A door or a lid needs room, not wall.
 */
export function zonesOn(place: Place, wall: FixedWall): WallZone[] {
  return place.keepClears.flatMap((keepClear): WallZone[] => {
    if (keepClear.wall !== wall) return [];
    const margin = marginOf(keepClear);
    return [
      {
        id: keepClear.id,
        what: keepClear.what,
        fromMm: keepClear.from.mm - margin,
        toMm: keepClear.from.mm + keepClear.width.mm + margin,
        lowMm: keepClear.up.mm - margin,
        highMm: keepClear.up.mm + keepClear.height.mm + margin,
      },
    ];
  });
}

/** The zones of the back wall in the frame of the opening. */
export function zonesAcross(place: Place, { left }: Pick<Extent, 'left'>): WallZone[] {
  return zonesOn(place, 'back').map((zone) => ({ ...zone, fromMm: zone.fromMm + left, toMm: zone.toMm + left }));
}
