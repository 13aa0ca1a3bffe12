import { parse } from '@messageformat/parser';
import { choice, count, length, message, text, type Message } from '../../base/message';
import { planJob } from '../../plan';
import { chimneyAlcove, demoJobs } from '../../rigs/demo';
import { restEn } from '../../base/message/en';
import { typedEn } from '../../base/message/en/typed';
import { aboutWords, lengthWords, words } from '.';

// What comes first and what comes later are one catalogue, with no sentence in both.
const topics = [typedEn, ...restEn];
const en = Object.assign({}, ...topics) as Record<string, string>;

const metric = { units: 'mm', tape: '0.5mm' } as const;
const inches = { units: 'in', tape: '1/16in' } as const;

test('the same message, in the reader’s units', () => {
  const tooDeep = message('problem.tooDeep', { depth: length(400), opening: length(365.125), by: length(34.875) });
  expect(words(tooDeep, metric)).toBe(
    'The shelf is 400 mm deep, and the opening 365.1 mm. The shelf sticks out 34.9 mm at the front. Make it shallower if it must not.',
  );
  expect(words(tooDeep, inches)).toBe(
    'The shelf is 15 3/4 in deep, and the opening 14 3/8 in. The shelf sticks out 1 3/8 in at the front. Make it shallower if it must not.',
  );
});

test('one and many, and a message inside a message', () => {
  expect(words(message('file.faults', { count: count(1) }), metric)).toMatch(/^One entry/);
  expect(words(message('file.faults', { count: count(3) }), metric)).toMatch(/^3 entries/);
  const name = message('reading.width', { at: choice('front'), up: length(900) });
  expect(words(name, metric)).toBe('Width at the front, 900 mm up');
});

test('what a person typed stands in the sentence as typed', () => {
  const refused = message('quantity.notUnderstood', {
    typed: text('<b>7</b>'),
    part: text('<b>'),
    example: text('1127'),
  });
  expect(words(refused, metric)).toContain('“<b>7</b>”');
});

test('lengths alone, with and without their unit', () => {
  expect(lengthWords(1126.5, metric)).toBe('1126.5 mm');
  expect(lengthWords(1057.275, inches, false)).toBe('41 5/8');
});

describe('the catalogue', () => {
  const sentences = Object.entries(en);
  test('every sentence can be read as ICU, and none is empty', () => {
    expect(sentences.length).toBeGreaterThan(1000);
    for (const [, sentence] of sentences) {
      expect(sentence.trim()).not.toBe('');
      expect(() => parse(sentence)).not.toThrow();
    }
  });

  test('everything the demo plans say comes out as a sentence with nothing left open', () => {
    const said = [...demoJobs(), { ...chimneyAlcove(), readings: [] }].flatMap((job) => messagesIn(planJob(job)));
    expect(said.length).toBeGreaterThan(100);
    for (const one of said) {
      const plain = words(one, metric);
      expect(plain).not.toBe(one.code);
      expect(plain).not.toMatch(/{{|undefined|NaN|\[object/);
    }
  });

  test('no sentence is in two files of the catalogue', () => {
    expect(Object.keys(en)).toHaveLength(topics.reduce((sum, topic) => sum + Object.keys(topic).length, 0));
  });
});

function messagesIn(value: unknown): Message[] {
  if (Array.isArray(value)) return value.flatMap(messagesIn);
  if (typeof value !== 'object' || value === null) return [];
  if ('code' in value && 'params' in value) return [value as Message];
  return Object.values(value).flatMap(messagesIn);
}

test('a length too small for the tape is said to be that, not nothing', () => {
  expect(lengthWords(0.3, inches)).toBe('less than 1/16 in');
  expect(lengthWords(0.02, metric)).toBe('less than 0.1 mm');
  expect(lengthWords(0.3, inches, false)).toBe('<1/16');
  expect(lengthWords(0, inches)).toBe('0 in');
  expect(aboutWords(0.2, inches)).toBe('less than 1/32 in');
  expect(aboutWords(0.5, inches)).toBe('1/32 in');
});
