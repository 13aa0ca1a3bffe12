/// <reference path="./dxf.d.ts" />
import { Helper } from 'dxf';
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { pointsOnPath } from 'points-on-path';
import svgpath from 'svgpath';
import { LONGEST_FILE } from '../../job/limits';
import { message, text, type Message } from '../../base/message';
import { MM_PER_INCH } from '../../base/quantity';
import { ok, refused, type Result } from '../../base/result';
import type { DrawnLine, DrawnPoint } from '../../place/trace';

/** What a drawing holds, as it lies on the table: y towards the person. */
export interface Drawing {
  readonly lines: readonly DrawnLine[];
  /** Whether the file says how large it is; where not, its units are taken for millimetres. */
  readonly sized: boolean;
}

// A curve is followed by straight pieces that stand off it by no more than this, millimetres.
const FLAT_MM = 0.02;
const PX_MM = MM_PER_INCH / 96;

/**
 * Reads the lines of an SVG or DXF drawing, in millimetres.
 * @returns in plain words why it cannot be read: empty, too large, of another kind, without any line
 */
export function readDrawing(contents: string): Result<Drawing, Message> {
  const trimmed = contents.replace(/^\uFEFF/, '').trim();
  if (trimmed === '') return refused(message('file.empty'));
  if (trimmed.length > LONGEST_FILE) {
    return refused(message('file.tooLarge', { most: text(`${LONGEST_FILE / 1_000_000} MB`) }));
  }
  const drawing = trimmed.startsWith('<') ? fromSvg(trimmed) : fromDxf(trimmed);
  if (!drawing) return refused(message('outline.unreadable'));
  const lines = drawing.lines.filter(({ points }) => points.length > 1 && points.flat().every(Number.isFinite));
  return lines.length === 0 ? refused(message('outline.nothing')) : ok({ ...drawing, lines });
}

interface SvgNode {
  readonly [tag: string]: unknown;
  readonly ':@'?: Readonly<Record<string, string>>;
}

function fromSvg(contents: string): Drawing | null {
  if (XMLValidator.validate(contents) !== true) return null;
  const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '', preserveOrder: true });
  const root = (parser.parse(contents) as SvgNode[]).find((node) => 'svg' in node);
  if (!root) return null;
  const own = root[':@'] ?? {};
  const { scale, sized } = scaleOf(own);
  const lines: DrawnLine[] = [];
  const walk = (nodes: readonly SvgNode[], transforms: readonly string[]) => {
    for (const node of nodes) {
      const tag = Object.keys(node).find((key) => key !== ':@') ?? '';
      const attributes = node[':@'] ?? {};
      // What is only referred to (symbols, clips, markers) is not drawn where it stands.
      if (['defs', 'symbol', 'clipPath', 'marker', 'pattern', 'mask'].includes(tag)) continue;
      const all = attributes.transform ? [...transforms, attributes.transform] : transforms;
      const d = pathOf(tag, attributes);
      if (d) {
        // The innermost transform is the first to act.
        const placed = [...all].reverse().reduce((path, one) => path.transform(one), svgpath(d));
        lines.push(...flattened(placed.scale(scale).toString()));
      }
      const inner = node[tag];
      if (Array.isArray(inner)) walk(inner as SvgNode[], all);
    }
  };
  walk(root.svg as SvgNode[], []);
  return { lines, sized };
}

/** Millimetres to a unit of the drawing, by its width and view box. */
function scaleOf({ width = '', viewBox = '' }: Readonly<Record<string, string>>): { scale: number; sized: boolean } {
  const UNITS: Readonly<Record<string, number>> = {
    mm: 1,
    cm: 10,
    in: MM_PER_INCH,
    pt: MM_PER_INCH / 72,
    pc: MM_PER_INCH / 6,
    px: PX_MM,
  };
  const [, figure, unit = ''] = /^([\d.]+)\s*(mm|cm|in|pt|pc|px)$/.exec(width.trim()) ?? [];
  const across = Number(viewBox.trim().split(/[\s,]+/)[2]);
  if (figure && unit) {
    const wide = Number(figure) * (UNITS[unit] as number);
    return { scale: across > 0 ? wide / across : (UNITS[unit] as number), sized: true };
  }
  return { scale: 1, sized: false };
}

/** The path of a shape, whatever it is written as; null for what is no line. */
function pathOf(tag: string, at: Readonly<Record<string, string>>): string | null {
  const n = (name: string) => Number(at[name] ?? 0);
  switch (tag) {
    case 'path':
      return at.d ?? null;
    case 'polyline':
    case 'polygon':
      return at.points ? `M${at.points.trim()}${tag === 'polygon' ? 'Z' : ''}` : null;
    case 'line':
      return `M${n('x1')} ${n('y1')}L${n('x2')} ${n('y2')}`;
    case 'rect':
      return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}Z`;
    default:
      return null;
  }
}

function flattened(d: string): DrawnLine[] {
  return pointsOnPath(d, FLAT_MM).map((points): DrawnLine => lineOf(points as DrawnPoint[]));
}

/** A line that ends where it began is closed, and its corner stands there once. */
function lineOf(points: readonly DrawnPoint[]): DrawnLine {
  const [first, last] = [points[0], points.at(-1)];
  const closed =
    points.length > 3 &&
    first !== undefined &&
    last !== undefined &&
    Math.hypot(first[0] - last[0], first[1] - last[1]) < 0.01;
  return { points: closed ? points.slice(0, -1) : points, closed };
}

/** Millimetres to a unit of a DXF file, by its $INSUNITS. */
const DXF_UNITS: Readonly<Record<number, number>> = { 1: MM_PER_INCH, 2: 12 * MM_PER_INCH, 4: 1, 5: 10, 6: 1000 };

function fromDxf(contents: string): Drawing | null {
  if (!/\bSECTION\b/.test(contents) || !/\bEOF\b/.test(contents)) return null;
  try {
    const helper = new Helper(contents);
    const scale = DXF_UNITS[helper.parsed.header?.insUnits ?? 0];
    const lines = helper
      .toPolylines()
      // y goes up in such programs.
      .polylines.map(({ vertices }) =>
        lineOf(vertices.map(([x, y]): DrawnPoint => [x * (scale ?? 1), -y * (scale ?? 1)])),
      );
    return { lines, sized: scale !== undefined };
  } catch {
    // The package stops where a group is no number: that is a file it cannot read, nothing more.
    return null;
  }
}
