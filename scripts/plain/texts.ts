import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { parse, type Token } from '@messageformat/parser';
import { restEn } from '@dormer/core/base/message/en';
import { typedEn } from '../../core/src/base/message/en/typed';
import type { Piece } from './rules';

export const root = path.resolve(__dirname, '../..');

/** Files in a folder and below, named from the root. */
const filesIn = (folder: string, ending: RegExp): string[] =>
  readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => ending.test(file) && !file.includes('node_modules'))
    .map((file) => path.join(folder, file));

/** Everything a sentence can say: a text for each way its choices go, placeholders as their kind: `{length}`, `{}`. */
function said(tokens: readonly Token[]): string[] {
  return tokens.reduce<string[]>(
    (all, token) => {
      const next =
        token.type === 'content'
          ? [token.value]
          : token.type === 'octothorpe'
            ? ['{}']
            : 'cases' in token
              ? token.cases.flatMap((one) => (one.tokens.length === 0 ? [] : said(one.tokens)))
              : [token.type === 'function' ? `{${token.key}}` : '{}'];
      return all.flatMap((before) => next.map((after) => before + after));
    },
    [''],
  );
}

const labelFiles = () => [
  ...filesIn('app/labels', /en\.ts$/).filter((file) => !/(cut|shelves)\.en\.ts$/.test(file)),
  'server/src/words/en.ts',
];

/** Every label of the interface and sentence of the server, by its key. */
function labels(): Record<string, string> {
  const load = createRequire(__filename);
  const modules = labelFiles().map((file) => load(path.join(root, file)) as Record<string, Record<string, string>>);
  return Object.assign({}, ...modules.flatMap((words) => Object.values(words)));
}

/** Keys of labels that stand on a button. */
function onButtons(): Set<string> {
  const sources = ['screens', 'parts', 'ui', 'drawing'].flatMap((folder) => filesIn(`app/${folder}`, /\.tsx$/));
  const named = sources.flatMap((file) => [
    ...readFileSync(path.join(root, file), 'utf8').matchAll(/<Button\b[^>]*?title=\{label\('([^']+)'/g),
  ]);
  return new Set(named.map((found) => found[1] as string));
}

/** Lines of README and docs, without code and without what is generated. */
function docs(): Piece[] {
  const files = ['README.md', 'CHANGELOG.md', ...filesIn('docs', /\.md$/)];
  return files.flatMap((file) => {
    const text = readFileSync(path.join(root, file), 'utf8').replace(/```[\s\S]*?```/g, (code) =>
      code.replace(/./g, ''),
    );
    return text
      .split('\n')
      .map((line, i): Piece => ({ at: `${file}:${i + 1}`, kind: 'docs', text: line.replace(/`[^`]*`/g, '') }))
      .filter(({ text: line }) => line.trim() !== '');
  });
}

/** All texts that are looked at. */
export function allTexts(): Piece[] {
  const buttons = onButtons();
  const catalogue: Record<string, string> = { ...Object.assign({}, typedEn, ...restEn), ...labels() };
  const sentences = Object.entries(catalogue).flatMap(([at, sentence]) =>
    said(parse(sentence)).map((text): Piece => ({ at, kind: buttons.has(at) ? 'button' : 'sentence', text })),
  );
  return [...sentences, ...docs()];
}
