/** A rectangle on a sheet: x along the sheet's length (its face grain), y across it, from one corner. Millimetres. */
export interface Rect {
  readonly xMm: number;
  readonly yMm: number;
  readonly lengthMm: number;
  readonly widthMm: number;
}

/**
 * What becomes of a rectangle: a part, a rest, or further pieces by cuts all one way through it. A rip runs along the
 * sheet's length, a crosscut across it; pieces stand in order, a kerf between them. Cuts nest, so a saw that only goes
 * straight through can make them: first the outer ones.
 */
export type CutNode = Rect &
  (
    | { readonly kind: 'part'; readonly part: string; readonly turned: boolean }
    | { readonly kind: 'rest' }
    | {
        readonly kind: 'cut';
        readonly way: 'rip' | 'cross';
        /** Made where the sheet is bought, so that it can be carried away. */
        readonly shop?: true;
        readonly pieces: readonly CutNode[];
      }
  );

/** Every node of a tree, the outer ones first. */
export function nodesOf(node: CutNode): CutNode[] {
  return node.kind === 'cut' ? [node, ...node.pieces.flatMap(nodesOf)] : [node];
}

/** The parts on a sheet, each with its place. */
export function partsOn(node: CutNode) {
  return nodesOf(node).flatMap((cutNode) => (cutNode.kind === 'part' ? [cutNode] : []));
}

/** What is left of a sheet. */
export function restsOf(node: CutNode) {
  return nodesOf(node).flatMap((cutNode) => (cutNode.kind === 'rest' ? [cutNode] : []));
}

/**
 * How often a fence or a stop is set: each width or length once for each depth of cuts it is used in.
 * @returns a whole number
 */
export function settingsOf(node: CutNode): number {
  const seen = new Set<string>();
  const walk = (cutNode: CutNode, depth: number) => {
    if (cutNode.kind !== 'cut') return;
    const sizes = cutNode.pieces.slice(0, -1).map((piece) => (cutNode.way === 'rip' ? piece.widthMm : piece.lengthMm));
    sizes.forEach((mm) => seen.add(`${depth}${cutNode.way}${mm.toFixed(1)}`));
    cutNode.pieces.forEach((piece) => walk(piece, depth + 1));
  };
  walk(node, 0);
  return seen.size;
}

/** Cuts one way right inside cuts the same way are one row of cuts; a cut that leaves one piece whole is none. */
export function flattened(node: CutNode): CutNode {
  if (node.kind !== 'cut') return node;
  const pieces = node.pieces
    .map(flattened)
    .flatMap((cutNode) =>
      cutNode.kind === 'cut' && cutNode.way === node.way && cutNode.shop === node.shop ? cutNode.pieces : [cutNode],
    );
  const [only] = pieces;
  const whole =
    only !== undefined && pieces.length === 1 && only.lengthMm === node.lengthMm && only.widthMm === node.widthMm;
  return whole ? only : { ...node, pieces };
}

/**
 * What is wrong with a layout, if anything: pieces that overlap, that lie outside, that leave no room for the kerf.
 * For tests, and for whoever changes how layouts are made.
 */
export function cutFaults(node: CutNode, kerfMm: number): string[] {
  if (node.kind !== 'cut') return [];
  const faults: string[] = [];
  const along = node.way === 'cross';
  const from = (rect: Rect) => (along ? rect.xMm : rect.yMm);
  const size = (rect: Rect) => (along ? rect.lengthMm : rect.widthMm);
  let at = from(node);
  node.pieces.forEach((piece, index) => {
    if (index > 0) at += kerfMm;
    if (Math.abs(from(piece) - at) > 1e-6) faults.push(`piece ${index} begins at ${from(piece)}, not ${at}`);
    const across = along
      ? piece.yMm - node.yMm + Math.abs(piece.widthMm - node.widthMm)
      : piece.xMm - node.xMm + Math.abs(piece.lengthMm - node.lengthMm);
    if (Math.abs(across) > 1e-6) faults.push(`piece ${index} does not go right through`);
    at = from(piece) + size(piece);
  });
  // The last cut may take what is left to the edge.
  const end = from(node) + size(node);
  if (at > end + 1e-6 || end - at > kerfMm + 1e-6) faults.push(`pieces end at ${at}, the piece at ${end}`);
  return [...faults, ...node.pieces.flatMap((piece) => cutFaults(piece, kerfMm))];
}
