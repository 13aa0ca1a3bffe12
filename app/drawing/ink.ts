import type { Role } from '@dormer/core/say/scene';
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

/** Ink of each role in the colours of a theme. */
const INKS: Readonly<Record<Role, (c: Colours, hatches: Hatches) => Ink>> = {
  wall: (c, hatches) => ({ fill: `url(#${hatches.wall})`, stroke: c.pencil, width: 1.5, text: c.pencil }),
  'wall-unknown': (c, hatches) => ({
    fill: `url(#${hatches.unknown})`,
    stroke: c.faint,
    width: 1,
    dash: '5 4',
    text: c.faint,
  }),
  'wall-behind': (c) => ({ stroke: c.faint, width: 1, dash: '2 3', text: c.faint }),
  'uncertain-band': (c) => ({ fill: c.band, fillOpacity: 0.22, text: c.faint }),
  board: (c) => ({ fill: c.wood, stroke: c.woodEdge, width: 1, text: c.pencil }),
  nosing: (c) => ({ fill: c.wood, fillOpacity: 0.75, stroke: c.woodEdge, width: 1, text: c.pencil }),
  cleat: (c) => ({ fill: c.woodDark, stroke: c.woodEdge, width: 1, text: c.pencil }),
  'cleat-below': (c) => ({ stroke: c.woodEdge, width: 1, dash: '5 3', text: c.pencil }),
  pole: (c) => ({ fill: c.panel, stroke: c.pencil, width: 1, text: c.pencil }),
  'level-line': (c) => ({ stroke: c.chalk, width: 1.5, dash: '8 4', text: c.chalk }),
  'floor-mark': (c) => ({ stroke: c.pencil, width: 2, text: c.pencil }),
  reading: (c) => ({ stroke: c.action, width: 1.5, fill: c.action, text: c.action }),
  'reading-behind': (c) => ({ stroke: c.action, width: 1, dash: '4 3', fill: c.action, text: c.action }),
  'reading-wanted': (c) => ({ stroke: c.chalk, width: 3, fill: c.chalk, dash: '9 5', text: c.chalk }),
  'reading-aside': (c) => ({ stroke: c.doubtful, width: 1.5, fill: c.doubtful, dash: '2 4', text: c.doubtful }),
  'keep-clear': (c) => ({ fill: c.stopWash, stroke: c.stop, width: 1.5, text: c.stop }),
  trim: (c) => ({ fill: c.wood, fillOpacity: 0.35, stroke: c.woodEdge, width: 1, text: c.faint }),
  stud: (c) => ({ stroke: c.woodEdge, width: 1.5, dash: '10 3 2 3', text: c.faint }),
  dimension: (c) => ({ stroke: c.faint, width: 1, fill: c.faint, text: c.pencil }),
  'shelf-name': (c) => ({ text: c.pencil }),
  waste: (c, hatches) => ({ fill: `url(#${hatches.unknown})`, stroke: c.faint, width: 1, dash: '4 3', text: c.faint }),
  kerf: (c) => ({ fill: c.pencil, text: c.pencil }),
  rest: (c) => ({ fill: c.panel, stroke: c.faint, width: 1, text: c.faint }),
  chosen: (c) => ({ fill: c.chalk, fillOpacity: 0.35, stroke: c.chalk, width: 2.5, text: c.chalk }),
  'cut-line': (c) => ({ stroke: c.action, width: 2, text: c.action }),
  'hole-through': (c) => ({ fill: c.paper, stroke: c.pencil, width: 1.5, text: c.pencil }),
  'gap-hidden': (c) => ({ fill: c.action, fillOpacity: 0.18, text: c.action }),
  'gap-seen': (c) => ({ fill: c.doubtful, fillOpacity: 0.4, text: c.doubtful }),
  thing: (c) => ({ fill: c.panel, stroke: c.faint, width: 1, text: c.pencil }),
  headroom: (c) => ({
    fill: c.doubtful,
    fillOpacity: 0.14,
    stroke: c.doubtful,
    width: 0.75,
    dash: '2 3',
    text: c.doubtful,
  }),
  reach: (c) => ({ fill: c.action, fillOpacity: 0.07, stroke: c.action, width: 1, text: c.action }),
  blocked: (c) => ({ fill: c.stop, fillOpacity: 0.55, stroke: c.stop, width: 1, text: c.stop }),
  'closet-rail': (c) => ({ stroke: c.pencil, width: 4, text: c.pencil }),
  bracket: (c) => ({ fill: c.faint, stroke: c.pencil, width: 1, text: c.pencil }),
  screw: (c) => ({ fill: c.pencil, stroke: c.pencil, width: 1.5, text: c.pencil }),
  'screw-anchor': (c) => ({ fill: c.panel, stroke: c.doubtful, width: 2, text: c.doubtful }),
  sag: (c) => ({ stroke: c.doubtful, width: 2, text: c.doubtful }),
  stopped: (c) => ({ fill: c.stopWash, stroke: c.stop, width: 1.5, dash: '4 3', text: c.stop }),
};

/** How a role is drawn in the colours of a theme. */
export const inkFor = (role: Role, colours: Colours, hatches: Hatches): Ink => INKS[role](colours, hatches);
