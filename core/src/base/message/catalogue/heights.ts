import type { Count, Inner, Length, None, Text } from '../kinds';

/** Heights, and why a height is blocked: codes with their parameters. */
export interface HeightsMessages {
  'there.level-line': None;
  'there.skirting': None;
  'there.rail': None;
  'there.mouth': None;
  'there.mark': { name: Text };

  // Keep-clears, and heights that are free of them
  'clear.outlet': None;
  'clear.switch': None;
  'clear.vent': None;
  'clear.pipe': None;
  'clear.hole': None;
  'clear.hardware': None;
  'clear.trim': None;
  'clear.window-bar': None;
  'clear.lid': None;
  'clear.door': None;
  'clear.other': None;
  'free.both': { below: Length; above: Length };
  'free.below': { below: Length };
  'free.above': { above: Length };
  'free.none': None;

  // Things for which there is no room, and what would make some
  'out.wide': { by: Length; width: Length };
  'out.deep': { by: Length };
  'out.high': { by: Length };
  'out.room': None;
  'wayOut.oneFewer': None;
  'wayOut.twoFewer': None;
  'wayOut.oneMore': None;
  'wayOut.twoMore': None;
  'wayOut.deeper': { by: Length };
  'wayOut.topUp': { by: Length };
  'wayOut.bottomDown': { by: Length };
  'wayOut.leave': None;
  'gap.place': { side: Inner; at: Inner };
  'gap.at.back': None;
  'gap.at.middle': None;
  'gap.at.front': None;
  'gap.at.lower': None;
  'gap.at.upper': None;
  'pole.shelf-top': { shelf: Count; up: Length };
  'pole.cleat-top': { shelf: Count; up: Length };
  'pole.bracket-top': { shelf: Count; up: Length };
  'pole.rail': { up: Length };
  'pole.clear': { what: Inner };
  'pole.levelLine': { up: Length };
  'pole.floorMark': None;
  'pole.pin': { shelf: Count; up: Length };
  'heads.below': None;
}
