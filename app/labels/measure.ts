import { addLabels } from './labels';
import { measureEn } from './measure.en';

addLabels(measureEn);
