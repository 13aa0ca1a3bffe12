import { serverEn } from './en';
import { say } from '.';

test('a sentence of the server takes what stands in it, and counts', () => {
  expect(say('command.saved', { file: 'all.zip' })).toBe('Everything is saved in all.zip.');
  expect(say('pairing.wrongCode', { tries: 1 })).toBe('This code is wrong. 1 try is left.');
  expect(say('pairing.wrongCode', { tries: 3 })).toBe('This code is wrong. 3 tries are left.');
});

test('every sentence is said, with nothing left open', () => {
  const keys = Object.keys(serverEn) as (keyof typeof serverEn)[];
  expect(keys.length).toBeGreaterThan(80);
  for (const key of keys) {
    const given = Object.fromEntries([...serverEn[key].matchAll(/\{(\w+)/g)].map(([, name]) => [name, 2]));
    const said = say(key as 'command.saved', given as never);
    expect(said).not.toBe(key);
    expect(said).not.toMatch(/[{}#]/);
  }
});
