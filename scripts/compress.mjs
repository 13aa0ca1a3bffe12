import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

// Compress the files of the web app once, so that the server does not compress them for every visit.
const folder = process.argv[2];
const LEAST_BYTES = 1024;
const BROTLI = { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } };

for (const name of readdirSync(folder, { recursive: true })) {
  if (!/\.(js|css|json|ttf|svg|wasm)$/.test(name)) continue;
  const file = path.join(folder, name);
  const data = readFileSync(file);
  if (data.length < LEAST_BYTES) continue;
  writeFileSync(`${file}.br`, brotliCompressSync(data, BROTLI));
  writeFileSync(`${file}.gz`, gzipSync(data, { level: 9 }));
}
