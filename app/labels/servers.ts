import { addLabels } from './labels';
import { serversEn } from './servers.en';

addLabels(serversEn);
