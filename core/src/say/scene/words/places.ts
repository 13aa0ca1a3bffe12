import { area, box, dot, line, name, pointer, span } from './shapes';

/** Pictures of places and pieces, on a sheet of 300 by 180 mm. */
export const places = {
  // A wall with a hole in it, from the front.
  cavity: [
    box('wall', [0, 0], [300, 180]),
    box('stud', [62, 0], [80, 180]),
    box('stud', [220, 0], [238, 180]),
    box('rest', [80, 30], [220, 150]),
    name('cavity', [150, 90]),
  ],
  span: [
    box('board', [20, 110], [280, 128]),
    box('cleat', [20, 70], [40, 110]),
    box('cleat', [260, 70], [280, 110]),
    ...span([40, 85], [260, 85]),
    name('span', [150, 55]),
  ],
  // From the side: wall, batten, shelf on it.
  cleat: [
    box('wall', [0, 0], [60, 180]),
    box('cleat', [60, 55], [84, 105]),
    box('board', [60, 105], [270, 125]),
    line('screw', [100, 80], [20, 80]),
    name('cleat', [190, 55]),
    ...pointer([165, 60], [76, 72]),
  ],
  nosing: [
    box('board', [20, 90], [200, 112]),
    box('nosing', [200, 62], [222, 112]),
    name('nosing', [262, 50]),
    ...pointer([256, 60], [212, 80]),
  ],
  // A case and its trim from the front: the edge of the case stays in sight.
  reveal: [
    box('board', [70, 10], [110, 170]),
    box('trim', [20, 10], [84, 170]),
    ...span([84, 130], [110, 130]),
    name('reveal', [190, 70]),
    ...pointer([165, 74], [97, 80]),
  ],
  // The wall leans away from an upright piece.
  shim: [
    area('wall', [0, 0], [70, 0], [96, 180], [0, 180]),
    box('board', [110, 0], [140, 180]),
    area('cleat', [77, 50], [110, 50], [110, 130], [89, 130]),
    name('shim', [220, 60]),
    ...pointer([195, 66], [98, 90]),
  ],
  stud: [
    box('trim', [0, 120], [300, 140]),
    box('stud', [125, 30], [175, 120]),
    line('screw', [150, 165], [150, 70]),
    name('stud', [235, 70]),
    ...pointer([215, 74], [165, 80]),
  ],
  ladderFrame: [
    box('cleat', [90, 5], [108, 175]),
    box('cleat', [192, 5], [210, 175]),
    box('cleat', [108, 45], [192, 60]),
    box('cleat', [108, 125], [192, 140]),
    box('board', [80, 60], [285, 72]),
    box('board', [80, 140], [285, 152]),
    name('ladderFrame', [150, 96]),
  ],
  hollowWallFixing: [
    box('trim', [110, 0], [130, 180]),
    box('bracket', [130, 60], [138, 120]),
    box('screw-anchor', [60, 84], [130, 96]),
    area('screw-anchor', [110, 84], [70, 50], [62, 58], [100, 90]),
    area('screw-anchor', [110, 96], [70, 130], [62, 122], [100, 90]),
    line('screw', [150, 90], [50, 90]),
    name('hollowWallFixing', [225, 40]),
    ...pointer([180, 48], [90, 66]),
  ],
  plumb: [
    area('wall', [0, 0], [90, 0], [60, 180], [0, 180]),
    line('level-line', [90, 180], [90, 20]),
    dot('reading', [90, 20]),
    ...span([66, 140], [90, 140]),
    name('plumb', [190, 100]),
    ...pointer([160, 100], [90, 90]),
  ],
  levelLine: [
    area('wall', [0, 0], [90, 30], [90, 160], [0, 180]),
    area('wall', [90, 30], [300, 30], [300, 160], [90, 160]),
    line('level-line', [0, 90], [90, 95], [300, 95]),
    name('levelLine', [195, 120]),
  ],
  floorMark: [
    box('wall', [0, 30], [60, 180]),
    box('wall', [0, 0], [300, 30]),
    line('level-line', [60, 140], [280, 140]),
    ...span([110, 30], [110, 140]),
    dot('floor-mark', [110, 30]),
    name('floorMark', [210, 80]),
    ...pointer([185, 70], [110, 30]),
  ],
} as const;
