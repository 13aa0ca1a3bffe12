import { parse, type Token } from '@messageformat/parser';
import { restEn } from '../../base/message/en';
import { typedEn } from '../../base/message/en/typed';

/** Everything one sentence can say, each placeholder as `<kind>`, one text for each way its choices go. */
function readings(tokens: readonly Token[]): string[] {
  return tokens.reduce<string[]>(
    (all, token) => {
      const next =
        token.type === 'content'
          ? [token.value]
          : token.type === 'octothorpe'
            ? ['<number>']
            : token.type === 'argument'
              ? ['<text>']
              : token.type === 'function'
                ? [`<${token.key}>`]
                : token.cases.flatMap((one) => (one.tokens.length === 0 ? [] : readings(one.tokens)));
      return all.flatMap((before) => next.map((after) => before + after));
    },
    [''],
  );
}

const said = Object.entries(Object.assign({}, typedEn, ...restEn) as Record<string, string>).flatMap(
  ([code, sentence]) => readings(parse(sentence)).map((reading) => ({ code, reading })),
);

// A name has its own gender, case and capitals in every language: it stands by itself.
test('an inserted name stands in quotes or brackets, before a colon, after one, or at an end', () => {
  const named = said.filter(({ reading }) => reading.includes('<name>'));
  expect(named.length).toBeGreaterThan(30);
  const alone = /“<name>”|\(<name>\)|^<name>(?=[:,]|$| \()|[:,] <name>(?=[.,]|$| \()/g;
  expect(named.filter(({ reading }) => reading.replace(alone, '').includes('<name>'))).toEqual([]);
});

test('an inserted sentence stands between sentences', () => {
  const inner = said.filter(({ reading }) => reading.includes('<sentence>'));
  expect(inner.length).toBeGreaterThan(4);
  const between = /(?<=^|[.”?>] )<sentence>(?= [A-Z<]|$)/g;
  expect(inner.filter(({ reading }) => reading.replace(between, '').includes('<sentence>'))).toEqual([]);
});
