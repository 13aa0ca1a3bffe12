import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { format } from 'prettier';
import { jobJsonSchema } from '@dormer/core/job';

// The JSON Schema of the job document, made from the schema that checks it; --check fails when docs/ is behind.
const file = path.resolve('docs/job.schema.json');

async function main() {
  const made = await format(JSON.stringify(jobJsonSchema()), { parser: 'json', printWidth: 120 });
  if (!process.argv.includes('--check')) return writeFileSync(file, made);
  if (readFileSync(file, 'utf8') === made) return;
  process.stderr.write('docs/job.schema.json is not what the code makes. Run ./dormer docs.\n');
  process.exitCode = 1;
}

void main();
