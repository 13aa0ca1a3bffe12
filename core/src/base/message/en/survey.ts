/** Readings, their spots and the advice for the next, in English. */
export const surveyEn = {
  'outline.unreadable': 'Dormer cannot read this drawing. Save it as SVG or DXF, then import it again.',
  'outline.nothing': 'This drawing has no lines. Nothing was imported.',
  'csv.noHeader': 'The first line must name the columns. Missing: {missing}. Nothing was changed.',
  'csv.tooMany': 'A job holds {most} readings at most. Nothing was changed.',
  'csv.tooManyThings': 'A job holds {most} kinds of things at most. Nothing was changed.',
  'csv.missing': '“{column}” is empty. Fill it in.',
  'csv.notOneOf': '“{column}” says “{value}”. Use one of: {options}.',
  'csv.unreadable': 'Column “{column}”. {reason, sentence}',
  'csv.badPrice': '“{column}” says “{value}”. Item: a name from the list. Price and number left: 0 or more.',

  'side.left': 'Left',
  'side.middle': 'Middle',
  'side.right': 'Right',
  'side.front': 'Front',
  'side.back': 'Back',
  'instrument.tape': 'Tape',
  'instrument.laser': 'Laser meter',
  'instrument.sticks': 'Pinch sticks',
  'instrument.bevel': 'Sliding bevel',
  'instrument.gauge': 'Angle gauge',
  'instrument.square': 'Square',
  'instrument.level': 'Level',
  'instrument.digital-level': 'Digital level',
  'instrument.straightedge': 'Straightedge',
  'instrument.string': 'String line',

  // Readings: their names
  'reading.width':
    '{at, select, front {Width at the front} middle {Width halfway back} back {Width at the back} other {}}, {up, length} up',
  'reading.depth':
    '{side, select, left {Depth at the left} middle {Depth in the middle} right {Depth at the right} other {}}, {up, length} up',
  'reading.height':
    '{side, select, left {Height at the left} middle {Height in the middle} right {Height at the right} other {}}, {at, select, front {front} middle {halfway back} back {back} other {}}',
  'reading.corner':
    '{side, select, left {Angle of the left corner} right {Angle of the right corner} other {}}, {up, length} up',
  'reading.square':
    '{side, select, left {Square in the left corner} right {Square in the right corner} other {}}, {up, length} up',
  'reading.plumb':
    '{wall, select, left {Plumb of the left wall} right {Plumb of the right wall} back {Plumb of the back wall} other {}}, {along, select, front {front} halfway {halfway back} back {back} left {left} middle {middle} right {right} other {}}, from {up, length} up',
  'reading.level.across':
    '{surface, select, floor {Level of the floor, left to right} ceiling {Level of the ceiling, left to right} other {}}, {at, select, front {front} middle {halfway back} back {back} other {}}',
  'reading.level.out':
    '{surface, select, floor {Level of the floor, back to front} ceiling {Level of the ceiling, back to front} other {}}, {side, select, left {left} middle {middle} right {right} other {}}',
  'reading.straightedge.level':
    '{wall, select, left {Straightedge along the left wall} right {Straightedge along the right wall} back {Straightedge along the back wall} other {}}, {up, length} up',
  'reading.straightedge.upright':
    '{wall, select, left {Straightedge up the left wall} right {Straightedge up the right wall} back {Straightedge up the back wall} other {}}, {along, select, front {front} halfway {halfway back} back {back} left {left} middle {middle} right {right} other {}}, {up, length} up',
  'reading.offset':
    '{wall, select, left {Line along the left wall} right {Line along the right wall} back {Line along the back wall} other {}}, {on, length} along, {up, length} up',
  'reading.diagonal':
    '{from, select, left {Diagonal, front left to back right} right {Diagonal, front right to back left} other {}}, {up, length} up',
  'reading.face':
    '{from, select, left {Diagonal, bottom left to top right} right {Diagonal, bottom right to top left} other {}}, {at, select, front {front} middle {halfway back} back {back} other {}}',
  'reading.triangle':
    '{side, select, left {Tape triangle in the left corner} right {Tape triangle in the right corner} other {}}, {up, length} up',
  'reading.line':
    '{side, select, left {Floor to level line at the left} middle {Floor to level line in the middle} right {Floor to level line at the right} other {}}, {at, select, front {front} middle {halfway back} back {back} other {}}',

  // Readings: how to take one
  'reading.do.width':
    'Push the tape against the left wall {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}, {up, length} up. Pull it level to the right wall and read it there.',
  'reading.do.depth':
    '{side, select, left {Push the tape against the back wall at the left} middle {Push the tape against the middle of the back wall} right {Push the tape against the back wall at the right} other {}}, {up, length} up. Read it at the front edge.',
  'reading.do.height':
    '{side, select, left {Stand the tape on the floor at the left} middle {Stand the tape on the floor in the middle} right {Stand the tape on the floor at the right} other {}}, {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}. Read it at the ceiling.',
  'reading.do.corner':
    '{side, select, left {Set the bevel into the left corner} right {Set the bevel into the right corner} other {}}, {up, length} up, one leg flat on each wall. Then read its angle.',
  'reading.do.square':
    '{side, select, left {Push the square into the left corner} right {Push the square into the right corner} other {}}, {up, length} up, stock on the back wall. Read the gap beside its {blade, length} blade, at the tip or at the heel.',
  'reading.do.plumb':
    '{wall, select, left {Hold the level upright on the left wall} right {Hold the level upright on the right wall} back {Hold the level upright on the back wall} other {}}, {along, select, front {at the front edge} halfway {halfway back} back {at the back} left {at its left end} middle {in its middle} right {at its right end} other {}}, its foot {up, length} up. Centre the bubble, then read the gap to the wall over {over, length}.',
  'reading.do.level.across':
    '{surface, select, floor {Lay the level left to right on the floor} ceiling {Hold the level left to right on the ceiling} other {}}, {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}. Centre the bubble, then read the gap at the low end over {over, length}.',
  'reading.do.level.out':
    '{surface, select, floor {Lay the level back to front on the floor} ceiling {Hold the level back to front on the ceiling} other {}}, {side, select, left {at the left} middle {in the middle} right {at the right} other {}}. Centre the bubble, then read the gap at the low end over {over, length}.',
  'reading.do.offset.side':
    '{wall, select, left {Hold a straight line on the left wall} right {Hold a straight line on the right wall} other {}}, {up, length} up, from {start, length} to {end, length} out from the back. Read the gap to the wall at {on, length}.',
  'reading.do.offset.back':
    'Hold a straight line on the back wall, {up, length} up, from {start, length} to {end, length} from the left wall. Read the gap to the wall at {on, length}.',
  'reading.do.straightedge.level':
    '{wall, select, left {Hold the straightedge level on the left wall} right {Hold the straightedge level on the right wall} back {Hold the straightedge level on the back wall} other {}}, {up, length} up. Hollow wall: read the gap in the middle of {over, length}. Bulging wall: read it at both ends.',
  'reading.do.straightedge.upright':
    '{wall, select, left {Hold the straightedge upright on the left wall} right {Hold the straightedge upright on the right wall} back {Hold the straightedge upright on the back wall} other {}}, {along, select, front {at the front edge} halfway {halfway back} back {at the back} left {at its left end} middle {in its middle} right {at its right end} other {}}, its middle {up, length} up. Hollow wall: read the gap in the middle of {over, length}. Bulging wall: read it at both ends.',
  'reading.do.diagonal':
    '{from, select, left {Hook the tape on the front edge of the left wall, {up, length} up. Pull it level into the back right corner.} right {Hook the tape on the front edge of the right wall, {up, length} up. Pull it level into the back left corner.} other {}}',
  'reading.do.face':
    '{from, select, left {Push the tape into the bottom left corner {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}. Pull it to the top right corner.} right {Push the tape into the bottom right corner {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}. Pull it to the top left corner.} other {}}',
  'reading.do.triangle':
    '{side, select, left {Mark the back wall {first, length} and {second, length} from the left corner, {up, length} up. Mark the left wall about {out, length} out. Measure from each back mark to that one.} right {Mark the back wall {first, length} and {second, length} from the right corner, {up, length} up. Mark the right wall about {out, length} out. Measure from each back mark to that one.} other {}}',
  'reading.do.line':
    'Measure straight up from the floor to the level line, {side, select, left {at the left} middle {in the middle} right {at the right} other {}}, {at, select, front {at the front edge} middle {halfway back} back {at the back} other {}}.',

  // What a reading says, and which way
  'value.plain': '{value, measure}',
  'value.sensed':
    '{value, measure} {sense, select, tip {at the tip} heel {at the heel} out {leaning out} in {leaning in} left {low at the left} right {low at the right} front {low at the front} back {low at the back} hollow {hollow} belly {bulging} other {}}',
  'reading.sense':
    '{sense, select, tip {at the tip} heel {at the heel} out {leaning out} in {leaning in} left {low at the left} right {low at the right} front {low at the front} back {low at the back} hollow {hollow} belly {bulging} other {}}',
  'reading.senseBrief':
    '{sense, select, tip {tip} heel {heel} out {out} in {in} left {low left} right {low right} front {low front} back {low back} hollow {hollow} belly {bulge} other {}}',

  // Which reading to take next, and what it settles
  'next.why': '{target, name}: sure to within {now, measure} now, within {then, measure} after this reading.',
  'next.first': '{target, name}: not measured yet.',
  'next.standsOut':
    '“{reading, name}” does not quite match the others. Measure it again without looking at the first figure.',
  'next.again': '“{reading, name}” disagrees with the others. Measure it again without looking at the first figure.',
  'target.width':
    '{at, select, front {Width of shelf {shelf, number} at the front} back {Width of shelf {shelf, number} at the back} other {}}',
  'target.widthAt': '{at, select, front {Width at the front} back {Width at the back} other {}}, {up, length} up',
  'target.end':
    '{side, select, left {Angle of the left end of shelf {shelf, number}} right {Angle of the right end of shelf {shelf, number}} other {}}',
  'target.endAt':
    '{side, select, left {Angle of the left wall} right {Angle of the right wall} other {}}, {up, length} up',
  'target.back': 'Bow of the back wall at shelf {shelf, number}',
  'target.backAt': 'Bow of the back wall, {up, length} up',
  'target.depth': 'Depth',
  'target.ceiling': '{side, select, left {Height at the left} right {Height at the right} other {}}',
  'target.floor': 'Level of the floor',
  'target.plumb': '{wall, select, left {Plumb of the left wall} right {Plumb of the right wall} other {}}',

  // What slip a reading looks like
  'slip.startedAtOne': 'Perhaps the tape started at 1 instead of 0.',
  'slip.inchShort': 'Perhaps it was read one inch short.',
  'slip.centimetre': 'Perhaps it was read one centimetre off.',
  'slip.decimetre': 'Perhaps it was read ten centimetres off.',
  'slip.fraction': 'Perhaps the fraction was misread by {share, length}.',
  'slip.tapeCase': 'Perhaps the tape case ({case, length}) was left out.',
  'slip.swapped': 'Perhaps two digits were swapped: {meant}?',
  'slip.otherUnit': 'Perhaps it was read in {unit}.',

  // The opening in words
  'opening.leansOut':
    '{wall, select, left {The left wall leans out {by, about} over its height.} right {The right wall leans out {by, about} over its height.} back {The back wall leans out {by, about} over its height.} other {}}',
  'opening.leansIn':
    '{wall, select, left {The left wall leans in {by, about} over its height.} right {The right wall leans in {by, about} over its height.} back {The back wall leans in {by, about} over its height.} other {}}',
  'opening.opens':
    '{side, select, left {The left corner opens {by, angle} past square.} right {The right corner opens {by, angle} past square.} other {}}',
  'opening.closes':
    '{side, select, left {The left corner closes {by, angle} short of square.} right {The right corner closes {by, angle} short of square.} other {}}',
  'opening.hollow': 'The back wall is hollow by {by, about}.',
  'opening.belly': 'The back wall bulges {by, about}.',
  'opening.drops':
    '{floor, select, floor {The floor drops {by, about}} sill {The sill drops {by, about}} other {}} {side, select, left {to the left} right {to the right} other {}}.',
  'opening.widens': 'The opening is {by, about} wider at the top than at the bottom.',
  'opening.narrows': 'The opening is {by, about} narrower at the top than at the bottom.',
  'opening.about.lean':
    '{wall, select, left {plumb of the left wall} right {plumb of the right wall} back {plumb of the back wall} other {}}',
  'opening.about.corner': '{side, select, left {angle of the left corner} right {angle of the right corner} other {}}',
  'opening.about.bow': 'bow of the back wall',
  'opening.about.fall': '{floor, select, floor {level of the floor} sill {level of the sill} other {}}',
  'opening.about.taper': 'change of width with height',
  'place.alcove': 'Alcove',
  'place.cavity': 'Cavity',
  'place.corner': 'Corner',
  'place.span': 'Span',
  'place.run': 'Long wall',

  // Where to mark, and the level line
  'station.left.front': 'Left wall, front',
  'station.left.back': 'Left wall, back',
  'station.right.front': 'Right wall, front',
  'station.right.back': 'Right wall, back',
  'station.back.left': 'Back wall, left',
  'station.back.middle': 'Back wall, middle',
  'station.back.right': 'Back wall, right',
  'station.back.at': 'Back wall, {from, length} from the left',
  'station.face.front': 'Side of {piece}, front',
  'station.face.back': 'Side of {piece}, back',
  'station.stud': 'Back wall, stud {from, length} from the left',
  'level.carried.laser':
    'Level line: {up, length} above the floor mark, set by laser. Check it: mark both ends, turn the laser round, and see that it hits its own marks.',
  'level.carried.level':
    'Level line: {up, length} above the floor mark, carried with a level. Turn the level end for end at each step. The line must meet its own start.',
  'level.carried.water':
    'Level line: {up, length} above the floor mark, carried with a water level. Let no bubbles stay in the hose, open both ends, and wait until the water is still.',
  'level.none.laser':
    'No level line yet. Mark {up, length} above the floor mark and set the laser to that mark. Pencil its line on every wall before you measure from the floor.',
  'level.none.level':
    'No level line yet. Mark {up, length} above the floor mark. Carry the mark along every wall with your longest level. The line must meet its own start.',
} as const;
