import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import type { Region } from '../../job/document';
import { paperPoints } from './paper';
import { encodable } from './plain';
import type { Report, ReportPart } from './report';

/** Margins and sizes of letters, points. */
const MARGIN = 50;
const SIZES = { title: 18, heading: 13, text: 10, cell: 8.5 } as const;
const LEADING = 1.35;
const BLACK = rgb(0.13, 0.16, 0.17);
const RULE = rgb(0.6, 0.6, 0.6);

/** A report as PDF, on the paper of a region, its pages numbered. */
export async function reportPdf({ title, parts }: Report, region: Region): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = await PDFDocument.create();
  const [font, bold] = [await pdf.embedFont(StandardFonts.Helvetica), await pdf.embedFont(StandardFonts.HelveticaBold)];
  pdf.setTitle(title);
  const [width, height] = paperPoints(region);
  const room = width - 2 * MARGIN;
  let page: PDFPage = pdf.addPage([width, height]);
  let y = height - MARGIN;

  const need = (points: number) => {
    if (y - points >= MARGIN) return;
    page = pdf.addPage([width, height]);
    y = height - MARGIN;
  };
  const write = (said: string, size: number, face: PDFFont, x = MARGIN, wide = room) => {
    for (const line of wrapped(encodable(said, face), face, size, wide)) {
      need(size * LEADING);
      y -= size * LEADING;
      page.drawText(line, { x, y, size, font: face, color: BLACK });
    }
  };
  const table = ({ head, rows }: Extract<ReportPart, { kind: 'table' }>) => {
    const shares = widths([head, ...rows], font, room);
    const row = (cells: readonly string[], face: PDFFont) => {
      const lines = cells.map((cell, i) => wrapped(encodable(cell, face), face, SIZES.cell, shares[i]! - 6));
      const high = Math.max(...lines.map((line) => line.length)) * SIZES.cell * LEADING + 4;
      need(high);
      let x = MARGIN;
      lines.forEach((one, i) => {
        one.forEach((line, k) =>
          page.drawText(line, { x, y: y - (k + 1) * SIZES.cell * LEADING, size: SIZES.cell, font: face, color: BLACK }),
        );
        x += shares[i]!;
      });
      y -= high;
      page.drawLine({ start: { x: MARGIN, y }, end: { x: MARGIN + room, y }, thickness: 0.4, color: RULE });
    };
    row(head, bold);
    for (const cells of rows) row(cells, font);
    y -= 6;
  };

  write(title, SIZES.title, bold);
  for (const part of parts) {
    if (part.kind === 'table') table(part);
    else if (part.kind === 'list') {
      part.items.forEach((item) => write(`-  ${item}`, SIZES.text, font));
      y -= 6;
    } else if (part.kind === 'heading') {
      // Not alone at the foot of a page.
      need(5 * SIZES.heading);
      y -= SIZES.heading * 0.8;
      write(part.text, SIZES.heading, bold);
      y -= 3;
    } else write(part.text, SIZES.text, font);
  }
  const pages = pdf.getPages();
  pages.forEach((one, i) =>
    one.drawText(`${i + 1} / ${pages.length}`, {
      x: width - MARGIN - 30,
      y: MARGIN / 2,
      size: SIZES.cell,
      font,
      color: RULE,
    }),
  );
  return (await pdf.save()) as Uint8Array<ArrayBuffer>;
}

/** Lines no longer than there is room; a word that is longer stands alone. */
function wrapped(said: string, font: PDFFont, size: number, wide: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of said.split(/\s+/)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && font.widthOfTextAtSize(longer, size) > wide) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}

/** Columns as wide as what stands in them asks for, drawn together where that is more than there is room. */
function widths(rows: readonly (readonly string[])[], font: PDFFont, room: number): number[] {
  const asked = (rows[0] ?? []).map((_, i) =>
    Math.max(...rows.map((row) => font.widthOfTextAtSize(encodable(row[i] ?? '', font), SIZES.cell) + 12)),
  );
  const sum = asked.reduce((total, one) => total + one, 0);
  if (sum <= room) return asked.map((one) => one + (room - sum) / asked.length);
  // What is narrow stays; the wide ones share what is left.
  const fair = room / asked.length;
  const narrow = asked.filter((one) => one <= fair).reduce((total, one) => total + one, 0);
  const wide = asked.filter((one) => one > fair).reduce((total, one) => total + one, 0);
  return asked.map((one) => (one <= fair ? one : (one / wide) * (room - narrow)));
}
