import { newJob, typedLength, type Job } from '../../job';
import { keepClear, taker, thing } from './take';

/** Plaster on brick, mm: the right wall leans out, the left corner opens, five shelves on three-side cleats. */
export function chimneyAlcove(): Job {
  const mm = (typed: string) => typedLength(typed, 'mm');
  const read = taker('mm');
  const start = newJob({
    id: 'demo-chimney-alcove',
    name: 'Chimney alcove, reading room',
    kind: 'alcove',
    units: 'mm',
  });
  return {
    ...start,
    notes:
      'Plaster on brick. Double socket low on the left wall, 300 up: keep the lowest shelf well above it. ' +
      'Board-game boxes and record crates.',
    place: {
      ...start.place,
      walls: 'plaster',
      skirting: { height: mm('120'), thickness: mm('18') },
      keepClears: [keepClear('mm', 'outlet', 'left', ['140', '300', '146', '86'], 'Double socket')],
    },
    readings: [
      read('width', { at: 'back', upMm: '420' }, '1123'),
      read('width', { at: 'back', upMm: '1200' }, '1126'),
      read('width', { at: 'back', upMm: '1960' }, '1130'),
      read('width', { at: 'front', upMm: '420' }, '1128'),
      read('width', { at: 'front', upMm: '1200' }, '1131.5'),
      read('width', { at: 'front', upMm: '1960' }, '1136'),
      read('depth', { side: 'left', upMm: '1200' }, '366'),
      read('depth', { side: 'right', upMm: '1200' }, '364'),
      read('height', { side: 'left', at: 'front' }, '2478'),
      read('height', { side: 'right', at: 'front' }, '2486'),
      read('square', { corner: 'left', upMm: '1200', bladeMm: '320' }, '5', 'tip'),
      read('square', { corner: 'left', upMm: '1960', bladeMm: '320' }, '5.5', 'tip'),
      read('square', { corner: 'right', upMm: '1200', bladeMm: '320' }, '0.5', 'tip'),
      read('plumb', { wall: 'right', at: 'front', upMm: '640', overMm: '1200' }, '4', 'out'),
      read('plumb', { wall: 'left', at: 'front', upMm: '640', overMm: '1200' }, '1.5', 'out'),
      read('straightedge', { wall: 'back', run: 'level', upMm: '1200', overMm: '1000' }, '3', 'belly'),
      read('line', { side: 'right', at: 'front' }, '1006'),
    ],
    things: [
      thing('mm', 'Record crates', ['340', '330', '325', '30'], [18, '18 kg'], { count: 3, often: 'weekly' }),
      thing('mm', 'Board games', ['70', '295', '295', '20'], [1.3, '1.3 kg'], { count: 14, often: 'daily' }),
      thing('mm', 'Small games', ['45', '200', '130', '20'], [0.4, '400 g'], {
        count: 22,
        often: 'daily',
        who: 'child',
      }),
      thing('mm', 'Puzzles', ['370', '60', '270', '30'], [1, '1 kg'], { count: 8, often: 'weekly', stack: 4 }),
      thing('mm', 'Spare parts', ['250', '180', '300', '20'], [3, '3 kg'], { count: 4, often: 'rarely', stack: 2 }),
    ],
    people: [
      { id: 'grown', name: 'Grown-up', height: mm('1740') },
      { id: 'child', name: 'Child', height: mm('1320') },
    ],
    shelves: {
      ...start.shelves,
      way: 'equal-gaps',
      count: 5,
      bottom: { kind: 'height', up: mm('420') },
      top: { kind: 'height', up: mm('2350') },
      thickness: mm('18'),
      depth: mm('340'),
    },
  };
}
