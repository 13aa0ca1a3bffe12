import { Circle, Line, Path, Rect, Text } from 'react-native-svg';
import type { DimensionShape, Point, Shape } from '@dormer/core/say/scene';
import { FONT } from '../theme';
import { TEXT_PX, type Figure } from './figures';
import type { Ink } from './ink';
import type { Sheet } from './sheet';

export interface ShapeViewProps {
  readonly shape: Shape;
  readonly sheet: Sheet;
  readonly ink: Ink;
  /** Chosen by the person: drawn stronger. */
  readonly lit: boolean;
  readonly paper: string;
  readonly light: string;
}

export interface FigureViewProps extends Omit<ShapeViewProps, 'shape' | 'sheet'> {
  readonly figure: Figure;
}

const TICK_PX = 5;

/** One shape of a scene, without its words. */
export function ShapeView(props: ShapeViewProps) {
  const { shape, sheet, ink, lit, light } = props;
  const stroke = lit ? light : ink.stroke;
  const width = (ink.width ?? 0) + (lit ? 1.5 : 0);
  switch (shape.kind) {
    case 'polygon':
      return (
        <Path
          d={`${pathOf(shape.points, sheet)} Z`}
          fill={ink.fill ?? 'none'}
          fillOpacity={ink.fillOpacity ?? 1}
          stroke={stroke ?? 'none'}
          strokeWidth={width}
          strokeDasharray={ink.dash}
        />
      );
    case 'path':
      return (
        <Path
          d={pathOf(shape.points, sheet)}
          fill="none"
          stroke={stroke}
          strokeWidth={width}
          strokeDasharray={ink.dash}
        />
      );
    case 'dot': {
      const [x, y] = sheet.at(shape.at);
      const small = shape.role === 'screw' || shape.role === 'screw-anchor';
      if (small) return <Circle cx={x} cy={y} r={lit ? 4 : 2.75} fill={ink.fill} stroke={stroke} strokeWidth={1.5} />;
      return <Circle cx={x} cy={y} r={lit ? 7 : 5} fill={lit ? light : ink.fill} />;
    }
    case 'dimension':
      return <Dimension {...props} shape={shape} />;
    case 'label':
      return null;
  }
}

function pathOf(points: readonly Point[], sheet: Sheet): string {
  return points
    .map((point, index) => {
      const [x, y] = sheet.at(point);
      return `${index === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`;
    })
    .join(' ');
}

/** A dimension string as in a carpenter's sketch: a line and a slanted tick at each end. */
function Dimension({ shape, sheet, ink, lit, paper, light }: ShapeViewProps & { shape: DimensionShape }) {
  const [x1, y1] = sheet.at(shape.from);
  const [x2, y2] = sheet.at(shape.to);
  const stroke = lit ? light : ink.stroke;
  const width = lit ? 2.5 : ink.width;
  const tick = (x: number, y: number, key: string) => (
    <Line
      key={key}
      x1={x - TICK_PX}
      y1={y + TICK_PX}
      x2={x + TICK_PX}
      y2={y - TICK_PX}
      stroke={stroke}
      strokeWidth={1.5}
    />
  );
  return (
    <>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={stroke} strokeWidth={width} strokeDasharray={ink.dash} />
      {/* A string is thin; a finger is not. */}
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={paper} strokeOpacity={0.01} strokeWidth={24} />
      {tick(x1, y1, 'from')}
      {tick(x2, y2, 'to')}
    </>
  );
}

/** A figure or words, with a little bare paper behind, so that no line runs through. They lie over every line. */
export function FigureView({ figure, ink, lit, paper, light }: FigureViewProps) {
  const { text, at, anchor, box } = figure;
  return (
    <>
      <Rect x={box.left} y={box.top} width={box.width} height={box.height} fill={paper} fillOpacity={0.88} />
      <Text
        x={at[0]}
        y={at[1] + TEXT_PX * 0.35}
        fill={lit ? light : ink.text}
        fontFamily={FONT.condensedBold}
        fontSize={TEXT_PX}
        textAnchor={anchor}
      >
        {text}
      </Text>
    </>
  );
}
