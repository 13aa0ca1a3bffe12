import { message, type PlainCode } from '../../../base/message';
import type { TradeWord } from '../../words/tradeWords';
import type { Point, Role, Shape } from '../scene';

/** A filled outline. */
export const area = (role: Role, ...points: Point[]): Shape => ({ kind: 'polygon', role, points });

/** A rectangle from its lower left to its upper right corner. */
export const box = (role: Role, [left, low]: Point, [right, high]: Point): Shape =>
  area(role, [left, low], [right, low], [right, high], [left, high]);

/** A line through points. */
export const line = (role: Role, ...points: Point[]): Shape => ({ kind: 'path', role, points });

/** A dot. */
export const dot = (role: Role, at: Point): Shape => ({ kind: 'dot', role, at });

/** A length from dot to dot, without a figure: no opening of a person has it. */
export const span = (from: Point, to: Point): Shape[] => [
  line('dimension', from, to),
  dot('dimension', from),
  dot('dimension', to),
];

/** The word itself, written at a point. */
export const name = (word: TradeWord, at: Point, anchor: 'start' | 'middle' | 'end' = 'middle'): Shape => ({
  kind: 'label',
  role: 'dimension',
  at,
  anchor,
  words: message(`word.${word}`),
});

/** What a part of it is called, written at a point. */
export const note = (code: PlainCode, at: Point): Shape => ({
  kind: 'label',
  role: 'dimension',
  at,
  anchor: 'middle',
  words: message(code),
});

/** A line from the word to what it means, with a dot at its end. */
export const pointer = (from: Point, to: Point): Shape[] => [line('dimension', from, to), dot('dimension', to)];
