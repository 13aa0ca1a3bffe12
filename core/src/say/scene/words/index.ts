import { message } from '../../../base/message';
import type { TradeWord } from '../../words/tradeWords';
import type { Scene, Shape } from '../scene';
import { cuts } from './cuts';
import { places } from './places';
import { tools } from './tools';

const SHAPES: Readonly<Record<TradeWord, readonly Shape[]>> = { ...cuts, ...places, ...tools };

/** Size of each picture, millimetres. */
const SHEET = { x: 0, y: 0, width: 300, height: 180 } as const;

/** A small picture of what a word of the trade means. */
export const wordScene = (word: TradeWord): Scene => ({
  title: message(`word.${word}`),
  bounds: SHEET,
  shapes: SHAPES[word],
});
