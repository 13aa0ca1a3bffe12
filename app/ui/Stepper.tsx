import Minus from 'lucide-react-native/icons/minus';
import Plus from 'lucide-react-native/icons/plus';
import { StyleSheet, View } from 'react-native';
import { makeStyles, SPACE } from '../theme';
import { Button } from './Button';
import { Txt } from './Txt';

export interface StepperProps {
  readonly label: string;
  readonly less: string;
  readonly more: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** By how much one touch changes it; 1 when left away. */
  readonly step?: number;
  readonly onChange: (value: number) => void;
}

/** A small whole number, up and down. */
export function Stepper({ label, less, more, value, least, most, step = 1, onChange }: StepperProps) {
  const styles = useStyles();
  return (
    <View style={styles.row} role="group" aria-label={label}>
      <Txt kind="strong" style={styles.label}>
        {label}
      </Txt>
      <Button
        title={less}
        icon={Minus}
        iconOnly
        disabled={value <= least}
        onPress={() => onChange(Math.max(value - step, least))}
      />
      <Txt kind="figure" style={styles.value} aria-live="polite">
        {value}
      </Txt>
      <Button
        title={more}
        icon={Plus}
        iconOnly
        disabled={value >= most}
        onPress={() => onChange(Math.min(value + step, most))}
      />
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    label: { flex: 1, paddingLeft: SPACE.half },
    value: { minWidth: 44, textAlign: 'center' },
  }),
);
