import { createHash } from 'node:crypto';
import type { Supplier } from './suppliers';

/**
 * A made-up yard. Its prices are a tenth to a fifth off what was planned, the same for the same thing every time; now
 * and then it has few of something, or none.
 */
export const PRACTICE_SUPPLIER: Supplier = {
  id: 'practice-yard',
  name: 'Practice yard',
  simulated: true,
  quote: async (asked) =>
    asked.map(({ item, price }) => {
      const [dear = 0, shelf = 0, few = 0] = createHash('sha256').update(item).digest();
      const factor = 0.9 + 0.3 * (dear / 255);
      return {
        item,
        price: Math.max(0.1, Math.round(10 * price * factor) / 10),
        left: few < 16 ? few % 3 : 6 + (shelf % 40),
      };
    }),
};
