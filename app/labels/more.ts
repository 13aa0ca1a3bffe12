import { addLabels } from './labels';
import { moreEn } from './more.en';

addLabels(moreEn);
