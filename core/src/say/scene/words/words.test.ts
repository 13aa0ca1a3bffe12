import { TRADE_WORDS } from '../../words/tradeWords';
import { words } from '../../words/all';
import type { Point, Shape } from '../scene';
import { wordScene } from '.';

const pointsOf = (shape: Shape): readonly Point[] => {
  if (shape.kind === 'dimension') return [shape.from, shape.to];
  return shape.kind === 'dot' || shape.kind === 'label' ? [shape.at] : shape.points;
};

test('every word has a picture of its own, which names it once and stays on its sheet', () => {
  const drawn = TRADE_WORDS.map((word) => JSON.stringify(wordScene(word).shapes));
  expect(TRADE_WORDS.length).toBeGreaterThan(20);
  expect(new Set(drawn).size).toBe(TRADE_WORDS.length);
  for (const word of TRADE_WORDS) {
    const { shapes, bounds, title } = wordScene(word);
    const named = shapes.filter((shape) => shape.kind === 'label');
    const reader = { units: 'mm', tape: '1mm' } as const;
    const said = named.map((label) => label.words && words(label.words, reader));
    expect(said.filter((text) => text === words(title, reader))).toHaveLength(1);
    for (const [x, y] of shapes.flatMap(pointsOf)) {
      expect(x >= 0 && x <= bounds.width && y >= 0 && y <= bounds.height).toBe(true);
    }
  }
});
