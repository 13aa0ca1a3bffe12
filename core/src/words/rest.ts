import { en } from './en';
import { enBuild } from './en.build';
import { addWords } from './render';

addWords('en', en);
addWords('en', enBuild);
