import { parse, type Token } from '@messageformat/parser';
import { WRITING, type Language } from './languages';

/** What the placeholders of one sentence stand for. */
export interface Filling {
  /** The words for a placeholder. */
  readonly words: (name: string) => string;
  /** Which case a choice takes, or how many a plural counts. */
  readonly chooses: (name: string) => string | number;
}

/** Sentences by their code. */
export type Sentences = Readonly<Record<string, string>>;

const ENGLISH = 'en';

/** Sentences in ICU form by language and code, read when they are first said. */
export class Catalogue {
  private readonly sentences = new Map<string, string>();
  private readonly read = new Map<string, readonly Token[]>();

  /**
   * Takes in further sentences, which come when they are wanted.
   * @param spoken language they are in (BCP 47)
   */
  add(sentences: Sentences, spoken = ENGLISH): void {
    for (const [code, sentence] of Object.entries(sentences)) this.sentences.set(`${spoken} ${code}`, sentence);
  }

  /**
   * A sentence with its placeholders filled. English says what the language lacks; a code that has no sentence at all
   * is said as it is.
   * @throws ParseError for a sentence that is not ICU
   */
  say(code: string, language: Language, filling: Filling): string {
    const { catalogue, spell, locale } = WRITING[language];
    const sentence = this.sentences.get(`${catalogue} ${code}`) ?? this.sentences.get(`${ENGLISH} ${code}`);
    if (sentence === undefined) return code;
    const key = `${language} ${code}`;
    let tokens = this.read.get(key);
    if (!tokens) this.read.set(key, (tokens = spelled(parse(sentence), spell)));
    return filled(tokens, locale, filling, 0);
  }
}

/** Fills placeholders with words and counts that are given as they are. */
export const asGiven = (params: Readonly<Record<string, string | number>>): Filling => ({
  words: (name) => String(params[name] ?? `{${name}}`),
  chooses: (name) => params[name] ?? '',
});

/** The tokens with the words that stand in them spelled as the language has them. */
function spelled(tokens: readonly Token[], spell: (words: string) => string): Token[] {
  return tokens.map((token) => {
    if (token.type === 'content') return { ...token, value: spell(token.value) };
    if (!('cases' in token)) return token;
    return { ...token, cases: token.cases.map((one) => ({ ...one, tokens: spelled(one.tokens, spell) })) };
  });
}

function filled(tokens: readonly Token[], locale: string, filling: Filling, counted: number): string {
  return tokens
    .map((token) => {
      switch (token.type) {
        case 'content':
          return token.value;
        case 'octothorpe':
          return String(counted);
        case 'argument':
        case 'function':
          return filling.words(token.arg);
        default: {
          const chosen = filling.chooses(token.arg);
          const keys = token.type === 'select' ? [chosen] : [`=${chosen}`, pluralRules(locale).select(Number(chosen))];
          const found = keys.map((key) => token.cases.find((one) => one.key === key)).find(Boolean);
          const taken = found ?? token.cases.find((one) => one.key === 'other');
          return filled(taken?.tokens ?? [], locale, filling, token.type === 'select' ? counted : Number(chosen));
        }
      }
    })
    .join('');
}

const PLURALS = new Map<string, Intl.PluralRules>();
function pluralRules(locale: string): Intl.PluralRules {
  const rules = PLURALS.get(locale) ?? new Intl.PluralRules(locale);
  PLURALS.set(locale, rules);
  return rules;
}
