import type { DrawingsMessages } from './drawings';
import type { HeightsMessages } from './heights';
import type { PartsMessages } from './parts';
import type { ProblemsMessages } from './problems';
import type { StepsMessages } from './steps';
import type { StockMessages } from './stock';
import type { SupportsMessages } from './supports';
import type { SurveyMessages } from './survey';
import type { TermsMessages } from './terms';
import type { TypedMessages } from './typed';

/** Every code the core may say, with the parameters it must carry. The sentences are in `words/`. */
export interface MessageCatalogue
  extends
    DrawingsMessages,
    HeightsMessages,
    PartsMessages,
    ProblemsMessages,
    StepsMessages,
    StockMessages,
    SupportsMessages,
    SurveyMessages,
    TermsMessages,
    TypedMessages {}
