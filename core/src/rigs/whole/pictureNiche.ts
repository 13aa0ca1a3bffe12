import type { Job } from '../../job';
import { begun } from './take';

/** A small niche with a ply case, two pinned shelves, and trim like a picture frame. */
export function pictureNiche(): Job {
  const { start, long, read } = begun({ id: 'whole-niche', name: 'Niche with a frame', kind: 'cavity', units: 'mm' });
  return {
    ...start,
    place: { ...start.place, back: true },
    levelLine: { up: long('300') },
    readings: [
      read('width', { at: 'front', upMm: '50' }, '415'),
      read('width', { at: 'back', upMm: '50' }, '416'),
      read('width', { at: 'front', upMm: '310' }, '416'),
      read('width', { at: 'front', upMm: '570' }, '417'),
      read('width', { at: 'back', upMm: '570' }, '416'),
      read('height', { side: 'left', at: 'front' }, '620'),
      read('height', { side: 'right', at: 'front' }, '621'),
      read('depth', { side: 'left', upMm: '310' }, '100'),
      read('depth', { side: 'right', upMm: '310' }, '101'),
      read('plumb', { wall: 'left', at: 'front', upMm: '50', overMm: '500' }, '1', 'in'),
      read('plumb', { wall: 'right', at: 'front', upMm: '50', overMm: '500' }, '1', 'out'),
      read('level', { of: 'floor', along: 'across', at: 'front', overMm: '400' }, '1', 'left'),
    ],
    shelves: { ...start.shelves, way: 'equal-gaps', count: 2, thickness: long('12'), depth: long('98') },
    pins: { pitch: long('32'), setBack: long('20'), diameter: long('5'), hangs: long('3'), either: 2 },
    support: { system: 'pinned-case', own: {} },
    wood: { ...start.wood, boards: 'birch-ply', trim: 'hardwood' },
    stock: { ...start.stock, lotCoats: { trim: ['oil', 'oil'] } },
    box: { odds: 97, trim: { width: long('45'), reveal: long('3'), thickness: long('15') } },
  };
}
