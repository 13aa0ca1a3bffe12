import { newJob, typedLength, type Job } from '../../job';
import { taker } from './take';

/** A hole between twisted studs, inches: a square box goes in, is shimmed, and trimmed. */
export function stairCavity(): Job {
  const inch = (typed: string) => typedLength(typed, 'in');
  const read = taker('in');
  const start = newJob({
    id: 'demo-stair-cavity',
    name: 'Stair cavity, dice and cards',
    kind: 'cavity',
    units: 'in',
  });
  return {
    ...start,
    notes: 'Between two studs of the stair partition, drywall on the far side. No wires seen from either side.',
    place: { ...start.place, back: true },
    tape: '1/16in',
    kit: ['tape', 'level', 'straightedge'],
    readings: [
      read('width', { at: 'front', upMm: '3' }, '14 3/8'),
      read('width', { at: 'back', upMm: '3' }, '14 5/16'),
      read('width', { at: 'front', upMm: '17' }, '14 5/16'),
      read('width', { at: 'front', upMm: '30' }, '14 1/4'),
      read('width', { at: 'back', upMm: '30' }, '14 5/16'),
      read('width', { at: 'front', upMm: '44' }, '14 5/16'),
      read('width', { at: 'front', upMm: '58' }, '14 3/8'),
      read('width', { at: 'back', upMm: '58' }, '14 7/16'),
      read('height', { side: 'left', at: 'front' }, '61'),
      read('height', { side: 'right', at: 'front' }, '60 15/16'),
      read('depth', { side: 'left', upMm: '30' }, '3 5/8'),
      read('depth', { side: 'right', upMm: '30' }, '3 5/8'),
      read('plumb', { wall: 'left', at: 'front', upMm: '6', overMm: '48' }, '1/8', 'in'),
      read('plumb', { wall: 'right', at: 'front', upMm: '6', overMm: '48' }, '1/8', 'out'),
      read('level', { of: 'floor', along: 'across', at: 'front', overMm: '12' }, '1/16', 'left'),
      read('face', { from: 'left', at: 'front' }, '62 11/16'),
    ],
    shelves: {
      ...start.shelves,
      way: 'equal-gaps',
      count: 5,
      thickness: inch('1/2'),
      depth: inch('3 5/8'),
    },
    pins: { pitch: inch('1 1/4'), setBack: inch('3/4'), diameter: inch('1/4'), hangs: inch('1/8'), either: 2 },
    support: { system: 'pinned-case', own: {} },
    load: { use: 'games' },
    box: { odds: 97, trim: { width: inch('2'), reveal: inch('3/16') } },
  };
}
