import { newJob, typedLength, type Job } from '../../job';
import { stud, taker } from './take';

/** A cloakroom closet in inches, its front opening narrower than the inside; two shelves above the coats. */
export function cloakroomCloset(): Job {
  const inch = (typed: string) => typedLength(typed, 'in');
  const read = taker('in');
  const start = newJob({ id: 'demo-cloakroom-closet', name: 'Cloakroom closet', kind: 'alcove', units: 'in' });
  return {
    ...start,
    notes:
      'Only 31 1/2 in between the jambs: a 49 in board must be turned in through the opening. ' +
      'Coats hang below the lower shelf.',
    place: {
      ...start.place,
      mouth: { width: inch('31 1/2'), height: inch('80 1/2') },
      studs: [stud('in', 'back', '8 1/2', 'magnet'), stud('in', 'back', '24 1/2', 'magnet')],
    },
    readings: [
      read('width', { at: 'back', upMm: '48' }, '49 1/16'),
      read('width', { at: 'back', upMm: '66' }, '48 15/16'),
      read('width', { at: 'back', upMm: '80' }, '48 7/8'),
      read('width', { at: 'front', upMm: '48' }, '49 1/8'),
      read('width', { at: 'front', upMm: '66' }, '49 1/16'),
      read('width', { at: 'front', upMm: '80' }, '49'),
      read('depth', { side: 'left', upMm: '66' }, '24 3/8'),
      read('depth', { side: 'right', upMm: '66' }, '24 1/8'),
      read('height', { side: 'left', at: 'front' }, '95 3/4'),
      read('height', { side: 'right', at: 'front' }, '96 1/8'),
      read('square', { corner: 'left', upMm: '66', bladeMm: '16' }, '1/8', 'tip'),
      read('square', { corner: 'right', upMm: '66', bladeMm: '16' }, '1/16', 'heel'),
    ],
    load: { use: 'clothes' },
    tilted: [
      { id: 'tilted-1', front: inch('6'), degrees: 15, depth: inch('12') },
      { id: 'tilted-2', front: inch('15'), degrees: 15, depth: inch('12') },
    ],
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 2,
      // Above the rail the coats hang from: its shelf comes to 66.
      bottom: { kind: 'rail', up: inch('62 3/4'), clear: inch('2 1/2') },
      heights: [{ id: 'height-2', up: inch('80') }],
      thickness: inch('3/4'),
      depth: inch('15 3/4'),
    },
  };
}
