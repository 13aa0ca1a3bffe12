import { newJob, typedLength, type Job, type Reading } from '../job';
import type { JobUnit } from '../quantity';

/** The jobs of the demo scenario: an old house by a canal that becomes a board-game lending library. */
export function demoJobs(): Job[] {
  return [chimneyAlcove(), cloakroomCloset()];
}

/** Plaster on brick, mm: the right wall leans out, the left corner opens, five shelves on three-side cleats. */
export function chimneyAlcove(): Job {
  const mm = (typed: string) => typedLength(typed, 'mm');
  const start = newJob({
    id: 'demo-chimney-alcove',
    name: 'Chimney alcove, reading room',
    kind: 'alcove',
    units: 'mm',
  });
  return {
    ...start,
    notes:
      'Plaster on brick. Double socket low on the left wall, 300 up: keep the lowest shelf well above it. Board-game boxes and record crates.',
    readings: [
      ...widths('mm', 'back', [['420', '1123'], ['1200', '1126'], ['1960', '1130']]),
      ...widths('mm', 'front', [['420', '1128'], ['1200', '1131.5'], ['1960', '1136']]),
      { kind: 'depth', id: 'depth-left', side: 'left', up: mm('1200'), value: mm('366') },
      { kind: 'depth', id: 'depth-right', side: 'right', up: mm('1200'), value: mm('364') },
      { kind: 'height', id: 'height-left', side: 'left', at: 'front', value: mm('2478') },
      { kind: 'height', id: 'height-right', side: 'right', at: 'front', value: mm('2486') },
    ], // prettier-ignore
    shelves: {
      ...start.shelves,
      way: 'equal-gaps',
      count: 5,
      bottom: { from: 'height', up: mm('420') },
      top: { from: 'height', up: mm('2350') },
      thickness: mm('18'),
      depth: mm('340'),
      clearance: mm('3'),
    },
  };
}

/** A cloakroom closet in inches, its front opening narrower than the inside; two shelves above the coats. */
export function cloakroomCloset(): Job {
  const inch = (typed: string) => typedLength(typed, 'in');
  const start = newJob({ id: 'demo-cloakroom-closet', name: 'Cloakroom closet', kind: 'alcove', units: 'in' });
  return {
    ...start,
    notes:
      'Only 31 1/2 in between the jambs: a 49 in board must be turned in through the opening. Coats hang below the lower shelf.',
    readings: [
      ...widths('in', 'back', [['48', '49 1/16'], ['66', '48 15/16'], ['80', '48 7/8']]),
      ...widths('in', 'front', [['48', '49 1/8'], ['66', '49 1/16'], ['80', '49']]),
      { kind: 'depth', id: 'depth-left', side: 'left', up: inch('66'), value: inch('24 3/8') },
      { kind: 'depth', id: 'depth-right', side: 'right', up: inch('66'), value: inch('24 1/8') },
      { kind: 'height', id: 'height-left', side: 'left', at: 'front', value: inch('95 3/4') },
      { kind: 'height', id: 'height-right', side: 'right', at: 'front', value: inch('96 1/8') },
    ], // prettier-ignore
    shelves: {
      ...start.shelves,
      way: 'typed',
      count: 2,
      heights: [
        { id: 'height-1', up: inch('66') },
        { id: 'height-2', up: inch('80') },
      ],
      thickness: inch('3/4'),
      depth: inch('15 3/4'),
      clearance: inch('1/8'),
    },
  };
}

function widths(
  unit: JobUnit,
  at: 'front' | 'back',
  taken: readonly (readonly [up: string, value: string])[],
): Reading[] {
  return taken.map(([up, value]) => ({
    kind: 'width',
    id: `width-${at}-${up}`,
    at,
    up: typedLength(up, unit),
    value: typedLength(value, unit),
  }));
}
