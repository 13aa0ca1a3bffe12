import { labels } from './labels';

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

test('every label that counts can say one and many', () => {
  const counted = keys.filter((key) => key.endsWith('_one'));
  expect(counted.length).toBeGreaterThan(10);
  for (const key of counted) expect(keys).toContain(key.replace(/_one$/, '_other'));
});

test('a label fills in what it is given', () => {
  expect(labels.t('jobs.readings', { count: 1 })).toBe('1 reading');
  expect(labels.t('notice.removed', { name: 'A & B' })).toBe('“A & B” is removed.');
});
