import { figure } from '../../base/figure';
import { message } from '../../base/message';
import { fixedShelf } from './pins';

test('of shelves the fixed one is nearest to the middle of all', () => {
  const shelves = [500, 700, 1500].map((at, i) => ({
    number: i + 1,
    top: figure({ label: message('term.topShelf'), mm: at }),
    held: null,
  }));
  expect(fixedShelf(shelves, { fromMm: 0, toMm: 1600 })?.number).toBe(2);
  const held = shelves.map((shelf) => (shelf.number === 3 ? { ...shelf, held: 'seated' as const } : shelf));
  expect(fixedShelf(held, { fromMm: 0, toMm: 1600 })?.number).toBe(3);
});
