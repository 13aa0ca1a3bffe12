import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { Pressable, StyleSheet, View } from 'react-native';
import type { Job, Reading } from '@dormer/core/job/document';
import { nameOf, spotOf } from '@dormer/core/survey';
import { lengthWords, sentence } from '@dormer/core/words';
import { Txt } from '../../controls';
import { useLabel } from '../../labels';
import { FONT, makeStyles, SIZE, SPACE, TARGET, useTheme } from '../../theme';
import { KINDS } from './spots';

/** Every reading taken, as typed, kind by kind and from low to high. */
export function ReadingList({ job, onEdit }: { job: Job; onEdit: (id: string) => void }) {
  const styles = useStyles();
  const label = useLabel();
  const { colours } = useTheme();
  const sorted = [...job.readings].sort(
    (a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind) || place(a).localeCompare(place(b)) || upOf(a) - upOf(b),
  );
  return (
    <View role="list" aria-label={label('measure.list')}>
      {sorted.map((reading) => {
        const name = sentence(nameOf(spotOf(reading)), job);
        const { value } = reading;
        const same = value.unit === job.units;
        const shown = same ? value.typed : lengthWords(value.mm, job, false);
        return (
          <View role="listitem" key={reading.id}>
            <Pressable
              role="button"
              aria-label={label('measure.edit', { name, value: shown })}
              onPress={() => onEdit(reading.id)}
              style={({ pressed }) => [styles.row, pressed && styles.pressed]}
            >
              <Txt style={styles.name}>{name}</Txt>
              <View style={styles.values}>
                <Txt style={styles.value}>{shown}</Txt>
                {same ? null : (
                  <Txt kind="small" tone="faint">
                    {label('measure.typed', { typed: `${value.typed} ${value.unit}` })}
                  </Txt>
                )}
              </View>
              <ChevronRight size={18} color={colours.faint} aria-hidden />
            </Pressable>
          </View>
        );
      })}
    </View>
  );
}

const place = (reading: Reading) => ('at' in reading ? reading.at : '') + ('side' in reading ? reading.side : '');
const upOf = (reading: Reading) => ('up' in reading ? reading.up.mm : 0);

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.half,
      minHeight: TARGET,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingVertical: SPACE.small,
    },
    pressed: { backgroundColor: colours.actionWash },
    name: { flex: 1 },
    values: { alignItems: 'flex-end' },
    value: { fontFamily: FONT.semibold, fontSize: SIZE.strong },
  }),
);
