import { pileMm, runningMm, type Kind, type Stance } from './kinds';
import { effortAt, effortsOver } from './reach';
import { HEADROOM, Settler, type Ground, type Load } from './settle';

/** What one thing left out counts: more than any trouble with one that is in. */
export const OUT = 1e8;
// Trying one space otherwise is so much of the work of laying all shelves.
const TRIED = 0.1;
const CLOSE = 1e-6;
const OUT_USE = { daily: 1.2, weekly: 1.1, rarely: 1 } as const;

/**
 * Which things stand where: for each kind its way to stand, and how many in each space. Plain, to be kept and compared.
 */
export interface Filled {
  readonly stance: readonly number[];
  readonly counts: readonly (readonly number[])[];
}

/**
 * Things in the spaces of a number of shelves, kept so that a change asks for the spaces it touches only. Space 0 is
 * that on the bottom boundary, space i that on shelf i.
 */
export class Filling {
  readonly spaces: number;
  readonly stance: Int32Array;
  readonly counts: Int32Array[];
  private readonly efforts: Float64Array[];
  private readonly floorEffort: Float64Array;
  private readonly settler: Settler;
  private readonly uneven: boolean;
  private readonly needMm: Float64Array;
  private readonly usedMm: Float64Array;
  private readonly share: Float64Array;
  /** What the room things need themselves takes off the headroom of their space. */
  private readonly own: Float64Array;
  private readonly effort: (Float64Array | null)[];
  private readonly mixed: Float64Array[];
  private readonly scratch: Float64Array;
  /** The lowest space that changed since shelves were last laid, the highest since single changes were prepared for. */
  private lowest = 0;
  private highest = 0;
  private fixedNow = 0;
  private askedNow = 0;
  /** How much was asked of it so far: layings of all shelves, or their like. */
  asked = 0;

  constructor(
    readonly ground: Ground,
    readonly kinds: readonly Kind[],
    readonly widthMm: number,
  ) {
    this.spaces = ground.count + 1;
    this.highest = ground.count;
    this.settler = new Settler(ground);
    this.uneven = new Set(ground.depthsMm ?? []).size > 1;
    this.stance = new Int32Array(kinds.length);
    this.counts = kinds.map(() => new Int32Array(this.spaces));
    this.efforts = kinds.map(({ fetched }) => effortsOver(ground.tops, fetched));
    this.floorEffort = Float64Array.from(kinds, ({ fetched }) => effortAt(ground.bottomMm, ground.bottomMm, fetched));
    this.needMm = new Float64Array(this.spaces);
    this.usedMm = new Float64Array(this.spaces);
    this.share = new Float64Array(this.spaces);
    this.own = new Float64Array(this.spaces);
    this.effort = Array.from({ length: this.spaces }, () => null);
    this.scratch = new Float64Array(ground.tops.length);
    this.mixed = Array.from({ length: this.spaces }, () => new Float64Array(ground.tops.length));
  }

  stanceOf(kind: number): Stance | undefined {
    return this.kinds[kind]?.stances[this.stance[kind] as number];
  }

  countIn(kind: number, space: number): number {
    return (this.counts[kind] as Int32Array)[space] as number;
  }

  /** How many of a kind stand nowhere. */
  outOf(kind: number): number {
    return (this.kinds[kind] as Kind).count - (this.counts[kind] as Int32Array).reduce((sum, one) => sum + one, 0);
  }

  /** How many of a kind that has none there the running length of a space takes, standing in a way. */
  room({ layers, widthMm, depthMm }: Stance, space: number): number {
    if ((space === 0 && !this.ground.stands) || depthMm > this.depthAt(space)) return 0;
    return Math.max(Math.floor((this.widthMm - (this.usedMm[space] as number) + CLOSE) / widthMm) * layers, 0);
  }

  depthAt(space: number): number {
    return this.ground.depthsMm?.[space] ?? Infinity;
  }

