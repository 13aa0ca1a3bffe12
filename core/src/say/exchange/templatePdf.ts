import {
  clip,
  endPath,
  LineCapStyle,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  rgb,
  StandardFonts,
  type PDFFont,
  type PDFPage,
} from 'pdf-lib';
import type { OutlinePoint } from '../../design/fit';
import { message, text, type Message, type MessageParams } from '../../base/message';
import { boxAbout, MARGIN_MM, OVERLAP_MM, tilesFor, type Box, type Paper, type Template } from '../../design/template';
import { words, type Reader } from '../words/first';
import { encodable } from './plain';

const POINTS_PER_MM = 72 / 25.4;
const BLACK = rgb(0, 0, 0);
const GREY = rgb(0.45, 0.45, 0.45);
const BLUE = rgb(0.1, 0.2, 0.7);
const TEXT_MM = 3.4;
const LINE_MM = 0.2;
/** Lengths to lay a rule against: what the printer makes of them it makes of the piece. Millimetres. */
export const CHECK_BARS_MM = [100, 4 * 25.4] as const;

export interface TemplatePdfOptions {
  readonly template: Template;
  readonly reader: Reader;
  /** The job's name, on every page. */
  readonly job: string;
  /** Pages to be joined, or one large sheet for a copy shop. */
  readonly paper: Paper | 'sheet';
}

/**
 * A template as PDF at full size, drawn as lines: on pages that overlap, with crosses to join them by, where each page
 * goes, a bar of 100 mm and one of 4 in to check the printer's scale; or on one large sheet.
 */
export async function templatePdf({ template, reader, job, paper }: TemplatePdfOptions): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const say = (said: Message) => encodable(words(said, reader), font);
  pdf.setTitle(`${job}: ${template.label}`);
  const sheets = paper === 'sheet' ? oneSheet(template) : tilesFor(template, paper);
  for (const { window, row, column } of sheets.tiles) {
    const page = pdf.addPage([sheets.paper.width * POINTS_PER_MM, sheets.paper.height * POINTS_PER_MM]);
    const draw = drawerOn(page, font, window, sheets.paper.height);
    // The outline is drawn whole on every page; what lies outside its window is cut off.
    draw.clipped(() => {
      draw.closed(template.outline, BLACK);
      draw.line(...template.reference, BLUE, [6, 3]);
      for (const [from, to] of template.lines ?? []) draw.line(from, to);
      for (const { at, diameterMm } of template.holes ?? []) draw.hole(at, diameterMm);
      for (const mark of template.marks) draw.words(mark.at, say(mark.words), 5, BLACK);
      if (paper !== 'sheet') crossesAt(window).forEach((at) => draw.cross(at));
    });
    draw.frame();
    const place =
      paper === 'sheet'
        ? say(message('template.wholeSheet'))
        : say(
            pageWords(template, {
              row: text(String(row + 1)),
              rows: text(String(sheets.rows)),
              column: text(String(column + 1)),
              columns: text(String(sheets.columns)),
            }),
          );
    draw.foot([`${encodable(job, font)}: ${template.label} ${say(template.name)} · ${say(template.faceUp)}`, place]);
    draw.head(template.notes.map(say));
    draw.bars();
  }
  return pdf.save();
}

/** Which page of how many: a strip has them one below another. */
function pageWords({ strip }: Template, of: MessageParams<'template.page'>): Message {
  return strip ? message('template.pageDown', { row: of.row, rows: of.rows }) : message('template.page', of);
}

/** Where pages are laid over one another: crosses along the shared strips, on a grid of the whole piece. */
function crossesAt({ x, y, width, height }: Box): OutlinePoint[] {
  const half = OVERLAP_MM / 2;
  const [xs, ys] = [
    [x + half, x + width - half],
    [y + half, y + height - half],
  ];
  return xs.flatMap((one) => ys.map((other): OutlinePoint => [one, other]));
}

function oneSheet(template: Template) {
  const box = boxAbout(template.outline, 20);
  const wide = Math.max(box.width, 2 * CHECK_BARS_MM[1] + 20);
  const window = { ...box, width: wide };
  const paper = { width: wide + 2 * MARGIN_MM, height: box.height + 2 * MARGIN_MM };
  return { paper, rows: 1, columns: 1, tiles: [{ row: 0, column: 0, window }] };
}

