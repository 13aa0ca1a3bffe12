import type { Param } from './message';

export type Length = Extract<Param, { is: 'length' }>;
export type About = Extract<Param, { is: 'about' }>;
export type Angle = Extract<Param, { is: 'angle' }>;
export type Measure = About | Angle;
export type Count = Extract<Param, { is: 'count' }>;
export type Text = Extract<Param, { is: 'text' }>;
export type Mass = Extract<Param, { is: 'mass' }>;
export type Inner = Extract<Param, { is: 'message' }>;
export type None = Record<never, never>;
