import { asTyped } from '../base/quantity';
import { FORMS, type FormName } from './forms';

const passes = (name: FormName, fields: object) => FORMS[name].safeParse(fields).success;
const length = (mm: number) => asTyped(mm, 'mm', '1mm');

test('a note has words or a photo', () => {
  const photo = { id: 'p', type: 'image/jpeg', bytes: 10 };
  expect(passes('entry', { kind: 'note', text: '  ', photos: [] })).toBe(false);
  expect(passes('entry', { kind: 'note', text: 'crumbles' })).toBe(true);
  expect(passes('entry', { kind: 'note', text: '', photos: [photo] })).toBe(true);
});

test('what a piece measures has the piece and a length above nothing', () => {
  const size = { kind: 'size', text: '', part: 'S1-board', length: length(1121) };
  expect(passes('entry', size)).toBe(true);
  expect(passes('entry', { ...size, part: undefined })).toBe(false);
  expect(passes('entry', { ...size, length: undefined })).toBe(false);
  expect(passes('entry', { ...size, length: length(0) })).toBe(false);
});

test('a shelf is lined up with a mark once it has a name and a height', () => {
  const mark = { kind: 'mark', name: ' Mantel ', up: length(1180) };
  expect(FORMS.aligned.parse({ to: mark, face: 'top' })).toEqual({ to: { ...mark, name: 'Mantel' }, face: 'top' });
  expect(passes('aligned', { to: { ...mark, name: ' ' }, face: 'top' })).toBe(false);
  expect(passes('aligned', { to: { kind: 'mark', name: 'Mantel' }, face: 'top' })).toBe(false);
});

test('a step of one’s own says what is done; a trial has its figure', () => {
  const step = { what: 'Move the lamp', place: 'site', minutes: 15, after: [], before: [] };
  expect(passes('ownStep', step)).toBe(true);
  expect(passes('ownStep', { ...step, what: ' ' })).toBe(false);
  const trial = { end: 'left', at: 'front', kind: 'gap' };
  expect(passes('trial', { ...trial, value: length(2) })).toBe(true);
  expect(passes('trial', trial)).toBe(false);
});

test('a field that was cleared leaves no key behind', () => {
  const step = { what: 'Move the lamp', place: 'site' as const, minutes: 15, after: ['load'], before: [] };
  expect(FORMS.ownStep.parse({ ...step, least: undefined, most: 60 })).toStrictEqual({ ...step, most: 60 });
  const mistake = { kind: 'mistake', text: '', cause: 'kerf' };
  expect(FORMS.entry.parse({ ...mistake, part: undefined, minutes: undefined })).toStrictEqual(mistake);
});
