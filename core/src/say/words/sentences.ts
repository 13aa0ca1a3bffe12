import type { MessageCode } from '../../base/message';

type Plural = `${MessageCode}_one` | `${MessageCode}_other`;
/**
 * Sentences of a language by their code. `{{name}}` stands for a parameter; `_one` and `_other` are chosen by `count`.
 */
export type Sentences = Partial<Record<MessageCode | Plural, string>>;
