import type { About, Angle, Count, Inner, Length, None, Text } from '../kinds';

/** Pieces, their ends and cuts: codes with their parameters. */
export interface PartsMessages {
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
  'cutEnd.hole': { diameter: Length; along: Length; side: Inner; back: Length };
  'cutEnd.hand.outFront': { by: Length };
  'cutEnd.hand.inFront': { by: Length };
  'cutEnd.hand.outTop': { by: Length };
  'cutEnd.hand.inTop': { by: Length };
  'cutEnd.hand.undercut': { by: About };
  'cutEnd.hand.mitred': { inside: Length };
  'cutEnd.hand.braced': { angle: Angle; other: Angle };
  'cutEnd.hand.housed': { at: Length; wide: Length; deep: Length };
  'cutEnd.side': { side: Inner; how: Inner };
  'cutEnd.mitred': { inside: Length };
  'cutEnd.mitredOne': { inside: Length };
  'cutEnd.hand.mitredOne': { inside: Length };
  'cutEnd.longerRoom': { by: About; angle: Angle };
  'cutEnd.longerWall': { by: About; angle: Angle };
  'cutEnd.corner.triangle': { angle: Angle };
  'cutEnd.corner.rounded': { angle: Angle };
  'cutEnd.corner.clipped': { angle: Angle };
  'cutEnd.corner.ell': { angle: Angle };
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

  // Support systems: parts, terms, what is asked
  'part.sideCleat': None;
  'part.rail.left': None;
  'part.rail.right': None;
  'part.bracketArm': None;
  'part.bracketLeg': None;
  'part.bracketBrace': None;
  'part.frontStrip': None;
  'part.post.left': None;
  'part.post.right': None;
  'part.skin.top': None;
  'part.skin.bottom': None;
  'hardware.bracket': { arm: Length; leg: Length };
  'cutEnd.clipped': { less: Length };
  'cutEnd.braced': { angle: Angle; other: Angle };
  'cutEnd.housed': { at: Length; wide: Length; deep: Length };
  'cutEnd.slotted': { deep: Length; high: Length };

  // Cases, benches, ladder frames
  'part.caseSide.left': None;
  'part.caseSide.right': None;
  'part.caseTop': None;
  'part.caseBottom': None;
  'part.backPanel': None;
  'part.tipRail': None;
  'part.filler': None;
  'part.spacer': None;
  'part.benchTop': None;
  'part.edgeStrip': None;
  'part.wallCleat': None;
  'part.frontRail': None;
  'part.joist': None;
  'part.endJoist.left': None;
  'part.endJoist.right': None;
  'part.post': { count: Count };
  'part.upright.rear': { count: Count };
  'part.upright.front': { count: Count };
  'part.rung': None;
  'part.slat': None;
  'part.mesh': None;
  'part.divider': None;
  'cutEnd.notched': { deep: Length; high: Length };

  // Tilted shelves and closet rods
  'part.tiltedBoard': { shelf: Count };
  'part.tiltedCleat.left': { shelf: Count };
  'part.tiltedCleat.right': { shelf: Count };
  'part.stopStrip': { shelf: Count };
  'part.rod': None;
  'hardware.socket': None;

  // What is bought to fix and carry
  'needed.screw': { size: Text };
  'needed.pin': { size: Text };
  'needed.pocket': { size: Text };
  'needed.anchor': None;
  'needed.plug': { size: Text };
  'further.panel': { piece: Text; wide: Length; long: Length };
  'further.in.front': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.in.back': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.in.upper': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.in.lower': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.bevel.under': { piece: Text; side: Inner; by: About; over: Length; angle: Angle };
  'further.bevel.behind': { piece: Text; side: Inner; by: About; over: Length; angle: Angle };
  'further.mitre.left': { piece: Text; by: Length; long: Length };
  'further.mitre.right': { piece: Text; by: Length; long: Length };
  'further.mitre.lower': { piece: Text; by: Length; long: Length };
  'further.mitre.upper': { piece: Text; by: Length; long: Length };
  'further.housing': { piece: Text; at: Length; wide: Length; deep: Length };
  'further.hand.in.front': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.hand.in.back': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.hand.in.upper': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.hand.in.lower': { piece: Text; side: Inner; by: Length; over: Length; angle: Angle };
  'further.hand.bevel.under': { piece: Text; side: Inner; by: About; over: Length; angle: Angle };
  'further.hand.bevel.behind': { piece: Text; side: Inner; by: About; over: Length; angle: Angle };
  'further.hand.mitre.left': { piece: Text; by: Length; long: Length };
  'further.hand.mitre.right': { piece: Text; by: Length; long: Length };
  'further.hand.mitre.lower': { piece: Text; by: Length; long: Length };
  'further.hand.mitre.upper': { piece: Text; by: Length; long: Length };
  'further.hand.housing': { piece: Text; at: Length; wide: Length; deep: Length };
  'further.scribe': { piece: Text; side: Inner; by: Length };
  'further.back': { piece: Text; by: Length };
  'further.faceUp.board': None;
  'further.faceUp.edge': None;
  'further.measures.board': { piece: Text; back: Length; front: Length; deep: Length };
  'further.measures.edge': { piece: Text; back: Length; front: Length; deep: Length };
  'further.outline.triangle': { piece: Text; back: Length; side: Length; angle: Angle };
  'further.outline.rounded': { piece: Text; back: Length; side: Length; angle: Angle };
  'further.outline.clipped': { piece: Text; back: Length; side: Length; angle: Angle };
  'further.outline.ell': { piece: Text; back: Length; side: Length; angle: Angle };
  'further.hole': { piece: Text; diameter: Length; along: Length; side: Inner; back: Length };
  'further.clip': { piece: Text; by: Length };
  'further.brace.first': { piece: Text; angle: Angle; by: About; over: Length; long: Length };
  'further.brace.second': { piece: Text; angle: Angle; by: About; over: Length; long: Length };
  'further.corner.room': { piece: Text; by: About; angle: Angle; over: Length };
  'further.corner.wall': { piece: Text; by: About; angle: Angle; over: Length };
  'further.slot': { piece: Text; deep: Length; high: Length };
  'further.notch': { piece: Text; deep: Length; high: Length };
}
