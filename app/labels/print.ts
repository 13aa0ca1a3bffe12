import { addLabels } from './labels';
import { printEn } from './print.en';

addLabels(printEn);
