import { useEffect, useRef, useState } from 'react';
import type { Instrument, Job, Reading } from '@dormer/core/job/document';
import { asTyped } from '@dormer/core/base/quantity';
import {
  instrumentsFor,
  readingAt,
  sameSpot,
  senseOf,
  spotOf,
  typedFields,
  type Spot,
} from '@dormer/core/place/reading';
import { focusField } from '../../platform/focusNext';
import { useLatest } from '../../platform/useLatest';
import { newId, useAppDispatch } from '../../store';
import { takeReading } from '../../store/stageActions';
import { serverDevices } from '../../store/deviceStream';
import { useHeldDevice, type Shown } from '../../store/useHeldDevice';
import type { Card } from './card';
import { beginCard, stepCard, type CardEffect, type CardEvent } from './cardState';
import type { Said } from './ReadingValue';
import type { NextSpot } from './useNextSpot';

export interface CardOf {
  readonly job: Job;
  readonly card: Card;
  readonly next: NextSpot;
  /** The reading that is changed, or taken once more. */
  readonly reading: Reading | null;
  readonly onCard: (card: Card | null) => void;
}

/** Runs a reading card: typed state, device value, and taking the reading. */
export function useCard({ job, card, next, reading, onCard }: CardOf) {
  const dispatch = useAppDispatch();
  const [state, setState] = useState(() => beginCard(card.kind));
  // One key press can send several events before the next render: each starts from the state the one before left.
  const newest = useRef(state);
  const spot = spotOn(card, next, reading);
  // Advice to take a suspect once more is taken without sight of what it said.
  const blind = card.kind === 'again' ? card.id : card.kind === 'next' ? next.again : null;

  // A linked device is held where the card says; what it comes to rest at stands in the card as if typed.
  const turn = spot ? job.readings.filter((other) => sameSpot(spotOf(other), spot)).length : 0;
  // While the advice catches up the card still says the spot before: nothing is read there.
  const resting = card.kind === 'edit' || (card.kind === 'next' && !next.fresh);
  const held = useHeldDevice(serverDevices, resting ? null : spot, job, turn);
  const incoming = held?.settled && spot ? saidByDevice(held, spot, job) : null;

  const take = ({ said, spot: at, sense, typed, instrument }: Extract<CardEffect, { kind: 'take' }>) => {
    const usual = instrumentsFor(at.kind)[0];
    const byDevice = held !== null && incoming?.said.value.typed === said.value.typed;
    const asked: Instrument | undefined = instrument ?? (card.kind === 'next' ? next.with : null) ?? usual;
    const used = byDevice ? held.instrument : asked;
    const made = readingAt(at, {
      id: newId(),
      ...said,
      sense: sense ?? (byDevice ? incoming?.sense : undefined) ?? undefined,
      // The level line's height as it was typed serves a reading at that height.
      typed: { up: job.levelLine.up, ...(card.kind === 'again' && reading ? typedFields(reading) : {}), ...typed },
      unit: job.units,
      ...(used !== usual ? { with: used } : {}),
      ...(blind ? { blind: true as const } : {}),
      ...(byDevice ? { simulated: true as const } : {}),
    });
    dispatch(takeReading(made));
  };
  const run = (effect: CardEffect) => {
    switch (effect.kind) {
      case 'take':
        return take(effect);
      case 'next':
        return onCard({ kind: 'next' });
      case 'close':
        return onCard(null);
      case 'ask-other':
        return focusField('reading-other');
    }
  };
  const send = useLatest((event: CardEvent) => {
    const stepped = stepCard(newest.current, event, { card: card.kind, fresh: next.fresh, spot });
    newest.current = stepped.state;
    setState(stepped.state);
    stepped.effects.forEach(run);
  });
  // A waiting figure goes on once the advice has come.
  useEffect(() => send({ kind: 'advised' }), [next.fresh, next.spot, send]);

  return { state, send, spot, blind, held, incoming };
}

/** Spot of the card: of the reading being changed or retaken, as chosen, or as advised. */
function spotOn(card: Card, next: NextSpot, reading: Reading | null): Spot | null {
  switch (card.kind) {
    case 'next':
      return next.spot;
    case 'own':
      return card.spot;
    case 'edit':
    case 'again':
      return reading ? spotOf(reading) : next.spot;
  }
}

/** What a device came to rest at, as a person would have typed it, and which way it goes. */
function saidByDevice({ value, unit }: Shown, spot: Spot, job: Job): { said: Said; sense: string | null } {
  const ways = senseOf(spot);
  if (unit === 'degrees') return { said: { value: { degrees: value, typed: String(value) } }, sense: null };
  const length = asTyped(ways ? Math.abs(value) : Math.max(value, 0), job.units, job.tape);
  return { said: { value: length }, sense: ways ? ways.options[value < 0 ? 1 : 0] : null };
}
