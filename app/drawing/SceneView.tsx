import { useId, useState } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import type { About } from '@dormer/core/problem';
import type { Scene } from '@dormer/core/scene';
import { words, type Reader } from '@dormer/core/words';
import { useTheme } from '../theme';
import { inkFor, type Hatches } from './ink';
import { fitSheet } from './sheet';
import { ShapeView, ShapeWords } from './ShapeView';

export interface SceneViewProps {
  readonly scene: Scene;
  readonly reader: Reader;
  /** What the drawing says in words, for those who do not see it. */
  readonly description?: string;
  readonly selected?: About | null;
  readonly onPress?: (about: About) => void;
  /** Figures only on what is chosen: in a small drawing the others would lie on one another. */
  readonly terse?: boolean;
  /** What the drawing lies on. */
  readonly ground?: 'paper' | 'panel';
  /** Pixels before the first layout, and on paper. */
  readonly size?: { readonly width: number; readonly height: number };
}

const HATCH_PX = 7;

/** A scene of the core on the screen. What it shows is the scene's business, how it looks is decided here. */
export function SceneView({
  scene,
  reader,
  description,
  selected = null,
  onPress,
  terse = false,
  ground = 'paper',
  size,
}: SceneViewProps) {
  const { colours } = useTheme();
  const id = useId();
  const hatches: Hatches = { wall: `${id}-wall`, unknown: `${id}-unknown` };
  const paper = colours[ground];
  const [laid, setLaid] = useState(size ?? { width: 360, height: 360 });
  const sheet = fitSheet(scene, laid.width, laid.height);
  return (
    <View
      style={size ?? { flex: 1, minHeight: 0 }}
      role="img"
      aria-label={description ?? words(scene.title, reader)}
      onLayout={({ nativeEvent: { layout } }) => {
        const { width, height } = layout;
        if (!size && width > 0 && height > 0) setLaid({ width, height });
      }}
    >
      <View style={{ position: 'absolute', width: laid.width, height: laid.height }} aria-hidden>
        <Svg width={laid.width} height={laid.height}>
          <Defs>
            {(['wall', 'unknown'] as const).map((hatch) => (
              <Pattern key={hatch} id={hatches[hatch]} width={HATCH_PX} height={HATCH_PX} patternUnits="userSpaceOnUse">
                <Rect width={HATCH_PX} height={HATCH_PX} fill={hatch === 'wall' ? colours.wall : paper} />
                <Line x1={0} y1={HATCH_PX} x2={HATCH_PX} y2={0} stroke={colours.wallHatch} strokeWidth={1} />
                {hatch === 'unknown' ? (
                  <Path d={`M0 0 L${HATCH_PX} ${HATCH_PX}`} stroke={colours.wallHatch} strokeWidth={1} />
                ) : null}
              </Pattern>
            ))}
          </Defs>
          {[ShapeView, ShapeWords].map((Layer, layer) =>
            scene.shapes.map((shape, index) => {
              const { about } = shape;
              const lit = sameAbout(about, selected);
              if (terse && Layer === ShapeWords && !lit) return null;
              const view = (
                <Layer
                  shape={shape}
                  sheet={sheet}
                  ink={inkFor(shape.role, colours, hatches)}
                  reader={reader}
                  lit={lit}
                  paper={paper}
                  light={colours.chalk}
                />
              );
              const key = `${layer}-${index}`;
              if (!about || !onPress) return <G key={key}>{view}</G>;
              return (
                <G key={key} onPress={() => onPress(about)}>
                  {view}
                </G>
              );
            }),
          )}
        </Svg>
      </View>
    </View>
  );
}

function sameAbout(a: About | undefined, b: About | null): boolean {
  if (!a || !b || a.is !== b.is) return false;
  if (a.is === 'shelf' && b.is === 'shelf') return a.shelf === b.shelf;
  return a.is === 'reading' && b.is === 'reading' && a.id === b.id;
}
