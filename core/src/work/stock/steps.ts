import { length, message, type Message } from '../../base/message';
import type { Job, Saw } from '../../job';
import type { CutNode, Rect } from './sheets/layout';

/** A layout as far as cutting it goes: what `Layout` and a saw that has begun have in common. */
export interface Cuttable {
  readonly id: string;
  readonly group: string;
  readonly form: Saw['layouts'][number]['form'];
  readonly trimMm: number;
  readonly tree: CutNode;
}

/** One cut: how the fence or the stop is set, what falls off, what stays. Millimetres. */
export interface SawStep {
  /** Stable within a cutting that has begun: `L3:5`. */
  readonly id: string;
  readonly number: number;
  readonly layout: string;
  readonly kind: 'square' | 'edge' | 'edges' | 'rip' | 'cross';
  /** Of solid wood, not of a sheet. */
  readonly solid: boolean;
  /** Done where the sheet is bought. */
  readonly shop: boolean;
  readonly settingMm: number;
  /**
   * What the setting has over the size of what falls off: the shop measures from a factory edge, which is trimmed
   * later.
   */
  readonly overMm: number;
  /** The setting of the cut before it still stands. */
  readonly same: boolean;
  /** The piece that lies on the saw. */
  readonly piece: Rect;
  /** What the cut gives: a blank by its id, a piece to be cut further, or waste of an end or edge. */
  readonly gives: Rect & { readonly part: string | null; readonly kind: CutNode['kind'] | 'trim' };
  /** What is left of the piece after it; null where nothing is. */
  readonly leaves: Rect | null;
  /** Which node of the layout, from its root, and which of its pieces. */
  readonly path: readonly number[];
  readonly at: number;
}

/** Solid wood is ripped so much over at first, and to its width when it has moved. Millimetres. */
const OVER_MM = 2;
/** A sliver so thin is not cut off. Millimetres. */
const NOTHING_MM = 0.3;

/**
 * Every cut of some layouts in the order they are made: what the shop does, then ends squared and edges trimmed, then
 * the outer cuts before the inner ones, and of those the largest setting first, so that equal parts come from one
 * setting.
 */
export function stepsOf(layouts: readonly Cuttable[], kerfMm: number): SawStep[] {
  type Loose = Omit<SawStep, 'number' | 'same'> & { readonly order: readonly (number | string)[] };
  const groups = [...new Set(layouts.map((layout) => layout.group))];
  const loose = layouts.flatMap((layout, index): Loose[] => {
    const { tree, id, trimMm } = layout;
    const group = groups.indexOf(layout.group);
    const cuts = cutsIn(tree, [], kerfMm, trimMm).map(({ rankMm, ...one }): Loose => {
      const outer = one.path.length;
      return {
        ...one,
        id: `${id}:${one.id}`,
        layout: id,
        solid: layout.form !== 'sheet',
        order: [one.shop ? 0 : 1, group, 1 + outer, one.kind, -rankMm, index, one.at],
      };
    });
    const whole: Rect = tree;
    const bar = layout.form !== 'sheet';
    const sheetEdges = tree.kind === 'cut' && tree.shop ? 'edges' : 'edge';
    const trims = ([bar ? 'square' : sheetEdges] as const).flatMap((is): Loose[] =>
      trimMm > NOTHING_MM && tree.kind !== 'rest'
        ? [
            {
              id: `${id}:${is}`,
              layout: id,
              solid: bar,
              kind: is,
              shop: false,
              settingMm: trimMm,
              overMm: 0,
              piece: whole,
              gives: { ...whole, ...(bar ? { lengthMm: trimMm } : { widthMm: trimMm }), part: null, kind: 'trim' },
              leaves: whole,
              path: [],
              at: -1,
              order: [1, group, 0, is, 0, index, 0],
            },
          ]
        : [],
    );
    return [...trims, ...cuts];
  });
  loose.sort((a, b) => compared(a.order, b.order));
  return loose.map(({ order, ...one }, i): SawStep => {
    const before = loose[i - 1];
    const same =
      before !== undefined &&
      before.kind === one.kind &&
      before.shop === one.shop &&
      before.order[1] === order[1] &&
      Math.abs(before.settingMm - one.settingMm) < 0.05;
    return { ...one, number: i + 1, same };
  });
}

function compared(a: readonly (number | string)[], b: readonly (number | string)[]): number {
  for (let i = 0; i < a.length; i += 1) {
    if (a[i] !== b[i]) return a[i]! < b[i]! ? -1 : 1;
  }
  return 0;
}

function cutsIn(
  node: CutNode,
  path: readonly number[],
  kerfMm: number,
  trimMm: number,
): (Omit<SawStep, 'number' | 'same' | 'layout' | 'solid'> & { readonly rankMm: number })[] {
  if (node.kind !== 'cut') return [];
  const along = node.way === 'cross';
  const [from, size] = along ? (['xMm', 'lengthMm'] as const) : (['yMm', 'widthMm'] as const);
  const end = node[from] + node[size];
  const shop = node.shop === true;
  // A larger one behind a smaller waits for it: the row is cut from its reference edge on.
  let rankMm = Infinity;
  const own = node.pieces.flatMap((cutNode, at) => {
    rankMm = Math.min(rankMm, cutNode[size]);
    const overMm = shop && cutNode[from] < NOTHING_MM ? trimMm : 0;
    const behind = cutNode[from] + cutNode[size];
    const left = end - behind - kerfMm;
    if (at === node.pieces.length - 1 && end - behind <= NOTHING_MM) return [];
    const piece: Rect = { ...rectOf(node), [from]: cutNode[from], [size]: end - cutNode[from] };
    return [
      {
        id: `${path.join('.')}/${at}`,
        kind: node.way,
        shop,
        settingMm: cutNode[size] + overMm,
        overMm,
        rankMm,
        piece,
        gives: { ...rectOf(cutNode), part: cutNode.kind === 'part' ? cutNode.part : null, kind: cutNode.kind },
        leaves: left > NOTHING_MM ? { ...rectOf(node), [from]: behind + kerfMm, [size]: left } : null,
        path,
        at,
      },
    ];
  });
  // What is left over last is not cut, it is what remains.
  const cuts = node.pieces.at(-1)?.kind === 'rest' ? own.filter((one) => one.at < node.pieces.length - 1) : own;
  return [...cuts, ...node.pieces.flatMap((piece, at) => cutsIn(piece, [...path, at], kerfMm, trimMm))];
}

const rectOf = ({ xMm, yMm, lengthMm, widthMm }: Rect): Rect => ({ xMm, yMm, lengthMm, widthMm });

/** How a cut is made, in words: against fence or stop; by hand, what is marked and which side is sawn on. */
export function stepWords(step: SawStep, tools: Job['tools']): Message {
  const setting = length(step.settingMm);
  if (step.shop) return message(step.kind === 'rip' ? 'saw.shopRip' : 'saw.shopCross', { setting });
  if (step.kind === 'square') return message(tools === 'hand' ? 'saw.squareHand' : 'saw.square', { setting });
  if (step.kind === 'edge' || step.kind === 'edges') return message(`saw.${step.kind}`, { setting });
  if (step.kind === 'rip' && step.solid && tools === 'power')
    return message('saw.ripTwice', { setting, over: length(step.settingMm + OVER_MM) });
  const codes = {
    hand: { rip: 'saw.ripHand', cross: 'saw.crossHand' },
    power: { rip: 'saw.rip', cross: 'saw.cross' },
  } as const;
  return message(codes[tools][step.kind], { setting });
}

/** How many settings some cuts take: the fence or stop is moved when the next is not the same. */
export const settingsIn = (steps: readonly SawStep[]): number => steps.filter((step) => !step.same).length;
