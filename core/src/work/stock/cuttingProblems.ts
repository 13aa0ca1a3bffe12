import type { Part } from '../../design/fit';
import { count, length, list, message, nested, text } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';
import type { Blank } from './blanks';
import type { StockItem } from './catalogue';

/** The shelf a blank is for, or all shelves. */
function concerns(blank: Blank, parts: readonly Part[]) {
  const shelf = parts.find((part) => part.id === blank.parts[0])?.shelf ?? 0;
  return shelf > 0 ? ({ kind: 'shelf', shelf } as const) : ({ kind: 'shelves' } as const);
}

/** Makers of the problems of getting and cutting blanks. */
export function cuttingProblems(parts: readonly Part[]) {
  const pieceOf = (blank: Blank) => text(blank.label);
  return {
    noStock: (blank: Blank): Problem =>
      stop(
        concerns(blank, parts),
        message('problem.noStock', {
          piece: pieceOf(blank),
          thick: length(blank.thicknessMm),
          wide: length(blank.widthMm),
        }),
      ),
    inLayers: (blank: Blank, layers: { count: number; thicknessMm: number }): Problem =>
      doubtful(
        concerns(blank, parts),
        message('problem.inLayers', {
          piece: pieceOf(blank),
          layers: count(layers.count),
          thick: length(layers.thicknessMm),
          made: length(layers.count * layers.thicknessMm),
        }),
      ),
    reallyThick: (blank: Blank, reallyMm: number, item: StockItem): Problem =>
      doubtful(
        concerns(blank, parts),
        message('problem.reallyThick', {
          planned: length(blank.thicknessMm),
          really: length(reallyMm),
          item: nested(item.name),
        }),
      ),
    otherWood: (blank: Blank, item: StockItem): Problem =>
      doubtful(
        concerns(blank, parts),
        message('problem.otherWood', {
          thick: length(blank.thicknessMm),
          wide: length(blank.widthMm),
          material: nested(item.name),
        }),
      ),
    tooWide: (blank: Blank, widestMm: number): Problem =>
      stop(
        concerns(blank, parts),
        message('problem.tooWideForStock', {
          piece: pieceOf(blank),
          wide: length(blank.widthMm),
          widest: length(widestMm),
        }),
      ),
    joined: (blank: Blank, longestMm: number, atMm: readonly number[], supported: boolean): Problem => {
      const at = {
        piece: pieceOf(blank),
        length: length(blank.lengthMm),
        longest: length(longestMm),
        at: list(atMm.map(length)),
      };
      const told = supported ? message('problem.joinedOver', at) : message('problem.joinedFree', at);
      return doubtful(concerns(blank, parts), told);
    },
    gluedUp: (blank: Blank, strips: { count: number; stripMm: number }, item: StockItem): Problem =>
      doubtful(
        concerns(blank, parts),
        message('problem.glueUp', {
          piece: pieceOf(blank),
          strips: count(strips.count),
          wide: length(strips.stripMm),
          item: nested(item.name),
        }),
      ),
    notEnough: (blank: Blank): Problem =>
      stop(
        concerns(blank, parts),
        message('problem.notEnough', {
          piece: pieceOf(blank),
          long: length(blank.lengthMm),
          wide: length(blank.widthMm),
        }),
      ),
    longBoard: (item: StockItem): Problem =>
      doubtful(
        { kind: 'shelves' },
        message('problem.longBoard', { item: nested(item.name), long: length(item.lengthMm) }),
      ),
  };
}

export type CuttingProblems = ReturnType<typeof cuttingProblems>;
