import { area, box, dot, line, name, note, pointer } from './shapes';

/** Pictures of tools, on a sheet of 300 by 180 mm. */
export const tools = {
  // Its stock on the board, its blade across.
  square: [
    box('board', [10, 20], [290, 92]),
    box('cleat', [120, 92], [240, 116]),
    box('bracket', [120, 10], [138, 116]),
    line('cut-line', [120, 20], [120, 92]),
    name('square', [60, 150]),
    ...pointer([70, 142], [122, 114]),
    note('word.square.stock', [200, 150]),
    ...pointer([200, 142], [200, 104]),
    note('word.square.blade', [220, 50]),
    ...pointer([196, 52], [130, 56]),
  ],
  slidingBevel: [
    box('cleat', [30, 40], [170, 62]),
    area('bracket', [150, 44], [162, 58], [270, 160], [270, 138]),
    dot('screw', [156, 51]),
    name('slidingBevel', [100, 100]),
    ...pointer([100, 92], [100, 54]),
  ],
  pinchSticks: [
    box('wall', [0, 0], [30, 180]),
    box('wall', [270, 0], [300, 180]),
    box('cleat', [30, 84], [180, 98]),
    box('nosing', [120, 98], [270, 112]),
    box('bracket', [142, 78], [158, 118]),
    name('pinchSticks', [150, 148]),
  ],
  waterLevel: [
    line('dimension', [60, 170], [60, 40], [75, 20], [225, 20], [240, 40], [240, 170]),
    line('dimension', [76, 170], [76, 46], [83, 36], [217, 36], [224, 46], [224, 170]),
    line('level-line', [30, 120], [270, 120]),
    dot('reading', [68, 120]),
    dot('reading', [232, 120]),
    name('waterLevel', [150, 82]),
  ],
} as const;
