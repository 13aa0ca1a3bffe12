import { restEn } from './en';
import { addWords } from './render';

for (const topic of restEn) addWords('en', topic);
