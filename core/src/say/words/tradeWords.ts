import type { MessageCode } from '../../base/message';
import type { Language } from './languages';
import { phrase } from './render';

type Explained<Code> = Code extends `word.${infer Word}.is` ? Word : never;

/** A word of the trade that has a picture and a sentence. */
export type TradeWord = Explained<MessageCode>;

const WORDS = {
  bevel: true,
  cavity: true,
  cleat: true,
  countersink: true,
  floorMark: true,
  hollowWallFixing: true,
  housing: true,
  kerf: true,
  ladderFrame: true,
  levelLine: true,
  longPoint: true,
  mitre: true,
  nosing: true,
  pinchSticks: true,
  plumb: true,
  rebate: true,
  reveal: true,
  scribe: true,
  shim: true,
  slidingBevel: true,
  span: true,
  square: true,
  stud: true,
  undercut: true,
  waterLevel: true,
} as const satisfies Readonly<Record<TradeWord, true>>;

/** Every word of the trade that has a picture and a sentence. */
export const TRADE_WORDS = Object.keys(WORDS) as TradeWord[];

/** A word as a language has it, and the sentence that explains it. */
export interface Explanation {
  readonly word: TradeWord;
  readonly name: string;
  readonly is: string;
}

/** Every word of the trade with its explanation, in the order of the alphabet. */
export function explanations(language: Language): Explanation[] {
  return TRADE_WORDS.map((word) => explanation(word, language)).sort((a, b) => a.name.localeCompare(b.name));
}

/** What a word of the trade is called and what it means. */
export const explanation = (word: TradeWord, language: Language): Explanation => ({
  word,
  name: phrase(`word.${word}`, language),
  is: phrase(`word.${word}.is`, language),
});

interface Finder {
  readonly pattern: RegExp;
  /** The words by their forms in small letters. */
  readonly words: ReadonlyMap<string, TradeWord>;
}

const FINDERS = new Map<Language, Finder>();

function finderFor(language: Language): Finder | null {
  const found = FINDERS.get(language);
  if (found) return found;
  const forms = TRADE_WORDS.flatMap((word) => {
    const said = phrase(`word.${word}.forms`, language);
    return said === `word.${word}.forms` ? [] : said.split('|').map((form) => [form.toLowerCase(), word] as const);
  });
  // The sentences come with the first job.
  if (forms.length === 0) return null;
  const longest = forms.map(([form]) => form).sort((a, b) => b.length - a.length);
  const pattern = new RegExp(`(?:${longest.join('|')})(?![\\p{L}-])`, 'giu');
  const finder = { pattern, words: new Map(forms) };
  FINDERS.set(language, finder);
  return finder;
}

/** A stretch of a text: plain, or a word of the trade. */
export interface Stretch {
  readonly text: string;
  readonly word?: TradeWord;
}

/**
 * Parts a text at the words of the trade in it, each at its first place only.
 * @param known words that were found before, in the same text; what is found now is added
 * @example findTradeWords('A kerf', 'en-GB') // [{ text: 'A ' }, { text: 'kerf', word: 'kerf' }]
 */
export function findTradeWords(text: string, language: Language, known = new Set<TradeWord>()): Stretch[] {
  const finder = finderFor(language);
  if (!finder) return [{ text }];
  const stretches: Stretch[] = [];
  let from = 0;
  for (const { 0: form, index } of text.matchAll(finder.pattern)) {
    const word = finder.words.get(form.toLowerCase());
    const isWithin = /[\p{L}-]/u.test(text.charAt(index - 1));
    if (!word || isWithin || known.has(word)) continue;
    known.add(word);
    if (index > from) stretches.push({ text: text.slice(from, index) });
    stretches.push({ text: form, word });
    from = index + form.length;
  }
  if (from < text.length) stretches.push({ text: text.slice(from) });
  return stretches;
}
