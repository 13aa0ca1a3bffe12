import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { withoutReading, withReading, type Job, type Reading } from '@dormer/core/job/document';
import type { TypedLength } from '@dormer/core/quantity';
import { instructionFor, nameOf, spotOf, type Spot } from '@dormer/core/survey';
import { sentence, words } from '@dormer/core/words';
import { Button, LengthField, NoticeLine, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';
import type { Card } from './MeasureScreen';
import { SpotPicker } from './SpotPicker';
import { lengthOfSpot, readingAt } from './spots';
import type { NextSpot } from './useNextSpot';

interface ReadingCardProps {
  readonly job: Job;
  readonly card: Card;
  readonly next: NextSpot;
  readonly editing: Reading | null;
  readonly ownSpot: Spot | null;
  readonly onOwnSpot: (spot: Spot) => void;
  readonly onCard: (card: Card | null) => void;
}

/** One reading: where to hold the tape, why this one, the figure, next. */
export function ReadingCard({ job, card, next, editing, ownSpot, onOwnSpot, onCard }: ReadingCardProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [placing, setPlacing] = useState(card.is !== 'next');
  // A figure typed for a spot that is passed over goes with it.
  const [passed, setPassed] = useState(0);
  // A figure entered before the advice has caught up waits for it, so that it never lands at the spot before.
  const waiting = useRef<TypedLength | null>(null);
  const upTyped = useRef<TypedLength | null>(null);
  const draft = useRef<TypedLength | null | undefined>(undefined);
  const spot = editing ? spotOf(editing) : card.is === 'own' ? ownSpot : next.spot;

  const take = (value: TypedLength, at: Spot) => {
    const reading = readingAt(at, { id: newId(), value, up: upOf(at, upTyped.current, null, job) });
    dispatch(editJob((one) => withReading(one, reading)));
    upTyped.current = null;
    if (card.is === 'own') {
      setPlacing(false);
      onCard({ is: 'next' });
    }
  };
  const enter = (value: TypedLength) => {
    if (card.is === 'next' && !next.fresh) waiting.current = value;
    else if (spot) take(value, spot);
  };
  useEffect(() => {
    const value = waiting.current;
    if (!value || !next.fresh || !next.spot) return;
    waiting.current = null;
    take(value, next.spot);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [next.fresh, next.spot]);

  if (!spot) {
    return (
      <View style={styles.card}>
        <NoticeLine is="sure" word={label('measure.enough')} words={label('measure.enoughWhy')} />
        <Button title={label('measure.done')} look="lead" onPress={() => onCard(null)} />
      </View>
    );
  }
  // A figure that stands in the field is a reading, Enter or not; one that cannot be read is not passed over.
  const finish = () => {
    if (draft.current === null) return;
    if (draft.current && !editing) {
      if (card.is === 'next' && !next.fresh) return enter(draft.current);
      take(draft.current, spot);
    }
    onCard(null);
  };
  const move = (to: Spot, up?: TypedLength) => {
    if (up) upTyped.current = up;
    if (!editing) return onOwnSpot(to);
    const moved = readingAt(to, { id: editing.id, value: editing.value, up: upOf(to, up ?? null, editing, job) });
    dispatch(editJob((one) => withReading(one, moved)));
  };
  return (
    <View style={styles.card}>
      <Txt style={styles.instruction} aria-live="polite">
        {words(instructionFor(spot), job)}
      </Txt>
      <LengthField
        key={passed}
        large
        autoFocus
        label={sentence(nameOf(spot), job)}
        value={editing?.value ?? null}
        units={job.units}
        tape={job.tape}
        sign="positive"
        leastMm={1}
        testID="reading-value"
        keepDraft={!editing}
        onDraft={(value) => {
          draft.current = value;
        }}
        onCommit={(value) => {
          if (editing) dispatch(editJob((one) => withReading(one, { ...editing, value })));
        }}
        onNext={(value) => (editing ? onCard(null) : enter(value))}
      />
      {card.is === 'next' && next.why ? <Txt tone="faint">{words(next.why, job)}</Txt> : null}
      {placing ? <SpotPicker job={job} spot={spot} up={lengthOfSpot(editing)} onMove={move} /> : null}
      <View style={styles.row}>
        {placing ? null : <Button title={label('measure.elsewhere')} onPress={() => setPlacing(true)} />}
        {card.is === 'next' ? (
          <Button
            title={label('measure.skip')}
            onPress={() => {
              draft.current = undefined;
              setPassed(passed + 1);
              next.skip();
            }}
          />
        ) : null}
        {editing ? (
          <Button
            title={label('measure.remove')}
            look="stop"
            onPress={() => {
              onCard(null);
              dispatch(editJob((one) => withoutReading(one, editing.id)));
            }}
          />
        ) : null}
        <Button title={label('measure.done')} onPress={finish} />
      </View>
    </View>
  );
}

/** The height of a spot as the person typed it, where they did. */
function upOf(spot: Spot, typed: TypedLength | null, editing: Reading | null, job: Job): TypedLength | null {
  if (!('upMm' in spot)) return null;
  if (typed && Math.abs(typed.mm - spot.upMm) < 0.01) return typed;
  const before = lengthOfSpot(editing);
  if (before && Math.abs(before.mm - spot.upMm) < 0.01) return before;
  const { up } = job.levelLine;
  return Math.abs(up.mm - spot.upMm) < 0.01 ? up : null;
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    card: { gap: SPACE.one },
    instruction: { fontFamily: FONT.semibold, fontSize: SIZE.strong, lineHeight: 25 },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
