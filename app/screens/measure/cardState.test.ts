import { asTyped } from '@dormer/core/base/quantity';
import type { Spot } from '@dormer/core/place/reading';
import { beginCard, phaseOf, stepCard, type CardEvent, type CardSituation, type CardState } from './cardState';

const width: Spot = { kind: 'width', at: 'front', upMm: 900 };
const depth: Spot = { kind: 'depth', side: 'left', upMm: 900 };
const triangle: Spot = { kind: 'triangle', corner: 'left', upMm: 900, firstMm: 0, secondMm: 400, outMm: 400 };
const said = (mm: number) => ({ value: asTyped(mm, 'mm', '0.5mm') });

const advised: CardSituation = { card: 'next', fresh: true, spot: width };
const late: CardSituation = { card: 'next', fresh: false, spot: width };
const begun = beginCard('next');

/** Applies events one after another; returns the last card and all effects. */
function after(state: CardState, events: readonly CardEvent[], situation = advised) {
  return events.reduce(
    (before, event) => {
      const { state: next, effects } = stepCard(before.state, event, situation);
      return { state: next, effects: [...before.effects, ...effects] };
    },
    { state, effects: [] as ReturnType<typeof stepCard>['effects'] },
  );
}
const kinds = (effects: ReturnType<typeof stepCard>['effects']) => effects.map(({ kind }) => kind);

test('a card asks, hears what is typed, checks what cannot be read', () => {
  expect(phaseOf(begun)).toBe('asking');
  expect(phaseOf(after(begun, [{ kind: 'drafted', said: said(1000) }]).state)).toBe('typing');
  expect(phaseOf(after(begun, [{ kind: 'drafted', said: null }]).state)).toBe('checking');
});

test('a figure that is entered is taken where it was asked for, and the next has a field of its own', () => {
  const { state, effects } = after(begun, [
    { kind: 'sensed', sense: 'hollow' },
    { kind: 'drafted', said: said(1000) },
    { kind: 'entered', said: said(1000) },
  ]);
  expect(effects).toEqual([
    { kind: 'take', said: said(1000), spot: width, sense: 'hollow', typed: {}, instrument: null },
  ]);
  expect(state).toMatchObject({ passed: 1, draft: undefined, sense: null });
  expect(phaseOf(state)).toBe('asking');
});

test('a figure entered before the advice has caught up waits, and lands where the advice says', () => {
  const waiting = after(begun, [{ kind: 'entered', said: said(1000) }], late);
  expect(waiting.effects).toEqual([]);
  expect(phaseOf(waiting.state)).toBe('waiting');
  // A figure typed meanwhile belongs to the next reading: it stays in its field.
  const typing = stepCard(waiting.state, { kind: 'drafted', said: said(390) }, late).state;
  expect(stepCard(typing, { kind: 'advised' }, late).effects).toEqual([]);
  const { state, effects } = stepCard(typing, { kind: 'advised' }, { ...advised, spot: depth });
  expect(effects).toMatchObject([{ kind: 'take', said: said(1000), spot: depth }]);
  expect(state).toMatchObject({ draft: said(390), passed: 0, waiting: null });
});

test('done while it waits: the card is put away once the figure has its spot', () => {
  const closing = after(
    begun,
    [
      { kind: 'drafted', said: said(1000) },
      { kind: 'finished', shown: undefined },
    ],
    late,
  );
  expect(closing.effects).toEqual([]);
  expect(phaseOf(closing.state)).toBe('closing');
  expect(kinds(stepCard(closing.state, { kind: 'advised' }, advised).effects)).toEqual(['take', 'close']);
  // With no advised spot left, the figure has no place: close without taking it.
  expect(kinds(stepCard(closing.state, { kind: 'advised' }, { ...advised, spot: null }).effects)).toEqual(['close']);
});

test('done with a figure in the field takes it; with nothing, or nothing that can be read, none', () => {
  const done: CardEvent = { kind: 'finished', shown: undefined };
  expect(kinds(after(begun, [{ kind: 'drafted', said: said(1000) }, done]).effects)).toEqual(['take', 'close']);
  expect(kinds(after(begun, [done]).effects)).toEqual(['close']);
  expect(kinds(after(begun, [done], late).effects)).toEqual(['close']);
  expect(after(begun, [{ kind: 'drafted', said: null }, done]).effects).toEqual([]);
  const wanting = after(begun, [{ kind: 'drafted', said: null }, done], { ...advised, spot: triangle });
  expect(kinds(wanting.effects)).toEqual(['ask-other']);
});

test('what a device shows counts where nothing is typed', () => {
  const shown = after(begun, [{ kind: 'finished', shown: said(1001) }]);
  expect(shown.effects[0]).toMatchObject({ kind: 'take', said: said(1001) });
  const typed = after(begun, [
    { kind: 'drafted', said: said(1000) },
    { kind: 'finished', shown: said(1001) },
  ]);
  expect(typed.effects[0]).toMatchObject({ kind: 'take', said: said(1000) });
});

test('a spot that is passed over takes what stands in the field with it', () => {
  const { state, effects } = after(begun, [{ kind: 'drafted', said: said(1000) }, { kind: 'skipped' }]);
  expect(effects).toEqual([]);
  expect(state).toMatchObject({ draft: undefined, passed: 1 });
});

test('after a reading of the person’s own choosing the advice is asked again; one that is changed is not taken twice', () => {
  const own = after(beginCard('own'), [{ kind: 'entered', said: said(1000) }], { ...advised, card: 'own' });
  expect(kinds(own.effects)).toEqual(['take', 'next']);
  expect(own.state.placing).toBe(false);
  const edited = after(
    beginCard('edit'),
    [
      { kind: 'drafted', said: said(1000) },
      { kind: 'finished', shown: undefined },
    ],
    { ...advised, card: 'edit' },
  );
  expect(kinds(edited.effects)).toEqual(['close']);
});
