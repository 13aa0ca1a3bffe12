import type { About, Angle, Count, Inner, Length, Measure, None, Text } from '../kinds';

/** Readings, their spots and the advice for the next: codes with their parameters. */
export interface SurveyMessages {
  // A table of readings from elsewhere
  'outline.unreadable': None;
  'outline.nothing': None;
  'csv.noHeader': { missing: Text };
  'csv.tooMany': { most: Text };
  'csv.tooManyThings': { most: Text };
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

  // Where one marks, and the level line
  'station.left.front': None;
  'station.left.back': None;
  'station.right.front': None;
  'station.right.back': None;
  'station.back.left': None;
  'station.back.middle': None;
  'station.back.right': None;
  'station.stud': { from: Length };
  'level.carried.laser': { up: Length };
  'level.carried.level': { up: Length };
  'level.carried.water': { up: Length };
  'level.none.laser': { up: Length };
  'level.none.level': { up: Length };
  'csv.badPrice': { column: Text; value: Text };
}
