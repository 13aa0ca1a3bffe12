import { addLabels } from './labels';
import { removedEn } from './removed.en';

addLabels('en', removedEn);
