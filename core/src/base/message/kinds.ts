/**
 * What a message carries, by kind. A length stays a length until it is turned into words, in the reader’s language and
 * units.
 */
export interface Length {
  readonly kind: 'length';
  readonly mm: number;
}
export interface About {
  readonly kind: 'about';
  readonly mm: number;
}
export interface Angle {
  readonly kind: 'angle';
  readonly degrees: number;
}
export interface Mass {
  readonly kind: 'mass';
  readonly kg: number;
}
export interface Count {
  readonly kind: 'count';
  readonly count: number;
}
export interface Text {
  readonly kind: 'text';
  readonly text: string;
}
/** A message inside a message. */
export interface Inner {
  readonly kind: 'message';
  readonly message: { readonly code: string; readonly params: Readonly<Record<string, Param>> };
}
export type Measure = About | Angle;
export type None = Record<never, never>;

export type Param = Length | About | Angle | Mass | Count | Text | Inner;
