import { StyleSheet, View } from 'react-native';
import { withoutReading, withVerdict, type Reading } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { isAngle, type Spot } from '@dormer/core/place/reading';
import { Button } from '../../ui';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { SPACE } from '../../theme';
import type { CardOf } from './useCard';

interface ReadingButtonsProps extends Pick<CardOf, 'card' | 'reading' | 'onCard'> {
  readonly plan: Plan | null;
  readonly spot: Spot;
  readonly placing: boolean;
  readonly blind: string | null;
  readonly onEnter: () => void;
  readonly onPlace: () => void;
  readonly onSkip: () => void;
  readonly onFinish: () => void;
}

/** Buttons of the reading card. */
export function ReadingButtons(props: ReadingButtonsProps) {
  const { plan, card, reading, spot, placing, blind, onCard } = props;
  const label = useLabel();
  const editing = card.kind === 'edit' ? reading : null;
  return (
    <View style={styles.row}>
      {isAngle(spot) && !editing ? <Button title={label('measure.goOn')} look="lead" onPress={props.onEnter} /> : null}
      {placing || card.kind === 'again' ? null : <Button title={label('measure.elsewhere')} onPress={props.onPlace} />}
      {card.kind === 'next' ? <Button title={label('measure.skip')} onPress={props.onSkip} /> : null}
      {/* Before those that come and go with the advice: it stays under the thumb. */}
      <Button title={label('measure.done')} onPress={props.onFinish} />
      <Verdicts id={editing?.id ?? blind} plan={plan} reading={editing} />
      {editing ? <Changing reading={editing} onCard={onCard} /> : null}
    </View>
  );
}

/** Buttons to keep or leave out a suspected reading. */
function Verdicts({ id, plan, reading }: { id: string | null; plan: Plan | null; reading: Reading | null }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const state = plan?.readings.find((planned) => planned.id === id);
  const judge = (of: string, verdict: Reading['verdict']) =>
    dispatch(editJob((before) => withVerdict(before, of, verdict)));
  return (
    <>
      {state?.state === 'aside' ? (
        <Button title={label('measure.keep')} onPress={() => judge(state.id, 'kept')} />
      ) : null}
      {state?.state === 'aside' || state?.state === 'used' ? (
        <Button title={label('measure.leaveOut')} onPress={() => judge(state.id, 'dropped')} />
      ) : null}
      {reading?.verdict ? (
        <Button title={label('measure.letCount')} onPress={() => judge(reading.id, undefined)} />
      ) : null}
    </>
  );
}

/** Buttons to take a reading again or delete it. */
function Changing({ reading, onCard }: { reading: Reading; onCard: CardOf['onCard'] }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  return (
    <>
      <Button title={label('measure.again')} onPress={() => onCard({ kind: 'again', id: reading.id })} />
      <Button
        title={label('measure.remove')}
        look="stop"
        onPress={() => {
          onCard(null);
          dispatch(editJob((before) => withoutReading(before, reading.id)));
        }}
      />
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half } });
