import { addLabels } from './labels';
import { wordsEn } from './words.en';

addLabels(wordsEn);
