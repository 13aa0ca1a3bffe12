import { Pressable, StyleSheet, View } from 'react-native';
import { FONT, makeStyles, RADIUS, SPACE, TARGET } from '../theme';
import { Txt } from './Txt';

export interface SegmentedProps<T extends string | number> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly title: string }[];
  readonly onChange: (value: T) => void;
  /** Whether what is chosen is written above it too. */
  readonly titled?: boolean;
}

/** One of a few, all in sight. */
export function Segmented<T extends string | number>({ label, value, options, onChange, titled }: SegmentedProps<T>) {
  const styles = useStyles();
  const row = (
    <View role="radiogroup" aria-label={label} style={styles.row}>
      {options.map((option, index) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={chosen}
            aria-label={option.title}
            onPress={() => onChange(option.value)}
            style={[styles.option, index > 0 && styles.next, chosen && styles.chosen]}
          >
            <Txt style={[styles.title, chosen && styles.chosenTitle]} numberOfLines={1}>
              {option.title}
            </Txt>
          </Pressable>
        );
      })}
    </View>
  );
  if (!titled) return row;
  return (
    <View style={styles.titled}>
      <Txt kind="small" tone="faint">
        {label}
      </Txt>
      {row}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    titled: { gap: SPACE.small },
    row: {
      flexDirection: 'row',
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
      overflow: 'hidden',
    },
    option: {
      minHeight: TARGET - 2,
      flexGrow: 1,
      flexShrink: 1,
      paddingHorizontal: SPACE.half,
      alignItems: 'center',
      justifyContent: 'center',
    },
    next: { borderLeftWidth: 1, borderLeftColor: colours.rule },
    chosen: { backgroundColor: colours.action },
    title: { fontFamily: FONT.medium },
    chosenTitle: { color: colours.onAction, fontFamily: FONT.semibold },
  }),
);
