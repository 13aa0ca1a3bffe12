import { Link } from 'expo-router';
import { StyleSheet } from 'react-native';
import { useLabel } from '../labels';
import { makeStyles, SPACE } from '../theme';
import { Txt } from './Txt';

/** The way back to the jobs. */
export function HomeLink() {
  const styles = useStyles();
  const label = useLabel();
  return (
    <Link href="/" style={styles.link}>
      <Txt kind="strong" style={styles.words}>
        {label('lost.home')}
      </Txt>
    </Link>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    link: { padding: SPACE.one },
    words: { textDecorationLine: 'underline', color: colours.action },
  }),
);
