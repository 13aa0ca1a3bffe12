import Check from 'lucide-react-native/icons/check';
import { StyleSheet, View } from 'react-native';
import { FONT, makeStyles, RADIUS, SPACE, TARGET, useTheme } from '../theme';
import { Press } from './Press';
import { Txt } from './Txt';

export interface TogglesProps<T extends string> {
  readonly label: string;
  readonly chosen: readonly T[];
  readonly options: readonly { readonly value: T; readonly title: string }[];
  readonly onChange: (chosen: T[]) => void;
}

/** Any of a few, each on or off by itself. */
export function Toggles<T extends string>({ label, chosen, options, onChange }: TogglesProps<T>) {
  const styles = useStyles();
  const { colours } = useTheme();
  return (
    <View style={styles.group}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      <View role="group" aria-label={label} style={styles.chips}>
        {options.map(({ value, title }) => {
          const on = chosen.includes(value);
          return (
            <Press
              key={value}
              role="checkbox"
              aria-checked={on}
              aria-label={title}
              onPress={() => onChange(on ? chosen.filter((one) => one !== value) : [...chosen, value])}
              style={[styles.chip, on && styles.on]}
            >
              {on ? <Check size={16} color={colours.onAction} aria-hidden /> : null}
              <Txt style={[styles.title, on && styles.titleOn]}>{title}</Txt>
            </Press>
          );
        })}
      </View>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    group: { gap: SPACE.small },
    chips: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
    chip: {
      maxWidth: '100%',
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.small,
      minHeight: TARGET,
      paddingHorizontal: SPACE.one,
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
    },
    on: { backgroundColor: colours.action, borderColor: colours.action },
    title: { fontFamily: FONT.semibold },
    titleOn: { color: colours.onAction },
  }),
);
