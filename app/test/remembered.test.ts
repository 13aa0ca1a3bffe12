import { remembered } from './remembered';

test('equal input is answered once, and the oldest answer goes when there are too many', () => {
  const asked: number[] = [];
  const square = remembered(({ of }: { of: number }) => {
    asked.push(of);
    return { square: of * of };
  }, 2);
  const first = square({ of: 3 });
  expect(first).toEqual({ square: 9 });
  expect(square({ of: 3 })).toBe(first);
  square({ of: 4 });
  square({ of: 3 });
  expect(asked).toEqual([3, 4]);
  square({ of: 5 });
  square({ of: 4 });
  square({ of: 3 });
  expect(asked).toEqual([3, 4, 5, 3]);
});
