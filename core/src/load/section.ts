/** One rectangle of a section: its width, its height, its middle above a line of one's choice (mm), its modulus (N/mm²). */
export interface SectionPiece {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly middleMm: number;
  readonly modulusMpa: number;
}

/**
 * Bending stiffness of pieces glued to one another, N·mm², and where their common middle lies (mm): each piece by its own
 * stiffness and by how far it stands from the middle (transformed section; Gere & Goodno, Mechanics of Materials, 6.3).
 */
export function compositeSection(pieces: readonly SectionPiece[]): { readonly ei: number; readonly middleMm: number } {
  const weights = pieces.map((one) => one.modulusMpa * one.widthMm * one.heightMm);
  const all = weights.reduce((sum, one) => sum + one, 0);
  const middleMm = pieces.reduce((sum, one, i) => sum + (weights[i] as number) * one.middleMm, 0) / all;
  const ei = pieces.reduce((sum, one, i) => {
    const own = (one.modulusMpa * one.widthMm * one.heightMm ** 3) / 12;
    return sum + own + (weights[i] as number) * (one.middleMm - middleMm) ** 2;
  }, 0);
  return { ei, middleMm };
}
