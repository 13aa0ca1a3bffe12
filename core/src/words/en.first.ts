import type { MessageCode } from '../message';

type Plural = `${MessageCode}_one` | `${MessageCode}_other`;
/** Sentences of a language by their code. `{{name}}` stands for a parameter; `_one` and `_other` are chosen by `count`. */
export type Sentences = Partial<Record<MessageCode | Plural, string>>;

/** English, as far as it is said before a job is open: what is wrong with a file or a figure. */
export const enFirst: Sentences = {
  'quantity.empty': 'Type a figure, for example {{example}}.',
  'quantity.notUnderstood': '“{{typed}}”: “{{part}}” is not understood here. Write it like {{example}}.',
  'quantity.unfinished': '“{{typed}}” is not finished. Write it like {{example}}.',
  'quantity.zeroDenominator': '“{{typed}}” divides by nothing. Did you mean {{example}}?',
  'quantity.doubleSign': '“{{typed}}” has two signs in a row. Write one + or −, like {{example}}.',
  'quantity.mixedUnits': '“{{typed}}” mixes two measures in one length. Use one unit, or add them: {{example}}.',
  'quantity.ambiguousComma': '“{{typed}}” can be read two ways. Write {{thousands}} or {{decimal}}.',
  'quantity.twoMeanings': '“{{typed}}” can mean two lengths. Write “{{first}}” or “{{second}}”.',
  'quantity.fractionNeedsInches': '“{{typed}}” looks like inches, but this job is metric. Write {{example}}.',
  'quantity.tooLarge': '“{{typed}}” is more than {{most}}. Check the unit.',
  'quantity.tooSmall': '“{{typed}}” is less than {{least}}, the least that works here.',
  'quantity.negative': '“{{typed}}” comes out below zero. It must be zero or more here.',
  'quantity.notPositive': '“{{typed}}” comes out at nothing. It must be more than zero here.',
  'quantity.tooLong': 'That is longer than {{count}} characters. Write one length.',
  'quantity.angleOutOfRange': '“{{typed}}” is outside {{least}} to {{most}}.',
  'quantity.massOutOfRange': '“{{typed}}” is more than {{most}}. Check the unit.',

  'file.empty': 'The file is empty. Nothing was changed.',
  'file.tooLarge': 'The file is larger than {{most}}, too large for a job. Nothing was changed.',
  'file.notJson': 'The file is damaged or not a job file. Nothing was changed.',
  'file.cutShort': 'The file breaks off before its end: it was not copied whole. Nothing was changed.',
  'file.notAJob': 'This is not a job. Nothing was changed.',
  'file.fromLaterVersion':
    'The file was written by a later Dormer (version {{version}}; this one reads up to {{known}}). Nothing was changed.',
  'file.faults_one': 'One entry in the job cannot be right. Nothing was changed.',
  'file.faults_other': '{{count}} entries in the job cannot be right. Nothing was changed.',

  'fault.unknownField': '{{path}} is not a field known here.',
  'fault.missing': '{{path}} is missing; it takes {{wanted}}.',
  'fault.wrongType': '{{path}} is {{value}}; it takes {{wanted}}.',
  'fault.notOneOf': '{{path}} is {{value}}; it takes one of: {{options}}.',
  'fault.tooMany': '{{path}} is too long; at most {{most}}.',
  'fault.tooFew': '{{path}} is too short; at least {{least}}.',
  'fault.tooBig': '{{path}} is {{value}}; at most {{most}}.',
  'fault.tooSmall': '{{path}} is {{value}}; at least {{least}}.',
  'fault.badText': '{{path}} is {{value}}; it takes {{wanted}}.',
  'fault.massDisagrees': '{{path}} says {{kg}} kg, but “{{typed}}” was typed, which is not that.',
  'fault.lengthDisagrees': '{{path}} says {{mm}} mm, but “{{typed}}” was typed, which is not that.',
  'fault.angleDisagrees': '{{path}} says {{degrees}}°, but “{{typed}}” was typed, which is not that.',
  'fault.repeatedId': '{{path}} repeats the id {{id}}; every id is used once.',
  'fault.other': '{{path}}: {{reason}}.',
};
