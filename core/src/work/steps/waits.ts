import type { BuildWish, Wait } from '../../job';

/** How long one waits for something: at the least, and at the most. Minutes. */
export interface WaitTime {
  readonly leastMin: number;
  readonly mostMin: number | null;
}

const H = 60;

/**
 * Usual times at about 20 °C, as makers of such things print them; the tin in hand counts, and can be typed in its
 * place. A conditioner is stained while it is still open; oil is wiped off before it gets sticky; glue holds after an
 * hour.
 */
export const USUAL_WAITS: Readonly<Record<Wait, WaitTime>> = {
  filler: { leastMin: 2 * H, mostMin: null },
  primer: { leastMin: 2 * H, mostMin: null },
  paint: { leastMin: 4 * H, mostMin: null },
  conditioner: { leastMin: 10, mostMin: 2 * H },
  stain: { leastMin: 8 * H, mostMin: null },
  clear: { leastMin: 4 * H, mostMin: null },
  'oil-wipe': { leastMin: 15, mostMin: 30 },
  oil: { leastMin: 12 * H, mostMin: null },
  glue: { leastMin: H, mostMin: null },
  caulk: { leastMin: H, mostMin: null },
  cure: { leastMin: 72 * H, mostMin: null },
};

/** How long one waits for something in a job. */
export function waitOf(wait: Wait, { waits }: Pick<BuildWish, 'waits'>): WaitTime {
  const own = waits.find((one) => one.wait === wait);
  return own ? { leastMin: own.least, mostMin: own.most ?? null } : USUAL_WAITS[wait];
}
