import type { Param } from './message';

type Length = Extract<Param, { is: 'length' }>;
type About = Extract<Param, { is: 'about' }>;
type Angle = Extract<Param, { is: 'angle' }>;
type Measure = About | Angle;
type Count = Extract<Param, { is: 'count' }>;
type Text = Extract<Param, { is: 'text' }>;
type Inner = Extract<Param, { is: 'message' }>;
type None = Record<never, never>;

/** Every code the core may say, with the parameters it must carry. The sentences are in `words/`. */
export interface MessageCatalogue {
  // What a person typed as a length, an angle or a mass
  'quantity.empty': { example: Text };
  'quantity.notUnderstood': { typed: Text; part: Text; example: Text };
  'quantity.unfinished': { typed: Text; example: Text };
  'quantity.zeroDenominator': { typed: Text; example: Text };
  'quantity.doubleSign': { typed: Text; example: Text };
  'quantity.mixedUnits': { typed: Text; example: Text };
  'quantity.ambiguousComma': { typed: Text; thousands: Text; decimal: Text };
  'quantity.fractionNeedsInches': { typed: Text; example: Text };
  'quantity.tooLarge': { typed: Text; most: Length };
  'quantity.tooSmall': { typed: Text; least: Length };
  'quantity.negative': { typed: Text };
  'quantity.notPositive': { typed: Text };
  'quantity.tooLong': { count: Count };
  'quantity.angleOutOfRange': { typed: Text; least: Text; most: Text };
  'quantity.massOutOfRange': { typed: Text; most: Text };

  // A job file that cannot be taken in
  'file.empty': None;
  'file.tooLarge': { most: Text };
  'file.notJson': None;
  'file.cutShort': None;
  'file.notAJob': None;
  'file.fromLaterVersion': { version: Text; known: Text };
  'file.faults': { count: Count };

  // A fault at one place of a job document
  'fault.unknownField': { path: Text };
  'fault.missing': { path: Text; wanted: Text };
  'fault.wrongType': { path: Text; wanted: Text; value: Text };
  'fault.notOneOf': { path: Text; value: Text; options: Text };
  'fault.tooMany': { path: Text; most: Text };
  'fault.tooFew': { path: Text; least: Text };
  'fault.tooBig': { path: Text; value: Text; most: Text };
  'fault.tooSmall': { path: Text; value: Text; least: Text };
  'fault.badText': { path: Text; value: Text; wanted: Text };
  'fault.lengthDisagrees': { path: Text; typed: Text; mm: Text };
  'fault.angleDisagrees': { path: Text; typed: Text; degrees: Text };
  'fault.repeatedId': { path: Text; id: Text };
  'fault.other': { path: Text; reason: Text };

  // A table of readings from elsewhere
  'outline.unreadable': None;
  'outline.nothing': None;
  'csv.noHeader': { missing: Text };
  'csv.tooMany': { most: Text };
  'csv.missing': { column: Text };
  'csv.notOneOf': { column: Text; value: Text; options: Text };
  'csv.unreadable': { column: Text; reason: Inner };

  // Where something is
  'side.left': None;
  'side.middle': None;
  'side.right': None;
  'at.front': None;
  'at.middle': None;
  'at.back': None;
  'surface.left': None;
  'surface.right': None;
  'surface.back': None;
  'surface.front': None;
  'surface.floor': None;
  'surface.ceiling': None;
  'instrument.tape': None;
  'instrument.laser': None;
  'instrument.sticks': None;
  'instrument.bevel': None;
  'instrument.gauge': None;
  'instrument.square': None;
  'instrument.level': None;
  'instrument.digital-level': None;
  'instrument.straightedge': None;
  'instrument.string': None;

  // Readings: their names, and what to do to take one
  'reading.width': { at: Inner; up: Length };
  'reading.depth': { side: Inner; up: Length };
  'reading.height': { side: Inner; at: Inner };
  'reading.corner': { side: Inner; up: Length };
  'reading.square': { side: Inner; up: Length };
  'reading.plumb': { wall: Inner; along: Inner; up: Length };
  'reading.level.across': { surface: Inner; at: Inner };
  'reading.level.out': { surface: Inner; side: Inner };
  'reading.straightedge.level': { wall: Inner; up: Length };
  'reading.straightedge.upright': { wall: Inner; along: Inner; up: Length };
  'reading.diagonal': { from: Inner; to: Inner; up: Length };
  'reading.face': { from: Inner; to: Inner; at: Inner };
  'reading.triangle': { side: Inner; up: Length };
  'reading.line': { side: Inner; at: Inner };
  'reading.do.width': { at: Inner; up: Length };
  'reading.do.depth': { side: Inner; up: Length };
  'reading.do.height': { side: Inner; at: Inner };
  'reading.do.corner': { side: Inner; up: Length };
  'reading.do.square': { side: Inner; up: Length; blade: Length };
  'reading.do.plumb': { wall: Inner; along: Inner; up: Length; over: Length };
  'reading.do.level.across': { surface: Inner; at: Inner; over: Length };
  'reading.do.level.out': { surface: Inner; side: Inner; over: Length };
  'reading.offset': { wall: Inner; on: Length; up: Length };
  'reading.do.offset.side': { wall: Inner; start: Length; end: Length; on: Length; up: Length };
  'reading.do.offset.back': { wall: Inner; start: Length; end: Length; on: Length; up: Length };
  'reading.do.straightedge.level': { wall: Inner; up: Length; over: Length };
  'reading.do.straightedge.upright': { wall: Inner; along: Inner; up: Length; over: Length };
  'reading.do.diagonal': { from: Inner; to: Inner; up: Length };
  'reading.do.face': { from: Inner; to: Inner; at: Inner };
  'reading.do.triangle': { side: Inner; up: Length; first: Length; second: Length; out: Length };
  'reading.do.line': { side: Inner; at: Inner };

