import { createMemory, NO_MEMORY, perOwner } from '.';

const counting = () => {
  const asked: unknown[] = [];
  const twice = (from: { readonly n: number }) => {
    asked.push(from);
    return { n: 2 * from.n, inner: { n: from.n } };
  };
  return { asked, twice };
};

test('equal data is worked out once, other data anew', () => {
  const { asked, twice } = counting();
  const memory = createMemory(2);
  const first = memory.recall(twice, { n: 1 });
  expect(memory.recall(twice, { n: 1 })).toBe(first);
  expect(memory.recall(twice, { n: 2 })).toEqual({ n: 4, inner: { n: 2 } });
  expect(asked).toHaveLength(2);
});

test('the last answers are kept, the one asked for least lately goes first', () => {
  const { asked, twice } = counting();
  const memory = createMemory(2);
  for (const n of [1, 2, 1, 3, 1]) memory.recall(twice, { n });
  expect(asked).toHaveLength(3);
  memory.recall(twice, { n: 2 });
  expect(asked).toHaveLength(4);
});

test('what earlier work came to is the same only where it is the very same', () => {
  const { twice } = counting();
  let worked = 0;
  const then = (from: { readonly n: number }) => {
    worked += 1;
    return { n: from.n };
  };
  const memory = createMemory(1);
  const [one, other] = [memory.recall(twice, { n: 1 }), memory.recall(twice, { n: 2 })];
  memory.recall(then, one);
  memory.recall(then, one);
  expect(worked).toBe(1);
  memory.recall(then, { ...one });
  expect(worked).toBe(2);
  memory.recall(then, other.inner);
  memory.recall(then, { n: 2 });
  expect(worked).toBe(4);
});

test('one piece of work does not answer for another, and no memory works everything out', () => {
  const [a, b] = [counting(), counting()];
  const memory = createMemory(3);
  memory.recall(a.twice, { n: 1 });
  memory.recall(b.twice, { n: 1 });
  expect([a.asked, b.asked]).toEqual([[{ n: 1 }], [{ n: 1 }]]);
  NO_MEMORY.recall(a.twice, { n: 1 });
  expect(a.asked).toHaveLength(2);
});

test('of an owner the same is worked out once, of another owner anew, and the oldest is forgotten', () => {
  const asked: string[] = [];
  const of = perOwner<{ readonly name: string }, string>(2);
  const [a, b] = [{ name: 'a' }, { name: 'b' }];
  const ask = (owner: typeof a, n: number) =>
    of(owner, { n }, () => {
      asked.push(owner.name + n);
      return owner.name + n;
    });
  expect([ask(a, 1), ask(a, 1), ask(b, 1), ask(a, 2)]).toEqual(['a1', 'a1', 'b1', 'a2']);
  expect(asked).toEqual(['a1', 'b1', 'a2']);
  ask(a, 3);
  ask(a, 1);
  expect(asked.slice(3)).toEqual(['a3', 'a1']);
});
