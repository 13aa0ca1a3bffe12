import CloudCheck from 'lucide-react-native/icons/cloud-check';
import CloudUpload from 'lucide-react-native/icons/cloud-upload';
import OctagonX from 'lucide-react-native/icons/octagon-x';
import Smartphone from 'lucide-react-native/icons/smartphone';
import TriangleAlert from 'lucide-react-native/icons/triangle-alert';
import { StyleSheet, View } from 'react-native';
import { Txt } from '../../ui';
import { useLabel } from '../../labels';
import { selectSaveState, useAppSelector, type SaveState } from '../../store';
import { makeStyles, SPACE, useTheme } from '../../theme';

const LOOK = {
  saved: { icon: CloudCheck, tone: 'sure' },
  saving: { icon: CloudUpload, tone: 'faint' },
  device: { icon: Smartphone, tone: 'doubtful' },
  full: { icon: Smartphone, tone: 'doubtful' },
  unpaired: { icon: Smartphone, tone: 'doubtful' },
  stale: { icon: TriangleAlert, tone: 'doubtful' },
  removed: { icon: TriangleAlert, tone: 'doubtful' },
  missing: { icon: TriangleAlert, tone: 'doubtful' },
  refused: { icon: OctagonX, tone: 'stop' },
  notKept: { icon: OctagonX, tone: 'stop' },
} as const satisfies Record<SaveState, unknown>;

/** Where the job is kept, in a word and a shape. */
export function SaveStateLine({ id }: { id: string }) {
  const styles = useStyles();
  const label = useLabel();
  const { colours } = useTheme();
  const state = useAppSelector((root) => selectSaveState(root, id));
  if (!state) return null;
  const { icon: Icon, tone } = LOOK[state];
  return (
    <View style={styles.line} role="status">
      <Icon size={15} color={colours[tone]} aria-hidden />
      <Txt kind="small" tone={tone} numberOfLines={1} testID="save-state">
        {label(`save.${state}`)}
      </Txt>
    </View>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({ line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.small } }),
);
