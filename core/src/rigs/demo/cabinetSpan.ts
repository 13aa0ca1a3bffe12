import { newJob, typedLength, type Job } from '../../job';
import { keepClear, taker } from './take';

/** Between two tall cabinets that are straight but not parallel, mm: shelves screwed from inside, a desk on rails. */
export function cabinetSpan(): Job {
  const mm = (typed: string) => typedLength(typed, 'mm');
  const read = taker('mm');
  const start = newJob({
    id: 'demo-cabinet-span',
    name: 'Between the tall cabinets',
    kind: 'span',
    units: 'mm',
  });
  return {
    ...start,
    notes: 'Screws come from inside the cabinets. Their shelf holes stand every 32, 37 and 300 in from the front.',
    place: {
      ...start.place,
      back: true,
      own: { back: 'lined', floor: 'lined', ceiling: 'lined' },
      keepClears: [
        keepClear('mm', 'outlet', 'back', ['760', '1080', '146', '86'], 'For the lamp'),
        ...(['left', 'right'] as const).flatMap((side) =>
          (['277', '540'] as const).map((from) => ({
            ...keepClear('mm', 'hole', side, [from, '180', '5', '2000'], 'Shelf holes'),
            id: `holes-${side}-${from}`,
          })),
        ),
      ],
    },
    kit: ['tape', 'laser', 'level', 'square', 'straightedge'],
    readings: [
      read('width', { at: 'back', upMm: '740' }, '1608'),
      read('width', { at: 'front', upMm: '740' }, '1612'),
      read('width', { at: 'back', upMm: '1400' }, '1609'),
      read('width', { at: 'front', upMm: '1400' }, '1613.5'),
      read('width', { at: 'back', upMm: '2000' }, '1610'),
      read('width', { at: 'front', upMm: '2000' }, '1614.5'),
      read('depth', { side: 'left', upMm: '1400' }, '580'),
      read('depth', { side: 'right', upMm: '1400' }, '578'),
      read('height', { side: 'left', at: 'front' }, '2352'),
      read('diagonal', { from: 'left', upMm: '1400' }, '1713'),
      read('diagonal', { from: 'right', upMm: '1400' }, '1710'),
      read('plumb', { wall: 'right', at: 'front', upMm: '500', overMm: '1200' }, '1', 'out'),
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 3,
      heights: [
        { id: 'height-1', up: mm('740') },
        { id: 'height-2', up: mm('1400') },
        { id: 'height-3', up: mm('1750') },
      ],
      thickness: mm('22'),
      depth: mm('340'),
    },
    // The desk lies on rails round three sides and comes out further than the shelves above it.
    support: {
      system: 'side-screwed',
      own: {
        'side-screwed': { nosing: true, nosingThickness: mm('22'), nosingHeight: mm('70') },
        'three-side-cleats': {
          cleatThickness: mm('27'),
          cleatHeight: mm('57'),
          nosingThickness: mm('22'),
          nosingHeight: mm('95'),
        },
      },
      shelves: [{ shelf: 1, system: 'three-side-cleats', depth: mm('560') }],
    },
    load: { use: 'display' },
  };
}
