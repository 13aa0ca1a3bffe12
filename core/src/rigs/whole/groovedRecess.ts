import type { Job } from '../../job';
import { begun } from './take';

/** A framed recess with a case whose shelves are housed. */
export function groovedRecess(): Job {
  const { start, long, read } = begun({ id: 'whole-recess', name: 'Recess with grooves', kind: 'cavity', units: 'mm' });
  return {
    ...start,
    place: { ...start.place, back: true },
    readings: [
      read('width', { at: 'front', upMm: '150' }, '690'),
      read('width', { at: 'back', upMm: '150' }, '691'),
      read('width', { at: 'front', upMm: '930' }, '692'),
      read('width', { at: 'front', upMm: '1700' }, '690'),
      read('width', { at: 'back', upMm: '1700' }, '691'),
      read('height', { side: 'left', at: 'front' }, '1860'),
      read('height', { side: 'right', at: 'front' }, '1861'),
      read('depth', { side: 'left', upMm: '930' }, '190'),
      read('depth', { side: 'right', upMm: '930' }, '191'),
      read('plumb', { wall: 'left', at: 'front', upMm: '150', overMm: '1200' }, '2', 'in'),
      read('plumb', { wall: 'right', at: 'front', upMm: '150', overMm: '1200' }, '2', 'out'),
      read('level', { of: 'floor', along: 'across', at: 'front', overMm: '600' }, '1', 'left'),
    ],
    shelves: { ...start.shelves, way: 'equal-gaps', count: 5, thickness: long('18'), depth: long('180') },
    support: {
      system: 'housed-case',
      own: {
        'housed-case': { groove: long('9'), nosing: true, nosingThickness: long('20'), nosingHeight: long('30') },
      },
    },
    wood: { ...start.wood, boards: 'birch-ply', sticks: 'pine' },
    build: { ...start.build, prepare: { clear: false, holes: 0, open: true, paint: false } },
    box: {
      odds: 97,
      trim: { width: long('57'), reveal: long('5'), thickness: long('20'), foot: false },
      back: long('9'),
    },
  };
}
