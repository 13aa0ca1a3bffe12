import type { Job } from '../../job';
import { keepClear } from '../demo/take';
import { begun } from './take';

/** A bookcase of planks screwed together, with its place along a wall, tied to the studs by a rail. */
export function plankBookcase(): Job {
  const { start, long, read, stud } = begun({ id: 'whole-planks', name: 'Plank bookcase', kind: 'run', units: 'mm' });
  const empty = (id: string, name: string, width?: string) => ({
    kind: 'beside' as const,
    id,
    name,
    ...(width ? { width: long(width) } : {}),
    shelves: { ...start.shelves, count: 0 },
    support: { system: 'brackets' as const, own: {} },
  });
  return {
    ...start,
    place: {
      ...start.place,
      side: 'none',
      walls: 'lined',
      rough: { width: long('3200') },
      studs: [200, 600, 1000, 1400, 1800, 2200, 2600, 3000].map((at) => stud('back', `${at}`)),
      keepClears: [keepClear('mm', 'outlet', 'back', ['1400', '300', '150', '90'])],
    },
    readings: [
      read('height', { side: 'left', at: 'back' }, '2450'),
      read('height', { side: 'right', at: 'back' }, '2452'),
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 4,
      heights: ['500', '833', '1166', '1500'].map((up, i) => ({ id: `height-${i + 1}`, up: long(up) })),
      top: { kind: 'height', up: long('1858') },
      thickness: long('38'),
      depth: long('235'),
    },
    support: {
      system: 'screwed-tower',
      own: { 'screwed-tower': { sideThickness: long('38'), spacers: false, filler: long('0') } },
    },
    bays: [
      empty('bay-left', 'Left', '600'),
      { kind: 'main', id: 'bay-main', width: long('1890') },
      empty('bay-right', 'Right'),
    ],
    wood: { ...start.wood, boards: 'pine', sticks: 'pine' },
    load: { use: 'games' },
  };
}
