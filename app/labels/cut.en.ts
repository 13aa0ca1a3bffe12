import { fittingEn } from './cut/fitting.en';
import { sawingEn } from './cut/sawing.en';
import { stockEn } from './cut/stock.en';

/** Words of the Cut stage, loaded with that stage. */
export const cutEn = { ...fittingEn, ...sawingEn, ...stockEn };
