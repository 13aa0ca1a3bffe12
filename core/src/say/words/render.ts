import { createInstance, type i18n } from 'i18next';
import type { Message, Param } from '../../base/message';
import {
  formatAngle,
  formatLength,
  formatMass,
  snapToTape,
  styleFor,
  type JobUnit,
  type Tape,
} from '../../base/quantity';
import { typedEn } from './en/typed';
import { CATALOGUE_SETTINGS } from './settings';

/** In which language and units words are wanted. */
export interface Reader {
  readonly units: JobUnit;
  readonly tape: Tape;
  readonly language?: Language;
}

const CATALOGUES = { en: typedEn };
export type Language = keyof typeof CATALOGUES;
export const LANGUAGES = Object.keys(CATALOGUES) as Language[];

const catalogue: i18n = createInstance();
void catalogue.init({
  resources: Object.fromEntries(LANGUAGES.map((language) => [language, { translation: CATALOGUES[language] }])),
  ...CATALOGUE_SETTINGS,
});

/** Takes in further sentences of a language, which come when they are wanted. */
export function addWords(language: Language, sentences: Readonly<Record<string, string>>): void {
  catalogue.addResourceBundle(language, 'translation', sentences, false, true);
}

/**
 * Turns a message into a sentence in the reader's language, its lengths in the reader's units.
 * @example words(message('term.plusThickness'), { units: 'mm', tape: '1mm' })
 */
export function words(message: Message, reader: Reader): string {
  const params = Object.entries(message.params);
  const values = Object.fromEntries(params.map(([name, param]) => [name, paramWords(param, reader)]));
  const counted = message.params.count?.kind === 'count' ? message.params.count.count : undefined;
  const sentence = catalogue.t(message.code, {
    ...values,
    ...(counted === undefined ? {} : { count: counted }),
    lng: reader.language ?? 'en',
  });
  return sentence;
}

/** A sentence with its first letter as a capital, for one that begins with an inserted name. */
export function sentence(message: Message, reader: Reader): string {
  const plain = words(message, reader);
  return plain.charAt(0).toLocaleUpperCase(reader.language ?? 'en') + plain.slice(1);
}

/**
 * A length in the reader's units, with the unit.
 * @param mm millimetres
 * @example lengthWords(1057.275, { units: 'in', tape: '1/16in' }) // "41 5/8 in"
 */
export function lengthWords(mm: number, reader: Reader, withUnit = true): string {
  return formatLength(mm, { ...styleFor(reader.units, reader.tape), withUnit });
}

/** A length known about so well only: to a tenth of a millimetre below ten, to the nearest 1/32 in. */
export function aboutWords(mm: number, reader: Reader): string {
  if (reader.units === 'in') return lengthWords(snapToTape(mm, '1/32in', 'nearest'), { ...reader, tape: '1/32in' });
  return lengthWords(Math.abs(mm) < 10 ? Math.round(mm * 10) / 10 : Math.round(mm), reader);
}

function paramWords(param: Param, reader: Reader): string | number {
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
      return param.count;
    case 'text':
      return param.text;
    case 'message':
      return words(param.message as Message, reader);
  }
}
