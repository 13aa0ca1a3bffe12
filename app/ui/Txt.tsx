import { Text, type TextProps } from 'react-native';
import { FONT, makeStyles, SIZE } from '../theme';
import { Explained } from './Explained';

type Kind = 'small' | 'body' | 'strong' | 'title' | 'figure';
type Tone = 'pencil' | 'faint' | 'stop' | 'doubtful' | 'sure';

export interface TxtProps extends TextProps {
  readonly kind?: Kind;
  readonly tone?: Tone;
}

/** Words in the type of the interface. */
export function Txt({ kind = 'body', tone = 'pencil', style, children, ...rest }: TxtProps) {
  const styles = useStyles();
  const heading = kind === 'title' ? ({ role: 'heading' } as const) : {};
  const isHeading = kind === 'title' || rest.role === 'heading';
  return (
    <Text {...heading} {...rest} style={[styles[kind], styles[tone], style]}>
      {isHeading ? children : <Explained>{children}</Explained>}
    </Text>
  );
}

const useStyles = makeStyles((colours) => ({
  small: { fontFamily: FONT.medium, fontSize: SIZE.small, lineHeight: 19, fontVariant: ['tabular-nums' as const] },
  body: { fontFamily: FONT.regular, fontSize: SIZE.body, lineHeight: 22, fontVariant: ['tabular-nums' as const] },
  strong: { fontFamily: FONT.semibold, fontSize: SIZE.body, lineHeight: 22, fontVariant: ['tabular-nums' as const] },
  title: { fontFamily: FONT.semibold, fontSize: SIZE.title, lineHeight: 28 },
  figure: { fontFamily: FONT.semibold, fontSize: SIZE.figure, lineHeight: 34, fontVariant: ['tabular-nums' as const] },
  pencil: { color: colours.pencil },
  faint: { color: colours.faint },
  stop: { color: colours.stop },
  doubtful: { color: colours.doubtful },
  sure: { color: colours.sure },
}));
