import type { Job } from '@dormer/core/job/document';
import type { Message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { formatLength } from '@dormer/core/base/quantity';
import { lengthWords } from '@dormer/core/say/words/first';
import type { useLabel } from '../../../labels';

type Fixing = Plan['fixings'][number];
type Label = ReturnType<typeof useLabel>;

/** Joints that are drilled alike, on pieces that are alike: one sheet serves for all of them. */
export interface DrillGroup {
  readonly fixing: Fixing;
  /** The piece that is drilled; null for a bracket and for a wall. */
  readonly part: Plan['parts'][number] | null;
  /** The bracket or socket that is fixed; null for a piece and a wall. */
  readonly item: Plan['hardware'][number] | null;
  readonly labels: readonly string[];
  /** What the pieces are called, each once. */
  readonly names: readonly Message[];
}

const near = (mm: number) => Math.round(mm * 2) / 2;

/** The joints of a plan by what is drilled, alike ones together, in the order of the shelves. Pins are not drilled. */
export function drillGroups(plan: Plan): DrillGroup[] {
  const groups = new Map<string, DrillGroup>();
  for (const fixing of plan.fixings) {
    if (fixing.screw.kind === 'pin') continue;
    const alone = groupOf(fixing, plan);
    const key = alikeBy(alone);
    const known = groups.get(key);
    groups.set(key, known ? together(known, alone) : alone);
  }
  return [...groups.values()];
}

/** Makes a group of one joint. */
function groupOf(fixing: Fixing, { parts, hardware }: Plan): DrillGroup {
  const { through, label } = fixing;
  const part = through.kind === 'piece' ? (parts.find(({ id }) => id === through.id) ?? null) : null;
  const item = through.kind === 'hardware' ? (hardware.find(({ id }) => id === through.id) ?? null) : null;
  const name = part?.name ?? item?.name;
  return { fixing, part, item, labels: label ? [label] : [], names: name ? [name] : [] };
}

/** Key shared by joints that are drilled alike. */
function alikeBy({ fixing, part, item }: DrillGroup): string {
  const { through, into, shelf, screw, heads, holes } = fixing;
  const what = {
    wall: () => `${through.kind === 'wall' ? through.wall : ''}${shelf}`,
    hardware: () => JSON.stringify(item?.name),
    piece: () => `${part?.role}${near(part?.length.mm ?? 0)}`,
  }[through.kind]();
  const places = holes.map((hole) => `${near(hole.alongMm)}/${near(hole.acrossMm)}/${hole.into}`);
  return [what, screw.size, heads, into.kind === 'wall' && !item ? into.wall : into.kind, ...places].join('|');
}

/** Adds a joint to a group, without repeating labels or names. */
function together(known: DrillGroup, more: DrillGroup): DrillGroup {
  const isNew = (name: Message) => !known.names.some((other) => JSON.stringify(other) === JSON.stringify(name));
  return {
    ...known,
    labels: [...known.labels, ...more.labels.filter((label) => !known.labels.includes(label))],
    names: [...known.names, ...more.names.filter(isNew)],
  };
}

/** How many screws of which size. */
export function screwWords({ holes, screw }: Fixing, job: Job, label: Label): string {
  return label(`drill.screws.${screw.kind}`, {
    count: holes.length,
    size: screw.size.replace(/ in$/, '') + (job.units === 'in' ? ' in' : ''),
  });
}

/** A drill, as its shank says. */
export function drillWords(mm: number, { units }: Job): string {
  if (units !== 'in') return lengthWords(mm, { units: 'mm', tape: '0.5mm' });
  const parts = Math.round((mm / 25.4) * 64);
  const by = [64, 32, 16, 8, 4, 2].find((one) => parts % one === 0) ?? 1;
  return by === 64 ? formatLength(mm, { unit: 'in', withUnit: true }) : `${parts / by}/${64 / by} in`;
}

/** What to drill: through what is held, into what it bites, and how wide the head. */
export function holeWords({ sizes, plug, screw, through }: Fixing, job: Job, label: Label): string {
  if (screw.kind === 'pocket') return label('drill.pocket');
  const said = [
    ...(through.kind === 'hardware' ? [] : [label('drill.clearance', { size: drillWords(sizes.clearanceMm, job) })]),
    plug
      ? label('drill.plug', { size: drillWords(plug.drillMm, job), deep: lengthWords(plug.deepMm, job) })
      : label('drill.pilot', { size: drillWords(sizes.pilotMm, job) }),
    ...(through.kind === 'hardware'
      ? []
      : [label('drill.countersink', { size: drillWords(sizes.countersinkMm, job) })]),
  ];
  return said.join(' · ');
}
