/** Which edge of a mitred piece is the long one: the lower (the left of an upright) or the upper (the right). */
export type LongEdge = 'lower' | 'upper';

/** How ends are cut that meet another piece rather than a wall; what is cut into a face. */
export type Joint =
  /** Both at 45° across the face, its length being along the long edge: inside it is twice its width shorter. */
  | { readonly kind: 'mitred'; readonly longEdge: LongEdge }
  /** Its upper end at 45° across the face, its length being along the long edge: inside it is its width shorter. */
  | { readonly kind: 'mitred-one'; readonly longEdge: LongEdge }
  /** The end in the corner, where the corner is so much off 90°: which edge is the longer, and by how much. */
  | { readonly kind: 'corner'; readonly degrees: number; readonly outMm: number; readonly longer: 'room' | 'wall' }
  /** The front end cut off at 45°, its lower edge the shorter by the piece's own height. */
  | { readonly kind: 'clipped' }
  /** Both ends at an angle to the length, long point to long point on one edge. */
  | { readonly kind: 'braced'; readonly degrees: number; readonly otherDegrees: number }
  /**
   * A slot along its back edge and both ends that slides over rails: how deep and how high, in the middle of its
   * thickness.
   */
  | { readonly kind: 'slotted'; readonly backMm: number; readonly endsMm: number; readonly highMm: number }
  /** A rebate along the whole rear edge for a panel: so far into its inner face, and so far in from that edge. */
  | { readonly kind: 'rebated'; readonly deepMm: number; readonly wideMm: number }
  /** The lower rear corner cut out for the skirting: so far in and so high. */
  | { readonly kind: 'notched'; readonly deepMm: number; readonly highMm: number }
  /** Its foot cut out on the face that lies on a wall, for the skirting: so far in and so high. */
  | { readonly kind: 'footed'; readonly deepMm: number; readonly highMm: number }
  /** Housings across its face: how deep, how wide, and how far their lower edges are from its lower end. */
  | { readonly kind: 'housed'; readonly depthMm: number; readonly wideMm: number; readonly atMm: readonly number[] };

/** The joint of one kind that a piece has; null where it has none. */
export function jointOf<Kind extends Joint['kind']>(
  { joints = [] }: { readonly joints?: readonly Joint[] },
  kind: Kind,
): Extract<Joint, { readonly kind: Kind }> | null {
  return (joints.find((joint) => joint.kind === kind) as Extract<Joint, { readonly kind: Kind }> | undefined) ?? null;
}
