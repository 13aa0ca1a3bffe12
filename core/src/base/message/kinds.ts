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
/** One of a few things to choose the words by: a wall, an edge, a kind. */
export interface Choice<Key extends string = string> {
  readonly kind: 'choice';
  readonly choice: Key;
}
/** Things that stand in a sentence as a list. */
export interface List {
  readonly kind: 'list';
  readonly items: readonly Param[];
}
/** A volume, millilitres. */
export interface Volume {
  readonly kind: 'volume';
  readonly ml: number;
}
/** A length sold off a roll, millimetres: told in metres or feet. */
export interface Run {
  readonly kind: 'run';
  readonly mm: number;
}
/** A span of time, minutes. */
export interface Duration {
  readonly kind: 'duration';
  readonly minutes: number;
}
/** A message inside a message: a name that stands by itself (in quotes, or with a colon), or a whole sentence. */
export interface Inner {
  readonly kind: 'message';
  readonly message: { readonly code: string; readonly params: Readonly<Record<string, Param>> };
}
/** What a reading can say. */
export type Measure = Length | About | Angle;

export type Param = Length | About | Angle | Mass | Count | Text | Choice | List | Volume | Run | Duration | Inner;
