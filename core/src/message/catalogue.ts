import type { Param } from './message';

type Length = Extract<Param, { is: 'length' }>;
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
  'fault.repeatedId': { path: Text; id: Text };
  'fault.other': { path: Text; reason: Text };

  // Where something is
  'side.left': None;
  'side.middle': None;
  'side.right': None;
  'at.front': None;
  'at.back': None;
  'reading.width': { at: Inner; up: Length };
  'reading.depth': { side: Inner; up: Length };
  'reading.height': { side: Inner; at: Inner };
  'reading.do.width': { at: Inner; up: Length };
  'reading.do.depth': { side: Inner; up: Length };
  'reading.do.height': { side: Inner; at: Inner };
  'reading.why.first': None;
  'reading.why.width': None;
  'reading.why.nearShelf': { shelf: Count };
  'reading.why.depth': None;
  'reading.why.height': None;

  // Terms: how a figure came about
  'term.smallestWidth': { reading: Inner };
  'term.onlyWidth': { reading: Inner };
  'term.smallest': { reading: Inner };
  'term.largest': { reading: Inner };
  'term.clearanceEnds': None;
  'term.cleatClearance': None;
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
  'term.boardLength': { part: Text };
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
  'problem.clearanceEatsWidth': { clearance: Length; width: Length };
  'problem.nosingShort': { nosing: Length; needed: Length };
  'problem.endGap': { shelf: Count; gap: Length };
  'problem.farFromReading': { shelf: Count; distance: Length };
  'problem.readingStandsOut': { reading: Inner; value: Length; usual: Length };

  // Safety, shown where it bites
  'caution.wires': None;
  'caution.studs': None;
  'caution.oldPaint': None;
  'caution.dust': None;
  'caution.strength': None;
  'caution.notFromFloor': None;

  // Parts
  'part.board': None;
  'part.backCleat': None;
  'part.sideCleat.left': None;
  'part.sideCleat.right': None;
  'part.nosing': None;

  // Drawings and sheets
  'scene.elevation': { count: Count };
  'scene.elevationOpen': None;
  'scene.planSection': { shelf: Count };
  'sheet.part': None;
  'sheet.label': None;
  'sheet.count': None;
  'sheet.length': None;
  'sheet.width': None;
  'sheet.thickness': None;
  'sheet.shelves': None;
  'sheet.cutList': { job: Text };
  'sheet.millimetres': None;
}
