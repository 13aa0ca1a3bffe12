/** Pieces, their ends and cuts, in English. */
export const partsEn = {
  'end.square': 'square ends',
  'end.angled': 'angled ends',
  'end.bevelled': 'bevelled ends',
  'end.scribed': 'scribed ends',
  'cutEnd.square': 'square',
  'cutEnd.outFront': 'out {by, length} at the front ({angle, angle})',
  'cutEnd.inFront': 'inward {by, length} at the front ({angle, angle})',
  'cutEnd.outTop': 'out {by, length} at the top ({angle, angle})',
  'cutEnd.inTop': 'inward {by, length} at the top ({angle, angle})',
  'cutEnd.undercut': 'undercut {angle, angle}',
  'cutEnd.leaveOn': '{by, length} left on to scribe, compass to {by, length}',
  'cutEnd.hand.outFront': 'out {by, length} at the front, to a knife line',
  'cutEnd.hand.inFront': 'inward {by, length} at the front, to a knife line',
  'cutEnd.hand.outTop': 'out {by, length} at the top, to a knife line',
  'cutEnd.hand.inTop': 'inward {by, length} at the top, to a knife line',
  'cutEnd.hand.undercut': 'lower edge planed back {by, about}',
  'cutEnd.hand.mitred': 'both ends sawn in a mitre box, 45° to the long point, {inside, length} along the inside edge',
  'cutEnd.hand.braced':
    'ends marked with a bevel gauge, {angle, angle} and {other, angle} off square, long point to long point on one edge',
  'cutEnd.hand.housed':
    'housing {wide, length} wide, {deep, length} deep, its lower edge {at, length} from the foot: two saw cuts, chiselled out between',
  'cutEnd.hole':
    'hole {diameter, length} wide, its middle {along, length} from the {side, inner} end and {back, length} from the back edge',
  'cutEnd.side': '{side, inner} end {how, inner}',
  'cutEnd.mitred': 'both ends mitred 45° to the long point, {inside, length} along the inside edge',
  'cutEnd.mitredOne': 'upper end mitred 45° to the long point, {inside, length} along the inside edge, foot square',
  'cutEnd.hand.mitredOne':
    'upper end sawn in a mitre box, 45° to the long point, {inside, length} along the inside edge, foot square',
  'cutEnd.longerRoom': 'inner end off square ({angle, angle}), longer by {by, about} on the room side',
  'cutEnd.longerWall': 'inner end off square ({angle, angle}), longer by {by, about} on the wall side',
  'cutEnd.corner.triangle': 'corner {angle, angle}, straight front',
  'cutEnd.corner.rounded': 'corner {angle, angle}, rounded front',
  'cutEnd.corner.clipped': 'corner {angle, angle}, clipped',
  'cutEnd.corner.ell': 'corner {angle, angle}, L',
  'fit.reason.alone': 'With {style, inner} the widest gap is about {gap, about}.',
  'fit.reason.simpler':
    'With {style, inner} the widest gap is about {gap, about}; {other, inner} would leave {otherGap, about}, which is hardly less.',
  'fit.reason.better':
    '{other, inner} would leave {otherGap, about} at the {place, inner}; {style, inner} leave {gap, about}.',
  'fit.reason.chosen':
    'Your choice: {style, inner} leave about {gap, about}; {other, inner} would leave {otherGap, about}.',

  'part.board': 'Board',
  'part.backCleat': 'Back cleat',
  'part.sideCleat.left': 'Side cleat, left',
  'part.sideCleat.right': 'Side cleat, right',
  'part.nosing': 'Nosing',
  'part.rail.back': 'Rail, back wall',
  'part.rail.side': 'Rail, side wall',
  'part.box.left': 'Box side, left',
  'part.box.right': 'Box side, right',
  'part.box.top': 'Box top',
  'part.box.bottom': 'Box bottom',
  'part.trim.left': 'Trim, left',
  'part.trim.right': 'Trim, right',
  'part.trim.head': 'Trim, head',
  'part.trim.foot': 'Trim, foot',

  'part.sideCleat': 'Side cleat',
  'part.rail.left': 'Left rail',
  'part.rail.right': 'Right rail',
  'part.bracketArm': 'Bracket arm',
  'part.bracketLeg': 'Bracket leg',
  'part.bracketBrace': 'Bracket brace',
  'part.frontStrip': 'Front strip',
  'part.post.left': 'Left post',
  'part.post.right': 'Right post',
  'part.skin.top': 'Upper skin',
  'part.skin.bottom': 'Lower skin',
  'hardware.bracket': 'Bracket {arm, length} by {leg, length}',
  'cutEnd.clipped': 'front end cut off at 45°, lower edge {less, length} shorter',
  'cutEnd.braced': 'ends cut {angle, angle} and {other, angle} off square, long point to long point on one edge',
  'cutEnd.housed': 'groove {wide, length} wide, {deep, length} deep, its lower edge {at, length} from the foot',
  'cutEnd.slotted': 'slot {high, length} high and {deep, length} deep along the back edge and both ends',

  'part.caseSide.left': 'Case side, left',
  'part.caseSide.right': 'Case side, right',
  'part.caseTop': 'Case top',
  'part.caseBottom': 'Case bottom',
  'part.backPanel': 'Back panel',
  'part.tipRail': 'Wall strip',
  'part.filler': 'Filler under the bottom',
  'part.spacer': 'Spacer block',
  'part.benchTop': 'Bench top',
  'part.edgeStrip': 'Edge strip',
  'part.wallCleat': 'Wall cleat',
  'part.frontRail': 'Front rail',
  'part.joist': 'Joist',
  'part.endJoist.left': 'End joist, left',
  'part.endJoist.right': 'End joist, right',
  'part.post': 'Post {count, number}',
  'part.upright.rear': 'Frame {count, number}, rear upright',
  'part.upright.front': 'Frame {count, number}, front upright',
  'part.rung': 'Rung',
  'part.slat': 'Slat',
  'part.mesh': 'Mesh panel',
  'part.divider': 'Divider',
  'cutEnd.notched': 'lower rear corner cut out for the skirting: {deep, length} deep, {high, length} high',

  'part.tiltedBoard': 'Tilted board {shelf, number}',
  'part.tiltedCleat.left': 'Tilted cleat {shelf, number}, left',
  'part.tiltedCleat.right': 'Tilted cleat {shelf, number}, right',
  'part.stopStrip': 'Stop strip, tilted {shelf, number}',
  'part.rod': 'Closet rod',
  'hardware.socket': 'Rod socket',

  'needed.screw': 'screws {size}',
  'needed.pin': 'pins {size}',
  'needed.pocket': 'pocket screws {size}',
  'needed.anchor': 'hollow-wall anchors with their screws',
  'needed.plug': 'plugs for screws {size}',
  'further.panel': '{piece}: when the panel is dry, rip it to {wide, length}, then cut it to {long, length}.',
  'further.in.front':
    '{piece}, {side, inner} end: mark {by, length} from the end on the front edge. Cut from the mark to the corner at the back edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.front':
    '{piece}, {side, inner} end: mark {by, length} from the end on the front edge. Knife a line from the mark to the corner at the back edge, saw on the waste side, plane to the line: {by, length} over {over, length}.',
  'further.in.back':
    '{piece}, {side, inner} end: mark {by, length} from the end on the back edge. Cut from the mark to the corner at the front edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.back':
    '{piece}, {side, inner} end: mark {by, length} from the end on the back edge. Knife a line from the mark to the corner at the front edge, saw on the waste side, plane to the line: {by, length} over {over, length}.',
  'further.in.upper':
    '{piece}, {side, inner} end: mark {by, length} from the end on the upper edge. Cut from the mark to the corner at the lower edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.upper':
    '{piece}, {side, inner} end: mark {by, length} from the end on the upper edge. Knife a line from the mark to the corner at the lower edge, saw on the waste side, plane to the line: {by, length} over {over, length}.',
  'further.in.lower':
    '{piece}, {side, inner} end: mark {by, length} from the end on the lower edge. Cut from the mark to the corner at the upper edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.lower':
    '{piece}, {side, inner} end: mark {by, length} from the end on the lower edge. Knife a line from the mark to the corner at the upper edge, saw on the waste side, plane to the line: {by, length} over {over, length}.',
  'further.bevel.under':
    '{piece}, {side, inner} end: tilt the blade {angle, angle} for this cut. The underside comes out {by, about} shorter than the top over the thickness of {over, length}.',
  'further.bevel.behind':
    '{piece}, {side, inner} end: tilt the blade {angle, angle} for this cut. The rear face comes out {by, about} shorter than the front face over the thickness of {over, length}.',
  'further.hand.bevel.under':
    '{piece}, {side, inner} end: plane the underside back by {by, about} over the thickness of {over, length}; leave the top edge as it is.',
  'further.hand.bevel.behind':
    '{piece}, {side, inner} end: plane the rear face back by {by, about} over the thickness of {over, length}; leave the front edge as it is.',
  'further.mitre.left':
    '{piece}, left end: face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.left':
    '{piece}, left end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.right':
    '{piece}, right end: face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.right':
    '{piece}, right end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.lower':
    '{piece}, lower end: face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.lower':
    '{piece}, lower end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.upper':
    '{piece}, upper end: face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.upper':
    '{piece}, upper end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.housing':
    '{piece}: groove across the inner face, {wide, length} wide and {deep, length} deep, its lower edge {at, length} up from the foot. Left and right piece are a mirrored pair.',
  'further.hand.housing':
    '{piece}: groove across the inner face, {wide, length} wide and {deep, length} deep, its lower edge {at, length} up from the foot. Saw both walls to depth, chisel out between. Left and right piece are a mirrored pair.',
  'further.scribe':
    '{piece}, {side, inner} end: {by, length} is left on. Set the compass to {by, length}, draw along the wall, cut to the line; or cut to the full-size template.',
  'further.back':
    '{piece}, back edge: {by, length} is left on. Set the compass to {by, length}, draw along the back wall, cut to the line; or cut to the full-size template.',
  'further.faceUp.board': 'Top face up, front edge towards you.',
  'further.faceUp.edge': 'Front face up, upper edge away from you.',
  'further.measures.board':
    '{piece} is then {back, length} long at the back edge, {front, length} at the front edge, {deep, length} deep.',
  'further.measures.edge': '{piece} is then {back, length} long at the lower edge, {front, length} at the upper edge.',
  'further.outline.triangle':
    '{piece}: cut the outline to its full-size template, top face up: {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, straight front.',
  'further.outline.rounded':
    '{piece}: cut the outline to its full-size template, top face up: {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, rounded front.',
  'further.outline.clipped':
    '{piece}: cut the outline to its full-size template, top face up: {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, front clipped at both ends.',
  'further.outline.ell':
    '{piece}: cut the outline to its full-size template, top face up: {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, L-shaped.',
  'further.hole':
    '{piece}: hole {diameter, length} across, its middle {along, length} from the {side, inner} end and {back, length} from the back edge.',
  'further.clip':
    '{piece}, front end: 45° from the upper corner to a mark {by, length} from the end on the lower edge.',
  'further.brace.first':
    '{piece}, first end: {angle, angle} off square, from the long point to a mark {by, about} from the end on the other edge ({by, about} over {over, length}). Both long points lie on the same edge, {long, length} apart.',
  'further.brace.second':
    '{piece}, second end: {angle, angle} off square, from the long point to a mark {by, about} from the end on the other edge ({by, about} over {over, length}). Both long points lie on the same edge, {long, length} apart.',
  'further.corner.room':
    '{piece}, end in the corner: mark {by, about} from the end on the wall face, cut to the corner at the room face: {angle, angle} off square, {by, about} over the thickness of {over, length}.',
  'further.corner.wall':
    '{piece}, end in the corner: mark {by, about} from the end on the room face, cut to the corner at the wall face: {angle, angle} off square, {by, about} over the thickness of {over, length}.',
  'further.slot':
    '{piece}: slot along the back edge and both ends, {high, length} high and {deep, length} deep, in the middle of the thickness.',
  'further.notch':
    '{piece}: cut out the lower rear corner for the skirting, {deep, length} in from the rear edge and {high, length} up from the foot.',
} as const;
