import type { Part } from '../fit';

/** Whether a piece is cut of sticks, not of boards. */
export const isStick = (role: Part['role']): boolean => STICKS.has(role);

const STICKS: ReadonlySet<Part['role']> = new Set([
  'back-cleat',
  'side-cleat-left',
  'side-cleat-right',
  'rail-back',
  'rail-side',
  'rail-front',
  'nosing',
  'post-left',
  'post-right',
  'bracket-arm',
  'bracket-leg',
  'bracket-brace',
  'joist',
  'post',
  'upright',
  'rung',
]);
