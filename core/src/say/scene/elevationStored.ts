import type { Job } from '../../job';
import { reachOf } from '../../design/layout/contents/reach';
import { message, text } from '../../base/message';
import type { Plan } from '../../plan';
import type { Frame } from './elevationFrame';
import type { Point, Shape } from './scene';

/** What stands on the shelves, to scale, with the empty height above it; behind it where people reach. */
export function storedShapes(plan: Plan, job: Job, frame: Frame): Shape[] {
  return [...reachShapes(job, frame), ...thingShapes(plan, frame)];
}

function thingShapes({ contents }: Plan, { left }: Frame): Shape[] {
  if (!contents) return [];
  return contents.stored.flatMap((one): Shape[] => {
    const { piles, layers, count, runsMm, highMm, upMm, spareMm } = one;
    const [x, each, high] = [
      (contents.acrossMm ?? left) + one.fromMm,
      runsMm / piles,
      highMm / Math.min(layers, count),
    ];
    const box = (x1: number, y1: number, x2: number, y2: number): Point[] => [
      [x1, y1],
      [x2, y1],
      [x2, y2],
      [x1, y2],
    ];
    const boxes = Array.from({ length: count }, (_, i): Shape => {
      const [pile, layer] = [Math.floor(i / layers), i % layers];
      const [px, py] = [x + pile * each, upMm + layer * high];
      return { kind: 'polygon', role: 'thing', points: box(px, py, px + each, py + high) };
    });
    const name = text(one.name);
    const words =
      count === 1 ? message('scene.thing', { name }) : message('scene.things', { name, number: text(String(count)) });
    return [
      ...boxes,
      ...(spareMm > 1
        ? [
            {
              kind: 'polygon',
              role: 'headroom',
              points: box(x, upMm + highMm, x + runsMm, upMm + highMm + spareMm),
            } as const,
          ]
        : []),
      {
        kind: 'label',
        role: 'shelf-name',
        at: [x + runsMm / 2, upMm + highMm / 2],
        anchor: 'middle',
        words,
        withinMm: runsMm,
      },
    ];
  });
}

/** Beside the opening, between a person's hip and eye: where what is used daily belongs; and as high as they reach. */
function reachShapes({ people }: Job, { left, right, middleMm, outerMm, poleMm, heightMm }: Frame): Shape[] {
  return people.flatMap((person, i): Shape[] => {
    const { hipMm, eyeMm, reachMm } = reachOf(person.height.mm);
    const x = middleMm - outerMm - poleMm * (0.8 + 1.3 * i);
    const tick = (up: number): Shape => {
      return {
        kind: 'path',
        role: 'reach',
        points: [
          [x - poleMm * 0.4, up],
          [x + poleMm * 0.4, up],
        ],
      };
    };
    const words = message('scene.reach', { name: text(person.name) });
    return [
      {
        kind: 'polygon',
        role: 'reach',
        points: [
          [left, hipMm],
          [right, hipMm],
          [right, eyeMm],
          [left, eyeMm],
        ],
      },
      {
        kind: 'path',
        role: 'reach',
        points: [
          [x, hipMm],
          [x, eyeMm],
        ],
      },
      ...[hipMm, eyeMm, ...(reachMm < heightMm ? [reachMm] : [])].map(tick),
      { kind: 'label', role: 'reach', at: [x + poleMm * 0.6, eyeMm + poleMm * 0.8], anchor: 'end', words },
    ];
  });
}

/** Room beside the opening for what people reach, millimetres. */
export const reachRoom = ({ people }: Job, { poleMm }: Frame): number =>
  people.length === 0 ? 0 : poleMm * (2.6 + 1.3 * people.length);
