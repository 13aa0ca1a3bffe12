import type { Thing } from '../../../job';
import { count, length, message, nested, text, type Message } from '../../../base/message';
import { doubtful, type Problem } from '../../../base/problem';
import type { Setting } from '../setting';
import type { Capacity, Contents, LeftOut, Stored } from './contentsIs';
import { pileMm, stancesOf } from './kinds';
import type { Placing } from './place';

/**
 * A placing as it is told: where each pile stands, what each shelf holds, what is left out and what would make room.
 * @param ways finds changes with which everything goes in; asked only where something is out that could stand at all
 */
export function told(
  setting: Setting,
  placing: Placing,
  topMm: number,
  widthMm: number,
  ways: () => readonly Message[],
): Contents {
  const { job, under } = setting.input;
  const { things, shelves: wish } = job;
  const surface = [setting.bottom.at.mm, ...placing.tops];
  const lengths = [...(setting.bottom.stands ? [0] : []), ...placing.tops.map((_, i) => i + 1)];
  const thingOf = (id: string) => things.find((thing) => thing.id === id) as Thing;
  const stored = surface.flatMap((upMm, shelf): Stored[] => {
    const above = placing.tops[shelf];
    const clear = (above === undefined ? topMm : above - wish.thickness.mm - under.hangsMm) - upMm;
    let fromMm = 0;
    return placing.standing
      .filter((one) => one.shelf === shelf)
      .sort((a, b) => b.stance.highMm - a.stance.highMm || a.kind.localeCompare(b.kind))
      .map((one) => {
        const from = fromMm;
        fromMm += one.runsMm;
        const need = pileMm(one.stance, one.count);
        const highMm = (one.stance.highMm / one.stance.layers) * Math.min(one.count, one.stance.layers);
        return {
          thing: one.kind,
          name: thingOf(one.kind).name,
          shelf,
          count: one.count,
          lie: one.stance.lie,
          layers: one.stance.layers,
          piles: Math.ceil(one.count / one.stance.layers),
          fromMm: from,
          runsMm: one.runsMm,
          highMm,
          upMm,
          spareMm: Math.max(clear - need, 0),
        };
      });
  });
  const capacity = lengths.map((shelf): Capacity => {
    const here = stored.filter((one) => one.shelf === shelf);
    const usedMm = here.reduce((sum, one) => sum + one.runsMm, 0);
    const kg = here.reduce((sum, one) => sum + one.count * thingOf(one.thing).weight.kg, 0);
    return { shelf, lengthMm: widthMm, usedMm, leftMm: widthMm - usedMm, kg };
  });
  const leftOut = placing.out.map((one): LeftOut => ({
    thing: one.kind,
    count: one.count,
    why: whyOut(thingOf(one.kind), setting, widthMm, topMm),
  }));
  const { cost, atLeast, proved } = placing;
  const some = placing.out.some((one) => fitsAtAll(thingOf(one.kind), setting, widthMm));
  const deeper =
    leftOut.length > 0
      ? deeperWay(
          setting,
          leftOut.map((one) => thingOf(one.thing)),
          widthMm,
        )
      : [];
  const { besideMm = 0, opening } = setting.input;
  const acrossMm = setting.inside?.across.fromMm ?? (besideMm > 0 ? opening.extent.left + besideMm : null);
  return {
    stored,
    capacity,
    acrossMm,
    leftOut,
    wayOut: leftOut.length > 0 ? [...deeper, ...(some ? ways() : [])] : [],
    worth: { cost: leftOut.length > 0 ? 0 : cost, atLeast: leftOut.length > 0 ? 0 : atLeast, proved },
  };
}

/** Why a thing has no room: it is too long, too deep or too high however it lies, or others take it up. */
function whyOut(thing: Thing, setting: Setting, widthMm: number, topMm: number): Message {
  const stances = stancesOf(thing);
  const least = (of: (one: (typeof stances)[number]) => number) => Math.min(...stances.map(of));
  if (least((stance) => stance.widthMm) > widthMm) {
    return message('out.wide', { by: length(least((stance) => stance.widthMm) - widthMm), width: length(widthMm) });
  }
  const depthMm = deepest(setting.input);
  if (least((stance) => stance.depthMm) > depthMm) {
    return message('out.deep', { by: length(least((stance) => stance.depthMm) - depthMm) });
  }
  const high = topMm - setting.bottom.at.mm;
  if (least((stance) => stance.needMm) > high)
    return message('out.high', { by: length(least((stance) => stance.needMm) - high) });
  return message('out.room');
}

/** Deeper shelves, where things that are too deep would still stand inside the opening. */
function deeperWay({ input }: Setting, out: readonly Thing[], widthMm: number): Message[] {
  const depthMm = deepest(input);
  const needed = out.flatMap((thing) => {
    const stances = stancesOf(thing).filter((stance) => stance.widthMm <= widthMm);
    const depth = Math.min(...stances.map((stance) => stance.depthMm));
    return depth > depthMm && depth <= input.opening.extent.depth ? [depth] : [];
  });
  return needed.length > 0 ? [message('wayOut.deeper', { by: length(Math.max(...needed) - depthMm) })] : [];
}

/** What has no room, as one problem with the smallest way out. */
export function leftOutProblems({ leftOut, wayOut: ways }: Contents, things: readonly Thing[]): Problem[] {
  if (leftOut.length === 0) return [];
  const [first] = leftOut;
  const name = text(things.find((thing) => thing.id === first?.thing)?.name ?? '');
  const kinds = count(leftOut.length);
  const way = nested(ways[0] ?? message('wayOut.leave'));
  const why = nested((first as LeftOut).why);
  return [
    doubtful(
      { kind: 'shelves' },
      message(leftOut.length > 1 ? 'problem.leftOutMore' : 'problem.leftOut', { count: kinds, name, why, way }),
    ),
  ];
}

/** Whether a thing could stand on a shelf here at all, however it lies. */
export function fitsAtAll(thing: Thing, { input }: Setting, widthMm: number): boolean {
  return stancesOf(thing).some((stance) => stance.widthMm <= widthMm && stance.depthMm <= deepest(input));
}

/** Depth of what things stand on in a space; 0 is the bottom boundary. Millimetres. */
export const depthAt = ({ job, depthOf }: Setting['input'], space: number): number =>
  depthOf?.(space) ?? job.shelves.depth.mm;

/** The deepest of the shelves that were asked for, and of the bottom boundary. */
function deepest(input: Setting['input']): number {
  const shelves = Math.max(input.job.shelves.count, input.job.shelves.heights.length);
  return Math.max(...Array.from({ length: shelves + 1 }, (_, space) => depthAt(input, space)));
}
