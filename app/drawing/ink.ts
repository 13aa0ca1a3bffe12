import type { Role } from '@dormer/core/scene';
import type { Colours } from '../theme';

/** How a role is drawn. */
export interface Ink {
  readonly fill?: string;
  readonly fillOpacity?: number;
  readonly stroke?: string;
  readonly width?: number;
  readonly dash?: string;
  readonly text: string;
}

/** The ids of the hatch patterns of walls and of what is not known; every drawing has its own. */
export interface Hatches {
  readonly wall: string;
  readonly unknown: string;
}

/** How a role is drawn in the colours of a theme. */
export function inkFor(role: Role, c: Colours, hatches: Hatches): Ink {
  switch (role) {
    case 'wall':
      return { fill: `url(#${hatches.wall})`, stroke: c.pencil, width: 1.5, text: c.pencil };
    case 'wall-unknown':
      return { fill: `url(#${hatches.unknown})`, stroke: c.faint, width: 1, dash: '5 4', text: c.faint };
    case 'wall-behind':
      return { stroke: c.faint, width: 1, dash: '2 3', text: c.faint };
    case 'uncertain-band':
      return { fill: c.band, fillOpacity: 0.22, text: c.faint };
    case 'board':
      return { fill: c.wood, stroke: c.woodEdge, width: 1, text: c.pencil };
    case 'nosing':
      return { fill: c.wood, fillOpacity: 0.75, stroke: c.woodEdge, width: 1, text: c.pencil };
    case 'cleat':
      return { fill: c.woodDark, stroke: c.woodEdge, width: 1, text: c.pencil };
    case 'cleat-below':
      return { stroke: c.woodEdge, width: 1, dash: '5 3', text: c.pencil };
    case 'pole':
      return { fill: c.panel, stroke: c.pencil, width: 1, text: c.pencil };
    case 'level-line':
      return { stroke: c.chalk, width: 1.5, dash: '8 4', text: c.chalk };
    case 'floor-mark':
      return { stroke: c.pencil, width: 2, text: c.pencil };
    case 'reading':
      return { stroke: c.action, width: 1.5, fill: c.action, text: c.action };
    case 'reading-behind':
      return { stroke: c.action, width: 1, dash: '4 3', fill: c.action, text: c.action };
    case 'reading-wanted':
      return { stroke: c.chalk, width: 3, fill: c.chalk, dash: '9 5', text: c.chalk };
    case 'reading-aside':
      return { stroke: c.doubtful, width: 1.5, fill: c.doubtful, dash: '2 4', text: c.doubtful };
    case 'keep-clear':
      return { fill: c.stopWash, stroke: c.stop, width: 1.5, text: c.stop };
    case 'trim':
      return { fill: c.wood, fillOpacity: 0.35, stroke: c.woodEdge, width: 1, text: c.faint };
    case 'stud':
      return { stroke: c.woodEdge, width: 1.5, dash: '10 3 2 3', text: c.faint };
    case 'dimension':
      return { stroke: c.faint, width: 1, fill: c.faint, text: c.pencil };
    case 'shelf-name':
      return { text: c.pencil };
    case 'waste':
      return { fill: `url(#${hatches.unknown})`, stroke: c.faint, width: 1, dash: '4 3', text: c.faint };
    case 'kerf':
      return { fill: c.pencil, text: c.pencil };
    case 'rest':
      return { fill: c.panel, stroke: c.faint, width: 1, text: c.faint };
    case 'chosen':
      return { fill: c.chalk, fillOpacity: 0.35, stroke: c.chalk, width: 2.5, text: c.chalk };
    case 'cut-line':
      return { stroke: c.action, width: 2, text: c.action };
    case 'hole-through':
      return { fill: c.paper, stroke: c.pencil, width: 1.5, text: c.pencil };
    case 'gap-hidden':
      return { fill: c.action, fillOpacity: 0.18, text: c.action };
    case 'gap-seen':
      return { fill: c.doubtful, fillOpacity: 0.4, text: c.doubtful };
    case 'thing':
      return { fill: c.panel, stroke: c.faint, width: 1, text: c.pencil };
    case 'headroom':
      return { fill: c.doubtful, fillOpacity: 0.14, stroke: c.doubtful, width: 0.75, dash: '2 3', text: c.doubtful };
    case 'reach':
      return { fill: c.action, fillOpacity: 0.07, stroke: c.action, width: 1, text: c.action };
    case 'blocked':
      return { fill: c.stop, fillOpacity: 0.55, stroke: c.stop, width: 1, text: c.stop };
    case 'closet-rail':
      return { stroke: c.pencil, width: 4, text: c.pencil };
    case 'bracket':
      return { fill: c.faint, stroke: c.pencil, width: 1, text: c.pencil };
    case 'screw':
      return { fill: c.pencil, stroke: c.pencil, width: 1.5, text: c.pencil };
    case 'screw-anchor':
      return { fill: c.panel, stroke: c.doubtful, width: 2, text: c.doubtful };
    case 'sag':
      return { stroke: c.doubtful, width: 2, text: c.doubtful };
    case 'stopped':
      return { fill: c.stopWash, stroke: c.stop, width: 1.5, dash: '4 3', text: c.stop };
  }
}
