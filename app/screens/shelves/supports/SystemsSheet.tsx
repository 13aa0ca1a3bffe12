import { StyleSheet, View } from 'react-native';
import type { Job, SystemName } from '@dormer/core/job/document';
import type { Considered } from '@dormer/core/plan';
import { Button, NoticeLine, Sheet, Txt } from '../../../ui';
import { useAnswer } from '../../../platform/useAnswer';
import { guardedSheet } from '../../../ui/guardedSheet';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { considerSystems } from '../../../store/stageActions';
import { makeStyles, SPACE } from '../../../theme';
import { SystemCard } from './SystemCard';

interface SystemsSheetProps {
  readonly job: Job;
  readonly title: string;
  readonly chosen: SystemName;
  readonly onChoose: (system: SystemName) => void;
  readonly onClose: () => void;
}

/** Every support system side by side; what suits first. Choosing one is choosing a picture. */
export const SystemsSheet = guardedSheet(function SystemsSheet({
  job,
  title,
  chosen,
  onChoose,
  onClose,
}: SystemsSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  // One question for as long as the sheet is open: a choice closes the sheet.
  const { answer: all, failed, again } = useAnswer('systems', () => dispatch(considerSystems()));
  const rank = (one: Considered) => (one.recommended ? 0 : one.here && one.pieces > 0 ? 1 : one.here ? 2 : 3);
  const sorted = all && [...all].sort((a, b) => rank(a) - rank(b));
  return (
    <Sheet title={title} closeTitle={label('close')} onClose={onClose}>
      {failed ? (
        <>
          <NoticeLine kind="doubtful" word={label('systems.failed')} words={label('systems.failedWhy')} />
          <Button title={label('systems.again')} onPress={again} />
        </>
      ) : sorted ? null : (
        <Txt tone="faint" aria-live="polite">
          {label('systems.working')}
        </Txt>
      )}
      {sorted ? (
        <View role="radiogroup" aria-label={title} style={styles.list}>
          {sorted.map((one) => (
            <SystemCard
              key={one.system}
              one={one}
              job={job}
              chosen={one.system === chosen}
              onChoose={() => {
                onChoose(one.system);
                onClose();
              }}
            />
          ))}
        </View>
      ) : null}
    </Sheet>
  );
});

const useStyles = makeStyles(() => StyleSheet.create({ list: { gap: SPACE.one } }));
