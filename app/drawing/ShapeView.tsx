import { Circle, Line, Path, Rect, Text } from 'react-native-svg';
import type { DimensionShape, LabelShape, Point, Shape } from '@dormer/core/scene';
import { lengthWords, words, type Reader } from '@dormer/core/words';
import { FONT } from '../theme';
import type { Ink } from './ink';
import type { Sheet } from './sheet';

export interface ShapeViewProps {
  readonly shape: Shape;
  readonly sheet: Sheet;
  readonly ink: Ink;
  readonly reader: Reader;
  /** Chosen by the person: drawn stronger. */
  readonly lit: boolean;
  readonly paper: string;
  readonly light: string;
}

const TEXT_PX = 14;
// Barlow Condensed is about this wide for each figure, of its height.
const TEXT_WIDTH = 0.46;
const TICK_PX = 5;

/** One shape of a scene, without its words. */
export function ShapeView(props: ShapeViewProps) {
  const { shape, sheet, ink, lit, light } = props;
  const stroke = lit ? light : ink.stroke;
  const width = (ink.width ?? 0) + (lit ? 1.5 : 0);
  switch (shape.is) {
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
      return <Circle cx={x} cy={y} r={lit ? 7 : 5} fill={lit ? light : ink.fill} />;
    }
    case 'dimension':
      return <Dimension {...props} shape={shape} />;
    case 'label':
      return null;
  }
}

/** The figure or words of a shape, which lie over every line. */
export function ShapeWords(props: ShapeViewProps) {
  const { shape, sheet, ink, reader, lit, paper, light } = props;
  const fill = lit ? light : ink.text;
  if (shape.is === 'label') return <Label {...props} shape={shape} />;
  if (shape.is !== 'dimension') return null;
  const [[x1, y1], [x2, y2]] = [sheet.at(shape.from), sheet.at(shape.to)];
  const share = shape.share ?? 0.5;
  const at: Point = [x1 + (x2 - x1) * share, y1 + (y2 - y1) * share];
  return <Figure at={at} text={figureOf(shape, reader)} anchor="middle" fill={fill} paper={paper} />;
}

/** A length with the way it goes, where it has one. */
function figureOf({ mm, sense }: Pick<LabelShape, 'mm' | 'sense'>, reader: Reader): string {
  if (mm === undefined) return '';
  const figure = lengthWords(mm, reader, false);
  return sense ? `${figure} ${words(sense, reader)}` : figure;
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

function Label({ shape, sheet, ink, reader, lit, paper, light }: ShapeViewProps & { shape: LabelShape }) {
  const text = [shape.words ? words(shape.words, reader) : '', figureOf(shape, reader)].join(' ').trim();
  return (
    <Figure at={sheet.at(shape.at)} text={text} anchor={shape.anchor} fill={lit ? light : ink.text} paper={paper} />
  );
}

interface FigureProps {
  readonly at: Point;
  readonly text: string;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly fill: string;
  readonly paper: string;
}

/** A figure with a little bare paper behind it, so that no line runs through it. */
function Figure({ at: [x, y], text, anchor, fill, paper }: FigureProps) {
  const width = text.length * TEXT_PX * TEXT_WIDTH + 6;
  const left = { start: x - 3, middle: x - width / 2, end: x - width + 3 }[anchor];
  return (
    <>
      <Rect x={left} y={y - TEXT_PX / 2 - 1} width={width} height={TEXT_PX + 2} fill={paper} fillOpacity={0.88} />
      <Text
        x={x}
        y={y + TEXT_PX * 0.35}
        fill={fill}
        fontFamily={FONT.condensedBold}
        fontSize={TEXT_PX}
        textAnchor={anchor}
      >
        {text}
      </Text>
    </>
  );
}
