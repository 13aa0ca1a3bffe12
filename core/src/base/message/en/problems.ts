/** Problems and cautions, in English. */
export const problemsEn = {
  'problem.noReadings': 'Nothing has been measured yet. Take one width to begin.',
  'problem.noWidth': 'No width has been read, so no board can be given its length.',
  'problem.noHeight': 'No height has been read. Measure floor to ceiling, or type where the top of the space is.',
  'problem.noDepth': 'No depth has been read, so the shelf depth is not checked against the opening.',
  'problem.noShelves': 'No shelves are asked for. Add one.',
  'problem.oneWidth':
    'Only one width has been read. It says nothing of lean or taper: read the front and the other heights.',
  'problem.tooManyShelves':
    '{count, number} shelves do not fit into {clear, length} clear. At most {fits, number} would.',
  'problem.meets.board': 'Shelf {shelf, number} runs into: {what, inner}. {free, inner}',
  'problem.meets.support': 'What carries shelf {shelf, number} runs into: {what, inner}. {free, inner}',
  'problem.alignedGone': 'What a shelf was lined up with is there no more. Line it up anew, or remove it.',
  'problem.nothingListed': 'Nothing to store is listed yet, so the gaps are equal. List what goes on the shelves.',
  'problem.leastGap':
    '{count, plural, one {# shelf does not fit with {gap, length} clear and nothing in the way. Ask for a smaller least gap, or move what is locked.} other {# shelves do not fit with {gap, length} clear between them and nothing in the way. Ask for fewer, or for a smaller least gap.}}',
  'problem.leftOut': '{name}: {why, inner}. {way, inner}',
  'problem.leftOutMore':
    '{count, plural, one {{name}: {why, inner}. {way, inner}} other {# kinds of things have no room, among them {name}: {why, inner}. {way, inner}}}',
  'problem.levelClosing':
    'The level line missed its own beginning by {by, length}. Carry it again before marking: every shelf hangs on it.',
  'problem.tiltedDeep':
    'Tilted shelf {shelf, number} needs {needs, length}; the opening is {depth, length} deep. Make it shallower, or steeper.',
  'problem.tiltedLow': 'Tilted shelf {shelf, number} would come below the floor. Raise its front edge.',
  'problem.tiltedShut':
    'Nothing is left between tilted shelf {shelf, number} and the one above it. Set them farther apart.',
  'problem.pinInGroove':
    'Shelf {shelf, number} lies so near the fixed shelf {fixed, number} that its pin would fall in the groove, or off the side. Move it away.',
  'problem.pinRows':
    'Two rows {setBack, length} in from each edge cross on a side {depth, length} deep. Bring them nearer to the edges.',
  'problem.hangerDepth':
    'Hangers need {needed, length}; the opening is {depth, length} deep. Hang clothes facing out, or on a shallower rail.',
  'problem.gapTooSmall':
    'The gap below this shelf is {gap, length}, but its cleats and nosing hang down {needed, length}.',
  'problem.boundariesCross':
    'The space begins at {bottom, length} and ends at {top, length}: put the top above the bottom.',
  'problem.trialMeant':
    'Shelf {shelf, number}, {side, inner} end, {at, inner}: was the gap {value, length} or {meant, length}? {value, length} contradicts the readings, so this note changes no board until you say which.',
  'problem.trialGap':
    'Shelf {shelf, number}, {side, inner} end, {at, inner}: a gap of {value, length} was noted, the readings make about {expected, about} likely. This note changes no board until you confirm or correct it.',
  'problem.trialTight':
    'Shelf {shelf, number}, {side, inner} end, {at, inner}: the note that the board binds contradicts the readings. This note changes no board until you confirm or delete it.',
  'problem.noSize':
    '{piece} ({name, inner}) comes out {size, length} in size, so it is left out. Move its shelf, or change the sizes under Supports.',
  'problem.higherThanPlace':
    '{piece} ({name, inner}) is {long, length} long and has {most, length} up to the ceiling, so it is left out. Lower the top shelf, or hold it another way.',
  'problem.longerThanPlace':
    '{piece} ({name, inner}) is {long, length} long and has {most, length} between the walls, so it is left out. Change its size under Supports.',
  'problem.postsUnderCeiling':
    'Shelf {shelf, number} is so near the ceiling that its posts would not stand under it. Put its top at {highest, length} or lower, or hold it another way.',
  'problem.shelfInCaseBottom':
    'Shelf {shelf, number} lies lower than the bottom board of the case. Put its underside at {lowest, length} or higher, or begin the space for shelves lower.',
  'problem.shelfInCaseTop':
    'Shelf {shelf, number} lies higher than the top board of the case allows. Put its top at {highest, length} or lower.',
  'problem.shelfAboveCeiling': 'Shelf {shelf, number} at {top, length} lies above the ceiling, {ceiling, length} up.',
  'problem.shelfThroughFloor':
    'Shelf {shelf, number} would lie below the floor: its underside comes to {underside, length}.',
  'problem.cleatThroughFloor':
    'Shelf {shelf, number} is too low for its cleats and nosing: its underside must be {height, length} up at least.',
  'problem.shelvesOverlap':
    'Shelves {lower, number} and {upper, number} overlap by {overlap, length}. Move one of them.',
  'problem.tooDeep':
    'The shelf is {depth, length} deep, the opening {opening, length}: it stands out past the front by {by, length}.',
  'problem.noBoardDepth': 'A depth of {depth, length} leaves no board behind a nosing of {nosing, length}.',
  'problem.noSideCleat':
    'A depth of {depth, length} leaves no room for side cleats: back cleat and nosing take {needed, length}.',
  'problem.wallsCross':
    'Shelf {shelf, number}: the walls leave about {width, about} between them there. With the clearance off, nothing is left.',
  'problem.nosingShort':
    'The nosing is {nosing, length} high; the cleats show below it. {needed, length} would hide them.',
  'problem.endGap':
    'Shelf {shelf, number}: the gap at the {place, inner} may come to {gap, about}. Another end style, or a reading there, makes it less.',
  'problem.backGap':
    'Shelf {shelf, number}: behind a straight back edge the gap may come to {gap, about}. Scribe the back edge to the wall.',
  'problem.fitUnsure':
    'Shelf {shelf, number}: too little is known for a close fit; its gaps may come to {gap, about}. Take the next reading first.',
  'problem.readingAside':
    'Set aside: the {reading, inner} reads {value, inner}; the others have {expected, inner} there. Take it again, keep it or drop it.',
  'problem.readingSlip':
    'Set aside: the {reading, inner} reads {value, inner}; the others have {expected, inner} there, so {slip, inner}. Take it again, keep it or drop it.',
  'problem.readingsDisagree':
    'The {reading, inner} ({value, inner}) and the {other, inner} do not agree, and either may be the slip. Take both again.',
  'problem.readingForeign': 'The {reading, inner} speaks of a wall this place does not have. It does not count.',
  'problem.notSettled':
    'The readings contradict one another so much that no opening fits them. Look for a slip, and drop or repeat it.',
  'problem.notSolvable': 'The readings cannot be solved together. Look for one that is far from what it should be.',
  'problem.noBox':
    'No upright box goes in: between its worst places the cavity leaves {width, length} by {height, length}.',
  'problem.trimShort': 'The trim covers {covers, length}, but the gap may be up to {gap, about}. Choose a wider one.',
  'problem.supportsNotHere':
    'The pieces of this support are not worked out for a {place, inner}: heights and readings are. Choose another one under Supports.',
  'problem.boxOnly':
    'The box and its trim are planned; in it this support is not worked out. Choose a case with pins or grooves under Supports.',
  'problem.boardsOnly':
    'This support is not worked out for a {place, inner}: boards are cut to their walls, their fixing is yours to choose. Choose another one under Supports to have it planned.',
  'problem.cornerGap':
    'Shelf {shelf, number}: along the walls the gap may come to {gap, about}. Read the corner’s angle at its height.',

  'caution.pilot':
    'Prove every stud with a thin pilot hole before anything hangs on it. Keep clear of wires and pipes: they often run along studs.',
  'caution.cavityWires':
    'Before the wall is opened, look for wires and pipes from both sides. Switch the power off; if in doubt, ask an electrician.',
  'caution.cavityLoad':
    'A stud that is cut may carry the house. A load-bearing wall needs a header and a professional.',
  'caution.cavityOutside': 'Leave an outside wall closed: it holds insulation and a vapour barrier.',
  'caution.wires':
    'Look for hidden wires and pipes before drilling. Switch the power off before drilling near an outlet; if in doubt, ask an electrician.',
  'caution.studs':
    'Find the studs or sound masonry and test each fixing with a tug. Long shelves must be fixed to the structure so that they cannot tip or pull out.',
  'caution.oldPaint':
    'Old paint may hold lead, and old boards or textured coatings asbestos. Have them tested before sanding or cutting; local rules apply.',
  'caution.notFromFloor':
    'Measure up once, at the floor mark, and carry the level from there. Measured from a sloping floor at each wall, the shelf slopes too.',
  'caution.dust':
    'Cut outdoors or with extraction, and wear a mask, eye and ear protection. Support the piece that falls off.',
  'caution.strength':
    'Strength and sag are planning values, not engineering. Follow local codes, and ask someone licensed for heavy loads and over beds and seats.',
  'problem.holeBracket':
    'A hole through {piece} comes down on a bracket of shelf {shelf, number}: move one of the two.',
  'problem.noBackForCleat':
    'There is no back wall to fix anything to here. Choose a way that holds at the sides: end cleats, posts, or screws through the sides.',
  'problem.noBackForBrackets':
    'Brackets need a back wall, and there is none here. Choose a way that holds at the sides: end cleats, posts, or screws through the sides.',
  'problem.noCleatLength':
    'In a shelf {depth, length} deep nothing is left of a cleat that stops {setBack, length} short of the front. Make it stop shorter, or the shelf deeper.',
  'problem.tipsForward':
    'The cleats stop {setBack, length} behind the front: someone leaning on the edge tips the shelf. Keep it under a third of the depth.',
  'problem.bracketTooDeep':
    'Shelf {shelf, number}: a bracket {arm, length} deep stands out beyond the board, which is {board, length} deep. Take a bracket of {board, length} at the most, or a deeper shelf.',
  'problem.bracketShort':
    'Shelf {shelf, number}: a bracket {arm, length} deep carries little of a board {board, length} deep. Take one of {least, length} or more.',
  'problem.noBrace':
    'A bracket {arm, length} out and {leg, length} down leaves no room for a brace between its sticks. Make arm and leg longer, or the sticks thinner.',
  'problem.studBlocked':
    '{count, plural, one {Shelf {shelf, number}: a bracket at one stud would meet something that must stay clear; that stud is left out.} other {Shelf {shelf, number}: brackets at # studs would meet something that must stay clear; those studs are left out.}}',
  'problem.notRigid':
    'Screwing through the sides takes rigid faces, cabinet sides or posts: a lined or plastered wall has no back to screw from. Choose cleats or posts, or say under Place what the sides are.',
  'problem.sideNoDepth':
    'Shelf {shelf, number}: a board {depth, length} deep has no room for screws {edge, length} in from both edges. Put them nearer to the edges, or make the shelf deeper.',
  'problem.sideBlocked':
    'Shelf {shelf, number}: the holes and fittings in the sides leave no room for two screws at its height. Move the shelf up or down a little.',
  'problem.sideFewer':
    '{count, plural, one {Shelf {shelf, number}: the holes in the sides leave room for one screw only.} other {Shelf {shelf, number}: the holes in the sides leave room for # screws only.}}',
  'problem.sideMoved':
    '{count, plural, one {Shelf {shelf, number}: one screw is moved aside from a hole that is there already. Mark from the drilling sheet, not evenly.} other {Shelf {shelf, number}: # screws are moved aside from holes that are there already. Mark from the drilling sheet, not evenly.}}',
  'problem.grooveTooDeep':
    'A groove {groove, length} deep leaves too little of a post {post, length} thick. {most, length} is the most it takes, or take thicker posts.',
  'problem.grooveNearFoot':
    'Shelf {shelf, number}: its groove is so near to the foot of the posts that the wood below it breaks out. Raise the shelf, or let it lie on the floor.',
  'problem.hollowThin':
    'A shelf {thickness, length} thick is too thin to hide rails in. It takes {needed, length} with these skins.',
  'problem.noRail':
    'In a shelf {depth, length} deep nothing is left of the side rails: the front strip, the back rail and the set-back take {needed, length}.',
  'caution.ratedLoad':
    'A bracket’s rated load is for a pair, at its rated depth, fixed as its maker says. Type the figure from its packet.',
  'caution.insideCabinet':
    'Screws through a cabinet’s side come out in the shelf or in someone’s hand: count both panels, and stay clear of hinges, rails and shelf holes.',
  'caution.grooveInPairs':
    'Groove posts in pairs, laid side by side and marked across both from one line. A left and a right post are mirrored.',
  'problem.noScrew':
    'No screw passes {pass, length} of {piece, inner} and bites without coming out at the far side. Take thinner sticks, or another way to hold the shelf.',
  'problem.noStudNoAnchor':
    '{count, plural, one {Only one screw of {piece, inner} meets a stud, and anchors are not allowed. Note more studs, allow anchors, or hold the shelf another way.} other {No two screws of {piece, inner} meet a stud, and anchors are not allowed. Note more studs, allow anchors, or hold the shelf another way.}}',
  'problem.noPlaceForScrews':
    '{count, plural, one {What must stay clear leaves room for one screw only in {piece, inner}; it takes two at the least. Move the shelf.} other {What must stay clear leaves no room for two screws in {piece, inner}. Move the shelf.}}',
  'problem.fewerScrews':
    '{count, plural, one {Of {piece, inner} one screw only has a place: what must stay clear, or missing studs, take the others.} other {Of {piece, inner} # screws only have a place: what must stay clear, or missing studs, take the others.}}',
  'problem.bracketNoStud':
    '{count, plural, one {Shelf {shelf, number}: one bracket has no stud noted behind it. Find the stud and note it, or it hangs on anchors.} other {Shelf {shelf, number}: # brackets have no stud noted behind them. Find the studs and note them, or they hang on anchors.}}',
  'problem.tips':
    'It may tip: someone hanging on its front pulls on the wall with {kg, mass}, and its screws there hold {has, mass}. Screw it to studs.',
  'problem.givesWay':
    'Shelf {shelf, number} may give way under {kg, mass}: where it is weakest, {percent, number} % of what may be relied on is used. As it is it carries about {holds, mass}.',
  'problem.sags': 'Shelf {shelf, number} would sag {sag, about} in the long run; {usual, about} is usual at the most.',
  'problem.sagsCured':
    'Shelf {shelf, number} would sag {sag, about} in the long run; {usual, about} is usual at the most. What cures it: {cure, inner}.',
  'problem.tipsUnfixed':
    'It stands higher than is safe for its depth, and there is no wall behind it to screw it to. Tie it to the side walls or the ceiling.',
  'problem.caseTilts':
    'A case {height, length} high cannot be stood up here: from corner to corner it is {diagonal, length}. Under this ceiling it may be {most, length} high, or be put together standing.',
  'problem.caseNarrow': 'A case {width, length} wide has no inside between its sides.',
  'problem.noBoxDepth': 'No depth of the cavity has been read, so its shelves have none.',
  'problem.noPins': 'Where the holes for pins go is not said yet: add pin holes under Heights.',
  'problem.benchShallow':
    'Bench {shelf, number}: {depth, length} is too shallow for a frame with rails at front and back.',
  'problem.benchLow':
    'Bench {shelf, number}: so low, a frame {height, length} high leaves no posts under it. Raise it, or lower the frame.',
  'problem.ladderShallow':
    'Frames {depth, length} deep have no room for rungs between their uprights: it takes {needed, length}.',
  'caution.divider': 'A divider is not reckoned as a support: what leans on it comes down on the shelf below.',
  'problem.dividerCorner': 'Divider {piece} on shelf {shelf, number}: in a corner they are not worked out.',
  'problem.dividerOff': 'Divider {piece} would stand beside shelf {shelf, number}, which is about {most, length} long.',
  'problem.dividerTop': 'Nothing is above shelf {shelf, number} to end divider {piece} at: say how high it is.',
  'problem.dividerHigh': 'Divider {piece} does not fit above shelf {shelf, number}: {clear, length} is clear there.',
  'problem.dividerBracket':
    'Divider {piece} on shelf {shelf, number} would stand where a bracket hangs above it: move it along.',
  'problem.dividerMeets': 'Divider {piece} on shelf {shelf, number} would stand in {other}: move it along.',
  'problem.holeOff': 'A hole through {piece} lies beside the board of shelf {shelf, number} and is left out.',
  'problem.holeEdge':
    'A hole through {piece} leaves less than {least, length} of wood to the edge of shelf {shelf, number}.',
  'problem.holeOver': 'A hole through {piece} comes down on {other} below it: move it, or cut that out too.',
  'problem.holeScrew': 'A hole through {piece} takes away a screw of shelf {shelf, number}: move one of the two.',
  'problem.caseShallow':
    'Of a depth of {depth, length} nothing is left for a shelf: its nosing and the panel behind it take {taken, length}.',
  'problem.ladderBoard':
    'Shelf {shelf, number} is {depth, length} deep: it needs {needed, length} to lie on its rungs and be screwed to them.',
  'problem.trimCeiling':
    'The head of the trim would run {over, length} into the ceiling: lower the top, or take narrower trim.',
  'problem.trimOver': 'The trim would run {over, length} into a wall: take narrower trim, or plane it there.',
  'problem.trimOpen': 'The trim leaves up to {open, length} open beside the case: take wider trim.',
  'problem.rodBreaks':
    'A closet rod full of clothes (about {kg, mass}) may break: carry it in the middle, or take a stouter one.',
  'problem.rodSags':
    'A closet rod full of clothes (about {kg, mass}) sags {sag, about} in time: carried in the middle it would be {halved, about}.',
  'problem.tiltedBreaks': 'The tilted board {piece} may give way under shoes: take a thicker one.',
  'problem.tiltedSags': 'The tilted board {piece} sags {sag, about} in time; {usual, about} is usual at the most.',
  'caution.mesh':
    'What mesh carries is not reckoned: go by its maker’s figure for rungs so far apart, and cover cut wire ends.',
  'caution.tipping':
    'Anything tall tips when someone hangs on its front: screw it to the structure, above all where there are children. Local rules may ask for more.',
  'problem.inLayers':
    '{piece}: no sheet is that thick. It is glued up of {layers, number} layers of {thick, length}, which come to {made, length}: make that the thickness of the boards, or plane it.',
  'problem.noStock':
    '{piece}: nothing that can be bought makes it, {thick, length} thick and {wide, length} wide. Add what you can buy to the catalogue, or choose another thickness or material.',
  'problem.reallyThick':
    'Planned {planned, length} thick; {item, inner} is really about {really, length}. Measure one and say what it is before cutting: grooves, supports and heights follow.',
  'problem.otherWood': '{section, inner}: not sold in that wood; {material, inner} is taken for it.',
  'problem.tooWideForStock':
    '{piece} is {wide, length} wide, wider than any sheet ({widest, length}): make it of two, joined along a support.',
  'problem.joinedOver':
    '{piece} is {length, length} long; the longest that can be had is {longest, length}. It is made of pieces that meet over a support, {at, inner} from its left end.',
  'problem.joinedFree':
    '{piece} is {length, length} long; the longest that can be had is {longest, length}, and no support is where it could be joined. Screw and glue a strip under the joint, {at, inner} from its left end.',
  'problem.glueUp':
    '{piece}: no board is wide enough. Glue it up of {strips, number} strips {wide, length} wide from {item, inner}: joint their edges, turn the grain of each against its neighbour, plane it flat, then cut it to size.',
  'problem.notEnough':
    '{piece}, {long, length} × {wide, length}: there is not enough, or nothing large enough, of what it is cut from.',
  'problem.longBoard':
    '{item, inner}, {long, length} long, is longer than what you can carry: have it delivered, or buy shorter ones and leave this out.',
} as const;
