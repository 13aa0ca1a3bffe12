/** A piece of which nothing is to be said but its length. */
export const BARE = { edges: null, fit: null, corner: null, tried: null, joints: [] } as const;
