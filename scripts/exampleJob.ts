import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { writeJobFile } from '@dormer/core/job/document';
import { chimneyAlcove } from '@dormer/core/rigs/demo';

// The example job as a file beside the built app: it opens without the server, and is no part of the first screen.
const [folder] = process.argv.slice(2);
if (!folder) throw new Error('exampleJob takes the folder of the built app.');
writeFileSync(path.join(folder, 'example.dormer.json'), writeJobFile(chimneyAlcove()));
