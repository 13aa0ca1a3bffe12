import CircleCheck from 'lucide-react-native/icons/circle-check';
import HardHat from 'lucide-react-native/icons/hard-hat';
import OctagonX from 'lucide-react-native/icons/octagon-x';
import TriangleAlert from 'lucide-react-native/icons/triangle-alert';
import { StyleSheet, View } from 'react-native';
import { makeStyles, RADIUS, SPACE, useTheme } from '../theme';
import { Txt } from './Txt';

const ICONS = { stop: OctagonX, doubtful: TriangleAlert, sure: CircleCheck, caution: HardHat } as const;

export interface NoticeProps {
  readonly kind: keyof typeof ICONS;
  /** The word that goes with the shape: "Stop", "Look again". */
  readonly word: string;
  readonly words: string;
}

/** A problem or a caution: shape, word and sentence, never colour alone. */
export function NoticeLine({ kind, word, words }: NoticeProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  const Icon = ICONS[kind];
  const ink = { stop: colours.stop, doubtful: colours.doubtful, sure: colours.sure, caution: colours.pencil }[kind];
  return (
    <View style={[styles.line, styles[kind]]}>
      <Icon size={20} color={ink} aria-hidden />
      <Txt style={styles.words}>
        <Txt kind="strong" style={{ color: ink }}>
          {word}{' '}
        </Txt>
        {words}
      </Txt>
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    line: {
      flexDirection: 'row',
      alignItems: 'flex-start',
      gap: SPACE.half,
      paddingHorizontal: SPACE.one,
      paddingVertical: SPACE.half,
      borderRadius: RADIUS.small,
      borderLeftWidth: 4,
    },
    words: { flex: 1 },
    stop: { backgroundColor: colours.stopWash, borderLeftColor: colours.stop },
    doubtful: { backgroundColor: colours.doubtfulWash, borderLeftColor: colours.doubtful },
    sure: { backgroundColor: colours.actionWash, borderLeftColor: colours.sure },
    caution: { backgroundColor: colours.panel, borderLeftColor: colours.faint },
  }),
);
