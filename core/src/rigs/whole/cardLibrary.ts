import type { Job } from '../../job';
import { begun } from './take';

/** A shallow box with nine shelves in a cavity of a stair wall, the middle one fixed and the others on pins. */
export function cardLibrary(): Job {
  const { start, long, read } = begun({ id: 'whole-cards', name: 'Card library', kind: 'cavity', units: 'in' });
  return {
    ...start,
    tape: '1/16in',
    kit: ['tape', 'level', 'straightedge'],
    readings: [
      read('width', { at: 'front', upMm: '8' }, '23 1/4'),
      read('width', { at: 'back', upMm: '8' }, '23 1/4'),
      read('width', { at: 'front', upMm: '44' }, '23 5/16'),
      read('width', { at: 'back', upMm: '44' }, '23 1/4'),
      read('width', { at: 'front', upMm: '79' }, '23 1/4'),
      read('width', { at: 'back', upMm: '79' }, '23 5/16'),
      read('height', { side: 'left', at: 'front' }, '87'),
      read('height', { side: 'right', at: 'front' }, '87 1/16'),
      read('depth', { side: 'left', upMm: '44' }, '3 5/8'),
      read('depth', { side: 'right', upMm: '44' }, '3 5/8'),
      read('plumb', { wall: 'left', at: 'front', upMm: '8', overMm: '48' }, '1/16', 'in'),
      read('plumb', { wall: 'right', at: 'front', upMm: '8', overMm: '48' }, '1/8', 'out'),
      read('level', { of: 'floor', along: 'across', at: 'front', overMm: '20' }, '1/16', 'left'),
    ],
    shelves: { ...start.shelves, way: 'equal-gaps', count: 9, thickness: long('15/32'), depth: long('3 1/2') },
    pins: { pitch: long('1 1/4'), setBack: long('3/4'), diameter: long('1/4'), hangs: long('1/8'), either: 2 },
    support: { system: 'pinned-case', own: { 'pinned-case': { fixedBy: 'housed', groove: long('3/16') } } },
    wood: { ...start.wood, boards: 'birch-ply', back: 'mdf' },
    stock: { ...start.stock, coats: ['clear', 'clear'] },
    box: {
      odds: 97,
      trim: { width: long('1 3/4'), reveal: long('1/8'), thickness: long('1/2') },
      size: { width: long('22 3/4'), height: long('86 3/4') },
      back: long('1/8'),
      backFit: 'rebated',
    },
  };
}
