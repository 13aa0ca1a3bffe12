export type { ParamsOf } from './icu';
export type { Message, MessageCode, MessageParams, Param, PlainCode } from './message';
export { durationWords } from './duration';
export {
  message,
  length,
  mass,
  about,
  text,
  count,
  angle,
  nested,
  choice,
  duration,
  list,
  run,
  volume,
} from './message';
