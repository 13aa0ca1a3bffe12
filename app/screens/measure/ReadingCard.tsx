import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  withoutReading,
  withReading,
  withVerdict,
  type Instrument,
  type Job,
  type Reading,
} from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { asTyped, type TypedLength } from '@dormer/core/quantity';
import {
  instructionFor,
  instrumentOf,
  instrumentWords,
  isAngle,
  instrumentsFor,
  readingAt,
  sameSpot,
  senseOf,
  senseWord,
  spotOf,
  typedFields,
  type Spot,
} from '@dormer/core/reading';
import { lengthWords, words } from '@dormer/core/words';
import { Button, focusField, NoticeLine, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { editJob, newId, serverDevices, takeReading, useAppDispatch, useHeldDevice, type Shown } from '../../store';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';
import type { Card } from './card';
import { Enough } from './Enough';
import { ReadingValue, type Said } from './ReadingValue';
import { SpotPicker } from './SpotPicker';
import type { NextSpot } from './useNextSpot';

interface ReadingCardProps {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly card: Card;
  readonly next: NextSpot;
  /** The reading that is changed, or taken once more. */
  readonly reading: Reading | null;
  readonly onCard: (card: Card | null) => void;
}

/** What may change of a reading that is taken already. */
interface Change {
  readonly spot?: Spot;
  readonly said?: Said;
  readonly sense?: string;
  readonly with?: Instrument;
  readonly typed?: Readonly<Record<string, TypedLength>>;
}

/** One reading: where to hold the tape, why this one, the figure, next. */
export function ReadingCard({ job, plan, card, next, reading, onCard }: ReadingCardProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [placing, setPlacing] = useState(card.is === 'own' || card.is === 'edit');
  // A figure typed for a spot that is passed over goes with it.
  const [passed, setPassed] = useState(0);
  const [sense, setSense] = useState<string | null>(null);
  // Lengths of the spot as the person typed them.
  const [typed, setTyped] = useState<Readonly<Record<string, TypedLength>>>({});
  const [instrument, setInstrument] = useState<Instrument | null>(null);
  // A figure entered before the advice has caught up waits for it, so that it never lands at the spot before.
  const waiting = useRef<Said | null>(null);
  // "Done" while it waits: the card is put away once the figure has its spot.
  const closing = useRef(false);
  const draft = useRef<Said | null | undefined>(undefined);

  const editing = card.is === 'edit' ? reading : null;
  const again = card.is === 'again' ? reading : null;
  // Advice to take a suspect once more is taken without sight of what it said.
  const blind = again?.id ?? (card.is === 'next' ? next.again : null);
  const spot = editing ? spotOf(editing) : again ? spotOf(again) : card.is === 'own' ? card.spot : next.spot;

  // A linked device is held where the card says; what it comes to rest at stands in the card as if typed.
  const turn = spot ? job.readings.filter((one) => sameSpot(spotOf(one), spot)).length : 0;
  // While the advice catches up the card still says the spot before: nothing is read there.
  const resting = editing !== null || (card.is === 'next' && !next.fresh);
  const held = useHeldDevice(serverDevices, resting ? null : spot, job, turn);
  const incoming = held?.settled && spot ? saidByDevice(held, spot, job) : null;

  const take = (said: Said, at: Spot, waited = false) => {
    const usual = instrumentsFor(at.kind)[0];
    const byDevice = held !== null && incoming?.said.value.typed === said.value.typed;
    const used = byDevice ? held.instrument : (instrument ?? (card.is === 'next' ? next.with : null) ?? usual);
    const kept = job.levelLine.up;
    const made = readingAt(at, {
      id: newId(),
      ...said,
      sense: sense ?? (byDevice ? incoming?.sense : undefined) ?? undefined,
      // The level line's height as it was typed serves a reading at that height.
      typed: { up: kept, ...(again ? typedFields(again) : {}), ...typed },
      unit: job.units,
      ...(used !== usual ? { with: used } : {}),
      ...(blind ? { blind: true as const } : {}),
      ...(byDevice ? { simulated: true as const } : {}),
    });
    dispatch(takeReading(made));
    setTyped({});
    setSense(null);
    // A figure that waited has left its field already: what stands there now is the next one.
    if (!waited || at.kind === 'triangle') {
      draft.current = undefined;
      setPassed((count) => count + 1);
    }
    if (card.is !== 'next') {
      setPlacing(false);
      onCard({ is: 'next' });
    }
  };
  const enter = (said: Said) => {
    if (card.is === 'next' && !next.fresh) waiting.current = said;
    else if (spot) take(said, spot);
  };
  useEffect(() => {
    const said = waiting.current;
    if (!next.fresh) return;
    waiting.current = null;
    if (said && next.spot) take(said, next.spot, true);
    if (closing.current) onCard(null);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [next.fresh, next.spot]);

  if (!spot) {
    return (
      <View style={styles.card}>
        {next.fresh ? (
          <Enough plan={plan} job={job} onAgain={(id) => onCard({ is: 'again', id })} />
        ) : (
          <Txt tone="faint">{label('measure.thinking')}</Txt>
        )}
        <Button title={label('measure.done')} look="lead" onPress={() => onCard(null)} />
      </View>
    );
  }
  // A figure that stands in the field is a reading, Enter or not; one that cannot be read is not passed over.
  const finish = () => {
    if (draft.current === null) {
      // Of a triangle the other distance is wanting.
      if (spot.kind === 'triangle') focusField('reading-other');
      return;
    }
    const standing = draft.current ?? incoming?.said;
    if (card.is === 'next' && !next.fresh) {
      waiting.current = standing ?? waiting.current;
      closing.current = waiting.current !== null;
      if (closing.current) return;
    } else if (standing && !editing) take(standing, spot);
    onCard(null);
  };
  const remade = (one: Reading, change: Change) => {
    const { id, with: tool, sd, verdict, blind: unseen, simulated, value } = one;
    const at = change.spot ?? spotOf(one);
    return readingAt(at, {
      id,
      sd,
      verdict,
      blind: unseen,
      // A figure the person puts in its place is their own.
      simulated: change.said ? undefined : simulated,
      with: change.with ?? (at.kind === one.kind ? tool : undefined),
      value,
      other: one.kind === 'triangle' ? one.other : undefined,
      sense: change.sense ?? senseWord(one) ?? undefined,
      ...change.said,
      typed: { ...typedFields(one), ...change.typed },
      unit: job.units,
    });
  };
  const change = (what: Change) => {
    if (editing) dispatch(editJob((one) => withReading(one, remade(editing, what))));
  };
  const move = (to: Spot, as?: Readonly<Record<string, TypedLength>>) => {
    const now = { ...typed, ...as };
    setTyped(now);
    if (!editing) return onCard({ is: 'own', spot: to });
    // A figure in degrees is none in millimetres: such a reading is taken anew.
    if ((to.kind === 'corner') !== (editing.kind === 'corner')) return onCard({ is: 'own', spot: to });
    change({ spot: to, typed: now });
  };
  const state = plan?.readings.find((one) => one.id === (editing?.id ?? blind));
  const problem = state && plan?.problems.find(({ about }) => about.is === 'reading' && about.id === state.id);
  const judge = (id: string, verdict: Reading['verdict']) => dispatch(editJob((one) => withVerdict(one, id, verdict)));
  return (
    <View style={styles.card}>
      {problem && editing ? (
        <NoticeLine is="doubtful" word={label('problem.doubtful')} words={words(problem.message, job)} />
      ) : null}
      <Txt style={styles.instruction} aria-live="polite" testID="instruction">
        {words(instructionFor(spot), job)}
      </Txt>
      {blind ? <Txt tone="faint">{label('measure.blind')}</Txt> : null}
      <ReadingValue
        key={`${passed}-${spot.kind}`}
        job={job}
        spot={spot}
        value={
          editing
            ? { value: editing.value, other: editing.kind === 'triangle' ? editing.other : undefined }
            : (incoming?.said ?? null)
        }
        sense={editing ? senseWord(editing) : (sense ?? incoming?.sense ?? null)}
        onSense={(word) => (editing ? change({ sense: word }) : setSense(word))}
        keepDraft={!editing}
        onDraft={(said) => {
          draft.current = said;
        }}
        onCommit={(said) => change({ said })}
        onEnter={(said) => (editing ? onCard(null) : enter(said))}
      />
      {held ? (
        <Txt tone="faint">
          {label(held.settled ? 'practice.settled' : 'practice.live', {
            what: words(instrumentWords(held.instrument), job),
            value: held.unit === 'mm' ? lengthWords(Math.abs(held.value), job) : `${held.value.toFixed(1)}°`,
          })}
        </Txt>
      ) : null}
      {card.is === 'next' && next.why ? (
        <Txt tone="faint">
          {words(next.why, job)}
          {next.lift
            ? ` ${label('measure.lift', { ...next.lift, now: Math.round(next.lift.now), then: Math.round(next.lift.then) })}`
            : ''}
        </Txt>
      ) : null}
      {placing ? (
        <SpotPicker
          job={job}
          spot={spot}
          typed={{ ...(editing ? typedFields(editing) : {}), ...typed }}
          instrument={editing ? instrumentOf(editing) : (instrument ?? next.with ?? instrumentOf(spot))}
          onInstrument={(tool) => (editing ? change({ with: tool }) : setInstrument(tool))}
          onMove={move}
        />
      ) : null}
      <View style={styles.row}>
        {isAngle(spot) && !editing ? (
          <Button
            title={label('measure.goOn')}
            look="lead"
            onPress={() => {
              const standing = draft.current ?? incoming?.said;
              if (standing) enter(standing);
            }}
          />
        ) : null}
        {placing || again ? null : <Button title={label('measure.elsewhere')} onPress={() => setPlacing(true)} />}
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
        {/* Before those that come and go with the advice: it stays under the thumb. */}
        <Button title={label('measure.done')} onPress={finish} />
        {state && state.state === 'aside' ? (
          <Button title={label('measure.keep')} onPress={() => judge(state.id, 'kept')} />
        ) : null}
        {state && (state.state === 'aside' || state.state === 'used') && (editing || blind) ? (
          <Button title={label('measure.leaveOut')} onPress={() => judge(state.id, 'dropped')} />
        ) : null}
        {editing?.verdict ? (
          <Button title={label('measure.letCount')} onPress={() => judge(editing.id, undefined)} />
        ) : null}
        {editing ? (
          <>
            <Button title={label('measure.again')} onPress={() => onCard({ is: 'again', id: editing.id })} />
            <Button
              title={label('measure.remove')}
              look="stop"
              onPress={() => {
                onCard(null);
                dispatch(editJob((one) => withoutReading(one, editing.id)));
              }}
            />
          </>
        ) : null}
      </View>
    </View>
  );
}

/** What a device came to rest at, as a person would have typed it, and which way it goes. */
function saidByDevice({ value, unit }: Shown, spot: Spot, job: Job): { said: Said; sense: string | null } {
  const ways = senseOf(spot);
  if (unit === 'degrees') return { said: { value: { degrees: value, typed: String(value) } }, sense: null };
  const length = asTyped(ways ? Math.abs(value) : Math.max(value, 0), job.units, job.tape);
  return { said: { value: length }, sense: ways ? ways.options[value < 0 ? 1 : 0] : null };
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    card: { gap: SPACE.one },
    instruction: { fontFamily: FONT.semibold, fontSize: SIZE.strong, lineHeight: 25 },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
