import X from 'lucide-react-native/icons/x';
import { StyleSheet, View } from 'react-native';
import type { Job, ShelvesWish } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { TypedLength } from '@dormer/core/quantity';
import { Button, LengthField, Section, Segmented, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { editJob, newId, useAppDispatch } from '../../store';
import { makeStyles, SPACE } from '../../theme';
import { typedFrom } from './heights';

/** How the heights are decided: equal gaps between two boundaries, or each typed. */
export function HeightsForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { shelves, units, tape } = job;
  const wish = (change: Partial<ShelvesWish>) =>
    dispatch(editJob((one) => ({ ...one, shelves: { ...one.shelves, ...change } })));
  const start = (typed: TypedLength | undefined): TypedLength => typed ?? job.levelLine.up;
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
          <View style={styles.boundary}>
            <Segmented
              label={label('shelves.bottomWhich')}
              value={shelves.bottom.from}
              options={[
                { value: 'floor', title: label('shelves.fromFloor') },
                { value: 'height', title: label('shelves.bottomAt') },
              ]}
              onChange={(from) =>
                wish({
                  bottom:
                    from === 'floor'
                      ? { from }
                      : { from, up: start(shelves.bottom.from === 'height' ? shelves.bottom.up : undefined) },
                })
              }
            />
            {shelves.bottom.from === 'height' ? (
              <LengthField
                label={label('shelves.bottom')}
                value={shelves.bottom.up}
                units={units}
                tape={tape}
                onCommit={(up) => wish({ bottom: { from: 'height', up } })}
              />
            ) : null}
          </View>
          <View style={styles.boundary}>
            <Segmented
              label={label('shelves.topWhich')}
              value={shelves.top.from}
              options={[
                { value: 'ceiling', title: label('shelves.toCeiling') },
                { value: 'height', title: label('shelves.topAt') },
              ]}
              onChange={(from) =>
                wish({
                  top:
                    from === 'ceiling'
                      ? { from }
                      : { from, up: start(shelves.top.from === 'height' ? shelves.top.up : undefined) },
                })
              }
            />
            {shelves.top.from === 'height' ? (
              <LengthField
                label={label('shelves.top')}
                value={shelves.top.up}
                units={units}
                tape={tape}
                onCommit={(up) => wish({ top: { from: 'height', up } })}
              />
            ) : null}
          </View>
        </View>
      ) : (
        <View style={styles.fields}>
          {shelves.heights.length === 0 ? <Txt tone="faint">{label('shelves.noHeights')}</Txt> : null}
          {[...shelves.heights]
            .sort((a, b) => a.up.mm - b.up.mm)
            .map((height, index) => (
              <View key={height.id} style={styles.typed}>
                <LengthField
                  label={label('shelves.topOf', { shelf: index + 1 })}
                  value={height.up}
                  units={units}
                  tape={tape}
                  onCommit={(up) =>
                    wish({ heights: shelves.heights.map((one) => (one.id === height.id ? { ...one, up } : one)) })
                  }
                />
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
    boundary: { gap: SPACE.half },
    typed: { flexDirection: 'row', alignItems: 'flex-end', gap: SPACE.half },
  }),
);
