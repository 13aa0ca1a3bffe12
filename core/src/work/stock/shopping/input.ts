import type { Part } from '../../../design/fit';
import type { Fixing, Needed } from '../../../design/fixing';
import type { Job } from '../../../job';
import type { Message } from '../../../base/message';
import type { Outline } from '../../../place/opening';
import type { Hardware } from '../../../design/system';
import type { Cutting } from '../cuttingPlan';

/** Input of the shopping list. */
export interface ShoppingInput {
  readonly job: Pick<Job, 'stock' | 'region' | 'units' | 'fit' | 'wood' | 'further' | 'tape' | 'build'>;
  readonly plan: {
    readonly parts: readonly Part[];
    readonly needed: readonly Needed[];
    readonly hardware: readonly Hardware[];
    readonly fixings: readonly Fixing[];
    readonly opening: Pick<Outline, 'extent'>;
    /** The steps of the work: whatever they name is on the list. */
    readonly build: { readonly steps: readonly { readonly materials: readonly Message[] }[] };
  };
  readonly cutting: Pick<Cutting, 'buy' | 'blanks' | 'glueUps' | 'layouts' | 'groups'>;
}
