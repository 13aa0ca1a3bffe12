import { pointOf } from './frame';
import type { EndPlane, Solid } from './solid';
import type { Vector } from './vector';

/**
 * The corners of a piece in the opening, without what is cut into it: of its face on both sides of its thickness, as
 * far as its ends reach there. A round bar has those of the square bar about it. Millimetres.
 */
export function outerCorners({ frame, lengthMm, widthMm, thicknessMm, ends, outline }: Solid): Vector[] {
  const at = ({ atMm, acrossSlope, throughSlope }: EndPlane, w: number, t: number) =>
    atMm + acrossSlope * w + throughSlope * t;
  const face = outline ?? [
    [0, 0],
    [lengthMm, 0],
    [lengthMm, widthMm],
    [0, widthMm],
  ];
  return [0, thicknessMm].flatMap((t) =>
    face.map(([l, w]): Vector => {
      const within = Math.min(Math.max(l, at(ends.start, w, t)), at(ends.finish, w, t));
      return pointOf(frame, [within, w, t]);
    }),
  );
}
