import '../../labels/servers';
import { StyleSheet, View } from 'react-native';
import { Button, NoticeLine } from '../../ui';
import { useLabel, type LabelTaking, type PlainLabel } from '../../labels';
import {
  putBack,
  records,
  selectMissing,
  selectReached,
  selectStrangers,
  useAppDispatch,
  useAppSelector,
  type JobRecord,
} from '../../store';
import { bringHere, keepApart } from '../../store/servers';
import { SPACE } from '../../theme';
import { Unpaired } from './access/Unpaired';

/** What the person must do before this server takes the device in, and decide about jobs it does not know, or lost. */
export function ServerNotices() {
  const dispatch = useAppDispatch();
  const strangers = useAppSelector(selectStrangers);
  const missing = useAppSelector(selectMissing);
  const isUnpaired = useAppSelector(selectReached) === 'unpaired';
  const ids = (all: readonly JobRecord[]) => all.map(({ id }) => id);
  return (
    <>
      {isUnpaired ? <Unpaired /> : null}
      {strangers.length > 0 ? (
        <Question
          words="strangers.words"
          count={strangers.length}
          yes={{ title: 'strangers.bring', onPress: () => void dispatch(bringHere(ids(strangers))) }}
          no={{ title: 'strangers.keep', onPress: () => void dispatch(keepApart(ids(strangers))) }}
        />
      ) : null}
      {missing.length > 0 ? (
        <Question
          words="missing.words"
          count={missing.length}
          yes={{ title: 'missing.back', onPress: () => dispatch(putBack(ids(missing))) }}
          no={{ title: 'missing.remove', onPress: () => void dispatch(records.letGo(ids(missing))) }}
        />
      ) : null}
    </>
  );
}

interface Answer {
  readonly title: PlainLabel;
  readonly onPress: () => void;
}

interface QuestionProps {
  readonly words: LabelTaking<{ count: number }>;
  readonly count: number;
  readonly yes: Answer;
  readonly no: Answer;
}

function Question({ words, count, yes, no }: QuestionProps) {
  const label = useLabel();
  return (
    <View style={styles.question}>
      <NoticeLine kind="doubtful" word={label('problem.doubtful')} words={label(words, { count })} />
      <Button title={label(yes.title)} look="lead" onPress={yes.onPress} />
      <Button title={label(no.title)} onPress={no.onPress} />
    </View>
  );
}

const styles = StyleSheet.create({ question: { gap: SPACE.half } });
