import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Txt } from '../../controls';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

/** An address that leads nowhere. */
export function LostScreen() {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.page} role="main">
      <Txt kind="title" aria-level={1}>
        {label('lost.title')}
      </Txt>
      <Link href="/" style={styles.link}>
        <Txt kind="strong" style={styles.linkText}>
          {label('lost.home')}
        </Txt>
      </Link>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    page: { flex: 1, padding: SPACE.three, gap: SPACE.two },
    link: { minHeight: 48 },
    linkText: { textDecorationLine: 'underline', color: colours.action },
  }),
);
