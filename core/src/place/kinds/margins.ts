import type { KeepClear } from '../../job';

/** What is kept clear about a thing unless said otherwise, millimetres: room for a plug, a hand, a hinge. */
const MARGIN_MM: Readonly<Record<KeepClear['what'], number>> = {
  outlet: 30,
  switch: 30,
  vent: 100,
  pipe: 20,
  hole: 10,
  hardware: 10,
  trim: 0,
  'window-bar': 0,
  lid: 25,
  door: 15,
  other: 10,
};

/** What is kept clear about a thing, millimetres. */
export const marginOf = ({ what, margin }: Pick<KeepClear, 'what' | 'margin'>): number => margin?.mm ?? MARGIN_MM[what];
