import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import type { Template } from '../../design/template';
import { words, type Reader } from '../words/first';
import { plain } from './plain';

const TEXT_MM = 8;

/**
 * A template as DXF in millimetres: the outline a closed polyline on the layer OUTLINE, the line it is marked from on
 * REFERENCE, words on LABELS, what is marked or drilled besides on MARKS and HOLES. y goes up in such programs: the
 * front edge lies at the foot, as one looks down at it.
 */
export function templateDxf(template: Template, reader: Reader): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer('OUTLINE', Colors.White, 'Continuous');
  dxf.addLayer('REFERENCE', Colors.Blue, 'Continuous');
  dxf.addLayer('LABELS', Colors.Green, 'Continuous');
  dxf.addLWPolyline(
    template.outline.map(([x, y]) => ({ point: point2d(x, -y) })),
    { flags: LWPolylineFlags.Closed, layerName: 'OUTLINE' },
  );
  if (template.lines) dxf.addLayer('MARKS', Colors.Red, 'Continuous');
  for (const [[ax, ay], [bx, by]] of template.lines ?? []) {
    dxf.addLine(point3d(ax, -ay), point3d(bx, -by), { layerName: 'MARKS' });
  }
  if (template.holes) dxf.addLayer('HOLES', Colors.Red, 'Continuous');
  for (const { at, diameterMm } of template.holes ?? []) {
    dxf.addCircle(point3d(at[0], -at[1]), diameterMm / 2, { layerName: 'HOLES' });
  }
  const [[x1, y1], [x2, y2]] = template.reference;
  dxf.addLine(point3d(x1, -y1), point3d(x2, -y2), { layerName: 'REFERENCE' });
  for (const { at, words: said } of template.marks) {
    dxf.addText(point3d(at[0], -at[1]), TEXT_MM, plain(words(said, reader)), { layerName: 'LABELS' });
  }
  template.notes.forEach((note, i) =>
    dxf.addText(point3d(0, 20 + 12 * i), TEXT_MM, plain(words(note, reader)), { layerName: 'LABELS' }),
  );
  return dxf.stringify();
}
