import { StyleSheet, View } from 'react-native';
import type { Figure } from '@dormer/core/base/figure';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Txt } from '../../ui';
import { Why } from '../../parts/Why';
import { FONT, makeStyles, SIZE, SPACE } from '../../theme';

/** A number for the saw: a length that says why, or words. */
export interface SawNumber {
  readonly name: string;
  readonly value: Figure | string;
}

interface NumbersProps {
  readonly all: readonly SawNumber[];
  /** What they are of: "1S". */
  readonly of: string;
  readonly job: Job;
  readonly readings: Plan['readings'];
}

/** The numbers for the saw, large, each with what it is. */
export function Numbers({ all, of, job, readings }: NumbersProps) {
  const styles = useStyles();
  return (
    <View style={styles.numbers}>
      {all.map(({ name, value }) => (
        <View key={name}>
          <Txt kind="small" tone="faint">
            {name}
          </Txt>
          {typeof value === 'string' ? (
            <Txt style={styles.figure}>{value}</Txt>
          ) : (
            <Why figure={value} name={`${of} ${name}`} reader={job} readings={readings} size="large" />
          )}
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    numbers: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.three, rowGap: SPACE.half },
    figure: { fontFamily: FONT.semibold, fontSize: SIZE.figure, lineHeight: 48 },
  }),
);
