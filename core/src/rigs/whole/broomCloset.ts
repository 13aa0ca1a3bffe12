import type { Job } from '../../job';
import { begun } from './take';

/** A broom closet in inches: four shelves of 1 × 12 where old ones come out and leave 55 holes. */
export function broomCloset(): Job {
  const { start, long, read, stud } = begun({ id: 'whole-broom', name: 'Broom closet', kind: 'alcove', units: 'in' });
  return {
    ...start,
    tape: '1/16in',
    place: {
      ...start.place,
      walls: 'lined',
      studs: [stud('back', '6'), stud('back', '22'), stud('left', '6'), stud('right', '6')],
    },
    readings: [
      read('width', { at: 'back', upMm: '20' }, '36 1/4'),
      read('width', { at: 'back', upMm: '50' }, '36 1/8'),
      read('width', { at: 'back', upMm: '76' }, '36 1/4'),
      read('width', { at: 'front', upMm: '20' }, '36 5/16'),
      read('width', { at: 'front', upMm: '50' }, '36 1/4'),
      read('width', { at: 'front', upMm: '76' }, '36 3/16'),
      read('depth', { side: 'left', upMm: '50' }, '14 1/4'),
      read('depth', { side: 'right', upMm: '50' }, '14 1/8'),
      read('height', { side: 'left', at: 'front' }, '96'),
      read('height', { side: 'right', at: 'front' }, '96 1/8'),
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 4,
      heights: ['40', '52', '64', '76'].map((up, i) => ({ id: `height-${i + 1}`, up: long(up) })),
      thickness: long('3/4'),
      depth: long('12'),
    },
    support: { system: 'three-side-cleats', own: {} },
    wood: { ...start.wood, boards: 'pine', sticks: 'pine' },
    build: {
      ...start.build,
      prepare: { clear: true, holes: 55, open: false, paint: true },
    },
  };
}
