import { newJob, typedLength, type Job } from '../../job';
import { keepClear, stud, taker } from './take';

/** One long stud wall over a sloping slab, its left end against another wall, mm: a framed bench, brackets above. */
export function parcelBench(): Job {
  const mm = (typed: string) => typedLength(typed, 'mm');
  const read = taker('mm');
  const start = newJob({ id: 'demo-parcel-bench', name: 'Parcel bench, back hall', kind: 'run', units: 'mm' });
  return {
    ...start,
    notes: 'The slab falls towards the drain on the right. The car door must clear the bench’s right end.',
    place: {
      ...start.place,
      side: 'left',
      rough: { width: mm('3900'), depth: mm('700'), height: mm('2500') },
      studs: [
        stud('mm', 'back', '410', 'finder'),
        stud('mm', 'back', '812', 'pilot'),
        stud('mm', 'back', '1215', 'finder'),
        stud('mm', 'back', '1490', 'knock'),
        stud('mm', 'back', '2010', 'pilot'),
        stud('mm', 'back', '2815', 'pilot'),
        stud('mm', 'back', '3618', 'knock'),
      ],
      keepClears: [keepClear('mm', 'outlet', 'back', ['2600', '1150', '150', '90'], 'Tape gun charger')],
    },
    readings: [
      read('line', { side: 'left', at: 'front' }, '1000'),
      read('line', { side: 'middle', at: 'front' }, '1011'),
      read('line', { side: 'right', at: 'front' }, '1024'),
      read('line', { side: 'left', at: 'back' }, '996'),
      read('straightedge', { wall: 'back', run: 'level', upMm: '900', overMm: '1800' }, '3', 'hollow'),
      read('straightedge', { wall: 'back', run: 'level', upMm: '1500', overMm: '1800' }, '2', 'hollow'),
      read('plumb', { wall: 'back', side: 'middle', upMm: '600', overMm: '1200' }, '3', 'out'),
      read('square', { corner: 'left', upMm: '900', bladeMm: '400' }, '3', 'heel'),
      read('height', { side: 'left', at: 'front' }, '2496'),
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 2,
      heights: [
        { id: 'height-1', up: mm('900') },
        { id: 'height-2', up: mm('1500') },
      ],
      thickness: mm('27'),
      depth: mm('650'),
    },
    support: {
      system: 'framed-bench',
      own: { brackets: { made: 'shop', arm: mm('280'), leg: mm('300') } },
      shelves: [{ shelf: 2, system: 'brackets', depth: mm('320') }],
    },
    wood: { boards: 'birch-ply', sticks: 'spruce', own: [] },
    load: { use: 'clothes' },
  };
}
