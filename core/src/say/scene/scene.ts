import type { Message } from '../../base/message';
import type { About } from '../../base/problem';

/** A point of a drawing, millimetres: x to the right, y up on the sheet. */
export type Point = readonly [x: number, y: number];

/** What a shape stands for. How that looks is the renderer's business. */
export type Role =
  | 'wall'
  | 'wall-unknown'
  | 'wall-behind'
  | 'uncertain-band'
  | 'board'
  | 'cleat'
  | 'cleat-below'
  | 'nosing'
  | 'pole'
  | 'level-line'
  | 'floor-mark'
  | 'reading'
  | 'reading-behind'
  | 'reading-wanted'
  | 'reading-aside'
  | 'keep-clear'
  | 'trim'
  | 'stud'
  | 'dimension'
  | 'shelf-name'
  | 'waste'
  | 'kerf'
  | 'rest'
  | 'chosen'
  | 'cut-line'
  | 'hole-through'
  | 'gap-hidden'
  | 'gap-seen'
  | 'stopped'
  | 'thing'
  | 'headroom'
  | 'reach'
  | 'blocked'
  | 'closet-rail'
  | 'bracket'
  | 'screw'
  | 'screw-anchor'
  | 'sag';

export type Shape =
  | { readonly kind: 'polygon'; readonly points: readonly Point[]; readonly role: Role; readonly about?: About }
  | { readonly kind: 'path'; readonly points: readonly Point[]; readonly role: Role; readonly about?: About }
  | { readonly kind: 'dot'; readonly at: Point; readonly role: Role; readonly about?: About }
  | DimensionShape
  | LabelShape;

/** A dimension string from tick to tick. `mm` is the true figure, whatever the drawing exaggerates. */
export interface DimensionShape {
  readonly kind: 'dimension';
  readonly from: Point;
  readonly to: Point;
  readonly mm: number;
  readonly role: Role;
  /** Where along the string the figure stands, 0 to 1; halfway when left away. */
  readonly share?: number;
  /** Which way the figure goes, said after it. */
  readonly sense?: Message;
  readonly about?: About;
}

/** Words or a length at a point. */
export interface LabelShape {
  readonly kind: 'label';
  readonly at: Point;
  readonly role: Role;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly words?: Message;
  readonly mm?: number;
  /** Which way the figure goes, said after it. */
  readonly sense?: Message;
  readonly about?: About;
  /** It is left out where it is longer than this, millimetres: it would lie over what is beside it. */
  readonly withinMm?: number;
}

/** A drawing as plain data: shapes in millimetres, back to front. */
export interface Scene {
  readonly title: Message;
  readonly bounds: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly shapes: readonly Shape[];
}
