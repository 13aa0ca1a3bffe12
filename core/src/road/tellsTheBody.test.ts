import type { Fixing, Hole } from '../design/fixing';
import type { BodyScrew, Solid } from '../design/body';
import { planJob, type Plan } from '../plan';
import { anyBays } from '../rigs/anyBays';
import { anyJob } from '../rigs/anyJob';
import { tripsFor } from '../work/steps/trips';
import type { Job } from '../job';

const from = (first: number, count: number) => Array.from({ length: count }, (_, i) => first + i);

const planned = [...from(5001, 90).map(anyJob), ...from(601, 30).map(anyBays)]
  .map((job): { job: Job; plan: Plan } => ({ job, plan: planJob(job) }))
  .filter(({ plan }) => plan.parts.length > 0);

interface Driven {
  readonly name: string;
  readonly fixing: Fixing;
  readonly hole: Hole;
  readonly screw: BodyScrew;
  readonly plan: Plan;
}

/** Every screw of a plan's body beside the hole that is told for it. */
const driven = planned.flatMap(({ job, plan }): Driven[] =>
  plan.fixings.flatMap((fixing) => {
    const screws = plan.body.screws.filter((screw) => screw.fixing === fixing.id);
    return fixing.holes.flatMap((hole, i) => {
      const [screw, name] = [screws[i], `${job.id} ${fixing.id} ${i}`];
      return screw ? [{ name, fixing, hole, screw, plan }] : [];
    });
  }),
);

test('enough is built to say something', () => {
  expect(planned.length).toBeGreaterThan(60);
  expect(driven.length).toBeGreaterThan(1500);
});

describe('screws into walls', () => {
  const atWalls = driven.filter(({ fixing, hole }) => fixing.into.kind === 'wall' && hole.spot);

  test('they enter the wall where that is marked: along it and above the floor mark', () => {
    expect(atWalls.length).toBeGreaterThan(400);
    const off = atWalls.flatMap(({ name, plan, fixing, hole, screw: { head, along, way } }) => {
      const inWall = way.find((stage) => stage.in.kind !== 'piece' && stage.in.kind !== 'fitting');
      const entry = head.map((mm, k) => mm + (along[k] as number) * (inWall?.fromMm ?? 0));
      const onBack = fixing.into.kind === 'wall' && fixing.into.wall === 'back';
      const acrossMm = onBack ? (entry[0] as number) - plan.opening.extent.left : (entry[1] as number);
      const by = Math.max(Math.abs(acrossMm - hole.spot!.alongMm), Math.abs((entry[2] as number) - hole.spot!.upMm));
      return by > 2 ? [`${name}: ${by.toFixed(1)}`] : [];
    });
    expect(off).toEqual([]);
  });
});

/** Whether both ends are square and the face is a rectangle: then holes are told from its corner. */
const isRectangle = ({ outline, ends }: Solid): boolean =>
  !outline && [ends.start, ends.finish].every((end) => end.acrossSlope === 0 && end.throughSlope === 0);

describe('holes through pieces', () => {
  const through = driven.flatMap((one) => {
    const { through: by, screw } = one.fixing;
    const piece = by.kind === 'piece' && one.plan.body.pieces.find(({ id }) => id === by.id);
    // The mouth of a pocket is where the jig puts it: its screw sits deeper.
    return piece && screw.kind !== 'pocket' && isRectangle(piece.solid) ? [{ ...one, solid: piece.solid }] : [];
  });

  test('they are where the drilling list says: along the piece from its end, across it from an edge', () => {
    expect(through.length).toBeGreaterThan(800);
    const off = through.flatMap(({ name, hole, screw: { head }, solid }) => {
      const { frame, widthMm, thicknessMm } = solid;
      const [along, across, deep] = [frame.along, frame.across, frame.through].map((axis) =>
        axis.reduce((sum, share, k) => sum + share * ((head[k] as number) - (frame.origin[k] as number)), 0),
      ) as [number, number, number];
      const edges = [across, widthMm - across, deep, thicknessMm - deep];
      const byMm = Math.max(
        Math.abs(along - hole.alongMm),
        Math.min(...edges.map((mm) => Math.abs(mm - hole.acrossMm))),
      );
      return byMm > 0.6 ? [`${name}: ${byMm.toFixed(1)}`] : [];
    });
    expect(off).toEqual([]);
  });
});

describe('what is taken along on all trips together', () => {
  const packed = planned
    .slice(0, 60)
    .map(({ job, plan }) => ({ job, plan, ...tripsFor({ build: job.build, plan, nowMs: 0, nodes: 40 }) }));

  test('every piece, and every tool of every step', () => {
    for (const { plan, trips } of packed) {
      const pieces = new Set(trips.flatMap(({ packing }) => packing.parts.map(({ id }) => id)));
      expect(plan.parts.filter(({ id }) => !pieces.has(id)).map(({ id }) => id)).toEqual([]);
      for (const { steps, packing } of trips) {
        const tools = packing.tools.map((tool) => JSON.stringify(tool));
        const ours = plan.build.steps.filter(({ id }) => steps.some(({ step }) => step === id));
        const wanted = ours.flatMap((step) => step.tools).map((tool) => JSON.stringify(tool));
        expect(tools).toEqual(expect.arrayContaining(wanted));
      }
    }
  });

  test('as many screws, plugs, anchors, pins and brackets as are bought', () => {
    const faults = packed.flatMap(({ job, plan, trips }) => {
      const sums = new Map<string, number>();
      for (const { what, count } of trips.flatMap(({ packing }) => packing.needed))
        sums.set(JSON.stringify(what), (sums.get(JSON.stringify(what)) ?? 0) + count);
      const bought = new Map(plan.needed.map(({ what, count }) => [JSON.stringify(what), count]));
      return [...new Set([...sums.keys(), ...bought.keys()])]
        .filter((what) => sums.get(what) !== bought.get(what))
        .map((what) => `${job.id}: ${what}`);
    });
    expect(packed.flatMap(({ plan }) => plan.needed).length).toBeGreaterThan(60);
    expect(faults).toEqual([]);
  });
});
