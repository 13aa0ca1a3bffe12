export * from './step';
export * from './steps';
export * from './waits';
export * from './duration';
export * from './order/orderSteps';
export type { Ordered, Lag, Travel } from './order/network';
export * from './outstanding';
export * from './trips';
