import type { Figure } from '../figure';
import type { Job } from '../job';
import type { Opening } from '../opening';
import type { Problem } from '../problem';
import type { Bottom, Held } from './bounds';
import type { Contents } from './contents';
import type { Blocked, Under } from './keepClear';

export interface LayoutInput {
  readonly job: Job;
  readonly opening: Opening;
  /** What a shelf takes up below its board. */
  readonly under: Under;
}

/** What every way of deciding heights goes by. */
export interface Setting {
  readonly input: LayoutInput;
  readonly bottom: Bottom;
  readonly top: Figure | null;
  readonly held: readonly Held[];
  readonly blocked: readonly Blocked[];
}

/** A shelf before they are numbered. */
export interface Top {
  readonly top: Figure;
  readonly held: Held['held'] | null;
  readonly id: string | null;
}

/** What a way of deciding heights comes to. */
export interface Laid {
  readonly shelves: readonly Top[];
  readonly problems: readonly Problem[];
  /** What stands where, from the way that decides both at once. */
  readonly contents?: Contents;
}