  /** Whether something stands where it is deeper than its shelf; never where all shelves are as deep as one another. */
  private standsOver(): boolean {
    if (!this.uneven) return false;
    return this.kinds.some((_, kind) => {
      const deep = this.stanceOf(kind)?.depthMm ?? 0;
      return (this.counts[kind] as Int32Array).some((count, space) => count > 0 && deep > this.depthAt(space));
    });
  }

  put(kind: number, space: number, count: number): void {
    (this.counts[kind] as Int32Array)[space] = count;
    this.refresh(space);
  }

  /** What stands in one space goes to another; what is between them moves on by one. */
  shift(from: number, to: number): void {
    const step = from < to ? 1 : -1;
    for (let at = from; at !== to; at += step) this.swap(at, at + step);
  }

  /** What stands in two spaces changes places. */
  swap(one: number, other: number): void {
    if (one === other) return;
    for (const counts of this.counts) [counts[one], counts[other]] = [counts[other] as number, counts[one] as number];
    if (one === 0 || other === 0) {
      this.refresh(one);
      this.refresh(other);
      return;
    }
    for (const figures of [this.needMm, this.usedMm, this.share, this.own])
      [figures[one], figures[other]] = [figures[other] as number, figures[one] as number];
    [this.effort[one], this.effort[other]] = [this.effort[other] ?? null, this.effort[one] ?? null];
    [this.mixed[one], this.mixed[other]] = [this.mixed[other] as Float64Array, this.mixed[one] as Float64Array];
    this.lowest = Math.min(this.lowest, one, other);
    this.highest = Math.max(this.highest, one, other);
  }

  /** Has a kind stand another way wherever it stands. */
  turn(kind: number, stance: number): void {
    this.stance[kind] = stance;
    for (let space = 0; space < this.spaces; space += 1) if (this.countIn(kind, space) > 0) this.refresh(space);
  }

  filled(): Filled {
    return { stance: [...this.stance], counts: this.counts.map((count) => [...count]) };
  }

  fill({ stance, counts }: Filled): void {
    const changed = new Set<number>();
    counts.forEach((count, kind) => {
      const before = this.counts[kind] as Int32Array;
      const turned = this.stance[kind] !== stance[kind];
      count.forEach((here, space) => {
        if (here !== before[space] || (turned && here > 0)) changed.add(space);
      });
      before.set(count);
    });
    this.stance.set(stance);
    changed.forEach((space) => this.refresh(space));
  }

  /** What it all costs with the shelves as well laid as can be; Infinity where it does not go in. */
  cost(): number {
    const inside = this.laidCost();
    return inside === Infinity ? Infinity : inside + this.outCost();
  }

  /** The same without what is left out. */
  laidCost(): number {
    if (
      this.roomAsked() > this.heightMm() ||
      this.usedMm.some((one) => one > this.widthMm + CLOSE) ||
      this.standsOver()
    )
      return Infinity;
    const { count } = this.ground;
    const lowest = Math.min(this.lowest, count);
    this.asked += (count + 1 - lowest) / (count + 1);
    this.lowest = this.spaces;
    return this.settler.settle(this.load(), lowest);
  }

  /** Works out what single changes are tried against. @returns what it all costs now */
  prepare(): number {
    const cost = this.cost();
    if (cost < Infinity && this.highest >= 0) {
      this.settler.prepare(this.load(), this.highest);
      this.asked += this.highest / this.spaces;
      this.highest = -1;
    }
    this.fixedNow = this.fixed();
    this.askedNow = this.roomAsked();
    return cost;
  }

