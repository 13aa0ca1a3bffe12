import type { Count, Length, None, Text } from '../kinds';

/** Faults in typed figures and in files: codes with their parameters. */
export interface TypedMessages {
  // What a person typed as a length, an angle or a mass
  'quantity.empty': { example: Text };
  'quantity.notUnderstood': { typed: Text; part: Text; example: Text };
  'quantity.unfinished': { typed: Text; example: Text };
  'quantity.zeroDenominator': { typed: Text; example: Text };
  'quantity.doubleSign': { typed: Text; example: Text };
  'quantity.mixedUnits': { typed: Text; example: Text };
  'quantity.ambiguousComma': { typed: Text; thousands: Text; decimal: Text };
  'quantity.twoMeanings': { typed: Text; first: Text; second: Text };
  'quantity.fractionNeedsInches': { typed: Text; example: Text };
  'quantity.tooLarge': { typed: Text; most: Length };
  'quantity.tooSmall': { typed: Text; least: Length };
  'quantity.negative': { typed: Text };
  'quantity.notPositive': { typed: Text };
  'quantity.tooLong': { count: Count };
  'quantity.angleOutOfRange': { typed: Text; least: Text; most: Text };
  'quantity.massOutOfRange': { typed: Text; most: Text };

  // A job file that cannot be taken in
  'file.empty': None;
  'file.tooLarge': { most: Text };
  'file.notJson': None;
  'file.cutShort': None;
  'file.notAJob': None;
  'file.fromLaterVersion': { version: Text; known: Text };
  'file.faults': { count: Count };

  // A fault at one place of a job document
  'fault.unknownField': { path: Text };
  'fault.missing': { path: Text; wanted: Text };
  'fault.wrongType': { path: Text; wanted: Text; value: Text };
  'fault.notOneOf': { path: Text; value: Text; options: Text };
  'fault.tooMany': { path: Text; most: Text };
  'fault.tooFew': { path: Text; least: Text };
  'fault.tooBig': { path: Text; value: Text; most: Text };
  'fault.tooSmall': { path: Text; value: Text; least: Text };
  'fault.badText': { path: Text; value: Text; wanted: Text };
  'fault.lengthDisagrees': { path: Text; typed: Text; mm: Text };
  'fault.angleDisagrees': { path: Text; typed: Text; degrees: Text };
  'fault.massDisagrees': { path: Text; typed: Text; kg: Text };
  'fault.repeatedId': { path: Text; id: Text };
  'fault.other': { path: Text; reason: Text };
}
