import { addLabels } from './labels';
import { menuEn } from './menu.en';

addLabels(menuEn);
