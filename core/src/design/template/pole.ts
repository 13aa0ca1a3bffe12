import type { OutlinePoint } from '../fit';
import type { Blocked, Pins } from '../layout';
// Not from the stage's index: a strip needs the marks, not what decides them.
import { runningMarks, type WallMark } from '../layout/marks';
import { choice, count, length, message, type Message } from '../../base/message';
import type { Template, TemplateMark } from './template';

/** How wide the pole's strip is: on every page it is whole, with its words beside its marks. Millimetres. */
const STRIP_MM = 90;
const OVER_MM = 40;
const WORDS_MM = 60;

export interface Pole {
  readonly marks: readonly WallMark[];
  readonly levelLineUpMm: number;
  readonly blocked: readonly Pick<Blocked, 'what' | 'fromMm' | 'toMm'>[];
}

/**
 * The pole at full size: a strip stood on the floor mark, with a line for every shelf's top and for every cleat's, the
 * level line, and the heights no shelf's top may have. Its words are the running dimensions.
 */
export function poleTemplate({ marks, levelLineUpMm, blocked }: Pole): Template | null {
  const running = runningMarks(marks);
  const highest = Math.max(levelLineUpMm, ...running.map((wallMark) => wallMark.up.mm)) + OVER_MM;
  if (running.length === 0) return null;
  const down = (up: number) => highest - up;
  const line = (up: number, toMm: number): readonly [OutlinePoint, OutlinePoint] => [
    [0, down(up)],
    [toMm, down(up)],
  ];
  const said = (up: number, words: Message): TemplateMark => ({ at: [WORDS_MM, down(up)], words });
  const bands = blocked.filter((one) => one.fromMm > 0 && one.toMm < highest);
  return {
    label: 'P',
    name: message('template.pole'),
    faceUp: message('template.poleUp'),
    outline: [
      [0, 0],
      [STRIP_MM, 0],
      [STRIP_MM, highest],
      [0, highest],
    ],
    reference: [
      [0, down(levelLineUpMm)],
      [STRIP_MM, down(levelLineUpMm)],
    ],
    strip: true,
    lines: [
      ...running.map((wallMark) => line(wallMark.up.mm, wallMark.what === 'shelf-top' ? 36 : 26)),
      ...bands.flatMap((band) => [
        line(band.fromMm, 14),
        line(band.toMm, 14),
        [
          [7, down(band.fromMm)],
          [7, down(band.toMm)],
        ] as const,
      ]),
    ],
    marks: [
      ...running.map((wallMark) =>
        said(
          wallMark.up.mm,
          wallMark.what === 'rail'
            ? message('pole.rail', { up: length(wallMark.up.mm) })
            : message(`pole.${wallMark.what}`, { shelf: count(wallMark.shelf), up: length(wallMark.up.mm) }),
        ),
      ),
      ...bands.map((band) => said((band.fromMm + band.toMm) / 2, message('pole.clear', { what: choice(band.what) }))),
      said(levelLineUpMm - 4, message('pole.levelLine', { up: length(levelLineUpMm) })),
      said(12, message('pole.floorMark')),
    ],
    notes: [message('template.poleNote')],
  };
}

/** Both rows of pin holes of a side at full size, seen from inside, front edge on the left. The same for both sides. */
export function drillingTemplate({ holes, rowsMm, diameterMm, fromMm, toMm, depthMm, fixed }: Pins): Template {
  const down = (up: number) => toMm - up;
  return {
    strip: true,
    label: 'H',
    name: message('template.drilling'),
    faceUp: message('template.drillingUp'),
    outline: [
      [0, 0],
      [depthMm, 0],
      [depthMm, down(fromMm)],
      [0, down(fromMm)],
    ],
    reference: [
      [0, 0],
      [0, down(fromMm)],
    ],
    holes: holes.flatMap(({ upMm }) => rowsMm.map((x) => ({ at: [x, down(upMm)] as const, diameterMm }))),
    marks: [
      { at: [depthMm / 2, 12], words: message('template.topEnd') },
      { at: [depthMm / 2, down(fromMm) / 2], words: message('template.frontLeft') },
      ...holes.flatMap(({ shelf, upMm }) =>
        shelf === null
          ? []
          : [
              {
                at: [depthMm / 2, down(upMm)] as const,
                words: message('pole.pin', { shelf: count(shelf), up: length(upMm - fromMm) }),
              },
            ],
      ),
    ],
    notes: [message('template.drillingNote', { shelf: count(fixed) })],
  };
}
