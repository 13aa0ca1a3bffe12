import { message } from '../../base/message';
import { sideWords } from '../../place/reading/describe';
import type { TracedWall, WallTrace } from '../../place/trace';
import { clamp } from './exaggerate';
import type { Point, Scene, Shape } from './scene';

/** How many times too large what a traced wall stands off its line is drawn. */
export const TRACE_FACTOR = 5;

/**
 * A traced wall over the straight line between its ends, the room below it, with what it stands off at each station.
 */
export function traceScene({ chordMm, stations }: WallTrace, wall: TracedWall): Scene {
  const most = chordMm * 0.12;
  const margin = chordMm * 0.06;
  const face: Point[] = [
    [0, 0],
    ...stations.map(({ atMm, offMm }): Point => [atMm, clamp(offMm * TRACE_FACTOR, -most, most)]),
    [chordMm, 0],
  ];
  const [low, high] = [Math.min(...face.map(([, y]) => y)), Math.max(...face.map(([, y]) => y))];
  const [near, far] =
    wall === 'back' ? [sideWords('left'), sideWords('right')] : [sideWords('back'), sideWords('front')];
  const name = (x: number, words: typeof near, anchor: 'start' | 'end'): Shape => ({
    kind: 'label',
    role: 'shelf-name',
    at: [x, low - 1.9 * margin],
    anchor,
    words,
  });
  return {
    title: message('scene.trace'),
    bounds: { x: -margin, y: low - 2.6 * margin, width: chordMm + 2 * margin, height: high - low + 4.6 * margin },
    shapes: [
      { kind: 'polygon', role: 'wall', points: [...face, [chordMm, high + 1.6 * margin], [0, high + 1.6 * margin]] },
      {
        kind: 'path',
        role: 'level-line',
        points: [
          [0, 0],
          [chordMm, 0],
        ],
      },
      ...stations.flatMap(({ atMm, offMm }, i): Shape[] => {
        const at = face[i + 1] as Point;
        return [
          { kind: 'dot', role: 'reading', at },
          {
            kind: 'label',
            role: 'reading',
            at: [atMm, Math.min(at[1], 0) - margin * 0.7],
            anchor: 'middle',
            mm: Math.abs(offMm),
          },
        ];
      }),
      name(0, near, 'start'),
      name(chordMm, far, 'end'),
    ],
  };
}
