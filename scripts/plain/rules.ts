/** One text to look at: where it stands, and what it is. */
export interface Piece {
  /** A code of a catalogue, or a file with its line. */
  readonly at: string;
  readonly kind: 'sentence' | 'button' | 'docs';
  readonly text: string;
}

/** A rule for texts that a program can check. */
export interface Rule {
  readonly name: string;
  readonly kinds: readonly Piece['kind'][];
  /** What is wrong with a text; null where nothing is. */
  readonly finds: (text: string) => string | null;
  /** A text the rule must find fault with: shows that the rule works. */
  readonly bad: string;
  readonly instead: string;
}

const ALL = ['sentence', 'button', 'docs'] as const;
const SAID = ['sentence', 'button'] as const;

const matches = (pattern: RegExp) => (text: string) => pattern.exec(text)?.[0] ?? null;

/** Turns that make a reader stumble, each with what to say instead. */
const TURNS: readonly (readonly [pattern: RegExp, bad: string, instead: string])[] = [
  [/\bis to (be|have)\b|\bare to (be|have)\b|\bis had\b|\bso that it be\b/i, 'The shelf is to be moved.', 'must, will'],
  [/\bof them two\b|\bnot to be had\b|\bcan be had\b|\bis taken for\b/i, 'None can be had.', 'is not for sale'],
  [/\bto speak of\b|\bin the long run\b|\bas it were\b/i, 'It sags in the long run.', 'after years of load'],
  [/\banew\b|\bafresh\b|\bthereby\b|\bthereof\b|\bof a sudden\b|\bfarther\b/i, 'Measure anew.', 'again'],
  [/\bbell(y|ies|ied)\b/i, 'The wall bellies.', 'bulges'],
  [/\bwants (a|an|to be)\b|\btells nothing\b|\bsays nothing of\b/i, 'The gap wants a strip.', 'needs'],
  [/\bis seen\b|\bare seen\b|\bthe others have\b|\bstands? out a little\b/i, 'Nothing is seen.', 'hidden, shows'],
  [/\bby your settings\b.*:/i, 'Nobody, by your settings: wait.', 'name the setting'],
  [/\bcomes? out at nothing\b|\bof nothing\b/i, 'It comes out at nothing.', 'zero'],
  [/\bTake care\b|\bLook again\b|\bMind\./i, 'Take care.', 'Caution, Check'],
  [/\bgive way\b|\bgives way\b/i, 'Shelf 2 may give way.', 'break'],
  [/\bworked out anew\b|\bthere is no more\b|\bis there no more\b/i, 'The mark is there no more.', 'is gone'],
];

/** Words that a text does not use because another stands for the same thing everywhere. */
const ONE_WORD: readonly (readonly [pattern: RegExp, bad: string, instead: string])[] = [
  [/\bcleats?\b/i, 'Screw the cleat.', 'batten (American: cleat)'],
  [/\bnosings?\b/i, 'Glue the nosing.', 'lipping (American: edging)'],
  [/\bbaseboards?\b/i, 'Cut the baseboard.', 'skirting'],
  [/\bchair rails?\b/i, 'Above the chair rail.', 'dado rail'],
  [/\boutlets?\b/i, 'Miss the outlet.', 'socket'],
  [/\bclosets?\b/i, 'In the closet.', 'cupboard, clothes rail'],
  [/\banchors?\b/i, 'Use anchors.', 'hollow-wall fixing'],
  [
    /\bdrywall\b|\blumber\b|\brabbet|\bmiter|\bcenter\b|\bcolor\b|\bgray\b/i,
    'Miter both ends.',
    'the British spelling',
  ],
  [/\bgrooves?\b/i, 'Cut the groove.', 'housing'],
  [/\bodds\b/i, 'The odds are good.', 'chance'],
  [/\bdepartures?\b/i, 'Departures drawn large.', 'out of true'],
];

const turns = TURNS.map(([pattern, bad, instead]): Rule => ({
  name: 'turn',
  kinds: ALL,
  finds: matches(pattern),
  bad,
  instead,
}));
const oneWord = ONE_WORD.map(([pattern, bad, instead]): Rule => ({
  name: 'one word',
  kinds: SAID,
  finds: matches(pattern),
  bad,
  instead,
}));

/** Words in a text, placeholders left out. */
const wordsIn = (text: string) => text.replace(/\{[^{}]*\}/g, ' ').match(/[\p{L}\d’'-]+/gu) ?? [];

const LONGEST_SENTENCE = 32;
const LONGEST_BUTTON = 3;

export const RULES: readonly Rule[] = [
  ...turns,
  ...oneWord,
  {
    name: 'percent',
    kinds: ALL,
    finds: matches(/times of (a )?100\b|\d+ of 100\b|\bpercentage points?\b|\d%/i),
    bad: 'Goes in 97 times of 100.',
    instead: '97 % chance',
  },
  {
    name: 'bare it',
    kinds: SAID,
    finds: matches(/(^|[.!?:] )It('s|’s)?\b/),
    bad: 'It binds.',
    instead: 'name the thing',
  },
  {
    name: 'there is',
    kinds: SAID,
    finds: matches(/(^|[.!?:] )There (is|are|was|were)\b/),
    bad: 'There is no wall.',
    instead: 'name the thing first',
  },
  {
    name: 'unit',
    kinds: SAID,
    finds: matches(/\b(millimetres?|centimetres?|kilograms?|litres?|millilitres?)\b|N\/mm²|kg\/m³|\d (mm|cm|kg|ml)\b/i),
    bad: 'Cut one millimetre long.',
    instead: 'a typed length, mass or angle',
  },
  {
    name: 'brackets for a plural',
    kinds: ALL,
    finds: matches(/\w\(e?s\)/),
    bad: '3 shelf(s)',
    instead: 'a plural',
  },
  {
    name: 'long sentence',
    kinds: SAID,
    finds: (text) => {
      const long = text.split(/[.!?:;](?=\s|$)/).find((sentence) => wordsIn(sentence).length > LONGEST_SENTENCE);
      return long ? `${wordsIn(long).length} words` : null;
    },
    bad: `Say ${'very '.repeat(LONGEST_SENTENCE)}much.`,
    instead: `at most ${LONGEST_SENTENCE} words`,
  },
  {
    name: 'long button',
    kinds: ['button'],
    finds: (text) => (wordsIn(text).length > LONGEST_BUTTON ? text : null),
    bad: 'Put this on the rack now',
    instead: `at most ${LONGEST_BUTTON} words, verb first`,
  },
  {
    // A name has its own gender, case and capitals in every language.
    name: 'name that does not stand alone',
    kinds: SAID,
    finds: (text) => {
      const alone = /“\{name\}”|\(\{name\}\)|^\{name\}(?=[:,]|$| \()|[:,] \{name\}(?=[.,]|$| \()/g;
      return text.replace(alone, '').includes('{name}') ? '{name}' : null;
    },
    bad: 'The {name} is too long.',
    instead: 'quotes, brackets, or a colon',
  },
  {
    name: 'sentence within a sentence',
    kinds: SAID,
    finds: (text) => {
      const between = /(?<=^|[.”?>}] )\{sentence\}(?= [A-Z{]|$)/g;
      return text.replace(between, '').includes('{sentence}') ? '{sentence}' : null;
    },
    bad: 'It broke because {sentence}',
    instead: 'a whole sentence between sentences',
  },
  { name: 'semicolon', kinds: ['button'], finds: matches(/;/), bad: 'Leave; go', instead: 'one thing a button' },
];
