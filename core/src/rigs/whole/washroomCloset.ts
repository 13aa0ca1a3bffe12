import type { Job } from '../../job';
import { begun } from './take';

/** Three shelves of a washroom closet, with all their strips, from one sheet. */
export function washroomCloset(): Job {
  const { start, long, read } = begun({ id: 'whole-washroom', name: 'Washroom closet', kind: 'alcove', units: 'mm' });
  return {
    ...start,
    place: { ...start.place, walls: 'plaster' },
    readings: [
      read('width', { at: 'back', upMm: '600' }, '840'),
      read('width', { at: 'back', upMm: '1200' }, '842'),
      read('width', { at: 'back', upMm: '1800' }, '841'),
      read('width', { at: 'front', upMm: '600' }, '842'),
      read('width', { at: 'front', upMm: '1200' }, '843'),
      read('width', { at: 'front', upMm: '1800' }, '842'),
      read('depth', { side: 'left', upMm: '1200' }, '420'),
      read('depth', { side: 'right', upMm: '1200' }, '421'),
      read('height', { side: 'left', at: 'front' }, '2400'),
      read('height', { side: 'right', at: 'front' }, '2402'),
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 3,
      heights: ['700', '1200', '1700'].map((up, i) => ({ id: `height-${i + 1}`, up: long(up) })),
      thickness: long('18'),
      depth: long('400'),
    },
    levelLine: { up: long('1000'), carried: 'laser' },
    support: {
      system: 'three-side-cleats',
      own: {
        'three-side-cleats': {
          cleatThickness: long('18'),
          cleatHeight: long('27'),
          cleatShort: long('0'),
          nosingThickness: long('18'),
          nosingHeight: long('45'),
        },
      },
    },
    wood: { ...start.wood, boards: 'birch-ply', sticks: 'birch-ply' },
  };
}
