export type { ParamsOf } from './icu';
export type { Message, MessageCode, MessageParams, Param } from './message';
export { message, length, mass, about, text, count, angle, nested, choice, list } from './message';
