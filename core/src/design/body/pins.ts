import { message } from '../../base/message';
import type { Part } from '../fit';
import type { Pins } from '../layout';
import type { BodyFitting, BodyPiece } from './bodyIs';
import { plainSolid } from './lie';
import { pointOf, type Frame } from './solid';

/** A pin stands out of its side by so much, and is in it as deep. Millimetres (assumed). */
const PIN_OUT_MM = 8;

/** The pins shelves lie on: two in each side, under every shelf that is not fixed. */
export function pinsOf(pins: Pins | null, parts: readonly Part[], pieces: readonly BodyPiece[]): BodyFitting[] {
  if (!pins) return [];
  const sides = (['left', 'right'] as const).flatMap((side) => {
    const piece = pieces.find(({ id, role }) => role === `case-side-${side}` || id === `box-${side}`);
    return piece ? [{ side, solid: piece.solid }] : [];
  });
  const mains = pins.holes.filter((hole) => hole.shelf !== null);
  return mains.flatMap((hole) => {
    const board = parts.find((part) => part.shelf === hole.shelf && part.role === 'board');
    if (!board) return [];
    const { shelf } = board;
    const [low, high] = [hole.upMm - pins.diameterMm / 2, board.place.upFrom];
    return sides.flatMap(({ side, solid }) =>
      pins.rowsMm.map((fromFrontMm, row): BodyFitting => {
        const { frame } = solid;
        // The face turned to the shelves.
        const [face, inward] = side === 'left' ? [solid.thicknessMm, 1] : [0, -1];
        const at = pointOf(frame, [low - frame.origin[2], solid.widthMm - fromFrontMm - pins.diameterMm / 2, face]);
        const own: Frame = {
          ...frame,
          origin: at,
          through: frame.through.map((one) => one * inward) as unknown as Frame['through'],
        };
        return {
          id: `pin-${shelf}-${side}-${row + 1}`,
          shelf,
          what: 'pin',
          name: message('hardware.shelfPin'),
          label: `${shelf}`,
          solid: plainSolid(own, [high - low, pins.diameterMm, PIN_OUT_MM]),
        };
      }),
    );
  });
}
