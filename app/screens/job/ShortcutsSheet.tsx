import '../../labels/menu';
import { StyleSheet, View } from 'react-native';
import { Sheet, Txt } from '../../ui';
import { guardedSheet } from '../../ui/guardedSheet';
import { useLabel, type PlainLabel } from '../../labels';
import { makeStyles, RADIUS, SPACE } from '../../theme';

const KEYS: readonly (readonly [keys: string, label: PlainLabel])[] = [
  ['1 2 3 4 5', 'shortcuts.stages'],
  ['N', 'shortcuts.next'],
  ['Enter', 'shortcuts.enter'],
  ['Ctrl Z', 'shortcuts.undo'],
  ['Ctrl Shift Z', 'shortcuts.redo'],
  ['U', 'shortcuts.units'],
  ['X', 'shortcuts.exaggeration'],
  ['Esc', 'shortcuts.escape'],
  ['?', 'shortcuts.this'],
];

/** The keys for what hands do often. */
export const ShortcutsSheet = guardedSheet(function ShortcutsSheet({ onClose }: { onClose: () => void }) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <Sheet title={label('shortcuts.title')} closeTitle={label('close')} onClose={onClose}>
      {KEYS.map(([keys, what]) => (
        <View key={keys} style={styles.row}>
          <View style={styles.keys}>
            {keys.split(' ').map((key) => (
              <View key={key} style={styles.key}>
                <Txt kind="small">{key}</Txt>
              </View>
            ))}
          </View>
          <Txt style={styles.what}>{label(what)}</Txt>
        </View>
      ))}
    </Sheet>
  );
});

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.two },
    keys: { flexDirection: 'row', gap: SPACE.small, width: 140 },
    key: {
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.small,
      paddingHorizontal: SPACE.half,
      paddingVertical: SPACE.hair,
    },
    what: { flex: 1 },
  }),
);