/** Draws on a page in the piece's own millimetres: x to the right, y down the page. */
function drawerOn(page: PDFPage, font: PDFFont, window: Box, paperHeight: number) {
  const at = ([x, y]: OutlinePoint) => ({
    x: (x - window.x + MARGIN_MM) * POINTS_PER_MM,
    y: (paperHeight - MARGIN_MM - (y - window.y)) * POINTS_PER_MM,
  });
  const thin = LINE_MM * POINTS_PER_MM;
  const line = (from: OutlinePoint, to: OutlinePoint, color = BLACK, dash?: number[]) =>
    page.drawLine({
      start: at(from),
      end: at(to),
      thickness: thin,
      color,
      lineCap: LineCapStyle.Butt,
      ...(dash ? { dashArray: dash.map((one) => one * POINTS_PER_MM) } : {}),
    });
  const words = ([x, y]: OutlinePoint, said: string, sizeMm: number, color = BLACK) => {
    const size = sizeMm * POINTS_PER_MM;
    const place = at([x, y]);
    page.drawText(said, {
      x: place.x - font.widthOfTextAtSize(said, size) / 2,
      y: place.y - size / 3,
      size,
      font,
      color,
    });
  };
  /** Words from the left edge, in the printer's margin, so many millimetres down the paper. */
  const margin = (said: string, down: number, sizeMm = TEXT_MM) =>
    page.drawText(said, {
      x: MARGIN_MM * POINTS_PER_MM,
      y: (paperHeight - down) * POINTS_PER_MM,
      size: sizeMm * POINTS_PER_MM,
      font,
      color: BLACK,
    });
  const { x, y, width, height } = window;
  return {
    line,
    words,
    closed: (points: readonly OutlinePoint[], color = BLACK) =>
      points.forEach((point, i) => line(point, points[(i + 1) % points.length] as OutlinePoint, color)),
    clipped: (draw: () => void) => {
      const [low, high] = [at([x, y + height]), at([x + width, y])];
      page.pushOperators(
        pushGraphicsState(),
        rectangle(low.x, low.y, high.x - low.x, high.y - low.y),
        clip(),
        endPath(),
      );
      draw();
      page.pushOperators(popGraphicsState());
    },
    hole: ([cx, cy]: OutlinePoint, diameterMm: number) => {
      const size = (diameterMm / 2) * POINTS_PER_MM;
      page.drawEllipse({ ...at([cx, cy]), xScale: size, yScale: size, borderColor: BLACK, borderWidth: thin });
      line([cx - diameterMm, cy], [cx + diameterMm, cy]);
      line([cx, cy - diameterMm], [cx, cy + diameterMm]);
    },
    cross: ([cx, cy]: OutlinePoint) => {
      line([cx - 4, cy], [cx + 4, cy], GREY);
      line([cx, cy - 4], [cx, cy + 4], GREY);
    },
    frame: () => {
      const corners: OutlinePoint[] = [
        [x, y],
        [x + width, y],
        [x + width, y + height],
        [x, y + height],
      ];
      corners.forEach((point, i) => line(point, corners[(i + 1) % 4] as OutlinePoint, GREY, [1, 2]));
    },
    head: (notes: readonly string[]) => margin(notes.join('   '), MARGIN_MM - 3),
    foot: (lines: readonly string[]) =>
      lines.forEach((said, i) => margin(said, paperHeight - MARGIN_MM + 4 + 4.2 * i, 3)),
    bars: () =>
      CHECK_BARS_MM.forEach((mm, i) => {
        // Clear of the strips that are laid over one another, and of the outline where it lies near the edge of one
        // sheet.
        const [left, down] = [x + OVERLAP_MM + 16, y + height - OVERLAP_MM - 16 - 7 * i];
        line([left, down], [left + mm, down]);
        for (const end of [left, left + mm]) line([end, down - 1.5], [end, down + 1.5]);
        words([left + mm / 2, down - 2.2], i === 0 ? '100 mm' : '4 in', 2.6);
      }),
  };
}
