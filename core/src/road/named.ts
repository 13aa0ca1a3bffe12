import type { Fastening, Hardware, Hold, PartSpec, Standing } from '../design/system';
import type { BayWish } from '../job';
import type { Road } from './parts';

/**
 * A bay beside the main one with ids and labels of its own: its case is not the main one's. Pieces of a shelf have the
 * shelf's number already.
 */
export function namedFor({ main, id: bay, position }: Pick<BayWish, 'main' | 'id' | 'position'>, road: Road): Road {
  if (main) return road;
  const ids = new Map(
    [...road.specs, ...road.hardware].flatMap(({ id, shelf }) => (shelf > 0 ? [] : [[id, `${bay}-${id}`] as const])),
  );
  const idOf = (id: string): string => ids.get(id) ?? id;
  const spec = (one: PartSpec): PartSpec => ({
    ...one,
    id: idOf(one.id),
    label: one.shelf > 0 ? one.label : `B${position}-${one.label}`,
    ...(one.unit ? { unit: `${bay}-${one.unit}` } : {}),
    ...(one.notchedFor ? { notchedFor: one.notchedFor.map(idOf) } : {}),
  });
  const joint = (id: string, shelf: number): string => (shelf > 0 ? id : `${bay}-${id}`);
  const fastening = (one: Fastening): Fastening => ({
    ...one,
    id: joint(one.id, one.shelf),
    through: one.through.kind === 'wall' ? one.through : { ...one.through, id: idOf(one.through.id) },
    into: one.into.kind === 'wall' ? one.into : { ...one.into, id: idOf(one.into.id) },
    carries: one.carries === null ? null : idOf(one.carries),
  });
  const hold = (one: Hold): Hold => ({
    ...one,
    board: idOf(one.board),
    ...(one.beams ? { beams: one.beams.map((beam) => ({ ...beam, part: idOf(beam.part) })) } : {}),
    rests: one.rests.map((rest) => ({ ...rest, by: idOf(rest.by) })),
    ribs: one.ribs.map((rib) => ({ ...rib, part: idOf(rib.part) })),
  });
  const standing = (one: Standing): Standing => ({
    ...one,
    fastening: one.fastening === null ? null : joint(one.fastening, 0),
  });
  const { system } = road;
  return {
    ...road,
    specs: road.specs.map(spec),
    hardware: road.hardware.map((one): Hardware => ({ ...one, id: idOf(one.id) })),
    fastenings: road.fastenings.map(fastening),
    system: { ...system, holds: system.holds.map(hold), standing: system.standing.map(standing) },
  };
}
