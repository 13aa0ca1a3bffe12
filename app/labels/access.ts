import { accessEn } from './access.en';
import { addLabels } from './labels';

addLabels(accessEn);
