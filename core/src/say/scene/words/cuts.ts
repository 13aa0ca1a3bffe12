import { area, box, dot, line, name, pointer, span } from './shapes';

/** Pictures of cuts and joints, on a sheet of 300 by 180 mm. */
export const cuts = {
  // A board on edge: its end slopes through the thickness.
  bevel: [
    area('board', [20, 70], [190, 70], [230, 120], [20, 120]),
    line('cut-line', [180, 57], [240, 132]),
    name('bevel', [255, 60]),
    ...pointer([248, 72], [212, 97]),
  ],
  // The same board from above: its end runs aslant over the face; another one closes the corner.
  mitre: [
    area('board', [20, 90], [180, 90], [230, 140], [20, 140]),
    area('nosing', [180, 90], [180, 15], [230, 15], [230, 140]),
    line('cut-line', [170, 80], [240, 150]),
    name('mitre', [262, 90]),
    ...pointer([254, 98], [212, 122]),
  ],
  longPoint: [
    area('board', [30, 60], [200, 60], [240, 120], [30, 120]),
    ...span([30, 146], [240, 146]),
    dot('reading', [240, 120]),
    name('longPoint', [256, 70]),
    ...pointer([256, 80], [240, 120]),
  ],
  kerf: [
    box('board', [20, 60], [148, 125]),
    box('rest', [158, 60], [280, 125]),
    line('cut-line', [148, 45], [148, 140]),
    name('kerf', [153, 162]),
    ...pointer([153, 154], [153, 110]),
  ],
  housing: [
    area('board', [90, 10], [140, 10], [140, 74], [118, 74], [118, 106], [140, 106], [140, 170], [90, 170]),
    box('nosing', [119, 75], [285, 105]),
    name('housing', [42, 130]),
    ...pointer([56, 122], [119, 92]),
  ],
  rebate: [
    area('board', [30, 30], [190, 30], [190, 75], [150, 75], [150, 120], [30, 120]),
    area('nosing', [152, 77], [205, 77], [205, 160], [152, 160]),
    name('rebate', [250, 45]),
    ...pointer([236, 52], [172, 76]),
  ],
  undercut: [
    box('wall', [240, 0], [300, 180]),
    area('board', [20, 75], [215, 75], [240, 115], [20, 115]),
    name('undercut', [150, 40]),
    ...pointer([165, 48], [227, 90]),
  ],
  countersink: [
    area('board', [40, 30], [138, 30], [138, 95], [110, 130], [40, 130]),
    area('board', [162, 30], [260, 30], [260, 130], [190, 130], [162, 95]),
    area('screw', [112, 129], [188, 129], [159, 94], [159, 12], [150, 0], [141, 12], [141, 94]),
    name('countersink', [235, 160]),
    ...pointer([215, 152], [180, 122]),
  ],
  // The wall waves; the edge of the board follows it.
  scribe: [
    area('wall', [0, 180], [0, 120], [60, 132], [120, 112], [180, 126], [240, 108], [300, 122], [300, 180]),
    area('board', [20, 30], [20, 118], [60, 126], [120, 106], [180, 120], [240, 102], [280, 111], [280, 30]),
    line('cut-line', [20, 118], [60, 126], [120, 106], [180, 120], [240, 102], [280, 111]),
    name('scribe', [150, 60]),
    ...pointer([150, 70], [120, 106]),
  ],
} as const;
