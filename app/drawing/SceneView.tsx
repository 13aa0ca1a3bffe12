import { useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import type { About } from '@dormer/core/base/problem';
import type { Scene, Shape } from '@dormer/core/say/scene';
import { words, type Reader } from '@dormer/core/say/words/first';
import { useTheme } from '../theme';
import { placeFigures } from './figures';
import { inkFor, type Hatches } from './ink';
import { fitSheet, type Sheet } from './sheet';
import { FigureView, ShapeView } from './ShapeView';

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
  /** What is laid over the drawing and can be taken hold of, placed by its sheet. */
  readonly overlay?: (sheet: Sheet) => ReactNode;
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
  overlay,
}: SceneViewProps) {
  const { colours } = useTheme();
  const id = useId();
  const hatches: Hatches = { wall: `${id}-wall`, unknown: `${id}-unknown` };
  const paper = colours[ground];
  const [laid, setLaid] = useState(size ?? { width: 360, height: 360 });
  const sheet = fitSheet(scene, laid.width, laid.height);
  const isLit = (shape: Shape) => sameAbout(shape.about, selected);
  const figures = placeFigures(scene, sheet, reader, isLit);
  const looks = (shape: Shape) => ({
    ink: inkFor(shape.role, colours, hatches),
    lit: isLit(shape),
    paper,
    light: colours.chalk,
  });
  return (
    <View
      style={size ?? { flex: 1, minHeight: 0 }}
      onLayout={({ nativeEvent: { layout } }) => {
        const { width, height } = layout;
        if (!size && width > 0 && height > 0) setLaid({ width, height });
      }}
    >
      <View
        style={{ position: 'absolute', width: laid.width, height: laid.height }}
        role="img"
        aria-label={description ?? words(scene.title, reader)}
      >
        <Svg width={laid.width} height={laid.height} aria-hidden>
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
          {scene.shapes.map((shape, index) => (
            <Pressed key={index} about={shape.about} onPress={onPress}>
              <ShapeView {...looks(shape)} shape={shape} sheet={sheet} />
            </Pressed>
          ))}
          {[...figures].map(([index, figure]) => {
            const shape = scene.shapes[index] as Shape;
            if (terse && !isLit(shape)) return null;
            return (
              <Pressed key={index} about={shape.about} onPress={onPress}>
                <FigureView {...looks(shape)} figure={figure} />
              </Pressed>
            );
          })}
        </Svg>
      </View>
      {overlay?.(sheet)}
    </View>
  );
}

interface PressedProps {
  readonly about: About | undefined;
  readonly onPress: ((about: About) => void) | undefined;
  readonly children: ReactNode;
}

/** What stands for something can be touched. */
function Pressed({ about, onPress, children }: PressedProps) {
  return about && onPress ? <G onPress={() => onPress(about)}>{children}</G> : <G>{children}</G>;
}

function sameAbout(a: About | undefined, b: About | null): boolean {
  if (!a || !b || a.kind !== b.kind) return false;
  if (a.kind === 'shelf' && b.kind === 'shelf') return a.shelf === b.shelf;
  return 'id' in a && 'id' in b && a.id === b.id;
}
