import { fileName } from './files';

test.each([
  ['Chimney alcove, reading room', 'Chimney-alcove-reading-room'],
  ['../../etc/passwd', 'etc-passwd'],
  ['Überbau: Größe 3/4"', 'Überbau-Größe-3-4'],
  ['   ', 'job'],
  ['...', 'job'],
])('%s is kept as %s', (name, file) => expect(fileName(name)).toBe(file));

test('the longest of names is cut to what file systems take', () => {
  expect(fileName('a'.repeat(300))).toHaveLength(80);
});
