import type { SystemName } from '../../job';
import type { Message } from '../../base/message';
import type { Work } from './work';

/** Where in the work an instruction of a support system belongs. */
type Moment = 'joint' | 'pins' | 'make' | 'dry' | 'assemble' | 'stand' | 'support' | 'shelf' | 'front';

const MOMENTS: Readonly<Record<string, Moment>> = {
  'order.cleats.back': 'support',
  'order.cleats.sides': 'support',
  'order.cleats.ends': 'support',
  'order.cleats.corner': 'support',
  'order.board.on': 'shelf',
  'order.board.screwed': 'shelf',
  'order.board.fromBelow': 'shelf',
  'order.nosing': 'front',
  'order.brackets.make': 'make',
  'order.brackets.first': 'support',
  'order.brackets.rest': 'support',
  'order.side.mark': 'shelf',
  'order.side.drill': 'shelf',
  'order.side.prop': 'shelf',
  'order.side.drive': 'shelf',
  'order.posts.groove': 'joint',
  'order.posts.chisel': 'joint',
  'order.posts.rebate': 'joint',
  'order.posts.chiselRebate': 'joint',
  'order.posts.rebated': 'shelf',
  'order.posts.screwed': 'shelf',
  'order.posts.stand': 'stand',
  'order.posts.plumb': 'stand',
  'order.posts.shelves': 'shelf',
  'order.float.rails': 'support',
  'order.float.dry': 'shelf',
  'order.float.slide': 'shelf',
  'order.float.lockBelow': 'shelf',
  'order.float.lockAbove': 'shelf',
  'order.case.dry': 'dry',
  'order.case.glue': 'assemble',
  'order.case.square': 'assemble',
  'order.case.back': 'assemble',
  'order.case.trim': 'front',
  'order.case.stand': 'stand',
  'order.case.pins': 'pins',
  'order.case.glueFixed': 'assemble',
  'order.case.screw': 'stand',
  'order.case.shelvesIn': 'shelf',
  'order.tower.spacers': 'assemble',
  'order.tower.dry': 'dry',
  'order.tower.glue': 'assemble',
  'order.tower.top': 'assemble',
  'order.bench.cleat': 'support',
  'order.bench.frame': 'support',
  'order.bench.posts': 'support',
  'order.bench.ends': 'support',
  'order.bench.top': 'shelf',
  'order.bench.edge': 'front',
  'order.ladder.jig': 'make',
  'order.ladder.through': 'assemble',
  'order.ladder.mesh': 'assemble',
  'order.ladder.frames': 'assemble',
  'order.ladder.stand': 'stand',
  'order.ladder.slats': 'shelf',
  'order.ladder.boards': 'shelf',
  'order.ladder.tie': 'stand',
};

/** The instructions of a moment; of one system only, where one is named. */
export function instructions({ order }: Pick<Work, 'order'>, moment: Moment, system?: SystemName): Message[] {
  const all = order
    .filter((part) => system === undefined || part.system === system)
    .flatMap(({ steps }) => steps.filter(({ code }) => MOMENTS[code] === moment));
  return all.filter(({ code }, i) => all.findIndex((other) => other.code === code) === i);
}
