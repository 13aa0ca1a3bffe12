import { en } from './en';
import { addWords } from './render';

addWords('en', en);
