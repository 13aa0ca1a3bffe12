import { StyleSheet, View } from 'react-native';
import type { JobUnit, Tape, TypedLength } from '@dormer/core/base/quantity';
import { makeStyles, SPACE } from '../theme';
import { LengthField } from './LengthField';

export interface LengthAsked {
  readonly key: string;
  readonly label: string;
  readonly value: TypedLength;
  /** Whether nothing at all is a length here. */
  readonly mayBeNothing?: boolean;
  readonly onCommit: (value: TypedLength) => void;
}

interface LengthFieldsProps {
  readonly fields: readonly LengthAsked[];
  readonly units: JobUnit;
  readonly tape: Tape;
}

/** Lengths beside one another, as many as there is room for. */
export function LengthFields({ fields, units, tape }: LengthFieldsProps) {
  const styles = useStyles();
  return (
    <View style={styles.fields}>
      {fields.map(({ key, label, value, mayBeNothing, onCommit }) => (
        <View key={key} style={styles.field}>
          <LengthField
            label={label}
            value={value}
            units={units}
            tape={tape}
            {...(mayBeNothing ? { sign: 'notNegative' as const } : { sign: 'positive' as const, leastMm: 0.1 })}
            onCommit={onCommit}
          />
        </View>
      ))}
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    fields: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: SPACE.one },
    field: { flexGrow: 1, flexBasis: 130, minWidth: 120 },
  }),
);
