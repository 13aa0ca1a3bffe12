import { addLabels } from './labels';
import { buildEn } from './build.en';

addLabels(buildEn);
