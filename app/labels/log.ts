import { addLabels } from './labels';
import { logEn } from './log.en';

addLabels(logEn);
