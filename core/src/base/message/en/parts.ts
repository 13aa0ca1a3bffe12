/** The names of a piece's ends, edges and faces, by the parameter that chooses them. */
const END =
  '{end, select, left {left end} right {right end} rear {rear end} front {front end} foot {bottom end} top {top end} other {}}';
const EDGES =
  'select, back {back edge} front {front edge} lower {bottom edge} upper {top edge} left {left edge} right {right edge} other {}';
const EDGE = { edge: `{edge, ${EDGES}}`, shorter: `{shorter, ${EDGES}}`, longer: `{longer, ${EDGES}}` } as const;
const FACES =
  'select, under {underside} upper {top face} rear {rear face} front {front face} wall {wall face} room {room face} left {left face} right {right face} inner {inner face} outer {outer face} other {}';
const FACE = { face: `{face, ${FACES}}`, shorter: `{shorter, ${FACES}}`, longer: `{longer, ${FACES}}` } as const;

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
  'cutEnd.braced': 'ends cut {angle, angle} and {other, angle} off square, both long points on the same edge',
  'cutEnd.hand.braced':
    'ends marked with a bevel, {angle, angle} and {other, angle} off square, both long points on the same edge',
  'cutEnd.mitredOne': `${END} mitred 45° to the long point, {inside, length} along the ${EDGE.shorter}, other end square`,
  'cutEnd.hand.mitredOne': `${END} sawn in a mitre box, 45° to the long point, {inside, length} along the ${EDGE.shorter}, other end square`,
  'cutEnd.angled': `${END}: {by, length} shorter at the ${EDGE.shorter} ({angle, angle} off square)`,
  'cutEnd.bevelled': `${END}: {by, length} shorter on the ${FACE.shorter} ({angle, angle} off square)`,
  'cutEnd.cutOut.housing': `housing {wide, length} wide, {deep, length} deep, {from, length} to {to, length} from the ${END}`,
  'cutEnd.hand.cutOut.housing': `housing {wide, length} wide, {deep, length} deep, {from, length} to {to, length} from the ${END}: two saw cuts, waste chiselled out`,
  'cutEnd.cutOut.rebate': `rebate {wide, length} wide, {deep, length} deep along the ${EDGE.edge} of the ${FACE.face}`,
  'cutEnd.cutOut.corner': `corner cut out at the ${END} and the ${EDGE.edge}: {high, length} along, {deep, length} in`,
  'cutEnd.cutOut.edge': `notch in the ${EDGE.edge}: {deep, length} deep, {from, length} to {to, length} from the ${END}`,
  'cutEnd.cutOut.end': `${FACE.face} cut out at the ${END}: {deep, length} deep over {high, length}`,
  'cutEnd.cutOut.inward': `notch in the ${FACE.face}: {deep, length} deep, {from, length} to {to, length} from the ${END}, {inward, length} in from the ${EDGE.edge}`,
  'cutEnd.cutOut.face': `notch in the ${FACE.face}: {deep, length} deep, {from, length} to {to, length} from the ${END}, {near, length} to {far, length} from the ${EDGE.edge}`,
  'cutEnd.slot.ends':
    'slot {high, length} high: {deep, length} deep along the back edge, {side, length} deep at both ends',
  'cutEnd.slot.corner':
    'slot {high, length} high: {deep, length} deep along the back edge, {side, length} deep along the side wall',
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
  'part.bayUpright': 'Upright between bays {count, number}',
  'part.uprightBlock': 'Block behind an upright',
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
  'further.angled': `{piece}, ${END}: mark {by, length} from the end on the ${EDGE.shorter}. Cut from this mark to the corner at the ${EDGE.longer}: {angle, angle} off square, {by, length} over {over, length}.`,
  'further.hand.angled': `{piece}, ${END}: mark {by, length} from the end on the ${EDGE.shorter}. Knife a line from this mark to the corner at the ${EDGE.longer}. Saw on the waste side and plane to the line: {by, length} over {over, length}.`,
  'further.stood': `{piece}, ${END}: mark {by, length} from the end on the ${FACE.shorter}. Cut from this mark to the corner at the ${FACE.longer}: {angle, angle} off square, {by, length} over a thickness of {over, length}.`,
  'further.hand.stood': `{piece}, ${END}: mark {by, length} from the end on the ${FACE.shorter}. Knife a line from this mark to the corner at the ${FACE.longer}. Saw on the waste side and plane to the line: {by, length} over a thickness of {over, length}.`,
  'further.bevel': `{piece}, ${END}: tilt the blade {angle, angle} for this cut. The ${FACE.shorter} ends up {by, about} shorter than the ${FACE.longer}, over a thickness of {over, length}.`,
  'further.hand.bevel': `{piece}, ${END}: plane the ${FACE.shorter} back {by, about} over a thickness of {over, length}. Leave the ${FACE.longer} as it is.`,
  'further.mitre': `{piece}, ${END}: cut 45° from the long point on the ${EDGE.longer} to a mark {by, length} from the end on the ${EDGE.shorter}. The ${EDGE.longer} stays {long, length} long.`,
  'further.hand.mitre': `{piece}, ${END}: in the mitre box, saw 45° from the long point on the ${EDGE.longer} to a mark {by, length} from the end on the ${EDGE.shorter}. The ${EDGE.longer} stays {long, length} long.`,
  'further.longPoints': '{piece} stays {long, length} long from long point to long point.',
  'further.cutOut.housing': `{piece}: cut a housing across the ${FACE.face}, {wide, length} wide and {deep, length} deep, between {from, length} and {to, length} from the ${END}. Left and right piece are mirrored.`,
  'further.hand.cutOut.housing': `{piece}: cut a housing across the ${FACE.face}, {wide, length} wide and {deep, length} deep, between {from, length} and {to, length} from the ${END}. Saw both walls to depth and chisel out the waste. Left and right piece are mirrored.`,
  'further.cutOut.rebate': `{piece}: cut a rebate along the ${EDGE.edge} of the ${FACE.face}, {wide, length} wide and {deep, length} deep.`,
  'further.cutOut.corner': `{piece}: cut out the corner at the ${END} and the ${EDGE.edge}, {high, length} along from the end and {deep, length} in from the edge.`,
  'further.cutOut.edge': `{piece}: cut a notch in the ${EDGE.edge}, {deep, length} deep, between {from, length} and {to, length} from the ${END}.`,
  'further.cutOut.end': `{piece}: cut out the ${FACE.face} at the ${END}, {deep, length} deep over a length of {high, length}.`,
  'further.cutOut.inward': `{piece}: cut a notch in the ${FACE.face}, {deep, length} deep, between {from, length} and {to, length} from the ${END}, {inward, length} in from the ${EDGE.edge}.`,
  'further.cutOut.face': `{piece}: cut a notch in the ${FACE.face}, {deep, length} deep, between {from, length} and {to, length} from the ${END} and between {near, length} and {far, length} from the ${EDGE.edge}.`,
  'further.room.skirting': 'This makes room for the skirting.',
  'further.room.backPanel': 'This makes room for the back panel.',
  'further.room.piece': 'This makes room for {other} ({name, name}).',
  'further.slot.ends':
    '{piece}: cut a slot {high, length} high in the middle of the thickness: {deep, length} deep along the back edge, {side, length} deep at both ends.',
  'further.slot.corner':
    '{piece}: cut a slot {high, length} high in the middle of the thickness: {deep, length} deep along the back edge, {side, length} deep along the side wall.',
  'further.scribe': `{piece}, ${END}: {by, length} is left on. Set the compass to {by, length}, draw along the wall and cut to the line. Or cut to the full-size template.`,
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
} as const;
