import type { z } from 'zod';
import { message, text, type Message } from '../base/message';

/** One thing wrong with a document: where, and in words what would be right. */
export interface Fault {
  /** As a person or program finds it: `readings[2].value.mm`. Empty for the document itself. */
  readonly path: string;
  readonly message: Message;
}

/** `readings[2].value.mm` from the keys that lead there. */
export function pathText(keys: readonly PropertyKey[]): string {
  return keys
    .map((key, index) => (typeof key === 'number' ? `[${key}]` : index === 0 ? String(key) : `.${String(key)}`))
    .join('');
}

/** Every fault a check found, each with its path and a plain message; unknown fields one by one. */
export function faultsOf(error: z.ZodError, document: unknown): Fault[] {
  return error.issues.flatMap((issue) => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => {
        const path = pathText([...issue.path, key]);
        return { path, message: message('fault.unknownField', { path: text(path) }) };
      });
    }
    const path = pathText(issue.path);
    return [{ path, message: messageFor(issue, path || 'job', valueAt(document, issue.path)) }];
  });
}

function messageFor(issue: z.core.$ZodIssue, where: string, value: unknown): Message {
  const path = text(where);
  const shown = text(showValue(value));
  switch (issue.code) {
    case 'invalid_type': {
      const wanted = text(TYPE_WORDS[issue.expected] ?? issue.expected);
      return value === undefined
        ? message('fault.missing', { path, wanted })
        : message('fault.wrongType', { path, wanted, value: shown });
    }
    case 'invalid_value':
      return message('fault.notOneOf', { path, value: shown, options: text(issue.values.map(String).join(', ')) });
    case 'invalid_union': {
      const options = 'options' in issue && Array.isArray(issue.options) ? issue.options.map(String) : [];
      return message('fault.notOneOf', { path, value: shown, options: text(options.join(', ') || 'another shape') });
    }
    case 'too_big':
      return issue.origin === 'number' || issue.origin === 'int'
        ? message('fault.tooBig', { path, value: shown, most: text(String(issue.maximum)) })
        : message('fault.tooMany', { path, most: text(String(issue.maximum)) });
    case 'too_small':
      return issue.origin === 'number' || issue.origin === 'int'
        ? message('fault.tooSmall', { path, value: shown, least: text(String(issue.minimum)) })
        : message('fault.tooFew', { path, least: text(String(issue.minimum)) });
    case 'invalid_format':
      return message('fault.badText', { path, value: shown, wanted: text('letters, digits, - and _') });
    case 'custom':
      return customMessage(issue.params ?? {}, path);
    default:
      return message('fault.other', { path, reason: text(issue.message) });
  }
}

function customMessage(params: Record<string, unknown>, path: ReturnType<typeof text>): Message {
  if ('mostShelves' in params) return message('fault.bays', { path, most: text(String(params.mostShelves)) });
  if ('repeatedId' in params) return message('fault.repeatedId', { path, id: text(String(params.repeatedId)) });
  if ('degrees' in params) {
    const degrees = text(String(params.degrees));
    return message('fault.angleDisagrees', { path, typed: text(String(params.typed)), degrees });
  }
  if ('kg' in params) {
    return message('fault.massDisagrees', { path, typed: text(String(params.typed)), kg: text(String(params.kg)) });
  }
  return message('fault.lengthDisagrees', { path, typed: text(String(params.typed)), mm: text(String(params.mm)) });
}

const TYPE_WORDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  object: 'a group of fields',
  array: 'a list',
  boolean: 'true or false',
};

function valueAt(document: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (value, key) =>
      typeof value === 'object' && value !== null ? (value as Record<PropertyKey, unknown>)[key] : undefined,
    document,
  );
}

function showValue(value: unknown): string {
  const json = JSON.stringify(value) ?? 'nothing';
  return json.length > 40 ? `${json.slice(0, 37)}...` : json;
}
