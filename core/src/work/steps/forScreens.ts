// What a screen needs of the work itself: none of what makes steps or orders them.
export * from './outstanding';
export * from './step';
export * from './waits';
export type { Packing, Trip, Trips } from './trips';
export * from './calendar/free';
export * from './calendar/zoned';
export type { Laid } from './calendar/lay';
export type { CalendarOfWork } from './calendarFor';
export type { Timed } from './order/orderSteps';