  // What a reading said, and which way it goes
  'value.plain': { value: Length | Measure };
  'value.sensed': { value: Length | Measure; sense: Inner };
  'sense.tip': None;
  'sense.heel': None;
  'sense.out': None;
  'sense.in': None;
  'sense.left': None;
  'sense.right': None;
  'sense.front': None;
  'sense.back': None;
  'sense.hollow': None;
  'sense.belly': None;
  'sense.brief.tip': None;
  'sense.brief.heel': None;
  'sense.brief.out': None;
  'sense.brief.in': None;
  'sense.brief.left': None;
  'sense.brief.right': None;
  'sense.brief.front': None;
  'sense.brief.back': None;
  'sense.brief.hollow': None;
  'sense.brief.belly': None;

  // Why a reading is worth taking, and what it settles
  'next.why': { target: Inner; now: Measure; then: Measure };
  'next.first': { target: Inner };
  'next.standsOut': { reading: Inner };
  'next.again': { reading: Inner };
  'target.width': { shelf: Count; at: Inner };
  'target.widthAt': { up: Length; at: Inner };
  'target.end': { shelf: Count; side: Inner };
  'target.endAt': { up: Length; side: Inner };
  'target.back': { shelf: Count };
  'target.backAt': { up: Length };
  'target.depth': None;
  'target.ceiling': { side: Inner };
  'target.floor': None;
  'target.plumb': { wall: Inner };

  // What slip a reading looks like
  'slip.startedAtOne': None;
  'slip.inchShort': None;
  'slip.centimetre': None;
  'slip.decimetre': None;
  'slip.fraction': { share: Length };
  'slip.tapeCase': { case: Length };
  'slip.swapped': { meant: Text };
  'slip.otherUnit': { unit: Text };

  // The opening in words
  'opening.leansOut': { wall: Inner; by: About };
  'opening.leansIn': { wall: Inner; by: About };
  'opening.opens': { side: Inner; by: Angle };
  'opening.closes': { side: Inner; by: Angle };
  'opening.hollow': { by: About };
  'opening.belly': { by: About };
  'opening.drops': { floor: Inner; by: About; side: Inner };
  'opening.widens': { by: About };
  'opening.narrows': { by: About };
  'opening.about.lean': { wall: Inner };
  'opening.about.corner': { side: Inner };
  'opening.about.bow': None;
  'opening.about.fall': { floor: Inner };
  'opening.about.taper': None;
  'level.floor': None;
  'level.sill': None;
  'place.alcove': None;
  'place.cavity': None;
  'place.corner': None;
  'place.span': None;
  'place.run': None;

  // Terms: how a figure came about
  'term.shallowest': None;
  'term.deepest': None;
  'term.lowestCeiling': None;
  'term.highestCeiling': None;
  'term.cavityWidth': None;
  'term.cavityHeight': None;
  'term.boxOdds': { odds: Text };
  'term.boxWidth': None;
  'term.boxHeight': None;
  'term.boxDepth': None;
  'term.boxWalls': None;
  'term.reveals': None;
  'term.trimWidth': None;
  'term.trimWidths': None;
  'term.alongWall': None;
  'term.betweenWalls': None;
  'term.standingOut': None;
  'term.clearanceOdds': { odds: Text };
  'term.play': None;
  'term.legBack': None;
  'term.legSide': None;
  'term.cornerRuns': { angle: Angle };
  'term.railReach': None;
  'term.setBack': None;
  'term.endRunsOut': { side: Inner };
  'term.endRunsIn': { side: Inner };
  'term.leftOn': { side: Inner };
  'term.leftOnBack': None;
  'term.cleatClearance': None;
  'term.roundedUp': { step: Length };
  'term.roundedDown': { step: Length };
  'term.roundedToTape': { step: Length };
  'term.shelfDepth': None;
  'term.lessNosing': None;
  'term.lessBackCleat': None;
  'term.bottomFloor': None;
  'term.bottomTyped': None;
  'term.topTyped': None;
  'term.typedHeight': None;
  'term.gaps': { count: Count; gap: Length };
  'term.thicknesses': { count: Count; thickness: Length };
  'term.shelfTop': { shelf: Count };
  'term.lessThickness': None;
  'term.bottomBoundary': None;
  'term.topBoundary': None;
  'term.topOfShelfBelow': { shelf: Count };
  'term.undersideOfShelfAbove': { shelf: Count };
  'term.clearGap': None;
  'term.nosingBelowShelf': None;
  'term.cleatTop': { shelf: Count };
  'term.levelLine': None;
  'term.cleatHeight': None;
  'term.shelfThickness': None;

