import { durationWords, type Message, type Param, type PlainCode } from '../../base/message';
import { typedEn } from '../../base/message/en/typed';
import {
  formatAngle,
  formatLength,
  formatMass,
  shownPrecisionMm,
  styleFor,
  type LengthStyle,
  type Tape,
} from '../../base/quantity';
import { listWords, runWords, volumeWords } from './amounts';
import { asGiven, Catalogue, type Sentences } from './catalogue';
import { languageOf, type Language, type ReaderPlace } from './languages';

/** In which words and units something is to be said. */
export interface Reader extends ReaderPlace {
  readonly tape: Tape;
}

const catalogue = new Catalogue();
catalogue.add(typedEn);

/**
 * Takes in further sentences, which come when they are wanted.
 * @param spoken language they are in (BCP 47); English if not given
 */
export const addWords = (sentences: Sentences, spoken?: string): void => catalogue.add(sentences, spoken);

/**
 * Turns a message into a sentence in the reader's language, its lengths in the reader's units.
 * @example words(message('term.plusThickness'), { units: 'mm', tape: '1mm' })
 */
export function words(message: Message, reader: Reader): string {
  const { code, params } = message;
  const of = (name: string): Param => params[name] ?? { kind: 'text', text: `{${name}}` };
  return catalogue.say(code, languageOf(reader), {
    words: (name) => paramWords(of(name), reader),
    chooses: (name) => chosenBy(of(name)),
  });
}

/**
 * A sentence that takes nothing, in a language; its code where the sentence is not loaded.
 * @example phrase('word.kerf', 'en-GB') // "Kerf"
 */
export const phrase = (code: PlainCode, language: Language): string => catalogue.say(code, language, asGiven({}));

/**
 * A length in the reader's units, with the unit.
 * @param mm millimetres
 * @example lengthWords(1057.275, { units: 'in', tape: '1/16in' }) // "41 5/8 in"
 */
export function lengthWords(mm: number, reader: Reader, withUnit = true): string {
  const style = { ...styleFor(reader.units, reader.tape), withUnit };
  if (!isLessThanShown(mm, style)) return formatLength(mm, style);
  const markMm = shownPrecisionMm(style);
  if (!withUnit) return `<${formatLength(markMm, style)}`;
  return words({ code: 'length.lessThan', params: { mark: { kind: 'length', mm: markMm } } }, reader);
}

/** Whether a length is too small to show, and not zero. */
const isLessThanShown = (mm: number, style: LengthStyle): boolean =>
  Math.abs(mm) > SEEN_AS_NOTHING_MM && Math.abs(mm) < shownPrecisionMm(style) / 2;

/** Rounding noise, millimetres. */
const SEEN_AS_NOTHING_MM = 1e-3;

/** A length known about so well only: to a tenth of a millimetre below ten, to the nearest 1/32 in. */
export function aboutWords(mm: number, reader: Reader): string {
  if (reader.units === 'in') return lengthWords(mm, { ...reader, tape: '1/32in' });
  return lengthWords(Math.abs(mm) < 10 ? mm : Math.round(mm), reader);
}

/** What a choice or a plural goes by. */
function chosenBy(param: Param): string | number {
  if (param.kind === 'choice') return param.choice;
  return param.kind === 'count' ? param.count : '';
}

function paramWords(param: Param, reader: Reader): string {
  switch (param.kind) {
    case 'length':
      return lengthWords(param.mm, reader);
    case 'about':
      return aboutWords(param.mm, reader);
    case 'angle':
      return formatAngle(param.degrees, { as: 'degrees' });
    case 'mass':
      return formatMass(param.kg, reader.units === 'in' ? 'lb' : 'kg');
    case 'count':
      return String(param.count);
    case 'text':
      return param.text;
    case 'choice':
      return param.choice;
    case 'list':
      return listWords(
        param.items.map((item) => paramWords(item, reader)),
        reader,
      );
    case 'volume':
      return volumeWords(param.ml, reader);
    case 'run':
      return runWords(param.mm, reader);
    case 'duration':
      return words(durationWords(param.minutes), reader);
    case 'message':
      return words(param.message as Message, reader);
  }
}
