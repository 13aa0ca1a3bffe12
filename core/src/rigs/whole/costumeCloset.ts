import type { Job } from '../../job';
import { begun } from './take';

/** A closet in inches with a tower in its middle, rods on both sides and small shelves beside it. */
export function costumeCloset(): Job {
  const { start, long, read, stud } = begun({
    id: 'whole-costumes',
    name: 'Costume closet',
    kind: 'alcove',
    units: 'in',
  });
  const beside = (id: string, name: string) => ({
    kind: 'beside' as const,
    id,
    name,
    shelves: {
      ...start.shelves,
      way: 'typed' as const,
      count: 1,
      heights: [{ id: `${id}-1`, up: long('42') }],
      thickness: long('3/4'),
      depth: long('11 1/4'),
    },
    support: { system: 'three-side-cleats' as const, own: {} },
  });
  return {
    ...start,
    tape: '1/16in',
    place: {
      ...start.place,
      walls: 'lined',
      skirting: { height: long('4'), thickness: long('1/2') },
      studs: [8, 24, 40, 56, 72, 88].map((at) => stud('back', `${at}`)),
    },
    readings: [
      read('width', { at: 'back', upMm: '20' }, '96'),
      read('width', { at: 'back', upMm: '50' }, '96 1/8'),
      read('width', { at: 'back', upMm: '84' }, '96 1/4'),
      read('width', { at: 'front', upMm: '20' }, '96 1/8'),
      read('width', { at: 'front', upMm: '84' }, '96 1/4'),
      read('depth', { side: 'left', upMm: '50' }, '25'),
      read('depth', { side: 'right', upMm: '50' }, '25 1/8'),
      read('height', { side: 'left', at: 'front' }, '96'),
      read('height', { side: 'right', at: 'front' }, '96 1/8'),
    ],
    shelves: {
      ...start.shelves,
      way: 'equal-gaps',
      count: 5,
      top: { kind: 'height', up: long('84') },
      thickness: long('3/4'),
      depth: long('15 1/4'),
    },
    support: { system: 'screwed-tower', own: {} },
    wood: { ...start.wood, boards: 'pine', sticks: 'pine' },
    bays: [
      beside('bay-left', 'Left'),
      { kind: 'main', id: 'bay-main', width: long('24') },
      beside('bay-right', 'Right'),
    ],
  };
}