  // Named problems of a plan
  'problem.noReadings': None;
  'problem.noWidth': None;
  'problem.noHeight': None;
  'problem.noDepth': None;
  'problem.noShelves': None;
  'problem.oneWidth': None;
  'problem.tooManyShelves': { count: Count; clear: Length; fits: Count };
  'problem.gapTooSmall': { gap: Length; needed: Length };
  'problem.boundariesCross': { bottom: Length; top: Length };
  'problem.shelfAboveCeiling': { shelf: Count; top: Length; ceiling: Length };
  'problem.shelfThroughFloor': { shelf: Count; underside: Length };
  'problem.cleatThroughFloor': { shelf: Count; height: Length };
  'problem.shelvesOverlap': { lower: Count; upper: Count; overlap: Length };
  'problem.tooDeep': { depth: Length; opening: Length; by: Length };
  'problem.noBoardDepth': { depth: Length; nosing: Length };
  'problem.noSideCleat': { depth: Length; needed: Length };
  'problem.wallsCross': { shelf: Count; width: About };
  'problem.nosingShort': { nosing: Length; needed: Length };
  'problem.endGap': { shelf: Count; gap: About; place: Inner };
  'problem.backGap': { shelf: Count; gap: About };
  'problem.fitUnsure': { shelf: Count; gap: About };
  'problem.readingAside': { reading: Inner; value: Inner; expected: Inner };
  'problem.readingSlip': { reading: Inner; value: Inner; expected: Inner; slip: Inner };
  'problem.readingsDisagree': { reading: Inner; value: Inner; other: Inner };
  'problem.readingForeign': { reading: Inner };
  'problem.notSettled': None;
  'problem.notSolvable': None;
  'problem.noBox': { width: Length; height: Length };
  'problem.trimShort': { covers: Length; gap: About };
  'problem.supportsNotHere': { place: Inner };
  'problem.boardsOnly': { place: Inner };
  'problem.boxOnly': None;
  'problem.cornerGap': { shelf: Count; gap: About };

  // Safety, shown where it bites
  'caution.pilot': None;
  'caution.cavityWires': None;
  'caution.cavityLoad': None;
  'caution.cavityOutside': None;
  'caution.wires': None;
  'caution.studs': None;
  'caution.oldPaint': None;
  'caution.dust': None;
  'caution.strength': None;
  'caution.notFromFloor': None;

  // How a piece is cut and how it goes in
  'end.square': None;
  'end.angled': None;
  'end.bevelled': None;
  'end.scribed': None;
  'cutEnd.square': None;
  'cutEnd.outFront': { by: Length; angle: Angle };
  'cutEnd.inFront': { by: Length; angle: Angle };
  'cutEnd.outTop': { by: Length; angle: Angle };
  'cutEnd.inTop': { by: Length; angle: Angle };
  'cutEnd.undercut': { angle: Angle };
  'cutEnd.leaveOn': { by: Length };
  'cutEnd.side': { side: Inner; how: Inner };
  'cutEnd.mitred': { inside: Length };
  'cutEnd.longerRoom': { by: About; angle: Angle };
  'cutEnd.longerWall': { by: About; angle: Angle };
  'cutEnd.corner.triangle': { angle: Angle };
  'cutEnd.corner.rounded': { angle: Angle };
  'cutEnd.corner.clipped': { angle: Angle };
  'cutEnd.corner.ell': { angle: Angle };
  'sheet.ends': None;
  'gap.place': { side: Inner; at: Inner };
  'gap.at.back': None;
  'gap.at.middle': None;
  'gap.at.front': None;
  'gap.at.lower': None;
  'gap.at.upper': None;
  'fit.reason.alone': { style: Inner; gap: About };
  'fit.reason.simpler': { style: Inner; gap: About; other: Inner; otherGap: About };
  'fit.reason.better': { style: Inner; gap: About; other: Inner; otherGap: About; place: Inner };
  'fit.reason.chosen': { style: Inner; gap: About; other: Inner; otherGap: About };

  // Parts
  'part.board': None;
  'part.backCleat': None;
  'part.sideCleat.left': None;
  'part.sideCleat.right': None;
  'part.nosing': None;
  'part.rail.back': None;
  'part.rail.side': None;
  'part.box.left': None;
  'part.box.right': None;
  'part.box.top': None;
  'part.box.bottom': None;
  'part.trim.left': None;
  'part.trim.right': None;
  'part.trim.head': None;
  'part.trim.foot': None;

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
  'template.page': { row: Text; rows: Text; column: Text; columns: Text };

  // Drawings and sheets
  'scene.board': { shelf: Count };
  'figure.about': { gap: About };
  'scene.gap': { gap: About };
  'scene.elevation': { count: Count };
  'scene.elevationOpen': None;
  'scene.trace': None;
  'scene.saw': None;
  'figure.cutOff': { by: Length };
  'figure.piece': { label: Text };
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
}
