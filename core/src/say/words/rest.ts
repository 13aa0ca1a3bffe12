import { restEn } from '../../base/message/en';
import { addWords } from './render';

for (const topic of restEn) addWords(topic);
