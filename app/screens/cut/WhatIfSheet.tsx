import { StyleSheet, View } from 'react-native';
import { withChange, type Job } from '@dormer/core/job/document';
import { formatMass } from '@dormer/core/base/quantity';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, NoticeLine, Sheet, Txt } from '../../ui';
import { useAnswer } from '../../platform/useAnswer';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel } from '../../labels';
import { editJob, useAppDispatch } from '../../store';
import { whatIfMaterials } from '../../store/cuttingActions';
import { makeStyles, SPACE } from '../../theme';
import { money } from '../../labels/money';

/** Boards, plywood and MDF for the same job: what each costs, weighs, sags and wastes. */
export const WhatIfSheet = guardedSheet(function WhatIfSheet({ job, onClose }: { job: Job; onClose: () => void }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const {
    answer: found,
    share,
    failed,
    stop,
  } = useAnswer('materials', (watched) => dispatch(whatIfMaterials(watched)));
  const cheapest = found ? Math.min(...found.filter((one) => one.missing === 0).map((one) => one.price)) : 0;
  return (
    <Sheet title={label('whatIf.title')} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('whatIf.is')}</Txt>
      {share !== null ? (
        <View style={styles.row} aria-live="polite">
          <Txt tone="faint" style={styles.grow}>
            {label('layout.working', { percent: Math.round(share * 100) })}
          </Txt>
          <Button title={label('ends.stop')} onPress={stop} />
        </View>
      ) : null}
      {failed ? <NoticeLine kind="doubtful" word={label('ends.failed')} words={label('layout.failedWhy')} /> : null}
      {found?.map((one) => (
        <View key={one.material} style={styles.one} role="group" aria-label={words(one.name, job)}>
          <View style={styles.row}>
            <Txt kind="title" style={styles.grow}>
              {words(one.name, job)}
            </Txt>
            <Txt kind="title">{money(one.price, job)}</Txt>
          </View>
          <Txt>
            {label('whatIf.figures', {
              weight: formatMass(one.kg, job.units === 'in' ? 'lb' : 'kg'),
              sag: one.sagMm === null ? '–' : lengthWords(Math.round(one.sagMm * 10) / 10, job),
              waste: Math.round(one.wasteShare * 100),
            })}
          </Txt>
          {one.weak > 0 ? (
            <NoticeLine
              kind="doubtful"
              word={label('whatIf.weak')}
              words={label('whatIf.weakWhy', { count: one.weak })}
            />
          ) : null}
          {one.missing > 0 ? (
            <NoticeLine
              kind="doubtful"
              word={label('whatIf.missing')}
              words={label('whatIf.missingWhy', { count: one.missing })}
            />
          ) : null}
          {one.missing === 0 && one.price === cheapest ? <Txt kind="small">{label('whatIf.cheapest')}</Txt> : null}
          {one.chosen ? (
            <Txt kind="small" tone="faint">
              {label('whatIf.chosen')}
            </Txt>
          ) : (
            <Button
              title={label('whatIf.take', { material: words(one.name, job) })}
              onPress={() => {
                dispatch(editJob((before) => withChange(before, { kind: 'material', id: one.material })));
                onClose();
              }}
            />
          )}
        </View>
      ))}
    </Sheet>
  );
});

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.one },
    grow: { flex: 1 },
    one: { gap: SPACE.half, borderTopWidth: 2, borderTopColor: colours.pencil, paddingVertical: SPACE.one },
  }),
);
