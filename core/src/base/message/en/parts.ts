/** Pieces, their ends and cuts, in English. */
export const partsEn = {
  // How an end is cut
  'cutEnd.square': 'square',
  'cutEnd.outFront': '{by, length} longer at the front ({angle, angle} off square)',
  'cutEnd.inFront': '{by, length} shorter at the front ({angle, angle} off square)',
  'cutEnd.outTop': '{by, length} longer at the top ({angle, angle} off square)',
  'cutEnd.inTop': '{by, length} shorter at the top ({angle, angle} off square)',
  'cutEnd.undercut': 'undercut {angle, angle}',
  'cutEnd.leaveOn': '{by, length} left on to scribe (set the compass to {by, length})',
  'cutEnd.hand.outFront': '{by, length} longer at the front, to a knife line',
  'cutEnd.hand.inFront': '{by, length} shorter at the front, to a knife line',
  'cutEnd.hand.outTop': '{by, length} longer at the top, to a knife line',
  'cutEnd.hand.inTop': '{by, length} shorter at the top, to a knife line',
  'cutEnd.hand.undercut': 'lower edge planed back {by, about}',
  'cutEnd.side': '{side, select, left {left end} right {right end} other {}}: {how, list}',
  'cutEnd.mitred': 'both ends mitred 45° to the long point, {inside, length} along the inside edge',
  'cutEnd.hand.mitred': 'both ends sawn in a mitre box, 45° to the long point, {inside, length} along the inside edge',
  'cutEnd.mitredOne': 'top end mitred 45° to the long point, {inside, length} along the inside edge, foot square',
  'cutEnd.hand.mitredOne':
    'top end sawn in a mitre box, 45° to the long point, {inside, length} along the inside edge, foot square',
  'cutEnd.braced': 'ends cut {angle, angle} and {other, angle} off square, both long points on the same edge',
  'cutEnd.hand.braced':
    'ends marked with a bevel, {angle, angle} and {other, angle} off square, both long points on the same edge',
  'cutEnd.housed': 'housing {wide, length} wide, {deep, length} deep, lower edge {at, length} from the foot',
  'cutEnd.hand.housed':
    'housing {wide, length} wide, {deep, length} deep, lower edge {at, length} from the foot: two saw cuts, waste chiselled out',
  'cutEnd.clipped': 'front end cut off at 45°, lower edge {less, length} shorter',
  'cutEnd.slotted': 'slot {high, length} high and {deep, length} deep along the back edge and both ends',
  'cutEnd.rebated': 'rebate {wide, length} wide and {deep, length} deep along the inner rear edge, for the back panel',
  'cutEnd.footed': 'foot cut out for the skirting on the wall side: {deep, length} deep, {high, length} high',
  'cutEnd.notched': 'lower rear corner cut out for the skirting: {deep, length} deep, {high, length} high',
  'cutEnd.longerRoom': 'inner end {angle, angle} off square, {by, about} longer on the room side',
  'cutEnd.longerWall': 'inner end {angle, angle} off square, {by, about} longer on the wall side',
  'cutEnd.hole':
    'hole {diameter, length} wide, {side, select, left {centre {along, length} from the left end} right {centre {along, length} from the right end} other {}} and {back, length} from the back edge',
  'cutEnd.corner.triangle': 'corner {angle, angle}, straight front',
  'cutEnd.corner.rounded': 'corner {angle, angle}, rounded front',
  'cutEnd.corner.clipped': 'corner {angle, angle}, clipped front',
  'cutEnd.corner.ell': 'corner {angle, angle}, L-shaped',

  // Why an end style is cut
  'fit.reason.alone':
    '{style, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} leave a gap of about {gap, about} at most.',
  'fit.reason.simpler':
    '{style, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} leave a gap of about {gap, about} at most. {other, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} would leave {otherGap, about}, hardly less.',
  'fit.reason.better':
    '{other, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} would leave {otherGap, about} {end, select, left {{at, select, back {at the back of the left end} middle {halfway along the left end} front {at the front of the left end} lower {at the bottom of the left end} upper {at the top of the left end} other {}}} right {{at, select, back {at the back of the right end} middle {halfway along the right end} front {at the front of the right end} lower {at the bottom of the right end} upper {at the top of the right end} other {}}} other {}}. {style, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} leave {gap, about}.',
  'fit.reason.chosen':
    'Your choice: {style, select, square {square ends} angled {angled ends} bevelled {bevelled ends} scribed {scribed ends} other {}} leave about {gap, about}. {other, select, square {Square ends} angled {Angled ends} bevelled {Bevelled ends} scribed {Scribed ends} other {}} would leave {otherGap, about}.',

  // Pieces
  'part.board': 'Board',
  'part.backCleat': 'Back batten',
  'part.sideCleat': 'Side batten',
  'part.sideCleat.left': 'Left side batten',
  'part.sideCleat.right': 'Right side batten',
  'part.nosing': 'Lipping',
  'part.rail.back': 'Back rail',
  'part.rail.side': 'Side rail',
  'part.rail.left': 'Left rail',
  'part.rail.right': 'Right rail',
  'part.box.left': 'Left box side',
  'part.box.right': 'Right box side',
  'part.box.top': 'Box top',
  'part.box.bottom': 'Box bottom',
  'part.trim.left': 'Left trim',
  'part.trim.right': 'Right trim',
  'part.trim.head': 'Top trim',
  'part.trim.foot': 'Bottom trim',
  'part.bracketArm': 'Bracket arm',
  'part.bracketLeg': 'Bracket leg',
  'part.bracketBrace': 'Bracket brace',
  'part.frontStrip': 'Front strip',
  'part.post.left': 'Left post',
  'part.post.right': 'Right post',
  'part.skin.top': 'Top skin',
  'part.skin.bottom': 'Bottom skin',
  'part.caseSide.left': 'Left case side',
  'part.caseSide.right': 'Right case side',
  'part.caseTop': 'Case top',
  'part.caseBottom': 'Case bottom',
  'part.backPanel': 'Back panel',
  'part.tipRail': 'Wall strip',
  'part.filler': 'Filler under the bottom',
  'part.spacer': 'Spacer block',
  'part.benchTop': 'Bench top',
  'part.edgeStrip': 'Edge strip',
  'part.wallCleat': 'Wall batten',
  'part.frontRail': 'Front rail',
  'part.joist': 'Joist',
  'part.endJoist.left': 'Left end joist',
  'part.endJoist.right': 'Right end joist',
  'part.post': 'Post {count, number}',
  'part.upright.rear': 'Rear upright {count, number}',
  'part.upright.front': 'Front upright {count, number}',
  'part.rung': 'Rung',
  'part.slat': 'Slat',
  'part.mesh': 'Mesh panel',
  'part.divider': 'Divider',
  'part.tiltedBoard': 'Tilted board {shelf, number}',
  'part.tiltedCleat.left': 'Left tilted batten {shelf, number}',
  'part.tiltedCleat.right': 'Right tilted batten {shelf, number}',
  'part.stopStrip': 'Stop strip {shelf, number}',
  'part.rod': 'Clothes rail',
  'hardware.bracket': 'Bracket {arm, length} by {leg, length}',
  'hardware.socket': 'Rail cup',
  'hardware.shelfPin': 'Shelf pin',

  // What is bought to fix and carry
  'needed.screw': 'Screws {size}',
  'needed.pin': 'Pins {size}',
  'needed.pocket': 'Pocket screws {size}',
  'needed.anchor': 'Hollow-wall fixings with their screws',
  'needed.plug': 'Wall plugs for screws {size}',

  // Cuts beyond length and width
  'further.panel': '{piece}: once the glue is dry, rip the panel to {wide, length}, then cut it to {long, length}.',
  'further.in.front':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the front edge. Cut from this mark to the corner at the back edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.front':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the front edge. Knife a line from this mark to the corner at the back edge. Saw on the waste side and plane to the line: {by, length} over {over, length}.',
  'further.in.back':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the back edge. Cut from this mark to the corner at the front edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.back':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the back edge. Knife a line from this mark to the corner at the front edge. Saw on the waste side and plane to the line: {by, length} over {over, length}.',
  'further.in.upper':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the top edge. Cut from this mark to the corner at the bottom edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.upper':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the top edge. Knife a line from this mark to the corner at the bottom edge. Saw on the waste side and plane to the line: {by, length} over {over, length}.',
  'further.in.lower':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the bottom edge. Cut from this mark to the corner at the top edge: {angle, angle} off square, {by, length} over {over, length}.',
  'further.hand.in.lower':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: mark {by, length} from the end on the bottom edge. Knife a line from this mark to the corner at the top edge. Saw on the waste side and plane to the line: {by, length} over {over, length}.',
  'further.bevel.under':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: tilt the blade {angle, angle} for this cut. The underside ends up {by, about} shorter than the top, over a thickness of {over, length}.',
  'further.hand.bevel.under':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: plane the underside back {by, about} over a thickness of {over, length}. Leave the top edge as it is.',
  'further.bevel.behind':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: tilt the blade {angle, angle} for this cut. The rear face ends up {by, about} shorter than the front face, over a thickness of {over, length}.',
  'further.hand.bevel.behind':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: plane the rear face back {by, about} over a thickness of {over, length}. Leave the front edge as it is.',
  'further.mitre.left':
    '{piece}, left end: face up, cut 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.left':
    '{piece}, left end: face up in the mitre box, saw 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.right':
    '{piece}, right end: face up, cut 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.right':
    '{piece}, right end: face up in the mitre box, saw 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.lower':
    '{piece}, bottom end: face up, cut 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.lower':
    '{piece}, bottom end: face up in the mitre box, saw 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.mitre.upper':
    '{piece}, top end: face up, cut 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.hand.mitre.upper':
    '{piece}, top end: face up in the mitre box, saw 45° from the long point on the outer edge to a mark {by, length} from the end on the inner edge. The outer edge stays {long, length} long.',
  'further.housing':
    '{piece}: cut a housing across the inner face, {wide, length} wide and {deep, length} deep, lower edge {at, length} up from the foot. Left and right piece are mirrored.',
  'further.hand.housing':
    '{piece}: cut a housing across the inner face, {wide, length} wide and {deep, length} deep, lower edge {at, length} up from the foot. Saw both walls to depth and chisel out the waste. Left and right piece are mirrored.',
  'further.scribe':
    '{side, select, left {{piece}, left end} right {{piece}, right end} other {}}: {by, length} is left on. Set the compass to {by, length}, draw along the wall and cut to the line. Or cut to the full-size template.',
  'further.back':
    '{piece}, back edge: {by, length} is left on. Set the compass to {by, length}, draw along the back wall and cut to the line. Or cut to the full-size template.',
  'further.faceUp.board': 'Top face up, front edge towards you.',
  'further.faceUp.edge': 'Front face up, top edge away from you.',
  'further.measures.board':
    '{piece} then measures {back, length} along the back edge, {front, length} along the front edge, {deep, length} deep.',
  'further.measures.edge':
    '{piece} then measures {back, length} along the bottom edge, {front, length} along the top edge.',
  'further.outline.triangle':
    '{piece}: cut to its full-size template, top face up. {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, straight front.',
  'further.outline.rounded':
    '{piece}: cut to its full-size template, top face up. {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, rounded front.',
  'further.outline.clipped':
    '{piece}: cut to its full-size template, top face up. {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, front clipped at both ends.',
  'further.outline.ell':
    '{piece}: cut to its full-size template, top face up. {back, length} along the back wall, {side, length} along the side wall, corner {angle, angle}, L-shaped.',
  'further.hole':
    '{piece}: drill a hole {diameter, length} wide, {side, select, left {centre {along, length} from the left end} right {centre {along, length} from the right end} other {}} and {back, length} from the back edge.',
  'further.clip':
    '{piece}, front end: cut 45° from the top corner to a mark {by, length} from the end on the bottom edge.',
  'further.brace.first':
    '{piece}, first end: cut {angle, angle} off square, from the long point to a mark {by, about} from the end on the other edge ({by, about} over {over, length}). Both long points are on the same edge, {long, length} apart.',
  'further.brace.second':
    '{piece}, second end: cut {angle, angle} off square, from the long point to a mark {by, about} from the end on the other edge ({by, about} over {over, length}). Both long points are on the same edge, {long, length} apart.',
  'further.corner.room':
    '{piece}, end in the corner: mark {by, about} from the end on the wall face. Cut to the corner at the room face: {angle, angle} off square, {by, about} over a thickness of {over, length}.',
  'further.corner.wall':
    '{piece}, end in the corner: mark {by, about} from the end on the room face. Cut to the corner at the wall face: {angle, angle} off square, {by, about} over a thickness of {over, length}.',
  'further.slot':
    '{piece}: cut a slot along the back edge and both ends, {high, length} high and {deep, length} deep, in the middle of the thickness.',
  'further.rebate':
    '{piece}: cut a rebate along the rear edge of the inner face, {wide, length} wide and {deep, length} deep, for the back panel.',
  'further.foot':
    '{piece}: cut out the foot on the face that lies on the wall, for the skirting: {deep, length} deep and {high, length} high.',
  'further.notch':
    '{piece}: cut out the lower rear corner for the skirting, {deep, length} in from the rear edge and {high, length} up from the foot.',
} as const;
