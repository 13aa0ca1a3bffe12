import type { About, Count, Inner, Length, None, Text } from '../kinds';

/** Support systems, fixings and materials: codes with their parameters. */
export interface SupportsMessages {
  'fixing.wallFace': None;
  'bites.stud': None;
  'bites.panel': None;
  'bites.plug': None;
  'bites.anchor': None;
  'bites.wood': None;

  // How a system goes together
  'order.cleats.back': None;
  'order.cleats.sides': None;
  'order.cleats.ends': None;
  'order.cleats.corner': None;
  'order.board.on': None;
  'order.board.screwed': None;
  'order.board.fromBelow': None;
  'order.nosing': None;
  'order.brackets.make': None;
  'order.brackets.first': None;
  'order.brackets.rest': None;
  'order.side.mark': None;
  'order.side.drill': None;
  'order.side.prop': None;
  'order.side.drive': None;
  'order.posts.groove': None;
  'order.posts.chisel': None;
  'order.posts.stand': None;
  'order.posts.shelves': None;
  'order.float.rails': None;
  'order.float.dry': None;
  'order.float.slide': None;
  'order.float.lockBelow': None;
  'order.float.lockAbove': None;

  // What speaks for and against a system
  'suit.cleats.stiff': None;
  'suit.cleats.anyWall': None;
  'suit.noBack': None;
  'suit.noStuds': None;
  'suit.endCleats.fewest': None;
  'suit.wideSpan': { span: About };
  'suit.brackets.studs': { count: Count };
  'suit.brackets.openEnds': None;
  'suit.brackets.noStud': { near: Length };
  'suit.brackets.noStudNoAnchor': { near: Length };
  'suit.brackets.floor': None;
  'suit.side.hidden': None;
  'suit.posts.noHardware': None;
  'suit.float.hidden': None;
  'suit.float.oneWall': None;
  'suit.handGrooves': None;
  'suit.handSlots': None;
  'suit.notHere': None;
  'suit.sags': { sag: About; usual: About };
  'suit.fails': { percent: Count };

  // Fixings
  'fixing.piece': { label: Text };
  'fixing.bracket': None;

  // Materials
  'material.pine': None;
  'material.spruce': None;
  'material.hardwood': None;
  'material.birch-ply': None;
  'material.softwood-ply': None;
  'material.osb': None;
  'material.chipboard': None;
  'material.mdf': None;
  'material.own': { name: Text };
  'source.solid': None;
  'source.plywood': None;
  'source.panel': None;

  // What would cure a shelf that sags or gives way
  'cure.nosing': { height: Length };
  'cure.thickness': { thickness: Length };
  'cure.material': { material: Inner };
  'cure.apart': { apart: Length };
  'cure.system': { system: Inner };
  'cure.screws': { count: Count };
  'cure.both': { first: Inner; second: Inner };

  // Support systems by name
  'system.three-side-cleats': None;
  'system.end-cleats': None;
  'system.housed-posts': None;
  'system.brackets': None;
  'system.side-screwed': None;
  'system.floating-rails': None;
  'order.case.dry': None;
  'order.case.glue': None;
  'order.case.square': None;
  'order.case.back': None;
  'order.case.trim': None;
  'order.case.stand': None;
  'order.case.pins': None;
  'order.case.screw': None;
  'order.case.shelvesIn': None;
  'order.tower.spacers': None;
  'order.tower.dry': None;
  'order.tower.glue': None;
  'order.tower.top': None;
  'order.bench.cleat': None;
  'order.bench.frame': None;
  'order.bench.posts': None;
  'order.bench.ends': None;
  'order.bench.top': None;
  'order.bench.edge': None;
  'order.ladder.jig': None;
  'order.ladder.through': None;
  'order.ladder.mesh': None;
  'order.ladder.frames': None;
  'order.ladder.stand': None;
  'order.ladder.slats': None;
  'order.ladder.boards': None;
  'order.ladder.tie': None;
  'suit.case.square': None;
  'suit.case.gaps': None;
  'suit.case.adjusts': None;
  'suit.tower.plain': None;
  'suit.bench.heavy': None;
  'suit.bench.onlyLow': None;
  'suit.ladder.wet': None;
  'suit.handPockets': None;
  'system.housed-case': None;
  'system.pinned-case': None;
  'system.screwed-tower': None;
  'system.framed-bench': None;
  'system.ladder-frames': None;
}
