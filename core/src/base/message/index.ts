export type { Message, MessageCode, MessageParams, Param } from './message';
export { message, length, mass, about, text, count, angle, nested } from './message';
