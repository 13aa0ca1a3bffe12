import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { format } from 'prettier';
import { sceneSvg } from '../core/src/say/exchange/sceneSvg';
import { examples } from '../core/src/rigs/worked';

// The worked examples of docs/supports.md and their drawings, made from what the systems make of one plain opening;
// --check fails when docs/ is behind.
const file = path.resolve('docs/supports.md');
const folder = path.resolve('docs/supports');
const BEGIN = '<!-- worked examples: made by ./dormer docs -->';
const WIDE_PX = 520;

async function main() {
  const all = examples();
  const before = readFileSync(file, 'utf8');
  const kept = before.slice(0, before.indexOf(BEGIN) + BEGIN.length);
  const made = await format(`${kept}\n\n${all.map((one) => one.markdown).join('\n')}`, {
    parser: 'markdown',
    printWidth: 120,
  });
  const drawings = all.map((one) => ({
    file: path.join(folder, `${one.system}.svg`),
    svg: sceneSvg(one.scene, { units: 'mm', tape: '0.5mm' }, WIDE_PX),
  }));
  if (!process.argv.includes('--check')) {
    mkdirSync(folder, { recursive: true });
    for (const one of drawings) writeFileSync(one.file, one.svg);
    return writeFileSync(file, made);
  }
  if (before === made && drawings.every((drawing) => readFileSync(drawing.file, 'utf8') === drawing.svg)) return;
  process.stderr.write('docs/supports.md is not what the code makes. Run ./dormer docs.\n');
  process.exitCode = 1;
}

void main();
