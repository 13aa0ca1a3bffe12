import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { makeStyles, SPACE } from '../theme';
import { Txt } from './Txt';

/** A page with nothing on it but a word about why, and a way on. */
export function MessagePage({ title, words, children }: { title?: string; words?: string; children?: ReactNode }) {
  const styles = useStyles();
  return (
    <View style={styles.page} role="main">
      {title ? (
        <Txt kind="title" aria-level={1} style={styles.words}>
          {title}
        </Txt>
      ) : null}
      {words ? (
        <Txt tone="faint" style={styles.words}>
          {words}
        </Txt>
      ) : null}
      {children}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    page: {
      flex: 1,
      alignItems: 'center',
      justifyContent: 'center',
      gap: SPACE.two,
      padding: SPACE.three,
      backgroundColor: colours.paper,
    },
    words: { textAlign: 'center', maxWidth: 460 },
  }),
);
