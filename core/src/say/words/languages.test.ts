import { restEn } from '../../base/message/en';
import { Catalogue } from './catalogue';
import { languageOf, readIn } from './languages';
import { lengthened } from './lengthened';

afterEach(() => readIn([]));

const uk = { units: 'mm', region: 'uk' } as const;
const us = { units: 'in', region: 'us' } as const;

test('English goes by the region of the job, whatever English the device asks for', () => {
  for (const tags of [[], ['en-US', 'en'], ['en-GB'], ['en', 'en-XA'], ['xx-YY']]) {
    readIn(tags);
    expect([languageOf(uk), languageOf(us)]).toEqual(['en-GB', 'en-US']);
  }
});

test('another language goes by the device, the dearest one that Dormer can say', () => {
  readIn(['xx', 'en-XA', 'en']);
  expect([languageOf(uk), languageOf(us)]).toEqual(['en-XA', 'en-XA']);
});

test('a sentence is said in the language of its catalogue; English says what that one lacks', () => {
  const catalogue = new Catalogue();
  const filling = { words: (name: string) => `<${name}>`, chooses: () => 2 };
  catalogue.add({ lacking: '{count, plural, one {# shelf} other {# shelves}} for {name}' });
  expect(catalogue.say('lacking', 'en-GB', filling)).toBe('2 shelves for <name>');
  expect(catalogue.say('lacking', 'en-XA', filling)).toBe('2 shééélvééés föör <name>');
  expect(catalogue.say('unknown', 'en-XA', filling)).toBe('unknown');
});

test('lengthened words are longer by two fifths over all sentences', () => {
  const plain = restEn.flatMap((topic) => Object.values(topic)).map((text) => text.replace(/\{[^}]*\}/g, ''));
  const sizeOf = (texts: string[]) => texts.join('').length;
  expect(plain.length).toBeGreaterThan(400);
  expect(sizeOf(plain.map(lengthened)) / sizeOf(plain)).toBeCloseTo(1.4, 1);
});
