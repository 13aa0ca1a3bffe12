import { execFileSync } from 'node:child_process';
import { placeOf } from '../../road/parts';
import { piecesOf } from '../../road/pieces';
import { demoJobs } from '../../rigs/demo';
import { anyJob } from '../../rigs/anyJob';
import type { Job } from '../../job';
import type { Body } from './bodyIs';
import { near } from './apart';
import { placedOf, volumeOfSolid, type Solid } from './solid';
import type { Convex } from './convex';
import { minus, cross, dot } from './vector';

// An independent referee: solid geometry in WebAssembly says how large solids are, and whether two share space.

interface Asked {
  /** Solids as convex bodies, each the corners of its faces in order, looking outwards. */
  readonly solids: readonly (readonly (readonly (readonly (readonly number[])[])[])[])[];
  readonly pairs: readonly (readonly [number, number])[];
}

interface Told {
  readonly volumes: readonly number[];
  readonly shared: readonly number[];
}

/** The faces of a convex body with their corners anticlockwise as seen from outside. */
const facesOf = ({ faces }: Convex) =>
  faces.map(({ corners, normal }) => {
    const [a, b, c] = [corners[0]!, corners[1]!, corners[corners.length >> 1]!];
    const around = dot(cross(minus(b, a), minus(c, a)), normal) >= 0 ? corners : [...corners].reverse();
    return around.map((corner) => [...corner]);
  });

const REFEREE = `
  import Module from 'manifold-3d';
  let text = '';
  for await (const chunk of process.stdin) text += chunk;
  const { solids, pairs } = JSON.parse(text);
  const wasm = await Module();
  wasm.setup();
  const { Manifold } = wasm;
  const made = solids.map((bodies) => Manifold.union(bodies.map((faces) => Manifold.hull(faces.flat()))));
  const volumes = made.map((one) => one.volume());
  const shared = pairs.map(([a, b]) => Manifold.intersection(made[a], made[b]).volume());
  process.stdout.write(JSON.stringify({ volumes, shared }));
`;

function referee(asked: Asked): Told {
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', REFEREE], {
    input: JSON.stringify(asked),
    maxBuffer: 1 << 28,
  });
  return JSON.parse(out.toString()) as Told;
}

function bodyOf(job: Job) {
  return piecesOf(job, placeOf(job)).built;
}

/** What shares no more than this with another, in cubic millimetres over the faces that touch, is not in it. */
const TOUCHES_MM3 = 400;

describe('an independent referee agrees', () => {
  const jobs = [...demoJobs(), ...Array.from({ length: 70 }, (_, i) => anyJob(5000 + i))];
  const bodies = jobs.map((job) => ({ job, ...bodyOf(job) })).filter(({ body }) => body.pieces.length > 0);
  const solids: Solid[] = [];
  const pairs: [number, number][] = [];
  const named = new Map<string, boolean>();
  for (const { job, body, findings } of bodies) {
    const all = solidsOf(body);
    const placed = all.map(({ solid }) => placedOf(solid));
    const base = solids.length;
    solids.push(...all.map(({ solid }) => solid));
    all.forEach((one, i) => {
      all.slice(i + 1).forEach((other, n) => {
        const k = i + 1 + n;
        if (!near(placed[i]!.bounds, placed[k]!.bounds, 0)) return;
        named.set(
          `${pairs.length}`,
          findings.some(({ code, of }) => code === 'body.inOneAnother' && of.includes(one.id) && of.includes(other.id)),
        );
        pairs.push([base + i, base + k]);
      });
    });
    expect(job.id).not.toBe('');
  }
  const told = referee({
    solids: solids.map((solid) => placedOf(solid).parts.map(({ body }) => facesOf(body))),
    pairs,
  });

  test('on the volume of every solid', () => {
    expect(solids.length).toBeGreaterThan(500);
    solids.forEach((solid, i) => {
      const ours = volumeOfSolid(solid);
      expect(Math.abs(told.volumes[i]! - ours)).toBeLessThan(Math.max(ours * 1e-3, 5));
    });
  });

  test('on which of them are in one another', () => {
    expect(pairs.length).toBeGreaterThan(500);
    const wrong = pairs.flatMap(([a, b], i) => {
      const deep = told.shared[i]! > TOUCHES_MM3 + 0.3 * faceOf(solids[a]!, solids[b]!);
      return deep && !named.get(`${i}`) ? [[a, b, told.shared[i]]] : [];
    });
    expect(wrong).toEqual([]);
    // And none is named that shares nothing.
    const unfounded = pairs.filter((_, i) => named.get(`${i}`) && told.shared[i]! < 1e-3);
    expect(unfounded).toEqual([]);
  });
});

function solidsOf({ pieces, fittings }: Body) {
  return [...pieces, ...fittings.filter(({ what }) => what !== 'pin')].map(({ id, solid }) => ({ id, solid }));
}

/** The largest face two solids could touch over: that of the smaller. Square millimetres. */
function faceOf(a: Solid, b: Solid): number {
  const face = ({ lengthMm, widthMm, thicknessMm }: Solid) => lengthMm * Math.max(widthMm, thicknessMm);
  return Math.min(face(a), face(b));
}
