import { StyleSheet, View } from 'react-native';
import { Button, Txt } from '../../controls';
import { useLabel } from '../../labels';
import { makeStyles, SPACE } from '../../theme';

interface BrokenScreenProps {
  readonly error: Error;
  readonly retry: () => Promise<void>;
}

/** A screen that fell over. What was typed is on the device; the person is told so and can go on. */
export function BrokenScreen({ error, retry }: BrokenScreenProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={styles.page} role="main">
      <Txt kind="title" aria-level={1}>
        {label('broken.title')}
      </Txt>
      <Txt>{label('broken.safe')}</Txt>
      <Txt kind="small" tone="faint">
        {error.message}
      </Txt>
      <Button title={label('broken.again')} look="lead" onPress={() => void retry()} />
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    page: { flex: 1, padding: SPACE.three, gap: SPACE.two, backgroundColor: colours.paper },
  }),
);
