import '../../../labels/shelves';
import { chimneyAlcove } from '@dormer/core/rigs/demo';

export const alcove = chimneyAlcove();

export const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });
