import { clearOf } from '../fit/outline';
import { BandMatrix } from './band';
import {
  bendingStiffness,
  membraneStiffness,
  pressureLoad,
  stressPoints,
  type Flexural,
  type Membrane,
  type StressPoint,
} from './element';
import { gridLines, type Grid } from './grid';
import type { PlateLoad, PlateModel, PlateStiffness, Rib } from './plateModel';
import { addRib, ribStress } from './rib';

/** What a plate does under one load: downwards is positive. Millimetres, newtons, N/mm². */
export interface PlateResult {
  readonly mostMm: number;
  readonly mostAt: readonly [x: number, y: number];
  /** Deflection at the nodes: `[x][y]`, by the lines of the grid. */
  readonly grid: Grid;
  readonly sagMm: readonly (readonly number[])[];
  /** The largest bending stress along x and along y, and in the ribs. */
  readonly stress: { readonly along: number; readonly across: number; readonly ribs: readonly number[] };
  /** What each rest carries, by its nodes. */
  readonly reactions: readonly {
    readonly id: string;
    readonly at: readonly [x: number, y: number];
    readonly newtons: number;
  }[];
}

/** Bending stiffness of a plate, N·mm (Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells, art. 85). */
export function flexural({ alongMpa, acrossMpa, shearMpa, poisson }: PlateStiffness, thicknessMm: number): Flexural {
  const other = (poisson * acrossMpa) / alongMpa;
  const by = thicknessMm ** 3 / 12;
  const over = 1 - poisson * other;
  return {
    x: (alongMpa * by) / over,
    y: (acrossMpa * by) / over,
    xy: (poisson * acrossMpa * by) / over,
    twist: shearMpa * by,
  };
}

function membrane({ alongMpa, acrossMpa, shearMpa, poisson }: PlateStiffness, thicknessMm: number): Membrane {
  const over = 1 - (poisson * poisson * acrossMpa) / alongMpa;
  const [x, y] = [(alongMpa * thicknessMm) / over, (acrossMpa * thicknessMm) / over];
  return { x, y, xy: poisson * y, twist: shearMpa * thicknessMm };
}

const CORNERS = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
] as const;

/**
 * Solves a plate under several loads by finite elements. Ribs lie beside its middle plane, so with them it also
 * stretches in its own plane: shelf and rib then work as one section.
 * @param across how many elements along the longer way, at the least
 * @returns null where the rests leave it free to move
 */
export function solvePlate(model: PlateModel, loads: readonly PlateLoad[], across = 16): PlateResult[] | null {
  const { thicknessMm, stiffness, rests, ribs } = model;
  const grid = gridLines(model, across);
  const { xs, ys } = grid;
  // A rib in the plate's own middle plane bends with it and stretches nothing.
  const stretched = ribs.some((rib) => rib.offsetMm !== 0);
  const per = stretched ? 5 : 3;
  const node = (i: number, j: number) => i * ys.length + j;
  const size = xs.length * ys.length * per;
  const half = (ys.length + 2) * per;
  const k = new BandMatrix(size, half);
  const [bend, stretch] = [flexural(stiffness, thicknessMm), membrane(stiffness, thicknessMm)];
  const elements = elementsOf(grid, elementKinds(bend, stretch), (i, j) => node(i, j) * per).filter(
    ({ i, j, a, b }) => !model.outline || clearOf(model.outline, [(xs[i] as number) + a, (ys[j] as number) + b]) > 0,
  );
  for (const { kind, corners } of elements) {
    addTo(k, corners, 0, 3, kind.bends);
    if (stretched) addTo(k, corners, 3, 2, kind.stretches);
  }
  for (const rib of ribs) addRib(k, rib, grid, (i, j) => node(i, j) * per, stretched);
  const free = k.copy();
  const filled = model.outline ? new Set(elements.flatMap(({ corners }) => corners)) : null;
  const used = (at: number) => !filled || filled.has(at * per);
  const held = rests.flatMap((rest) =>
    grid.on(rest).flatMap(([i, j]) => (used(node(i, j)) ? [{ id: rest.id, i, j }] : [])),
  );
  const tied = new Set(held.map(({ i, j }) => node(i, j) * per));
  for (const at of tied) k.tie(at);
  for (let at = 0; at < xs.length * ys.length; at += 1)
    if (!used(at)) for (let d = 0; d < per; d += 1) k.tie(at * per + d);
  if (stretched) for (const at of [3, 4, node(xs.length - 1, 0) * per + 4]) k.tie(at);
  const solve = k.factor();
  if (!solve) return null;
  return loads.map((load) => {
    const right = new Float64Array(size);
    for (const { kind, corners } of elements)
      for (let c = 0; c < 4; c += 1) addPush(right, corners[c] as number, kind.push, c, load.pressure);
    for (const { x, y, newtons } of load.points) {
      const at = grid.within(x, y);
      CORNERS.forEach(([di, dj], c) => addPush(right, node(at.i + di, at.j + dj) * per, at.weights, c, newtons));
    }
    const tiedRight = right.slice();
    for (const at of tied) tiedRight[at] = 0;
    if (stretched) for (const at of [3, 4, node(xs.length - 1, 0) * per + 4]) tiedRight[at] = 0;
    const moved = solve(tiedRight);
    const forces = free.times(moved);
    const counts = new Map<number, number>();
    for (const { i, j } of held) counts.set(node(i, j), (counts.get(node(i, j)) ?? 0) + 1);
    const reactions = held.map(({ id, i, j }) => {
      const at = node(i, j);
      // A node on two rests is carried by both alike.
      const newtons = ((right[at * per] as number) - (forces[at * per] as number)) / (counts.get(at) as number);
      return { id, at: [xs[i] as number, ys[j] as number] as const, newtons };
    });
    const sagMm = xs.map((_, i) => ys.map((__, j) => moved[node(i, j) * per] as number));
    return {
      ...mostOf(grid, sagMm, (i, j) => used(node(i, j))),
      grid,
      sagMm,
      reactions,
      stress: stressOf(elements, moved, { node, per, bend, stretch, thicknessMm, ribs, grid }),
    };
  });
}

