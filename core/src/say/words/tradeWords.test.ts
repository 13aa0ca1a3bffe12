import './all';
import { explanations, findTradeWords, TRADE_WORDS } from './tradeWords';

const found = (text: string, language: 'en-GB' | 'en-US' | 'en-XA' = 'en-GB') =>
  findTradeWords(text, language).flatMap(({ text: form, word }) => (word ? [[form, word]] : []));

test('words of the trade are found in any form, each once, and the text stays whole', () => {
  const text = 'Scribed end: the scribe follows the wall. Shim the battens plumb.';
  expect(found(text)).toEqual([
    ['Scribed', 'scribe'],
    ['Shim', 'shim'],
    ['battens', 'cleat'],
    ['plumb', 'plumb'],
  ]);
  expect(
    findTradeWords(text, 'en-GB')
      .map((stretch) => stretch.text)
      .join(''),
  ).toBe(text);
});

test('no word is found within another one', () => {
  expect(found('Spanner, self-plumb, plumbing, study')).toEqual([]);
  expect(found('The floor mark and the hollow-wall fixing')).toEqual([
    ['floor mark', 'floorMark'],
    ['hollow-wall fixing', 'hollowWallFixing'],
  ]);
});

test('each region finds its own words', () => {
  expect(found('Miter the cleat and the edging', 'en-US').map(([, word]) => word)).toEqual([
    'mitre',
    'cleat',
    'nosing',
  ]);
  expect(found('Mitre the batten and the lipping', 'en-US')).toEqual([]);
  expect(found('Böörééé thééé kééérf', 'en-XA')).toEqual([['kééérf', 'kerf']]);
});

test('every word is explained in one or two sentences, in the order of the alphabet', () => {
  for (const language of ['en-GB', 'en-US'] as const) {
    const all = explanations(language);
    expect(all.map(({ word }) => word).sort()).toEqual([...TRADE_WORDS].sort());
    expect(all.map(({ name }) => name)).toEqual(all.map(({ name }) => name).sort((a, b) => a.localeCompare(b)));
    for (const { is } of all) expect(is).toMatch(/^[A-Z][^.]+\.( [A-Z][^.]+\.)?$/);
  }
});
