import { newJob, typedLength, type Job } from '../../job';
import { keepClear, taker } from './take';

/** A corner of about 93° that changes with height, mm: three corner shelves. */
export function windowCorner(): Job {
  const mm = (typed: string) => typedLength(typed, 'mm');
  const read = taker('mm');
  const start = newJob({
    id: 'demo-window-corner',
    name: 'Window corner, radio and kettle',
    kind: 'corner',
    units: 'mm',
  });
  return {
    ...start,
    notes: 'The kettle’s cable comes from the outlet in the back wall: a hole through the lowest shelf.',
    place: {
      ...start.place,
      side: 'left',
      rough: { width: mm('450'), depth: mm('450'), height: mm('2440') },
      keepClears: [keepClear('mm', 'outlet', 'back', ['320', '1010', '80', '80'], 'Kettle')],
    },
    kit: ['tape', 'level', 'straightedge', 'bevel'],
    readings: [
      read('corner', { corner: 'left', upMm: '950' }, '93.4'),
      read('corner', { corner: 'left', upMm: '1300' }, '93'),
      read('corner', { corner: 'left', upMm: '1650' }, '92.6'),
      read('triangle', { corner: 'left', upMm: '1300', firstMm: '0', secondMm: '400', outMm: '300' }, '301.5 & 512'),
      read('plumb', { wall: 'left', at: 'front', upMm: '600', overMm: '1200' }, '4', 'in'),
      read('straightedge', { wall: 'back', run: 'level', upMm: '1300', overMm: '400' }, '1', 'hollow'),
      read('height', { side: 'left', at: 'front' }, '2440'),
      read('line', { side: 'right', at: 'front' }, '1002'),
    ],
    corner: { shape: 'rounded', side: mm('320'), arm: mm('150') },
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 3,
      heights: [
        { id: 'height-1', up: mm('950') },
        { id: 'height-2', up: mm('1300') },
        { id: 'height-3', up: mm('1650') },
      ],
      thickness: mm('40'),
      depth: mm('320'),
    },
    support: {
      system: 'floating-rails',
      own: { 'floating-rails': { made: 'laminated', railThickness: mm('27'), skin: mm('9') } },
    },
    wood: { boards: 'birch-ply', sticks: 'pine', own: [] },
    load: { use: 'kitchen' },
    further: {
      dividers: [],
      holes: [{ id: 'hole-1', shelf: 1, from: 'left', at: mm('230'), back: mm('75'), diameter: mm('60') }],
    },
  };
}
