/** "±" is two standard deviations throughout: about 95 %. */
export const SURE = 2;
