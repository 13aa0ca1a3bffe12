import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { makeStyles, SPACE } from '../theme';
import { Txt } from './Txt';

interface ActionRowProps {
  readonly name: string;
  /** What is said below the name. */
  readonly words: ReactNode;
  /** What can be done with it. */
  readonly children: ReactNode;
}

/** One of a list: its name and words, and beside them what can be done. */
export function ActionRow({ name, words, children }: ActionRowProps) {
  const styles = useStyles();
  return (
    <View style={styles.row} role="group" aria-label={name}>
      <View style={styles.words}>
        <Txt kind="strong" numberOfLines={2}>
          {name}
        </Txt>
        {words}
      </View>
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
