/** Heights, and why a height is blocked, in English. */
export const heightsEn = {
  'clear.outlet': 'Socket',
  'clear.switch': 'Light switch',
  'clear.vent': 'Vent',
  'clear.pipe': 'Pipe',
  'clear.hole': 'Hole',
  'clear.hardware': 'Fitting or hinge',
  'clear.trim': 'Trim or frame',
  'clear.lid': 'Swing of a lid',
  'clear.door': 'Swing of a door',
  'clear.other': 'Something else',
  'clear.window-bar': 'Window bar',
  'free.both': 'Move its top to {below, length} or {above, length}.',
  'free.below': 'Move its top down to {below, length}.',
  'free.above': 'Move its top up to {above, length}.',
  'free.none': 'No free height is left between its neighbours.',

  // Things without room, and what would make some
  'out.wide': 'Too wide by {by, length}: only {width, length} are free.',
  'out.deep': 'Too deep for the shelf by {by, length}.',
  'out.high': 'Too tall for the whole space by {by, length}.',
  'out.room': 'The shelves are full.',
  'wayOut.oneFewer': 'One shelf fewer makes room.',
  'wayOut.twoFewer': 'Two shelves fewer make room.',
  'wayOut.oneMore': 'One shelf more makes room.',
  'wayOut.twoMore': 'Two shelves more make room.',
  'wayOut.deeper': 'Shelves {by, length} deeper make room.',
  'wayOut.topUp': 'Raise the end of the space by {by, length} to make room.',
  'wayOut.bottomDown': 'Lower the start of the space by {by, length} to make room.',
  'wayOut.leave': 'No small change makes room. Store it somewhere else, or list less.',

  // Marks of the pole
  'pole.shelf-top': '{shelf, number} top {up, length}',
  'pole.cleat-top': '{shelf, number} batten {up, length}',
  'pole.bracket-top': '{shelf, number} bracket {up, length}',
  'pole.rail': 'clothes rail {up, length}',
  'pole.clear':
    '{what, select, outlet {keep clear: socket} switch {keep clear: switch} vent {keep clear: vent} pipe {keep clear: pipe} hole {keep clear: hole} hardware {keep clear: fitting} trim {keep clear: trim} windowBar {keep clear: window bar} lid {keep clear: lid} door {keep clear: door} other {keep clear}}',
  'pole.levelLine': 'level line {up, length}',
  'pole.floorMark': 'floor mark',
  'pole.pin': 'shelf {shelf, number}, {up, length} up',
  'heads.below': 'on the underside',
} as const;
