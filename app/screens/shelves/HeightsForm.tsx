import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import type { Job, ShelvesWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Button, LengthField, Section, Segmented, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { Boundary } from './Boundary';
import { typedFrom } from './heights';

/** How the heights are decided: equal gaps between two boundaries, or each typed. */
export function HeightsForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { shelves, units, tape } = job;
  const wish = (change: Partial<ShelvesWish>) =>
    dispatch(editJob((one) => ({ ...one, shelves: { ...one.shelves, ...change } })));
  const tops = plan?.shelves.map((shelf) => shelf.top.mm) ?? [];
  return (
    <Section title={label('shelves.heights')}>
      <Segmented
        label={label('shelves.way')}
        value={shelves.way}
        options={[
          { value: 'equal-gaps', title: label('shelves.equal') },
          { value: 'typed', title: label('shelves.typed') },
        ]}
        onChange={(way) => (way === 'typed' ? dispatch(editJob((one) => typedFrom(tops, one, newId))) : wish({ way }))}
      />
      {shelves.way === 'equal-gaps' ? (
        <View style={styles.fields}>
          <Boundary<'floor'>
            which={label('shelves.bottomWhich')}
            edge="floor"
            edgeTitle={label('shelves.fromFloor')}
            heightTitle={label('shelves.bottomAt')}
            heightLabel={label('shelves.bottom')}
            value={shelves.bottom}
            start={job.levelLine.up}
            units={units}
            tape={tape}
            onChange={(bottom) => wish({ bottom })}
          />
          <Boundary<'ceiling'>
            which={label('shelves.topWhich')}
            edge="ceiling"
            edgeTitle={label('shelves.toCeiling')}
            heightTitle={label('shelves.topAt')}
            heightLabel={label('shelves.top')}
            value={shelves.top}
            start={job.levelLine.up}
            units={units}
            tape={tape}
            onChange={(top) => wish({ top })}
          />
        </View>
      ) : (
        <View style={styles.fields}>
          {shelves.heights.length === 0 ? <Txt tone="faint">{label('shelves.noHeights')}</Txt> : null}
          {[...shelves.heights]
            .sort((a, b) => a.up.mm - b.up.mm)
            .map((height, index) => (
              <View key={height.id} style={styles.typed}>
                <View style={styles.field}>
                  <LengthField
                    label={label('shelves.topOf', { shelf: index + 1 })}
                    value={height.up}
                    units={units}
                    tape={tape}
                    onCommit={(up) =>
                      wish({ heights: shelves.heights.map((one) => (one.id === height.id ? { ...one, up } : one)) })
                    }
                  />
                </View>
                <Button
                  title={label('shelves.remove', { shelf: index + 1 })}
                  icon={X}
                  iconOnly
                  look="quiet"
                  onPress={() => wish({ heights: shelves.heights.filter((one) => one.id !== height.id) })}
                />
              </View>
            ))}
        </View>
      )}
    </Section>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { gap: SPACE.one },
    field: { flex: 1 },
    typed: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.half },
  }),
);
