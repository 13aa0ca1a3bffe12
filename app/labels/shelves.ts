import { addLabels } from './labels';
import { shelvesEn } from './shelves.en';

addLabels(shelvesEn);
