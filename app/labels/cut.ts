import { addLabels } from './labels';
import { cutEn } from './cut.en';

addLabels(cutEn);
