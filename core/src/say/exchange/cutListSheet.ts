import Papa from 'papaparse';
import { shapedIn, shapeWords } from '../../design/shaping';
import { message, text } from '../../base/message';
import type { Plan } from '../../plan';
import { bareSizes } from './bareSizes';
import { lengthWords, listWords, words, type Reader } from '../words/first';

// Without this mark common spreadsheets read UTF-8 as something older.
export const BYTE_ORDER_MARK = '\uFEFF';

/**
 * The cut list as a table: RFC 4180, UTF-8, CRLF line ends, a row for each setting. Lengths stand twice, as
 * shown to the reader and as bare numbers for reckoning. Text that a spreadsheet would take for a formula
 * is defused.
 */
export function cutListCsv(plan: Plan, reader: Reader): string {
  const head = (code: 'count' | 'length' | 'width' | 'thickness') => words(message(`sheet.${code}`), reader);
  const bare = bareSizes(reader);
  const dimensions = (['length', 'width', 'thickness'] as const).map(head);
  const fields = [
    words(message('sheet.part'), reader),
    words(message('sheet.label'), reader),
    words(message('sheet.shelves'), reader),
    head('count'),
    ...dimensions,
    ...dimensions.map(bare.head),
    words(message('sheet.ends'), reader),
  ];
  const data = plan.cutList.flatMap((group) =>
    group.rows.map((row) => {
      const sizes = [row.lengthMm, group.widthMm, group.thicknessMm];
      return [
        partNames(plan, row.partIds, reader).join(', '),
        row.labels.join(' '),
        row.shelves.join(' '),
        row.count,
        ...sizes.map((size) => lengthWords(size, reader)),
        ...sizes.map(bare.size),
        shapeText(plan, row.partIds, reader),
      ];
    }),
  );
  return BYTE_ORDER_MARK + Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: true }) + '\r\n';
}

/** The cut list as plain text, to paste into a message or a note. */
export function cutListText(plan: Plan, reader: Reader): string {
  const groups = plan.cutList.map((group) => {
    const section = `${lengthWords(group.thicknessMm, reader, false)} × ${lengthWords(group.widthMm, reader)}`;
    const rows = group.rows.map((row) => {
      const names = listWords(partNames(plan, row.partIds, reader), reader);
      const shape = shapeText(plan, row.partIds, reader);
      const line = `  ${row.count} × ${lengthWords(row.lengthMm, reader)}   ${row.labels.join(' ')}   ${names}`;
      return shape ? `${line}: ${shape}` : line;
    });
    return [section, ...rows].join('\n');
  });
  const title = words(message('sheet.cutList', { job: text(plan.job.name) }), reader);
  return [title, ...groups].join('\n\n') + '\n';
}

/** How the ends of the pieces in one row are cut; nothing for square ones. They come off one setting. */
export function shapeText(plan: Plan, ids: readonly string[], reader: Reader): string {
  const first = plan.parts.find((part) => part.id === ids[0]);
  return first
    ? shapeWords(shapedIn(plan.body)(first), plan.job)
        .map((shapeWord) => words(shapeWord, reader))
        .join('; ')
    : '';
}

/** The names of the pieces in one row, each once. */
export function partNames(plan: Plan, ids: readonly string[], reader: Reader): string[] {
  const named = plan.parts.filter((part) => ids.includes(part.id)).map((part) => words(part.name, reader));
  return [...new Set(named)];
}
