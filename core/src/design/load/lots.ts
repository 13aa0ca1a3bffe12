import type { Job, Lot } from '../../job/document';
import { ROD_WOOD } from '../../job/rod';
import type { Part } from '../fit';
import { materialOf, type Material } from './materials';

/** Whether a piece is cut of sticks, not of boards. */
export const isStick = (role: Part['role']): boolean => STICKS.has(role);

/** Pieces on the face of the work: strips on front edges, trim about a case. */
const FRONTS: ReadonlySet<Part['role']> = new Set(['nosing', 'stop-strip', 'trim']);

const STRIPS: ReadonlySet<Part['role']> = new Set([
  'back-cleat',
  'side-cleat-left',
  'side-cleat-right',
  'rail-back',
  'rail-side',
  'rail-front',
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

const STICKS: ReadonlySet<Part['role']> = new Set([...STRIPS, ...FRONTS]);

const CASES: ReadonlySet<Part['role']> = new Set([
  'case-side-left',
  'case-side-right',
  'case-top',
  'case-bottom',
  'back-panel',
  'tip-rail',
  'spacer',
  'filler',
  'bay-upright',
  'upright-block',
  'box-side',
  'box-end',
]);

/** The lot a piece belongs to; null for what is bought finished: mesh, a closet rod. */
export function lotOf(role: Part['role']): Exclude<Lot, 'wall'> | null {
  if (role === 'mesh' || role === 'closet-rod') return null;
  if (FRONTS.has(role)) return 'trim';
  if (STRIPS.has(role)) return 'strips';
  return CASES.has(role) ? 'case' : 'shelves';
}

/** The id of what a piece is made of. */
export function materialIdFor(role: Part['role'], { wood, further }: Pick<Job, 'wood' | 'further'>): string {
  if (role === 'closet-rod') return further?.rod === 'wood' ? ROD_WOOD : 'tube';
  if (role === 'back-panel') return wood.back ?? wood.case ?? wood.boards;
  switch (lotOf(role)) {
    case 'strips':
      return wood.sticks;
    case 'trim':
      return wood.trim ?? wood.sticks;
    case 'case':
      return wood.case ?? wood.boards;
    default:
      return wood.boards;
  }
}

/** What a piece of a role is made of. */
export const materialFor = (role: Part['role'], job: Pick<Job, 'wood' | 'further'>): Material =>
  materialOf(materialIdFor(role, job), job.wood.own);
