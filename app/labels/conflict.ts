import './menu';
import { conflictEn } from './conflict.en';
import { addLabels } from './labels';

addLabels(conflictEn);
