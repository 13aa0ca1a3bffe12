import { parse } from '@messageformat/parser';
import { label } from './labels';

const { readdirSync }: typeof import('node:fs') = jest.requireActual('node:fs');
/** Every file of words, in any folder. */
const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.en.ts'));
const topics = files.map((file) => {
  const exported: Record<string, Record<string, string>> = jest.requireActual(`./${file.replace(/\.ts$/, '')}`);
  return Object.values(exported).flatMap((words) => Object.keys(words));
});
// A stage joins the words of its topics: count each word in its topic only.
const written = topics.filter((_, i) => !files.some((file) => file.startsWith(files[i]!.replace('.en.ts', '/'))));
const keys = written.flat();

test('every file of words is looked at', () => {
  expect(written.length).toBeGreaterThan(12);
  expect(Math.min(...written.map((topic) => topic.length))).toBeGreaterThan(0);
});

test('no label is said twice', () => {
  expect(keys.filter((key, i) => keys.indexOf(key) !== i)).toEqual([]);
});

test('every label can be read as ICU', () => {
  const sentences = files.flatMap((file) => {
    const exported: Record<string, Record<string, string>> = jest.requireActual(`./${file.replace(/\.ts$/, '')}`);
    return Object.values(exported).flatMap((words) => Object.values(words));
  });
  expect(sentences.length).toBeGreaterThan(900);
  for (const sentence of sentences) expect(() => parse(sentence)).not.toThrow();
});

test('a label fills in what it is given', () => {
  expect(label()('jobs.readings', { count: 1 })).toBe('1 reading');
  expect(label()('notice.removed', { name: 'A & B' })).toBe('“A & B” was removed.');
});
