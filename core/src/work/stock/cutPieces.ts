import type { CutPiece, Saw } from '../../job';
import type { Blank } from './blanks';
import { nodesOf, type CutNode } from './sheets/layout';

/** Every piece on the layouts of a cutting that has begun, cut or not, by its blank and size. */
export function piecesOn({ layouts }: Pick<Saw, 'layouts'>): CutPiece[] {
  return layouts.flatMap(({ thicknessMm, tree }) =>
    nodesOf(tree as CutNode).flatMap((node): CutPiece[] => {
      if (node.kind !== 'part') return [];
      const [lengthMm, widthMm] = node.turned ? [node.widthMm, node.lengthMm] : [node.lengthMm, node.widthMm];
      return [{ blank: node.part, thicknessMm, lengthMm, widthMm }];
    }),
  );
}

/** Whether a blank is among pieces that are cut, or lie on the saw, in the size it has now. */
export function isAmong(
  blank: Pick<Blank, 'id' | 'form' | 'lengthMm' | 'widthMm'>,
  pieces: readonly CutPiece[],
): boolean {
  return pieces.some((piece) => {
    // A rod is as thick as it comes.
    const wide = blank.form === 'rod' || Math.abs(piece.widthMm - blank.widthMm) < SAME_WIDTH_MM;
    return piece.blank === blank.id && wide && Math.abs(piece.lengthMm - blank.lengthMm) < SAME_LENGTH_MM;
  });
}
/** A piece that is off by less than this does; what is as wide as it comes may be a little off. Millimetres. */
const SAME_LENGTH_MM = 0.5;
const SAME_WIDTH_MM = 0.7;
