import { fittingEn } from './cut/fitting.en';
import { sawingEn } from './cut/sawing.en';
import { stockEn } from './cut/stock.en';

/** The words of the Cut stage, which come with it. */
export const cutEn = { ...fittingEn, ...sawingEn, ...stockEn };
