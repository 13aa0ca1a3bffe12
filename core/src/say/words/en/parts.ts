import type { Sentences } from '../sentences';

/** Pieces, their ends and cuts, in English. */
export const partsEn: Sentences = {
  'end.square': 'square ends',
  'end.angled': 'angled ends',
  'end.bevelled': 'bevelled ends',
  'end.scribed': 'scribed ends',
  'cutEnd.square': 'square',
  'cutEnd.outFront': 'out {{by}} at the front ({{angle}})',
  'cutEnd.inFront': 'inward {{by}} at the front ({{angle}})',
  'cutEnd.outTop': 'out {{by}} at the top ({{angle}})',
  'cutEnd.inTop': 'inward {{by}} at the top ({{angle}})',
  'cutEnd.undercut': 'undercut {{angle}}',
  'cutEnd.leaveOn': '{{by}} left on to scribe, compass to {{by}}',
  'cutEnd.hand.outFront': 'out {{by}} at the front, to a knife line',
  'cutEnd.hand.inFront': 'inward {{by}} at the front, to a knife line',
  'cutEnd.hand.outTop': 'out {{by}} at the top, to a knife line',
  'cutEnd.hand.inTop': 'inward {{by}} at the top, to a knife line',
  'cutEnd.hand.undercut': 'lower edge planed back {{by}}',
  'cutEnd.hand.mitred': 'both ends sawn in a mitre box, 45° to the long point, {{inside}} along the inside edge',
  'cutEnd.hand.braced':
    'ends marked with a bevel gauge, {{angle}} and {{other}} off square, long point to long point on one edge',
  'cutEnd.hand.housed':
    'housing {{wide}} wide, {{deep}} deep, its lower edge {{at}} from the foot: two saw cuts, chiselled out between',
  'cutEnd.hole': 'hole {{diameter}} wide, its middle {{along}} from the {{side}} end and {{back}} from the back edge',
  'cutEnd.side': '{{side}} end {{how}}',
  'cutEnd.mitred': 'both ends mitred 45° to the long point, {{inside}} along the inside edge',
  'cutEnd.mitredOne': 'upper end mitred 45° to the long point, {{inside}} along the inside edge, foot square',
  'cutEnd.hand.mitredOne':
    'upper end sawn in a mitre box, 45° to the long point, {{inside}} along the inside edge, foot square',
  'cutEnd.longerRoom': 'inner end off square ({{angle}}), longer by {{by}} on the room side',
  'cutEnd.longerWall': 'inner end off square ({{angle}}), longer by {{by}} on the wall side',
  'cutEnd.corner.triangle': 'corner {{angle}}, straight front',
  'cutEnd.corner.rounded': 'corner {{angle}}, rounded front',
  'cutEnd.corner.clipped': 'corner {{angle}}, clipped',
  'cutEnd.corner.ell': 'corner {{angle}}, L',
  'fit.reason.alone': 'With {{style}} the widest gap is about {{gap}}.',
  'fit.reason.simpler':
    'With {{style}} the widest gap is about {{gap}}; {{other}} would leave {{otherGap}}, which is hardly less.',
  'fit.reason.better': '{{other}} would leave {{otherGap}} at the {{place}}; {{style}} leave {{gap}}.',
  'fit.reason.chosen': 'Your choice: {{style}} leave about {{gap}}; {{other}} would leave {{otherGap}}.',

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
  'hardware.bracket': 'Bracket {{arm}} by {{leg}}',
  'cutEnd.clipped': 'front end cut off at 45°, lower edge {{less}} shorter',
  'cutEnd.braced': 'ends cut {{angle}} and {{other}} off square, long point to long point on one edge',
  'cutEnd.housed': 'groove {{wide}} wide, {{deep}} deep, its lower edge {{at}} from the foot',
  'cutEnd.slotted': 'slot {{high}} high and {{deep}} deep along the back edge and both ends',

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
  'part.post': 'Post {{count}}',
  'part.upright.rear': 'Frame {{count}}, rear upright',
  'part.upright.front': 'Frame {{count}}, front upright',
  'part.rung': 'Rung',
  'part.slat': 'Slat',
  'part.mesh': 'Mesh panel',
  'part.divider': 'Divider',
  'cutEnd.notched': 'lower rear corner cut out for the skirting: {{deep}} deep, {{high}} high',

  'part.tiltedBoard': 'Tilted board {{shelf}}',
  'part.tiltedCleat.left': 'Tilted cleat {{shelf}}, left',
  'part.tiltedCleat.right': 'Tilted cleat {{shelf}}, right',
  'part.stopStrip': 'Stop strip, tilted {{shelf}}',
  'part.rod': 'Closet rod',
  'hardware.socket': 'Rod socket',

  'needed.screw': 'screws {{size}}',
  'needed.pin': 'pins {{size}}',
  'needed.pocket': 'pocket screws {{size}}',
  'needed.anchor': 'hollow-wall anchors with their screws',
  'needed.plug': 'plugs for screws {{size}}',
  'further.panel': '{{piece}}: when the panel is dry, rip it to {{wide}}, then cut it to {{long}}.',
  'further.in.front':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the front edge. Cut from the mark to the corner at the back edge: {{angle}} off square, {{by}} over {{over}}.',
  'further.hand.in.front':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the front edge. Knife a line from the mark to the corner at the back edge, saw on the waste side, plane to the line: {{by}} over {{over}}.',
  'further.in.back':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the back edge. Cut from the mark to the corner at the front edge: {{angle}} off square, {{by}} over {{over}}.',
  'further.hand.in.back':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the back edge. Knife a line from the mark to the corner at the front edge, saw on the waste side, plane to the line: {{by}} over {{over}}.',
  'further.in.upper':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the upper edge. Cut from the mark to the corner at the lower edge: {{angle}} off square, {{by}} over {{over}}.',
  'further.hand.in.upper':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the upper edge. Knife a line from the mark to the corner at the lower edge, saw on the waste side, plane to the line: {{by}} over {{over}}.',
  'further.in.lower':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the lower edge. Cut from the mark to the corner at the upper edge: {{angle}} off square, {{by}} over {{over}}.',
  'further.hand.in.lower':
    '{{piece}}, {{side}} end: mark {{by}} from the end on the lower edge. Knife a line from the mark to the corner at the upper edge, saw on the waste side, plane to the line: {{by}} over {{over}}.',
  'further.bevel.under':
    '{{piece}}, {{side}} end: tilt the blade {{angle}} for this cut. The underside comes out {{by}} shorter than the top over the thickness of {{over}}.',
  'further.bevel.behind':
    '{{piece}}, {{side}} end: tilt the blade {{angle}} for this cut. The rear face comes out {{by}} shorter than the front face over the thickness of {{over}}.',
  'further.hand.bevel.under':
    '{{piece}}, {{side}} end: plane the underside back by {{by}} over the thickness of {{over}}; leave the top edge as it is.',
  'further.hand.bevel.behind':
    '{{piece}}, {{side}} end: plane the rear face back by {{by}} over the thickness of {{over}}; leave the front edge as it is.',
  'further.mitre.left':
    '{{piece}}, left end: face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.hand.mitre.left':
    '{{piece}}, left end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.mitre.right':
    '{{piece}}, right end: face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.hand.mitre.right':
    '{{piece}}, right end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.mitre.lower':
    '{{piece}}, lower end: face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.hand.mitre.lower':
    '{{piece}}, lower end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.mitre.upper':
    '{{piece}}, upper end: face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.hand.mitre.upper':
    '{{piece}}, upper end: in the mitre box, face up, 45° from the long point on the outer edge to a mark {{by}} from the end on the inner edge. The outer edge stays {{long}} long.',
  'further.housing':
    '{{piece}}: groove across the inner face, {{wide}} wide and {{deep}} deep, its lower edge {{at}} up from the foot. Left and right piece are a mirrored pair.',
  'further.hand.housing':
    '{{piece}}: groove across the inner face, {{wide}} wide and {{deep}} deep, its lower edge {{at}} up from the foot. Saw both walls to depth, chisel out between. Left and right piece are a mirrored pair.',
  'further.scribe':
    '{{piece}}, {{side}} end: {{by}} is left on. Set the compass to {{by}}, draw along the wall, cut to the line; or cut to the full-size template.',
  'further.back':
    '{{piece}}, back edge: {{by}} is left on. Set the compass to {{by}}, draw along the back wall, cut to the line; or cut to the full-size template.',
  'further.faceUp.board': 'Top face up, front edge towards you.',
  'further.faceUp.edge': 'Front face up, upper edge away from you.',
  'further.measures.board':
    '{{piece}} is then {{back}} long at the back edge, {{front}} at the front edge, {{deep}} deep.',
  'further.measures.edge': '{{piece}} is then {{back}} long at the lower edge, {{front}} at the upper edge.',
  'further.outline.triangle':
    '{{piece}}: cut the outline to its full-size template, top face up: {{back}} along the back wall, {{side}} along the side wall, corner {{angle}}, straight front.',
  'further.outline.rounded':
    '{{piece}}: cut the outline to its full-size template, top face up: {{back}} along the back wall, {{side}} along the side wall, corner {{angle}}, rounded front.',
  'further.outline.clipped':
    '{{piece}}: cut the outline to its full-size template, top face up: {{back}} along the back wall, {{side}} along the side wall, corner {{angle}}, front clipped at both ends.',
  'further.outline.ell':
    '{{piece}}: cut the outline to its full-size template, top face up: {{back}} along the back wall, {{side}} along the side wall, corner {{angle}}, L-shaped.',
  'further.hole':
    '{{piece}}: hole {{diameter}} across, its middle {{along}} from the {{side}} end and {{back}} from the back edge.',
  'further.clip': '{{piece}}, front end: 45° from the upper corner to a mark {{by}} from the end on the lower edge.',
  'further.brace.first':
    '{{piece}}, first end: {{angle}} off square, from the long point to a mark {{by}} from the end on the other edge ({{by}} over {{over}}). Both long points lie on the same edge, {{long}} apart.',
  'further.brace.second':
    '{{piece}}, second end: {{angle}} off square, from the long point to a mark {{by}} from the end on the other edge ({{by}} over {{over}}). Both long points lie on the same edge, {{long}} apart.',
  'further.corner.room':
    '{{piece}}, end in the corner: mark {{by}} from the end on the wall face, cut to the corner at the room face: {{angle}} off square, {{by}} over the thickness of {{over}}.',
  'further.corner.wall':
    '{{piece}}, end in the corner: mark {{by}} from the end on the room face, cut to the corner at the wall face: {{angle}} off square, {{by}} over the thickness of {{over}}.',
  'further.slot':
    '{{piece}}: slot along the back edge and both ends, {{high}} high and {{deep}} deep, in the middle of the thickness.',
  'further.notch':
    '{{piece}}: cut out the lower rear corner for the skirting, {{deep}} in from the rear edge and {{high}} up from the foot.',
};
