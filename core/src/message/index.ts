export type { Message, MessageCode, MessageParams, Param } from './message';
export { message, length, text, count, angle, nested } from './message';
