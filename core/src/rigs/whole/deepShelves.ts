import type { Job } from '../../job';
import { thing } from '../demo/take';
import { begun } from './take';

/** Two deep shelves of one sheet over crates, on cleats ripped in two from a board, stained. */
export function deepShelves(): Job {
  const { start, long, read, stud } = begun({
    id: 'whole-deep',
    name: 'Two deep shelves',
    kind: 'alcove',
    units: 'mm',
  });
  return {
    ...start,
    place: {
      ...start.place,
      walls: 'lined',
      studs: [
        stud('back', '350'),
        stud('back', '750'),
        stud('back', '1150'),
        stud('left', '200'),
        stud('left', '500'),
        stud('right', '200'),
        stud('right', '500'),
      ],
    },
    readings: [
      read('width', { at: 'back', upMm: '500' }, '1510'),
      read('width', { at: 'back', upMm: '1200' }, '1511'),
      read('width', { at: 'front', upMm: '500' }, '1512'),
      read('width', { at: 'front', upMm: '1200' }, '1511'),
      read('depth', { side: 'left', upMm: '800' }, '640'),
      read('depth', { side: 'right', upMm: '800' }, '642'),
      read('height', { side: 'left', at: 'front' }, '2400'),
      read('height', { side: 'right', at: 'front' }, '2403'),
    ],
    things: [thing('mm', 'Crate', ['400', '320', '560', '60'], [9, '9 kg'], { count: 6, often: 'weekly' })],
    shelves: { ...start.shelves, way: 'contents', count: 2, thickness: long('18'), depth: long('600') },
    support: {
      system: 'three-side-cleats',
      own: {
        'three-side-cleats': {
          cleatThickness: long('20'),
          cleatHeight: long('46'),
          nosingThickness: long('20'),
          nosingHeight: long('64'),
        },
      },
    },
    wood: { ...start.wood, boards: 'birch-ply', sticks: 'pine' },
    stock: { ...start.stock, coats: ['conditioner', 'stain', 'clear', 'clear'] },
    build: { ...start.build, waits: [{ wait: 'conditioner', least: 10, most: 20 }] },
  };
}
