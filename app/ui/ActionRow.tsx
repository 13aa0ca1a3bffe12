import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { makeStyles, SPACE } from '../theme';

interface ActionRowProps {
  /** What the row is about, for those who do not see it. */
  readonly name: string;
  readonly words: ReactNode;
  /** What can be done with it. */
  readonly children: ReactNode;
}

/** One of a list: words, and beside them what can be done. */
export function ActionRow({ name, words, children }: ActionRowProps) {
  const styles = useStyles();
  return (
    <View style={styles.row} role="group" aria-label={name}>
      <View style={styles.words}>{words}</View>
      {children}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.one,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      paddingBottom: SPACE.one,
    },
    words: { flex: 1, minWidth: 0 },
  }),
);
