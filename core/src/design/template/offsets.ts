import type { OutlinePoint, Part } from '../fit';
// Not from the stage's index: a table needs the outline, not the solver behind it.
import { crossingAt } from '../fit/outline';
import { snapToTape, type Tape } from '../../base/quantity';

/** One edge of a piece by offsets from a straight line, for marking by hand. */
export interface EdgeOffsets {
  readonly edge: 'left' | 'right' | 'back';
  /**
   * Where the line is: for an end, square across the piece through its outermost point; for the back edge, the line
   * the piece is marked from. Stations along it are from the back edge, or from the left end, millimetres.
   */
  readonly from: number;
  readonly stations: readonly { readonly atMm: number; readonly inMm: number }[];
}

const EVERY_MM: Readonly<Record<Tape, number>> = { '1mm': 50, '0.5mm': 50, '1/16in': 50.8, '1/32in': 50.8 };

/**
 * Offsets of both ends and the back edge: at each station so much in from a straight line. Rounded to the tape away
 * from the wall, so that what is marked is never larger than what was worked out.
 */
export function offsetTable({ fit }: Part, tape: Tape): EdgeOffsets[] {
  if (!fit) return [];
  const face = Math.max(...fit.outline.map(([, y]) => y));
  const xs = fit.outline.map(([x]) => x);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const every = EVERY_MM[tape];
  const steps = (length: number) => [
    ...Array.from({ length: Math.floor((length - 1) / every) + 1 }, (_, i) => i * every),
    length,
  ];
  const ends = (['left', 'right'] as const).map((edge): EdgeOffsets => {
    const outer = edge === 'left' ? from : to;
    const stations = steps(face).map((atMm) => {
      const { least, most } = crossingAt(fit.outline, atMm);
      return { atMm, inMm: snapToTape(Math.max(edge === 'left' ? least - outer : outer - most, 0), tape, 'up') };
    });
    return { edge, from: outer, stations };
  });
  if (fit.back?.style !== 'scribed') return ends;
  const stations = steps(fit.backMm).map((atMm) => ({
    atMm,
    inMm: snapToTape(crossingAt(swapped(fit.outline), atMm).least, tape, 'up'),
  }));
  return [...ends, { edge: 'back', from: 0, stations }];
}

const swapped = (outline: readonly OutlinePoint[]) => outline.map(([x, y]): OutlinePoint => [y, x]);
