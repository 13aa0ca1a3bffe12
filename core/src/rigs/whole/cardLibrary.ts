import type { Job } from '../../job';
import { begun } from './take';

/** A shallow box with nine shelves in a cavity of a stair wall, the middle one fixed and the others on pins. */
export function cardLibrary(): Job {
  const { start, long, read } = begun({
    id: 'whole-cards',
    name: 'Card library, stair wall',
    kind: 'cavity',
    units: 'mm',
  });
  return {
    ...start,
    place: { ...start.place, back: true },
    kit: ['tape', 'level', 'straightedge'],
    readings: [
      read('width', { at: 'front', upMm: '200' }, '590'),
      read('width', { at: 'back', upMm: '200' }, '591'),
      read('width', { at: 'front', upMm: '1100' }, '592'),
      read('width', { at: 'back', upMm: '1100' }, '591'),
      read('width', { at: 'front', upMm: '2000' }, '590'),
      read('width', { at: 'back', upMm: '2000' }, '592'),
      read('height', { side: 'left', at: 'front' }, '2210'),
      read('height', { side: 'right', at: 'front' }, '2211'),
      read('depth', { side: 'left', upMm: '1100' }, '92'),
      read('depth', { side: 'right', upMm: '1100' }, '93'),
      read('plumb', { wall: 'left', at: 'front', upMm: '200', overMm: '1200' }, '2', 'in'),
      read('plumb', { wall: 'right', at: 'front', upMm: '200', overMm: '1200' }, '3', 'out'),
      read('level', { of: 'floor', along: 'across', at: 'front', overMm: '500' }, '1', 'left'),
      read('face', { from: 'left', at: 'front' }, '2288'),
    ],
    shelves: { ...start.shelves, way: 'equal-gaps', count: 9, thickness: long('12'), depth: long('89') },
    pins: { pitch: long('32'), setBack: long('20'), diameter: long('5'), hangs: long('3'), either: 2 },
    support: { system: 'pinned-case', own: { 'pinned-case': { fixedBy: 'housed', groove: long('5') } } },
    wood: { ...start.wood, boards: 'birch-ply', sticks: 'pine' },
    box: {
      odds: 97,
      trim: { width: long('45'), reveal: long('3'), thickness: long('15') },
      back: long('3'),
      backFit: 'rebated',
    },
  };
}
