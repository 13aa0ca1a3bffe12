import Maximize from 'lucide-react-native/icons/maximize-2';
import { useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { About } from '@dormer/core/base/problem';
import { EXAGGERATIONS, type Exaggeration, type Scene } from '@dormer/core/say/scene';
import type { Reader } from '@dormer/core/say/words/first';
import { Button, Segmented, Sheet, Txt } from '../ui';
import { useLabel } from '../labels';
import { makeStyles, SPACE, useWide } from '../theme';
import { SceneView, type SceneViewProps } from './SceneView';

export interface DrawingPaneProps {
  readonly scene: Scene;
  readonly reader: Reader;
  readonly exaggeration: Exaggeration;
  /** Its figures are shown however small it is. */
  readonly figured?: boolean;
  /** Null for a drawing in its true shape only. */
  readonly onExaggeration: ((factor: Exaggeration) => void) | null;
  readonly description?: string;
  readonly selected?: About | null;
  readonly onPress?: (about: About) => void;
  readonly overlay?: SceneViewProps['overlay'];
  /** Beside the drawing, or above it where that lies flat. */
  readonly aside?: (flat: boolean) => ReactNode;
  /** Under the drawing, where there is room for it. */
  readonly below?: ReactNode;
}

const SMALL_PX = 230;
/** Width of the controls beside an upright drawing; more where a word is longer. */
const STRIP_PX = 76;

/** A drawing of the opening with the switch that draws its crookedness larger, always saying so. */
export function DrawingPane(props: DrawingPaneProps) {
  const { scene, reader, exaggeration, onExaggeration, aside, below, overlay, figured, ...rest } = props;
  const styles = useStyles();
  const label = useLabel();
  const wide = useWide();
  const [whole, setWhole] = useState(false);
  const [height, setHeight] = useState(0);
  // Beside the keypad there is room for the saying only.
  const small = height > 0 && height < SMALL_PX;
  // A drawing that lies flat has its switch above it, an upright one beside it.
  const flat = scene.bounds.width > scene.bounds.height;
  const view = (how: Pick<SceneViewProps, 'terse' | 'ground'>) => (
    <SceneView scene={scene} reader={reader} {...how} {...rest} {...(how.terse || !overlay ? {} : { overlay })} />
  );
  const saying = exaggeration > 1 ? <Saying factor={exaggeration} flat={flat} /> : null;
  const switches = (
    <>
      {small || !onExaggeration ? null : (
        <Factors flat={flat} exaggeration={exaggeration} onExaggeration={onExaggeration} />
      )}
      {flat ? null : saying}
      {small ? null : aside?.(flat)}
    </>
  );
  const enlarge =
    wide || small ? null : (
      <Button title={label('drawing.enlarge')} icon={Maximize} iconOnly look="quiet" onPress={() => setWhole(true)} />
    );
  return (
    <View
      style={[styles.pane, flat ? styles.column : styles.row]}
      onLayout={({ nativeEvent }) => setHeight(nativeEvent.layout.height)}
    >
      <View style={styles.sheet}>
        {view({ terse: small && !figured })}
        {flat && saying ? <View style={styles.under}>{saying}</View> : null}
        {small || !below ? null : <View style={styles.under}>{below}</View>}
      </View>
      <Beside flat={flat}>
        {switches}
        {flat ? enlarge : null}
      </Beside>
      {flat || !enlarge ? null : <View style={styles.corner}>{enlarge}</View>}
      {whole ? (
        <Sheet title={label('drawing.title')} closeTitle={label('close')} onClose={() => setWhole(false)}>
          <View style={styles.whole}>{view({ ground: 'panel' })}</View>
        </Sheet>
      ) : null}
    </View>
  );
}

/** Controls above a flat drawing, or beside an upright one; they scroll on a short screen. */
function Beside({ flat, children }: { flat: boolean; children: ReactNode }) {
  const styles = useStyles();
  if (flat) return <View style={styles.above}>{children}</View>;
  return (
    <ScrollView style={styles.strip} contentContainerStyle={styles.beside} showsVerticalScrollIndicator={false}>
      {children}
    </ScrollView>
  );
}

/** Says by how much crookedness is enlarged. */
function Saying({ factor, flat }: { factor: Exaggeration; flat: boolean }) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <View style={flat ? null : styles.narrow}>
      <Txt kind="small" tone="faint">
        {label('drawing.saying', { factor })}
      </Txt>
    </View>
  );
}

interface FactorsProps {
  readonly flat: boolean;
  readonly exaggeration: Exaggeration;
  readonly onExaggeration: (factor: Exaggeration) => void;
}

/** Switch for how much crookedness is enlarged. */
function Factors({ flat, exaggeration, onExaggeration }: FactorsProps) {
  const label = useLabel();
  return (
    <Segmented
      label={label('drawing.exaggeration')}
      look={flat ? 'bar' : 'column'}
      value={exaggeration}
      options={EXAGGERATIONS.map((factor) => ({
        value: factor,
        title: `${factor}×`,
        name: label('drawing.times', { factor }),
      }))}
      onChange={onExaggeration}
    />
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    pane: { flex: 1, backgroundColor: colours.paper },
    row: { flexDirection: 'row-reverse' },
    column: { flexDirection: 'column-reverse' },
    sheet: { flex: 1, minHeight: 0, minWidth: 0 },
    under: { paddingHorizontal: SPACE.one },
    whole: { height: 600 },
    strip: { minWidth: STRIP_PX, maxWidth: 1.5 * STRIP_PX, flexGrow: 0, flexShrink: 0 },
    narrow: { maxWidth: STRIP_PX - 2 * SPACE.half },
    beside: { padding: SPACE.half, gap: SPACE.small, alignItems: 'flex-start' },
    corner: { position: 'absolute', top: SPACE.small, right: SPACE.small },
    above: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.half, padding: SPACE.half },
  }),
);