  /**
   * What it would all cost, but for what is left out, with more of a kind in a space that has none of it; after
   * `prepare`.
   */
  tried(kind: number, stance: Stance, space: number, count: number): number {
    const { count: all, stances } = this.kinds[kind] as Kind;
    if (stances.length === 0) return Infinity;
    const runs = runningMm(stance, count);
    const high = pileMm(stance, count);
    const need = Math.max(this.needMm[space] as number, high);
    if (this.askedNow + this.spaceMm(space, need) - this.spaceMm(space, this.needMm[space] as number) > this.heightMm())
      return Infinity;
    this.asked += TRIED;
    const part = count / all;
    const scratch = this.scratch;
    if (space > 0) {
      const effort = this.efforts[kind] as Float64Array;
      const there = this.effort[space];
      if (there)
        for (let j = 0; j < scratch.length; j += 1) scratch[j] = (there[j] as number) + part * (effort[j] as number);
      else for (let j = 0; j < scratch.length; j += 1) scratch[j] = part * (effort[j] as number);
    }
    const own = (runs / this.widthMm) * high;
    const fixed = this.fixedNow - HEADROOM * own + (space === 0 ? part * (this.floorEffort[kind] as number) : 0);
    return this.settler.tried({
      space,
      needMm: need,
      share: ((this.usedMm[space] as number) + runs) / this.widthMm,
      effort: space > 0 ? scratch : null,
      fixed,
    });
  }

  private load(): Load {
    return { needMm: this.needMm, share: this.share, effort: this.effort, fixed: this.fixed() };
  }

  /** What does not hang on heights. */
  private fixed(): number {
    let fixed = 0;
    for (let space = 0; space < this.spaces; space += 1) fixed -= HEADROOM * (this.own[space] as number);
    for (let kind = 0; kind < this.kinds.length; kind += 1) {
      const here = this.countIn(kind, 0);
      if (here > 0) fixed += ((this.floorEffort[kind] as number) * here) / (this.kinds[kind] as Kind).count;
    }
    return fixed;
  }

  /** Height all spaces and boards ask for together. */
  private roomAsked(): number {
    let high = this.ground.count * this.ground.thicknessMm;
    for (let space = 0; space < this.spaces; space += 1) high += this.spaceMm(space, this.needMm[space] as number);
    return high;
  }

  private heightMm(): number {
    return this.ground.topMm - this.ground.bottomMm + CLOSE;
  }

  /** Height a space asks for with what stands in it. */
  private spaceMm(space: number, need: number): number {
    const { hangsMm, leastGapMm, stands, count } = this.ground;
    if (space === 0 && !stands) return 0;
    const hangs = space < count ? hangsMm : 0;
    if (space === 0 && need === 0) return hangs;
    return Math.max(need > 0 ? need + hangs : 0, leastGapMm);
  }

  /** What it counts to leave out so many of a kind. */
  outCostOf(kind: number, out: number): number {
    return out * OUT * OUT_USE[(this.kinds[kind] as Kind).fetched.often];
  }

  private outCost(): number {
    let sum = 0;
    for (let kind = 0; kind < this.kinds.length; kind += 1) sum += this.outCostOf(kind, this.outOf(kind));
    return sum;
  }

  /** The tops of the shelves as `cost` laid them last. */
  tops(): number[] {
    return this.settler.tops();
  }

  private refresh(space: number): void {
    this.lowest = Math.min(this.lowest, space);
    this.highest = Math.max(this.highest, space);
    let [need, used, own, kinds] = [0, 0, 0, 0];
    const mixed = this.mixed[space] as Float64Array;
    for (let kind = 0; kind < this.kinds.length; kind += 1) {
      const here = this.countIn(kind, space);
      const stance = here > 0 ? this.stanceOf(kind) : undefined;
      if (!stance) continue;
      const runs = runningMm(stance, here);
      const high = pileMm(stance, here);
      need = Math.max(need, high);
      used += runs;
      own += (runs / this.widthMm) * high;
      if (space > 0) {
        const part = here / (this.kinds[kind] as Kind).count;
        const effort = this.efforts[kind] as Float64Array;
        if (kinds === 0) for (let j = 0; j < mixed.length; j += 1) mixed[j] = part * (effort[j] as number);
        else for (let j = 0; j < mixed.length; j += 1) mixed[j] = (mixed[j] as number) + part * (effort[j] as number);
      }
      kinds += 1;
    }
    this.needMm[space] = need;
    this.usedMm[space] = used;
    this.share[space] = used / this.widthMm;
    this.own[space] = own;
    this.effort[space] = kinds > 0 ? mixed : null;
  }
}
