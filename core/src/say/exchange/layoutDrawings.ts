import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { PDFDocument, rgb, StandardFonts } from 'pdf-lib';
import { layoutScene } from '../scene/layout';
import type { Scene } from '../scene';
import type { Cutting, Layout } from '../../work/stock';
import { nodesOf, partsOn, type Rect } from '../../work/stock/sheets/layout';
import { lengthWords, regionOf, words, type Reader } from '../words/first';
import { sceneSvg } from './sceneSvg';
import { paperPoints } from './paper';
import { encodable, plain } from './plain';

const WIDTH_PX = 900;
const TEXT_MM = 20;
const GAP_MM = 300;

const sceneOf = (layout: Layout, { blanks }: Pick<Cutting, 'blanks'>, tape: Reader['tape']): Scene =>
  layoutScene({ ...layout, sheet: layout.item.form === 'sheet' }, { blanks, tape });

const titleOf = (layout: Layout, reader: Reader) =>
  `${layout.id}: ${words(layout.item.name, reader)}, ${lengthWords(layout.item.lengthMm, reader)}`;

/** One layout as SVG, drawn for a page. */
export const layoutSvg = (layout: Layout, cutting: Pick<Cutting, 'blanks'>, reader: Reader): string =>
  sceneSvg(sceneOf(layout, cutting, reader.tape), reader, WIDTH_PX);

/**
 * All layouts as one DXF in millimetres at full size, one above the other: boards and sheets as they are bought on the
 * layer STOCK, parts on PARTS, what is left on RESTS, names on LABELS.
 */
export function layoutsDxf({ layouts, blanks }: Pick<Cutting, 'layouts' | 'blanks'>, reader: Reader): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer('STOCK', Colors.White, 'Continuous');
  dxf.addLayer('PARTS', Colors.Red, 'Continuous');
  dxf.addLayer('RESTS', Colors.Blue, 'Continuous');
  dxf.addLayer('LABELS', Colors.Green, 'Continuous');
  let below = 0;
  for (const layout of layouts) {
    const { item, trimMm, tree } = layout;
    const edge = item.form === 'sheet' ? trimMm : 0;
    const box = ({ xMm, yMm, lengthMm, widthMm }: Rect, layerName: string, dx = trimMm, dy = edge) => {
      const [x, y] = [xMm + dx, below + yMm + dy];
      const points = [
        point2d(x, y),
        point2d(x + lengthMm, y),
        point2d(x + lengthMm, y + widthMm),
        point2d(x, y + widthMm),
      ];
      dxf.addLWPolyline(
        points.map((point) => ({ point })),
        { flags: LWPolylineFlags.Closed, layerName },
      );
    };
    box({ xMm: 0, yMm: 0, lengthMm: item.lengthMm, widthMm: item.widthMm }, 'STOCK', 0, 0);
    for (const node of nodesOf(tree)) {
      if (node.kind === 'cut') continue;
      box(node, node.kind === 'part' ? 'PARTS' : 'RESTS');
      if (node.kind !== 'part') continue;
      const label = blanks.find((blank) => blank.id === node.part)?.label ?? node.part;
      const at = point3d(node.xMm + trimMm + 5, below + node.yMm + edge + node.widthMm / 2);
      dxf.addText(at, Math.min(TEXT_MM, node.widthMm / 2), plain(label), { layerName: 'LABELS' });
    }
    dxf.addText(point3d(0, below + item.widthMm + 20), TEXT_MM, plain(titleOf(layout, reader)), {
      layerName: 'LABELS',
    });
    below += item.widthMm + GAP_MM;
  }
  return dxf.stringify();
}

const MARGIN = 40;
const INK = rgb(0.13, 0.16, 0.17);
const FILLS = { part: rgb(0.95, 0.89, 0.78), rest: rgb(1, 1, 1), stock: rgb(0.85, 0.85, 0.85) } as const;

/**
 * All layouts as PDF on the paper of the reader's region, three to a page, drawn as large as there is room: with the
 * list of what is cut under each.
 */
export async function layoutsPdf(
  { layouts, blanks }: Pick<Cutting, 'layouts' | 'blanks'>,
  reader: Reader,
  job: string,
): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const say = (said: string) => encodable(said, font);
  pdf.setTitle(job);
  const [paperWide, paperHigh] = paperPoints(regionOf(reader));
  const room = (paperHigh - 2 * MARGIN) / 3;
  layouts.forEach((layout, index) => {
    const page = index % 3 === 0 ? pdf.addPage([paperWide, paperHigh]) : pdf.getPage(pdf.getPageCount() - 1);
    const top = paperHigh - MARGIN - (index % 3) * room;
    const { item, trimMm, tree } = layout;
    const edge = item.form === 'sheet' ? trimMm : 0;
    const scale = Math.min((paperWide - 2 * MARGIN) / item.lengthMm, (room - 80) / item.widthMm);
    // A slender board is drawn wider than it is, as on the screen.
    const wider = Math.max(1, item.lengthMm / 9 / item.widthMm);
    const high = item.widthMm * scale * wider;
    const box = (x: number, y: number, long: number, wide: number, color: (typeof FILLS)[keyof typeof FILLS]) =>
      page.drawRectangle({
        x: MARGIN + x * scale,
        y: top - 24 - high + y * scale * wider,
        width: long * scale,
        height: wide * scale * wider,
        color,
        borderColor: INK,
        borderWidth: 0.5,
      });
    page.drawText(say(titleOf(layout, reader)), { x: MARGIN, y: top - 12, size: 11, font, color: INK });
    box(0, 0, item.lengthMm, item.widthMm, FILLS.stock);
    for (const node of nodesOf(tree)) {
      if (node.kind === 'cut') continue;
      box(node.xMm + trimMm, node.yMm + edge, node.lengthMm, node.widthMm, FILLS[node.kind]);
      if (node.kind !== 'part') continue;
      const label = say(blanks.find((blank) => blank.id === node.part)?.label ?? node.part);
      const size = Math.min(9, node.widthMm * scale * wider * 0.7);
      if (font.widthOfTextAtSize(label, size) < node.lengthMm * scale)
        page.drawText(label, {
          x: MARGIN + (node.xMm + trimMm) * scale + 2,
          y: top - 24 - high + (node.yMm + edge + node.widthMm / 2) * scale * wider - size / 3,
          size,
          font,
          color: INK,
        });
    }
    const list = partsOn(tree).map(({ part, lengthMm, widthMm }) => {
      const label = blanks.find((blank) => blank.id === part)?.label ?? part;
      return `${label} ${lengthWords(lengthMm, reader, false)} × ${lengthWords(widthMm, reader)}`;
    });
    linesOf(list, 88)
      .slice(0, 3)
      .forEach((line, i) =>
        page.drawText(say(line), { x: MARGIN, y: top - 38 - high - 11 * i, size: 8.5, font, color: INK }),
      );
  });
  return pdf.save();
}

function linesOf(all: readonly string[], longest: number): string[] {
  const lines: string[] = [];
  for (const one of all) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + one.length + 3 <= longest) lines[lines.length - 1] = `${last} · ${one}`;
    else lines.push(one);
  }
  return lines;
}