interface ElementAt {
  readonly i: number;
  readonly j: number;
  /** Half its sizes, millimetres. */
  readonly a: number;
  readonly b: number;
  readonly kind: ElementKind;
  /** The first unknown of each of its corners. */
  readonly corners: readonly number[];
}

function elementsOf(
  { xs, ys }: Grid,
  kindOf: (a: number, b: number) => ElementKind,
  unknown: (i: number, j: number) => number,
): ElementAt[] {
  return xs.slice(1).flatMap((x, i) =>
    ys.slice(1).map((y, j) => {
      const [a, b] = [(x - (xs[i] as number)) / 2, (y - (ys[j] as number)) / 2];
      return { i, j, a, b, kind: kindOf(a, b), corners: CORNERS.map(([di, dj]) => unknown(i + di, j + dj)) };
    }),
  );
}

/** Adds an element's matrix over `count` unknowns of each corner, the first of them so far `past` its first. */
function addTo(
  k: BandMatrix,
  corners: readonly number[],
  past: number,
  count: number,
  values: readonly Float64Array[],
): void {
  for (let one = 0; one < 4; one += 1) {
    for (let d = 0; d < count; d += 1) {
      const [row, i] = [values[one * count + d] as Float64Array, (corners[one] as number) + past + d];
      for (let other = 0; other < 4; other += 1) {
        const j = (corners[other] as number) + past;
        for (let e = 0; e < count; e += 1) k.add(i, j + e, row[other * count + e] as number);
      }
    }
  }
}

/** What elements of one size have in common: a grid has few sizes. */
interface ElementKind {
  readonly bends: readonly Float64Array[];
  readonly stretches: readonly Float64Array[];
  readonly push: Float64Array;
  readonly points: readonly StressPoint[];
}

function elementKinds(bend: Flexural, stretch: Membrane): (a: number, b: number) => ElementKind {
  const known: { readonly a: number; readonly b: number; readonly kind: ElementKind }[] = [];
  return (a, b) => {
    const found = known.find((one) => Math.abs(one.a - a) < 1e-9 && Math.abs(one.b - b) < 1e-9);
    if (found) return found.kind;
    const kind = {
      bends: bendingStiffness(a, b, bend),
      stretches: membraneStiffness(a, b, stretch),
      push: pressureLoad(a, b),
      points: stressPoints(a, b),
    };
    known.push({ a, b, kind });
    return kind;
  };
}

/** Adds so many times what one unit of load is at a corner of an element: a force and two moments. */
function addPush(right: Float64Array, at: number, push: ArrayLike<number>, corner: number, times: number): void {
  for (let d = 0; d < 3; d += 1) right[at + d] = (right[at + d] as number) + times * (push[3 * corner + d] as number);
}

function mostOf(
  { xs, ys }: Grid,
  sagMm: readonly (readonly number[])[],
  used: (i: number, j: number) => boolean,
): Pick<PlateResult, 'mostMm' | 'mostAt'> {
  let most = { mostMm: -Infinity, mostAt: [0, 0] as readonly [number, number] };
  sagMm.forEach((row, i) =>
    row.forEach((mm, j) => {
      if (used(i, j) && mm > most.mostMm) most = { mostMm: mm, mostAt: [xs[i] as number, ys[j] as number] };
    }),
  );
  return most;
}

interface StressInput {
  readonly node: (i: number, j: number) => number;
  readonly per: number;
  readonly bend: Flexural;
  readonly stretch: Membrane;
  readonly thicknessMm: number;
  readonly ribs: readonly Rib[];
  readonly grid: Grid;
}

/** The largest stresses at the faces of the plate, at the points where elements are truest, and in the ribs. */
function stressOf(elements: readonly ElementAt[], moved: Float64Array, input: StressInput): PlateResult['stress'] {
  const { node, per, bend, stretch, thicknessMm: t, ribs, grid } = input;
  let [along, across] = [0, 0];
  const [bent, plane] = [new Float64Array(12), new Float64Array(8)];
  for (const { corners, kind } of elements) {
    for (let c = 0; c < 4; c += 1) {
      const at = corners[c] as number;
      for (let d = 0; d < 3; d += 1) bent[3 * c + d] = moved[at + d] as number;
      if (per === 5) for (let d = 0; d < 2; d += 1) plane[2 * c + d] = moved[at + 3 + d] as number;
    }
    for (const { curves, strained } of kind.points) {
      const [cx, cy] = [dot(curves[0], bent), dot(curves[1], bent)];
      const [ex, ey] = per === 5 ? [dot(strained[0], plane), dot(strained[1], plane)] : [0, 0];
      const own = { x: (stretch.x * ex + stretch.xy * ey) / t, y: (stretch.xy * ex + stretch.y * ey) / t };
      along = Math.max(along, Math.abs(own.x) + Math.abs((6 * (bend.x * cx + bend.xy * cy)) / (t * t)));
      across = Math.max(across, Math.abs(own.y) + Math.abs((6 * (bend.xy * cx + bend.y * cy)) / (t * t)));
    }
  }
  return { along, across, ribs: ribs.map((rib) => ribStress(rib, grid, (i, j) => node(i, j) * per, moved, per === 5)) };
}

function dot(one: Float64Array, other: Float64Array): number {
  let sum = 0;
  for (let k = 0; k < one.length; k += 1) sum += (one[k] as number) * (other[k] as number);
  return sum;
}
