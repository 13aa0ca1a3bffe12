import type { LucideIcon } from 'lucide-react-native';
import { StyleSheet, type PressableProps } from 'react-native';
import { FONT, makeStyles, RADIUS, SIZE, SPACE, TARGET, useTheme } from '../theme';
import { Press } from './Press';
import { Txt } from './Txt';

export interface ButtonProps extends Omit<PressableProps, 'children' | 'style'> {
  readonly title: string;
  readonly icon?: LucideIcon;
  /** `lead`: the one thing to do next. `plain`: everything else. `quiet`: no edge. `stop`: takes something away. */
  readonly look?: 'lead' | 'plain' | 'quiet' | 'stop';
  /** Only the icon is shown; the title is what it is called. */
  readonly iconOnly?: boolean;
  readonly grow?: boolean;
}

/** What is pressed to make something happen. */
export function Button({ title, icon: Icon, look = 'plain', iconOnly, grow, disabled, ...rest }: ButtonProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  const ink = { lead: colours.onAction, plain: colours.pencil, quiet: colours.pencil, stop: colours.stop }[look];
  return (
    <Press
      {...rest}
      role="button"
      aria-label={title}
      disabled={disabled}
      aria-disabled={disabled ?? undefined}
      style={({ pressed }) => [
        styles.button,
        styles[look],
        iconOnly && styles.iconOnly,
        grow && styles.grow,
        pressed && styles.pressed,
        disabled && styles.disabled,
      ]}
    >
      {Icon ? <Icon size={22} color={ink} aria-hidden /> : null}
      {iconOnly ? null : (
        <Txt style={[styles.title, { color: ink }, look === 'quiet' && styles.quietTitle]}>{title}</Txt>
      )}
    </Press>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    button: {
      minHeight: TARGET,
      minWidth: TARGET,
      flexShrink: 1,
      paddingHorizontal: SPACE.two,
      paddingVertical: SPACE.half,
      borderRadius: RADIUS.usual,
      flexDirection: 'row',
      alignItems: 'center',
      justifyContent: 'center',
      gap: SPACE.half,
    },
    // Never less than a third of its row, however long the words beside are.
    grow: { flexGrow: 1, flexBasis: 0, minWidth: '30%', paddingHorizontal: SPACE.half },
    iconOnly: { paddingHorizontal: 0, width: TARGET, flexShrink: 0 },
    lead: { backgroundColor: colours.action },
    plain: { backgroundColor: colours.panel, borderWidth: 1, borderColor: colours.edge },
    quiet: {},
    stop: { borderWidth: 1, borderColor: colours.stop },
    pressed: { opacity: 0.7 },
    disabled: { opacity: 0.4 },
    // Without an edge, a line under it says that it can be pressed.
    quietTitle: { textDecorationLine: 'underline' },
    title: { fontFamily: FONT.semibold, fontSize: SIZE.body, flexShrink: 1, textAlign: 'center' },
  }),
);
