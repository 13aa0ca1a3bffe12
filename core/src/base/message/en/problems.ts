/** Problems and cautions, in English. */
export const problemsEn = {
  'problem.noReadings': 'No readings yet. Measure one width to start.',
  'problem.noWidth': 'No width has been measured, so no board has a length. Measure a width.',
  'problem.noHeight': 'No height has been measured. Measure from floor to ceiling, or type where the shelves end.',
  'problem.noDepth': 'No depth has been measured, so the shelf depth is unchecked. Measure the depth.',
  'problem.noShelves': 'No shelves yet. Add a shelf.',
  'problem.oneWidth':
    'One width cannot show whether the walls lean or taper. Measure the width at the front and at other heights too.',
  'problem.tooManyShelves':
    '{count, plural, one {# shelf does not fit} other {# shelves do not fit}} into a clear height of {clear, length}. {fits, plural, =0 {Make more room.} one {# shelf fits.} other {# shelves fit at most.}}',
  'problem.meets.board':
    'Shelf {shelf, number} hits {what, select, outlet {a socket} switch {a light switch} vent {a vent} pipe {a pipe} hole {a hole} hardware {a fitting} trim {a trim} windowBar {a window bar} lid {the swing of a lid} door {the swing of a door} other {a keep-clear}}. {free, sentence}',
  'problem.meets.support':
    'The supports of shelf {shelf, number} hit {what, select, outlet {a socket} switch {a light switch} vent {a vent} pipe {a pipe} hole {a hole} hardware {a fitting} trim {a trim} windowBar {a window bar} lid {the swing of a lid} door {the swing of a door} other {a keep-clear}}. {free, sentence}',
  'problem.alignedGone':
    'A shelf was lined up with something that is gone. Line it up with something else, or delete the line-up.',
  'problem.nothingListed': 'Nothing to store is listed, so all gaps are equal. List what goes on the shelves.',
  'problem.leastGap':
    '{count, plural, one {# shelf does not fit with {gap, length} clear. Allow a smaller gap, or unlock a shelf.} other {# shelves do not fit with {gap, length} clear between them. Use fewer shelves, or allow a smaller gap.}}',
  'problem.thingsBeside':
    '“{name}” on {shelf, plural, =0 {the floor} other {shelf #}}: {count, plural, one {one has} other {# have}} no room beside what stands there. Move the divider or the post, or store fewer.',
  'problem.leftOut': 'No room for “{name}”. {why, sentence} {way, sentence}',
  'problem.leftOutMore':
    '{count, plural, one {No room for “{name}”.} other {No room for # kinds of things. The first: “{name}”.}} {why, sentence} {way, sentence}',
  'problem.levelClosing':
    'The level line misses its own start by {by, length}. Carry it round again before you mark: every shelf depends on it.',
  'problem.tiltedDeep':
    'Tilted shelf {shelf, number} takes {needs, length} of depth, and the opening has {depth, length}. Make it shallower or steeper.',
  'problem.tiltedLow': 'Tilted shelf {shelf, number} would reach below the floor. Raise its front edge.',
  'problem.tiltedShut':
    'No gap is left between tilted shelf {shelf, number} and the one above. Set them further apart.',
  'problem.pinInGroove':
    'Shelf {shelf, number} is so close to fixed shelf {fixed, number} that its pin would land in the housing or off the side. Move it away.',
  'problem.pinRows':
    'Pin rows {setBack, length} in from each edge cross on a side {depth, length} deep. Set them nearer the edges.',
  'problem.hangerDepth':
    'Hangers take {needed, length}, and the opening is {depth, length} deep. Hang clothes facing out, or use a shallower clothes rail.',
  'problem.gapTooSmall':
    'The gap below this shelf is {gap, length}, but its battens and lipping hang down {needed, length}. Raise the shelf, or lower the one below.',
  'problem.boundariesCross':
    'The space starts at {bottom, length} and ends at {top, length}. Put the top above the bottom.',
  'problem.trialMeant':
    '{side, select, left {Shelf {shelf, number}, left end} right {Shelf {shelf, number}, right end} other {}}, {at, select, back {back} middle {middle} front {front} other {}}: was the gap {value, length} or {meant, length}? {value, length} contradicts the readings. No board changes until you say.',
  'problem.trialGap':
    '{side, select, left {Shelf {shelf, number}, left end} right {Shelf {shelf, number}, right end} other {}}, {at, select, back {back} middle {middle} front {front} other {}}: you noted a gap of {value, length}, and the readings suggest about {expected, about}. No board changes until you confirm or correct the note.',
  'problem.trialTight':
    '{side, select, left {Shelf {shelf, number}, left end} right {Shelf {shelf, number}, right end} other {}}, {at, select, back {back} middle {middle} front {front} other {}}: the note “too tight” contradicts the readings. No board changes until you confirm or delete the note.',
  'problem.noSize':
    '{piece} ({name, name}) comes out only {size, length} in size, so it is left out. Move its shelf, or change the sizes under Supports.',
  'problem.higherThanPlace':
    '{piece} ({name, name}) is {long, length} long, and only {most, length} are free up to the ceiling, so it is left out. Lower the top shelf, or choose another support.',
  'problem.longerThanPlace':
    '{piece} ({name, name}) is {long, length} long, and only {most, length} are free between the walls, so it is left out. Change its size under Supports.',
  'problem.postsUnderCeiling':
    'Under shelf {shelf, number} the posts do not fit below the ceiling. Put its top at {highest, length} or lower, or choose another support.',
  'problem.shelfInCaseBottom':
    'Shelf {shelf, number} is below the bottom board of the case. Put its underside at {lowest, length} or higher, or start the space lower.',
  'problem.shelfInCaseTop':
    'Shelf {shelf, number} is above the top board of the case. Put its top at {highest, length} or lower.',
  'problem.shelfAboveCeiling':
    'Shelf {shelf, number} at {top, length} is above the ceiling, which is {ceiling, length} up. Lower the shelf.',
  'problem.shelfThroughFloor':
    'Shelf {shelf, number} would be below the floor: its underside is at {underside, length}. Raise the shelf.',
  'problem.cleatThroughFloor':
    'Shelf {shelf, number} is too low for its battens and lipping. Put its underside at {height, length} or higher.',
  'problem.shelvesOverlap':
    'Shelves {lower, number} and {upper, number} overlap by {overlap, length}. Move one of them.',
  'problem.tooDeep':
    'The shelf is {depth, length} deep, and the opening {opening, length}. The shelf sticks out {by, length} at the front. Make it shallower if it must not.',
  'problem.noBoardDepth':
    'A depth of {depth, length} leaves no board behind a lipping of {nosing, length}. Make the shelf deeper.',
  'problem.noSideCleat':
    'A depth of {depth, length} leaves no room for side battens: back batten and lipping take {needed, length}. Make the shelf deeper.',
  'problem.besideTakesAll':
    'Shelf {shelf, number}: the walls are about {width, about} apart, and the pieces at both ends take about {taken, about}. Nothing is left for the board. Use thinner pieces.',
  'problem.wallsCross':
    'Shelf {shelf, number}: the walls are only about {width, about} apart here, and the clearance takes all of it. Check the readings at this height.',
  'problem.nosingShort':
    'The lipping is {nosing, length} high, and the battens show below it. Make the lipping {needed, length} high to hide them.',
  'problem.endGap':
    'Shelf {shelf, number}: the gap may reach {gap, about} {end, select, left {{at, select, back {at the left end, back} middle {at the left end, halfway out} front {at the left end, front} lower {at the left end, bottom} upper {at the left end, top} other {}}} right {{at, select, back {at the right end, back} middle {at the right end, halfway out} front {at the right end, front} lower {at the right end, bottom} upper {at the right end, top} other {}}} other {}}. Choose another end style, or take a reading there.',
  'problem.backGap':
    'Shelf {shelf, number}: the gap behind a straight back edge may reach {gap, about}. Scribe the back edge to the wall.',
  'problem.fitUnsure':
    'Shelf {shelf, number}: too little is measured for a close fit. Gaps may reach {gap, about}. Take the next reading first.',
  'problem.readingAside':
    '“{reading, name}” is set aside. Reads: {value, name}. The others predict: {expected, name}. Measure again, or keep or delete the reading.',
  'problem.readingSlip':
    '“{reading, name}” is set aside. Reads: {value, name}. The others predict: {expected, name}. {slip, sentence} Measure again, or keep or delete the reading.',
  'problem.readingsDisagree':
    '“{reading, name}” reads: {value, name}. That contradicts “{other, name}”. Measure both again.',
  'problem.readingOutside':
    '“{reading, name}” lies higher than the opening, which is {height, length} high, so it is ignored. Change its height.',
  'problem.readingForeign': '“{reading, name}” is about a wall that this place does not have, so it is ignored.',
  'problem.notSettled':
    'The readings contradict each other so much that no opening fits them. Look for a slip. Delete that reading or measure it again.',
  'problem.notSolvable':
    'The readings cannot be combined. Look for one that is far out, then delete it or measure it again.',
  'problem.lineAbove':
    'The level line is planned {up, length} up, above the opening ({height, length} high). Set the level line lower, where you can mark it inside the opening.',
  'problem.boxLarge':
    'A box {width, length} wide and {height, length} high has a {odds} % chance to fit. One of {fitsWidth, length} × {fitsHeight, length} has {wanted} %. Make the box smaller, or measure again where the hole is narrowest.',
  'problem.noBox':
    'No upright box fits: the cavity leaves {width, length} by {height, length} between its tightest places.',
  'problem.trimShort': 'The trim covers {covers, length}, and the gap may reach {gap, about}. Choose wider trim.',
  'problem.supportsNotHere':
    'Dormer plans heights and readings for {place, select, alcove {an alcove} cavity {a cavity} corner {a corner} span {a span} run {a long wall} other {}}, but not the pieces of this support. Choose another under Supports.',
  'problem.boxOnly':
    'Dormer plans the box and its trim, but not this support inside it. Choose a case with pins or housings under Supports.',
  'problem.boardsOnly':
    'For {place, select, alcove {an alcove} cavity {a cavity} corner {a corner} span {a span} run {a long wall} other {}} Dormer cuts the boards to the walls, but does not plan this support. Choose another under Supports, or fix the boards your own way.',
  'problem.cornerGap':
    'Shelf {shelf, number}: the gap along the walls may reach {gap, about}. Measure the corner angle at its height.',

  // Safety, shown where it bites: hazard, consequence, action
  'caution.pilot':
    'Wires and pipes often run along studs. Drilling into one can kill or flood. Drill a thin pilot hole into every stud first, and stop if it meets anything but wood.',
  'caution.cavityWires':
    'Wires or pipes may run inside this wall. Cutting one can kill or flood. Switch the circuit off, look from both sides first, and ask an electrician if in doubt.',
  'caution.cavityLoad':
    'A stud may carry the house. Cutting it can bring the ceiling down. Have a professional look before you cut one.',
  'caution.cavityOutside':
    'An outside wall holds insulation and a vapour barrier. A hole in it lets damp in. Leave outside walls closed.',
  'caution.wires':
    'Wires or pipes may run behind this wall. Drilling into one can kill. Switch the circuit off and test before drilling. Ask an electrician if in doubt.',
  'caution.studs':
    'Fixings that miss the stud or sound masonry pull out, and the shelf falls. Find the structure and test each fixing with a tug.',
  'caution.oldPaint':
    'Old paint may hold lead, and old boards or textured coatings asbestos. Their dust makes you ill years later. Have them tested before you sand or cut, and follow local rules.',
  'caution.notFromFloor':
    'Floors slope. Shelves measured up from the floor at each wall slope too. Measure up once, at the floor mark, and carry the level from there.',
  'caution.dust':
    'Wood dust harms lungs, and offcuts fly. Cut outdoors or with extraction, wear a mask and eye and ear protection, and support the offcut.',
  'caution.strength':
    'Strength and sag are estimates, not engineering. A shelf that fails can hurt someone. Follow local codes, and ask a licensed person for heavy loads and above beds and seats.',

  'problem.holeBracket':
    'The hole in {piece} sits over a bracket of shelf {shelf, number}. Move the hole or the bracket.',
  'problem.noBackForCleat':
    'This place has no back wall to fix to. Choose a support that holds at the sides: end battens, posts, or screws through the sides.',
  'problem.noBackForBrackets':
    'Brackets need a back wall, and this place has none. Choose a support that holds at the sides: end battens, posts, or screws through the sides.',
  'problem.noCleatLength':
    'On a shelf {depth, length} deep, a batten that stops {setBack, length} short of the front has no length left. Stop it nearer the front, or make the shelf deeper.',
  'problem.tipsForward':
    'The battens stop {setBack, length} short of the front. Someone leaning on the edge tips the shelf. Keep this under a third of the depth.',
  'problem.bracketTooDeep':
    'Shelf {shelf, number}: a bracket {arm, length} deep sticks out past a board {board, length} deep. Use brackets up to {board, length} deep, or a deeper shelf.',
  'problem.bracketShort':
    'Shelf {shelf, number}: a bracket {arm, length} deep is short for a board {board, length} deep. Use one of {least, length} or more.',
  'problem.noBrace':
    'A bracket {arm, length} out and {leg, length} down has no room for a brace. Make arm and leg longer, or the sticks thinner.',
  'problem.studBlocked':
    '{count, plural, one {Shelf {shelf, number}: at one stud the bracket would hit a keep-clear, so that stud is left out.} other {Shelf {shelf, number}: at # studs the brackets would hit a keep-clear, so those studs are left out.}}',
  'problem.notRigid':
    'Screwing through the sides takes cabinet sides, posts or other rigid faces. Nobody can screw from behind a lined or plastered wall. Choose battens or posts, or set the wall type under Place.',
  'problem.sideNoDepth':
    'Shelf {shelf, number}: a board {depth, length} deep has no room for screws {edge, length} in from both edges. Set them nearer the edges, or make the shelf deeper.',
  'problem.sideBlocked':
    'Shelf {shelf, number}: holes and fittings in the sides leave no room for two screws at this height. Move the shelf up or down a little.',
  'problem.sideFewer':
    '{count, plural, one {Shelf {shelf, number}: holes in the sides leave room for only one screw. Move the shelf up or down a little.} other {Shelf {shelf, number}: holes in the sides leave room for only # screws. Move the shelf up or down a little.}}',
  'problem.sideMoved':
    '{count, plural, one {Shelf {shelf, number}: one screw moved aside to miss a hole. Mark from the drilling sheet, not evenly.} other {Shelf {shelf, number}: # screws moved aside to miss holes. Mark from the drilling sheet, not evenly.}}',
  'problem.baysNotHere': 'A corner and a wall cavity cannot be parted into bays. Plan each bay as a job.',
  'problem.baysTooWide':
    'The bays do not go into {width, length}. Make one narrower, or leave the width of one open. Only the main bay is planned.',
  'problem.aboveCase':
    'Shelf {shelf, number} is higher than the side it is fixed to, which ends at {top, length}. Lower the shelf, or make the side higher.',
  'problem.deeperThanCase':
    'Shelf {shelf, number} is {by, length} deeper than the side it is fixed to. Make the shelf shallower, or the side deeper.',
  'problem.trimBesideBay':
    'The trim of a case beside another bay ends at its sides: {width, length} wide. Make the sides thicker for wider trim.',
  'problem.grooveTooDeep':
    'A cut {groove, length} deep leaves too little of a piece {post, length} thick. Make the cut {most, length} deep at most, or use thicker pieces.',
  'problem.rebateDeep':
    'Rebates {groove, length} deep leave {left, length} of each post. Use posts without knots at the rebates, and screw each post to the wall above and below each rebate.',
  'problem.grooveNearFoot':
    'Shelf {shelf, number}: its housing is so near the foot of the posts that the wood below breaks out. Raise the shelf, or lay it on the floor.',
  'problem.hollowThin':
    'A shelf {thickness, length} thick is too thin to hide rails in. With these skins use {needed, length} or more.',
  'problem.noRail':
    'A shelf {depth, length} deep leaves no room for side rails: front strip, back rail and set-back take {needed, length}. Make the shelf deeper.',
  'caution.ratedLoad':
    'The load on a bracket’s packet is for a pair at its full depth, fixed as the maker says. More can bring the shelf down. Type the figure from the packet.',
  'caution.insideCabinet':
    'Long screws through a cabinet side come out in the shelf or in a hand. Add up both panels, and stay clear of hinges, rails and shelf holes.',
  'caution.grooveInPairs':
    'Left and right posts are mirrored. Grooved alike, one is scrap. Lay each pair side by side and mark across both from one line.',
  'problem.noScrew':
    '{piece, name}: no screw goes through {pass, length} and bites without coming out at the far side. Use thinner sticks, or another support.',
  'problem.noStudNoAnchor':
    '{count, plural, one {{piece, name}: only one screw meets a stud, and hollow-wall fixings are off. Add studs, allow hollow-wall fixings, or choose another support.} other {{piece, name}: no two screws meet a stud, and hollow-wall fixings are off. Add studs, allow hollow-wall fixings, or choose another support.}}',
  'problem.noPlaceForScrews':
    '{count, plural, one {{piece, name}: keep-clears leave room for only one screw, and two are the least. Move the shelf.} other {{piece, name}: keep-clears leave no room for two screws. Move the shelf.}}',
  'problem.fewerScrews':
    '{count, plural, one {{piece, name}: only one screw has a place. Keep-clears or missing studs take the others.} other {{piece, name}: only # screws have a place. Keep-clears or missing studs take the others.}}',
  'problem.bracketNoStud':
    '{count, plural, one {Shelf {shelf, number}: one bracket has no stud behind it and hangs on hollow-wall fixings. Find the stud and add it under Place.} other {Shelf {shelf, number}: # brackets have no stud behind them and hang on hollow-wall fixings. Find the studs and add them under Place.}}',
  'problem.tips':
    'This unit may tip. Someone hanging on its front pulls on the wall with {kg, mass}, and its wall screws hold {has, mass}. Screw it to studs.',
  'problem.tipsUnfixed':
    'This unit is tall for its depth and has no wall behind it, so it may tip over. Tie it to the side walls or the ceiling.',
  'problem.givesWay':
    'Shelf {shelf, number} may break under {kg, mass}: its weakest point is loaded to {percent, number} % of what is safe. The shelf carries about {holds, mass}. Use a thicker board, more supports or less load.',
  'problem.sags':
    'Shelf {shelf, number} will sag {sag, about} after years of load. {usual, about} is the usual limit. Use a thicker board or more supports.',
  'problem.sagsCured':
    'Shelf {shelf, number} will sag {sag, about} after years of load. {usual, about} is the usual limit. {cure, sentence}',
  'problem.caseTilts':
    'A case {height, length} high cannot be stood up here: it is {diagonal, length} from corner to corner. Make it {most, length} at most, or put it together standing.',
  'problem.caseNarrow':
    'The case may be {width, length} wide, and its two sides take {sides, length}. Make more room, or use thinner sides.',
  'problem.noBoxDepth':
    'The depth of the cavity has not been measured, so its shelves have no depth. Measure the depth.',
  'problem.benchShallow':
    'Bench {shelf, number}: {depth, length} is too shallow for a frame with front and back rails. Make it deeper.',
  'problem.studOutside':
    'A stud is noted at {at, length} on the {wall, select, left {left wall} right {right wall} back {back wall} other {wall}}, and that wall is only {long, length} long. Correct it under Place.',
  'problem.twoCases':
    'Shelf {shelf, number} asks for a second case where one stands already. Choose the same support for both, or one that is no case.',
  'problem.benchLow':
    'Bench {shelf, number}: a frame {height, length} high leaves no room for posts at this height. Raise the bench, or lower the frame.',
  'problem.ladderShallow':
    'Frames {depth, length} deep have no room for rungs between their uprights. Make them {needed, length} or more.',
  'caution.divider':
    'A divider is not counted as a support. What leans on it loads the shelf below. Keep heavy things off its top.',
  'problem.dividerCorner':
    'Divider {piece} on shelf {shelf, number}: Dormer does not plan dividers in corners. Delete the divider.',
  'problem.dividerOff':
    'Divider {piece} is beside shelf {shelf, number}, which is about {most, length} long. Move it onto the shelf.',
  'problem.dividerTop': 'Above shelf {shelf, number} nothing stops divider {piece}. Type its height.',
  'problem.dividerHigh':
    'Divider {piece} does not fit above shelf {shelf, number}: {clear, length} are clear. Make it lower.',
  'problem.dividerBracket': 'Divider {piece} on shelf {shelf, number} would hit a bracket above. Move it sideways.',
  'problem.dividerMeets': 'Divider {piece} on shelf {shelf, number} would hit {other}. Move it sideways.',
  'problem.holeOff':
    'The hole in {piece} is outside the board of shelf {shelf, number}, so it is left out. Move it onto the board.',
  'problem.holeEdge':
    'The hole in {piece} leaves less than {least, length} of wood to the edge of shelf {shelf, number}. Move it further in.',
  'problem.holeOver': 'The hole in {piece} sits over {other} below it. Move the hole, or cut {other} out too.',
  'problem.holeScrew': 'The hole in {piece} takes away a screw of shelf {shelf, number}. Move the hole or the screw.',
  'problem.caseShallow':
    'A depth of {depth, length} leaves nothing for a shelf: its lipping and the panel behind it take {taken, length}. Make the case deeper.',
  'problem.ladderBoard':
    'Shelf {shelf, number} is {depth, length} deep. To lie on its rungs and be screwed to them it must be {needed, length}.',
  'problem.trimCeiling': 'The top trim would run {over, length} into the ceiling. Lower the top, or use narrower trim.',
  'problem.trimOver': 'The trim would run {over, length} into a wall. Use narrower trim, or plane it there.',
  'problem.trimOpen': 'The trim leaves up to {open, length} open beside the case. Use wider trim.',
  'problem.rodBreaks':
    'A clothes rail full of clothes (about {kg, mass}) may break. Support it in the middle, or use a thicker one.',
  'problem.rodSags':
    'A clothes rail full of clothes (about {kg, mass}) sags {sag, about} over the years. Supported in the middle it sags {halved, about}.',
  'problem.tiltedBreaks': 'The tilted board {piece} may break under shoes. Use a thicker board.',
  'problem.tiltedSags':
    'The tilted board {piece} sags {sag, about} over the years. {usual, about} is the usual limit. Use a thicker board.',
  'caution.mesh':
    'Dormer does not know what mesh carries. Overloaded mesh tears. Go by the maker’s figure for this rung spacing, and cover cut wire ends.',
  'caution.tipping':
    'Anything tall tips when someone hangs on its front, and can crush a child. Screw it to the structure. Local rules may ask for more.',
  'problem.inLayers':
    '{piece}: no sheet is this thick. Glue up {layers, number} layers of {thick, length}, which make {made, length}. Use that as the board thickness, or plane it down.',
  'problem.noStock':
    '{piece}: nothing for sale makes it, {thick, length} thick and {wide, length} wide. Add what you can buy, or choose another thickness or material.',
  'problem.reallyThick':
    'Planned {planned, length} thick. Really about {really, length}: {item, name}. Measure one and type its thickness before you cut: housings, supports and heights follow.',
  'problem.otherWood':
    '{thick, length} × {wide, length} is not sold in the chosen wood. Used instead: {material, name}.',
  'problem.tooWideForStock':
    '{piece} is {wide, length} wide, and the widest sheet is {widest, length}. Make it from two, joined over a support.',
  'problem.joinedOver':
    '{piece} is {length, length} long, and the longest stock is {longest, length}. The pieces meet over a support, measured from its left end at: {at, list}.',
  'problem.joinedFree':
    '{piece} is {length, length} long, and the longest stock is {longest, length}. No support is under the joint. Screw and glue a strip under it, measured from its left end at: {at, list}.',
  'problem.glueUp':
    '{piece}: no board is wide enough. Glue up {strips, number} strips {wide, length} wide. Alternate the grain, plane flat, then cut to size. Made from: {item, name}.',
  'problem.notEnough':
    '{piece}, {long, length} × {wide, length}: the stock runs out, or none of it is large enough. Add stock.',
  'problem.longBoard':
    'Too long to carry: {item, name}, {long, length}. Have it delivered, or cross it off and buy shorter.',
} as const;
