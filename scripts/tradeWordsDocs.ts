import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { format } from 'prettier';
import { sceneSvg } from '../core/src/say/exchange/sceneSvg';
import { wordScene } from '../core/src/say/scene/words';
import '../core/src/say/words/all';
import { explanation, explanations } from '../core/src/say/words/tradeWords';

// docs/trade-words.md and its pictures, made from the words that the app explains; --check fails when docs/ is behind.
const file = path.resolve('docs/trade-words.md');
const folder = path.resolve('docs/trade-words');
const WIDE_PX = 300;

async function main() {
  const all = explanations('en-GB').map((one) => {
    const other = explanation(one.word, 'en-US').name;
    return { ...one, other: other === one.name ? '' : ` (US: ${other.toLowerCase()})` };
  });
  const begin = `# Trade words

Each word has a picture and a sentence. In the app, touch a word with a dotted line under it, or open “Trade words” in
the job menu.
`;
  const made = await format(
    [
      begin,
      ...all.map(({ word, name, other, is }) => `## ${name}${other}\n\n${is}\n\n![${name}](trade-words/${word}.svg)\n`),
    ].join('\n'),
    { parser: 'markdown', printWidth: 120, proseWrap: 'always' },
  );
  const pictures = all.map(({ word }) => ({
    file: path.join(folder, `${word}.svg`),
    svg: sceneSvg(wordScene(word), { units: 'mm', tape: '1mm' }, WIDE_PX),
  }));
  if (!process.argv.includes('--check')) {
    mkdirSync(folder, { recursive: true });
    for (const one of pictures) writeFileSync(one.file, one.svg);
    return writeFileSync(file, made);
  }
  const kept = (from: string) => readFileSync(from, 'utf8');
  if (kept(file) === made && pictures.every((one) => kept(one.file) === one.svg)) return;
  process.stderr.write('docs/trade-words.md is not what the code makes. Run ./dormer docs.\n');
  process.exitCode = 1;
}

void main();
