import type { Job } from '../../job';
import { keepClear } from '../demo/take';
import { begun } from './take';

/** A bookcase of planks screwed together, tied to the studs by a rail. */
export function plankBookcase(): Job {
  const { start, long, read, stud } = begun({ id: 'whole-planks', name: 'Plank bookcase', kind: 'run', units: 'mm' });
  return {
    ...start,
    place: {
      ...start.place,
      side: 'none',
      walls: 'lined',
      rough: { width: long('2600') },
      studs: [200, 600, 1000, 1400, 1800, 2200].map((at) => stud('back', `${at}`)),
      keepClears: [keepClear('mm', 'outlet', 'back', ['900', '300', '150', '90'])],
    },
    readings: [
      read('height', { side: 'left', at: 'back' }, '2450'),
      read('height', { side: 'right', at: 'back' }, '2452'),
    ],
    shelves: {
      ...start.shelves,
      way: 'equal-gaps',
      count: 6,
      top: { kind: 'height', up: long('1830') },
      thickness: long('38'),
      depth: long('235'),
    },
    support: {
      system: 'screwed-tower',
      own: { 'screwed-tower': { sideThickness: long('38'), spacers: false, filler: long('0') } },
    },
    wood: { ...start.wood, boards: 'pine', sticks: 'pine' },
    load: { use: 'books' },
  };
}
