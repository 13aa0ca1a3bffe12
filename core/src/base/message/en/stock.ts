/** Stock, cutting and shopping, in English. */
export const stockEn = {
  'stock.tube': 'steel tube',
  'stock.size': '{thick, length} × {wide, length}',
  'stock.own': '{name}',
  'stock.offcut': 'Offcut, {material, name} ({note})',
  'stock.nominal':
    '{form, select, board {{nominal} board} timber {{nominal} timber} strip {{nominal} strip} sheet {{nominal} sheet} rod {{nominal} rod} tube {{nominal} steel tube} other {}}, {material, name}',
  'stock.section':
    '{form, select, board {{thick, length} × {wide, length} board} timber {{thick, length} × {wide, length} timber} strip {{thick, length} × {wide, length} strip} sheet {{thick, length} × {wide, length} sheet} rod {{thick, length} × {wide, length} rod} tube {{thick, length} × {wide, length} steel tube} other {}}, {material, name}',
  'stock.sheetOf':
    '{form, select, board {{thick, length} board} timber {{thick, length} timber} strip {{thick, length} strip} sheet {{thick, length} sheet} rod {{thick, length} rod} tube {{thick, length} steel tube} other {}}, {material, name}',
  'stock.of.pine': 'pine',
  'stock.of.spruce': 'spruce',
  'stock.of.hardwood': 'hardwood',
  'stock.of.birch-ply': 'birch plywood',
  'stock.of.softwood-ply': 'softwood plywood',
  'stock.of.osb': 'OSB',
  'stock.of.chipboard': 'chipboard',
  'stock.of.mdf': 'MDF',

  // At the saw
  'saw.shopRip': 'Have the shop cut it lengthways, {setting, length} wide. Check it there with the tape.',
  'saw.shopCross': 'Have the shop cut it across, {setting, length} long. Check it there with the tape.',
  'saw.square': 'Square the first end: take off {setting, length} at most, until the cut is clean all round.',
  'saw.squareHand':
    'Square a line round the first end, up to {setting, length} in. Saw on its outer side. Measure everything from this end.',
  'saw.edge':
    'Trim one long edge straight, {setting, length} at most. This is the reference edge. Then cut one end square to it.',
  'saw.edges': 'Trim the factory edges straight, {setting, length} off each. Leave edges that the shop cut.',
  'saw.rip': 'Set the fence to {setting, length}, reference edge against it.',
  'saw.ripTwice':
    'Rip at {over, length} first, then again at {setting, length}: boards move when ripped. Keep the reference edge against the fence.',
  'saw.cross': 'Set the stop to {setting, length}, squared end against it.',
  'saw.ripHand':
    'Gauge a line {setting, length} from the reference edge, full length. Saw beyond the line, so that the kerf falls outside.',
  'saw.crossHand':
    'Mark {setting, length} from the squared end and square the line round. Saw beyond the line, so that the kerf falls outside.',

  // To buy
  'buy.each': 'each',
  'buy.pack': 'pack of {count, number}',
  'buy.tin': '{size, volume}',
  'buy.board': '{item, name}, {long, length} long',
  'buy.sheet': '{item, name}, {long, length} × {wide, length}',
  'buy.glue': 'Wood glue',
  'buy.sand': 'Sandpaper, grit {grade}',
  'buy.filler': 'Wood filler',
  'buy.caulk': 'Caulk, paintable',
  'buy.primer': 'Primer',
  'buy.paint': 'Paint',
  'buy.shims': 'Packers, in pairs',
  'buy.shelfPins': 'Shelf pins',
  'buy.conditioner': 'Stain conditioner',
  'buy.stain': 'Stain',
  'buy.clear': 'Clear coat',
  'buy.oil': 'Oil',
  'buy.veneer': 'Edge veneer for the front edges',
  'buy.roll': 'roll of {long, run}',
} as const;
