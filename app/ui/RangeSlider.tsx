import { View, StyleSheet } from 'react-native';
import { makeStyles, SPACE, TARGET, useTheme } from '../theme';
import { Txt } from './Txt';

export interface RangeSliderProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  /** The value in words: "1200 mm up". */
  readonly shown: string;
  readonly onChange: (value: number) => void;
}

/** A value slid along a range: the browser's own range control, which hands, keys and screen readers know. */
export function RangeSlider({ label, value, least, most, step, shown, onChange }: RangeSliderProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  return (
    <View style={styles.row}>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={shown}
        min={least}
        max={most}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        style={{ flex: 1, minWidth: 0, height: TARGET, margin: 0, accentColor: colours.action }}
      />
      <Txt kind="small" style={styles.shown} aria-hidden>
        {shown}
      </Txt>
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half, flex: 1, minWidth: 0 },
    shown: { minWidth: 72, textAlign: 'right' },
  }),
);
