import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { runningMarks } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/say/words/first';
import { Section, Sheet, Txt } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { FullSize } from '../../../parts/FullSize';
import { useLabel } from '../../../labels';
import { FONT, makeStyles, SPACE } from '../../../theme';

interface PoleSheetProps {
  readonly plan: Plan;
  readonly job: Job;
  readonly onClose: () => void;
}

/** The pole to print at full size, and its running marks to pencil on a stick by hand. */
export const PoleSheet = guardedSheet(function PoleSheet({ plan, job, onClose }: PoleSheetProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <Sheet title={label('pole.title')} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('pole.is')}</Txt>
      <FullSize template={({ poleTemplate }) => poleTemplate(plan)} job={job} name="pole" />
      <Section title={label('pole.running')}>
        {runningMarks(plan.marks).map((mark) => (
          <View key={`${mark.shelf}-${mark.what}`} style={styles.row}>
            <Txt style={styles.grow}>
              {label('marks.name', { shelf: mark.shelf, what: label(`mark.${mark.what}`) })}
            </Txt>
            <Txt style={styles.figure}>{lengthWords(mark.up.mm, job)}</Txt>
          </View>
        ))}
      </Section>
    </Sheet>
  );
});

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', gap: SPACE.one },
    grow: { flex: 1 },
    figure: { fontFamily: FONT.semibold },
  }),
);
