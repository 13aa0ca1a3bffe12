import type { About, Angle, Count, Inner, Length, None, Text } from '../kinds';

/** Templates, drawings and their sheets: codes with their parameters. */
export interface DrawingsMessages {
  'sheet.ends': None;

  // Templates
  'template.front': None;
  'template.back': None;
  'template.upperEdge': None;
  'template.lowerEdge': None;
  'template.piece': { label: Text };
  'template.topUp': None;
  'template.frontUp': None;
  'template.cornerAngle': { angle: Angle };
  'template.alongBack': None;
  'template.alongSide': None;
  'template.bevel': { side: Inner; angle: Angle };
  'template.leaveOn': { side: Inner; by: Length };
  'template.leaveOnBack': { by: Length };
  'template.wholeSheet': None;
  'template.pageDown': { row: Text; rows: Text };
  'template.pole': None;
  'template.poleUp': None;
  'template.poleNote': None;
  'template.drilling': None;
  'template.drillingUp': None;
  'template.drillingNote': { shelf: Count };
  'template.topEnd': None;
  'template.frontLeft': None;
  'template.page': { row: Text; rows: Text; column: Text; columns: Text };

  // Drawings and sheets
  'scene.board': { shelf: Count };
  'scene.gap': { gap: About };
  'scene.elevation': { count: Count };
  'scene.elevationOpen': None;
  'scene.thing': { name: Text };
  'scene.things': { name: Text; number: Text };
  'scene.reach': { name: Text };
  'scene.tilted': { shelf: Count };
  'scene.rail': None;
  'scene.trace': None;
  'scene.saw': None;
  'scene.box': None;
  'scene.section': { up: Length };
  'sheet.part': None;
  'sheet.label': None;
  'sheet.count': None;
  'sheet.length': None;
  'sheet.width': None;
  'sheet.thickness': None;
  'sheet.shelves': None;
  'sheet.cutList': { job: Text };
  'sheet.angle': { angle: Angle };
  'sheet.millimetres': None;
  'sheet.shelf': None;
  'sheet.along': None;
  'sheet.across': None;
  'sheet.screw': None;
  'sheet.into': None;
  'sheet.heads': None;
  'template.headsBelow': None;
  'template.rearEnd': None;
  'sheet.clearance': None;
  'sheet.pilot': None;
  'template.drill': { clearance: Length; pilot: Length };
  'template.lowerEnd': None;
  'template.leftEnd': None;
  'template.headsUp': None;

  // Drawings of supports
  'scene.support': { system: Inner };
  'scene.side': { shelf: Count };
  'scene.drill': { label: Text };
  'scene.sags': { sag: About };
  'scene.layout': { long: Length; wide: Length };
  'sheet.layout': None;
  'sheet.stock': None;
  'sheet.fromEnd': None;
  'sheet.fromEdge': None;
}
