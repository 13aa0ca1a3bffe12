import { StyleSheet, View } from 'react-native';
import { withReading, type Instrument, type Job, type Reading } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/base/quantity';
import {
  instructionFor,
  instrumentOf,
  instrumentWords,
  readingAt,
  senseWord,
  spotOf,
  typedFields,
  type Spot,
} from '@dormer/core/place/reading';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { type Shown } from '../../store/useHeldDevice';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';
import { Enough } from './Enough';
import { ReadingButtons } from './ReadingButtons';
import { ReadingValue, type Said } from './ReadingValue';
import { SpotPicker } from './SpotPicker';
import { useCard, type CardOf } from './useCard';
import type { NextSpot } from './useNextSpot';

interface ReadingCardProps extends CardOf {
  readonly plan: Plan | null;
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
export function ReadingCard(props: ReadingCardProps) {
  const { job, plan, card, next, reading, onCard } = props;
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const taking = useCard(props);
  const { state, send, spot, blind, held, incoming } = taking;
  const editing = card.kind === 'edit' ? reading : null;
  if (!spot) return <NoSpot {...props} />;
  const change = (what: Change) => {
    if (editing) dispatch(editJob((before) => withReading(before, remade(editing, what, job))));
  };
  const move = (to: Spot, as: Readonly<Record<string, TypedLength>> = {}) => {
    send({ kind: 'moved', typed: as });
    // A figure in degrees is none in millimetres: such a reading is taken anew.
    if (!editing || (to.kind === 'corner') !== (editing.kind === 'corner')) return onCard({ kind: 'own', spot: to });
    change({ spot: to, typed: { ...state.typed, ...as } });
  };
  const standing = editing ? saidOf(editing) : (incoming?.said ?? null);
  return (
    <View style={styles.card}>
      <Suspect reading={editing} plan={plan} job={job} />
      <Txt style={styles.instruction} aria-live="polite" testID="instruction">
        {words(instructionFor(spot), job)}
      </Txt>
      {blind ? <Txt tone="faint">{label('measure.blind')}</Txt> : null}
      <ReadingValue
        key={`${state.passed}-${spot.kind}`}
        job={job}
        spot={spot}
        value={standing}
        sense={editing ? senseWord(editing) : (state.sense ?? incoming?.sense ?? null)}
        onSense={(sense) => (editing ? change({ sense }) : send({ kind: 'sensed', sense }))}
        keepDraft={!editing}
        onDraft={(said) => send({ kind: 'drafted', said })}
        onCommit={(said) => change({ said })}
        onEnter={(said) => (editing ? onCard(null) : send({ kind: 'entered', said }))}
      />
      {held ? <DeviceLine held={held} job={job} /> : null}
      {card.kind === 'next' ? <WhyLine next={next} job={job} /> : null}
      {state.placing ? (
        <SpotPicker
          job={job}
          spot={spot}
          typed={{ ...(editing ? typedFields(editing) : {}), ...state.typed }}
          instrument={editing ? instrumentOf(editing) : (state.instrument ?? next.with ?? instrumentOf(spot))}
          onInstrument={(tool) => (editing ? change({ with: tool }) : send({ kind: 'tool', instrument: tool }))}
          onMove={move}
        />
      ) : null}
      <ReadingButtons
        {...props}
        spot={spot}
        placing={state.placing}
        blind={blind}
        onEnter={() => {
          const said = state.draft ?? incoming?.said;
          if (said) send({ kind: 'entered', said });
        }}
        onPlace={() => send({ kind: 'placing' })}
        onSkip={() => {
          send({ kind: 'skipped' });
          next.skip();
        }}
        onFinish={() => send({ kind: 'finished', shown: incoming?.said })}
      />
    </View>
  );
}

/** Shown while no spot is advised: still computing, or enough readings. */
function NoSpot({ job, plan, next, onCard }: ReadingCardProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.card}>
      {next.fresh ? (
        <Enough plan={plan} job={job} onAgain={(id) => onCard({ kind: 'again', id })} />
      ) : (
        <Txt tone="faint">{label('measure.thinking')}</Txt>
      )}
      <Button title={label('measure.done')} look="lead" onPress={() => onCard(null)} />
    </View>
  );
}

/** Says that the open reading disagrees with the others. */
function Suspect({ reading, plan, job }: { reading: Reading | null; plan: Plan | null; job: Job }) {
  const label = useLabel();
  const problem = plan?.problems.find(({ about }) => about.kind === 'reading' && about.id === reading?.id);
  if (!reading || !problem) return null;
  return <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={words(problem.message, job)} />;
}

/** Value shown by a linked device. */
function DeviceLine({ held, job }: { held: Shown & { readonly settled: boolean }; job: Job }) {
  const label = useLabel();
  const value = held.unit === 'mm' ? lengthWords(Math.abs(held.value), job) : `${held.value.toFixed(1)}°`;
  const what = words(instrumentWords(held.instrument), job);
  return <Txt tone="faint">{label(held.settled ? 'practice.settled' : 'practice.live', { what, value })}</Txt>;
}

/** Says why this reading is asked for and how much it raises a board's chance. */
function WhyLine({ next: { why, lift }, job }: { next: NextSpot; job: Job }) {
  const label = useLabel();
  if (!why) return null;
  const odds = lift && { ...lift, now: Math.round(lift.now), then: Math.round(lift.then) };
  return (
    <Txt tone="faint">
      {words(why, job)}
      {odds ? ` ${label('measure.lift', odds)}` : ''}
    </Txt>
  );
}

const saidOf = (reading: Reading): Said => ({
  value: reading.value,
  other: reading.kind === 'triangle' ? reading.other : undefined,
});

/** Returns the reading with a change applied. */
function remade(before: Reading, change: Change, { units }: Job): Reading {
  const { id, with: tool, sd, verdict, blind, simulated, value } = before;
  const spot = change.spot ?? spotOf(before);
  return readingAt(spot, {
    id,
    sd,
    verdict,
    blind,
    // A figure the person puts in its place is their own.
    simulated: change.said ? undefined : simulated,
    with: change.with ?? (spot.kind === before.kind ? tool : undefined),
    value,
    other: before.kind === 'triangle' ? before.other : undefined,
    sense: change.sense ?? senseWord(before) ?? undefined,
    ...change.said,
    typed: { ...typedFields(before), ...change.typed },
    unit: units,
  });
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    card: { gap: SPACE.one },
    instruction: { fontFamily: FONT.semibold, fontSize: SIZE.strong, lineHeight: 25 },
  }),
);
