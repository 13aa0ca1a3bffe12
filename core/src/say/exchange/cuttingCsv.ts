import Papa from 'papaparse';
import { message, text, type Message } from '../../base/message';
import { ok, refused, type Result } from '../../base/result';
import type { Cutting, Shopping } from '../../work/stock';
import { partsOn } from '../../work/stock/sheets/layout';
import { lengthWords, words, type Reader } from '../words/first';
import { bareSizes } from './bareSizes';
import { BYTE_ORDER_MARK } from './cutListSheet';
import type { RefusedRow } from './readingsCsv';

const written = (fields: readonly string[], data: readonly (string | number)[][]): string =>
  BYTE_ORDER_MARK +
  Papa.unparse({ fields: [...fields], data: [...data] }, { newline: '\r\n', escapeFormulae: true }) +
  '\r\n';

/** Every piece with its board and its place on that: RFC 4180, bare numbers beside the reader's figures. */
export function layoutsCsv({ layouts, blanks }: Pick<Cutting, 'layouts' | 'blanks'>, reader: Reader): string {
  const head = (code: 'layout' | 'stock' | 'label' | 'length' | 'width' | 'fromEnd' | 'fromEdge') =>
    words(message(`sheet.${code}`), reader);
  const bare = bareSizes(reader);
  const sizes = (['length', 'width'] as const).map(head);
  const data = layouts.flatMap((layout) =>
    partsOn(layout.tree).map((part) => [
      layout.id,
      `${words(layout.item.name, reader)}, ${lengthWords(layout.item.lengthMm, reader)}`,
      blanks.find((blank) => blank.id === part.part)?.label ?? part.part,
      lengthWords(part.lengthMm, reader),
      lengthWords(part.widthMm, reader),
      ...[part.lengthMm, part.widthMm, part.xMm, part.yMm].map(bare.size),
    ]),
  );
  return written(
    [
      head('layout'),
      head('stock'),
      head('label'),
      ...sizes,
      ...sizes.map(bare.head),
      bare.head(head('fromEnd')),
      bare.head(head('fromEdge')),
    ],
    data,
  );
}

/** What is bought, a row for each pack: as a list to take along, and as the price list it can be read back as. */
export function shoppingCsv({ lines }: Pick<Shopping, 'lines'>, reader: Reader): string {
  const data = lines.flatMap((line) =>
    line.packs.map((pack) => [
      pack.key,
      words(line.what, reader),
      words(pack.what, reader),
      pack.count,
      pack.price.toFixed(2),
      (pack.count * pack.price).toFixed(2),
    ]),
  );
  return written(['item', 'what', 'pack', 'count', 'price', 'total'], data);
}

export interface ReadPrices {
  readonly prices: { readonly item: string; readonly price: number; readonly left?: number }[];
  readonly refused: readonly RefusedRow[];
}

/**
 * Reads a price list: columns `item` and `price`, and `left` for how many there are; any order, by commas, semicolons
 * or tabs. A row that cannot be read is listed with its line and the reason, and the rest comes in.
 */
export function readPricesCsv(contents: string): Result<ReadPrices, Message> {
  const parsed = Papa.parse<Record<string, string>>(contents.replace(/^\uFEFF/, ''), {
    header: true,
    transformHeader: (name) => name.trim().toLowerCase(),
    skipEmptyLines: 'greedy',
  });
  const missing = ['item', 'price'].filter((one) => !parsed.meta.fields?.includes(one));
  if (missing.length > 0) return refused(message('csv.noHeader', { missing: text(missing.join(', ')) }));
  const prices: ReadPrices['prices'][number][] = [];
  const rows: RefusedRow[] = [];
  parsed.data.forEach((row, index) => {
    const item = (row.item ?? '').trim();
    const price = numberIn(row.price);
    const left = row.left?.trim() ? numberIn(row.left) : undefined;
    const bad =
      !item || item.length > 120
        ? ('item' as const)
        : price === null || price > 1_000_000
          ? ('price' as const)
          : left === null
            ? ('left' as const)
            : null;
    if (bad)
      rows.push({
        line: index + 2,
        message: message('csv.badPrice', { column: text(bad), value: text(row[bad] ?? '') }),
      });
    else prices.push({ item, price: price!, ...(left === undefined ? {} : { left: Math.floor(left!) }) });
  });
  return ok({ prices, refused: rows });
}

/** A number as it is written with a point or a comma; null for what is none, or less than nothing. */
function numberIn(typed: string | undefined): number | null {
  const digits = (typed ?? '').replace(/[^\d.,-]/g, '').replace(',', '.');
  const value = Number(digits);
  return digits !== '' && Number.isFinite(value) && value >= 0 ? value : null;
}
