import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { FONT, makeStyles, RADIUS, SPACE, TARGET } from '../theme';
import { Press } from './Press';
import { Txt } from './Txt';

export interface SegmentedProps<T extends string | number> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly title: string; readonly name?: string }[];
  readonly onChange: (value: T) => void;
  /** Whether what is chosen is written above it too. */
  readonly titled?: boolean;
  /**
   * `bar`: one beside the other across all the room, in a second row what does not fit. `column`: one above the other.
   * `chips`: small, and as many rows as need be.
   */
  readonly look?: 'bar' | 'column' | 'chips';
}

const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** One of a few, all in sight. The arrow keys go from one to the next, as in any set of radio buttons. */
export function Segmented<T extends string | number>(props: SegmentedProps<T>) {
  const { label, value, options, onChange, titled, look = 'bar' } = props;
  const styles = useStyles();
  const group = useRef<View>(null);
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const at = options.findIndex((option) => option.value === value);
    const next = (at + step + options.length) % options.length;
    const chosen = options[next];
    if (!chosen) return;
    onChange(chosen.value);
    const buttons = (group.current as unknown as HTMLElement | null)?.querySelectorAll?.<HTMLElement>('[role=radio]');
    buttons?.[next]?.focus();
  };
  const isChosen = options.some((option) => option.value === value);
  const chips = look === 'chips';
  const row = (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      style={chips ? styles.chips : [styles.frame, look === 'bar' && styles.bar]}
      {...({ onKeyDown } as object)}
    >
      {options.map((option, index) => {
        const chosen = option.value === value;
        return (
          <Press
            key={option.value}
            role="radio"
            aria-checked={chosen}
            aria-label={option.name ?? option.title}
            tabIndex={chosen || (index === 0 && !isChosen) ? 0 : -1}
            onPress={() => onChange(option.value)}
            style={[chips ? styles.chip : styles.option, chosen && styles.chosen]}
          >
            <Txt style={[styles.title, chosen && styles.chosenTitle]}>{option.title}</Txt>
          </Press>
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
    frame: {
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
      overflow: 'hidden',
    },
    bar: { flexDirection: 'row', flexWrap: 'wrap' },
    // Of each line between two options one is drawn; those along the frame lie beneath it.
    option: {
      borderLeftWidth: 1,
      borderTopWidth: 1,
      borderColor: colours.rule,
      marginLeft: -1,
      marginTop: -1,
      minHeight: TARGET,
      minWidth: TARGET,
      flexGrow: 1,
      flexShrink: 1,
      paddingHorizontal: SPACE.half,
      alignItems: 'center',
      justifyContent: 'center',
    },
    chips: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
    chip: {
      maxWidth: '100%',
      minWidth: TARGET,
      minHeight: TARGET,
      paddingHorizontal: SPACE.one,
      borderRadius: RADIUS.usual,
      borderWidth: 1,
      borderColor: colours.edge,
      alignItems: 'center',
      justifyContent: 'center',
      backgroundColor: colours.panel,
    },
    chosen: { backgroundColor: colours.action, borderColor: colours.action, zIndex: 1 },
    title: { fontFamily: FONT.medium, textAlign: 'center' },
    chosenTitle: { color: colours.onAction, fontFamily: FONT.semibold },
  }),
);
