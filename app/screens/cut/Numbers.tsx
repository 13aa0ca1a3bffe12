import { StyleSheet, View } from 'react-native';
import { Txt } from '../../controls';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';

/** The numbers for the saw, large, each with what it is. */
export function Numbers({ all }: { all: readonly (readonly [name: string, said: string])[] }) {
  const styles = useStyles();
  return (
    <View style={styles.numbers}>
      {all.map(([name, said]) => (
        <View key={name}>
          <Txt kind="small" tone="faint">
            {name}
          </Txt>
          <Txt style={styles.figure}>{said}</Txt>
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    numbers: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.three, rowGap: SPACE.half },
    figure: { fontFamily: FONT.semibold, fontSize: SIZE.figure, lineHeight: 34 },
  }),
);
