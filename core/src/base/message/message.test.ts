import { about, choice, count, length, message, text } from '.';
import type { ParamsOf } from '.';

interface Values {
  readonly plain: string;
  readonly length: 'mm';
  readonly plural: number;
}
/** Compiles only where both types are the same. */
type Same<A, B> = [A, B] extends [B, A] ? true : false;
const same = <A, B>(yes: Same<A, B>) => expect(yes).toBe(true);

test('the compiler reads placeholders from a sentence', () => {
  same<ParamsOf<'Nothing to fill.', Values>, object>(true);
  same<ParamsOf<'{name} is {by, length} off.', Values>, { readonly name: string; readonly by: 'mm' }>(true);
  same<
    ParamsOf<'{n, plural, one {{name}: # shelf} other {{name}: # shelves}} {up, length}', Values>,
    { readonly n: number; readonly name: string; readonly up: 'mm' }
  >(true);
});

test('a choice takes its cases; an empty other is none of them', () => {
  same<
    ParamsOf<'{side, select, left {Left} right {Right {by, length}} other {}} wall', Values>,
    { readonly side: 'left' | 'right'; readonly by: 'mm' }
  >(true);
  same<ParamsOf<'{kind, select, vent {a vent} other {a thing}}', Values>, { readonly kind: 'vent' | 'other' }>(true);
});

test('a code without words, or words with a wrong placeholder, does not compile', () => {
  // @ts-expect-error: there is no such sentence
  expect(message('problem.noSuchThing').code).toBe('problem.noSuchThing');
  // @ts-expect-error: this one takes a height, and none is given
  message('term.shelfTop');
  // @ts-expect-error: the placeholder has another name
  message('term.shelfTop', { board: count(2) });
  // @ts-expect-error: a count is no length
  message('term.shelfTop', { shelf: length(2) });
  expect(message('term.shelfTop', { shelf: count(2) }).params).toEqual({ shelf: { kind: 'count', count: 2 } });
});

test('what a message carries is plain data', () => {
  expect(about(2)).toEqual({ kind: 'about', mm: 2 });
  expect(choice('left')).toEqual({ kind: 'choice', choice: 'left' });
  expect(text('a')).toEqual({ kind: 'text', text: 'a' });
});
