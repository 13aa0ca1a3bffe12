import type { Spot } from '@dormer/core/place/reading';

/**
 * What the card is for: the next reading, one of the person's own choosing, one that is taken once more without
 * sight of its value, or one that is changed.
 */
export type Card =
  | { readonly kind: 'next' }
  | { readonly kind: 'own'; readonly spot: Spot }
  | { readonly kind: 'again'; readonly id: string }
  | { readonly kind: 'edit'; readonly id: string };
