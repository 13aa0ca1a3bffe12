import { figure, less, type Figure } from '../../base/figure';
import { count, message } from '../../base/message';
import type { Band } from '../../place/opening';
import { alongRun } from './along';
import { frameOf, joistLength, underPost, type BenchInput, type BenchShelf, type Frame } from './benchFrame';
import * as pieces from './pieces';
import type { Across, PartSpec } from './system';

/** All pieces of a bench: its top and edge, cleat, rail, joists, posts. */
export function benchParts(shelf: BenchShelf, input: BenchInput): PartSpec[] {
  const frame = frameOf(shelf, input);
  return [...topOf(shelf, input), ...sticksOf(shelf, frame, input), ...postsOf(shelf, frame, input)];
}

/** The top and the strip along its front edge. */
function topOf(shelf: BenchShelf, input: BenchInput): PartSpec[] {
  const { asked, wish, opening } = input;
  const walled = opening.surfaces.includes('left') && opening.surfaces.includes('right');
  const { rule, across } = alongRun(opening, walled);
  return pieces
    .boardAndNosing({
      shelf,
      thicknessMm: wish.thickness.mm,
      depthMm: input.depthOf(shelf.number),
      nosing: { thicknessMm: asked.edgeThickness.mm, heightMm: wish.thickness.mm },
      ...(rule ? { length: rule } : {}),
    })
    .map((part): PartSpec => ({
      ...part,
      ...(across ? { across } : {}),
      name: message(part.role === 'board' ? 'part.benchTop' : 'part.edgeStrip'),
    }));
}

interface Stick {
  readonly id: string;
  readonly role: PartSpec['role'];
  readonly name: PartSpec['name'];
  readonly label: string;
  readonly out: Pick<Band, 'outFrom' | 'outTo'>;
  readonly across: Across;
  readonly long: Figure;
}

/** Cleat, rail and joists. */
function sticksOf({ number: n }: BenchShelf, frame: Frame, input: BenchInput): PartSpec[] {
  const { asked } = input;
  const { depthMm, across } = frame;
  const [thick, high] = [asked.frameThickness.mm, asked.frameHeight.mm];
  const up = { upFrom: frame.underMm - high, upTo: frame.underMm };
  const width = figure({ label: message('term.frameHeight'), mm: high });
  const inner = { fromMm: across.fromMm + thick, toMm: across.toMm - thick };
  const whole = figure({ label: message('term.frameLength'), mm: across.toMm - across.fromMm });
  const railLong = less(whole, message('term.bothEndJoists'), 2 * thick);
  const joistLong = joistLength(input, depthMm);
  const endLong = figure({ label: message('term.frameDepth'), mm: depthMm });
  const all = { outFrom: 0, outTo: depthMm };
  const sticks: Stick[] = [
    {
      id: 'back-cleat',
      role: 'back-cleat',
      name: message('part.wallCleat'),
      label: 'B',
      out: { outFrom: 0, outTo: thick },
      across: inner,
      long: railLong,
    },
    {
      id: 'rail-front',
      role: 'rail-front',
      name: message('part.frontRail'),
      label: 'R',
      out: { outFrom: depthMm - thick, outTo: depthMm },
      across: inner,
      long: railLong,
    },
    ...frame.joists.map((x, i): Stick => ({
      id: `joist-${i + 1}`,
      role: 'joist',
      name: message('part.joist'),
      label: `J${i + 1}`,
      out: { outFrom: thick, outTo: depthMm - thick },
      across: { fromMm: x - thick / 2, toMm: x + thick / 2 },
      long: joistLong,
    })),
    {
      id: 'joist-left',
      role: 'joist',
      name: message('part.endJoist.left'),
      label: 'JL',
      out: all,
      across: { fromMm: across.fromMm, toMm: inner.fromMm },
      long: endLong,
    },
    {
      id: 'joist-right',
      role: 'joist',
      name: message('part.endJoist.right'),
      label: 'JR',
      out: all,
      across: { fromMm: inner.toMm, toMm: across.toMm },
      long: endLong,
    },
  ];
  return sticks.map((stick): PartSpec => ({
    shelf: n,
    id: `S${n}-${stick.id}`,
    role: stick.role,
    name: stick.name,
    label: `${n}${stick.label}`,
    thicknessMm: thick,
    width,
    place: { ...up, ...stick.out },
    across: stick.across,
    length: { kind: 'given', figure: stick.long, rounded: 'down' },
  }));
}

/** Posts under the rail, each cut to the floor below, or to the top of the bench below. */
function postsOf(shelf: BenchShelf, frame: Frame, input: BenchInput): PartSpec[] {
  const { number: n } = shelf;
  const { asked } = input;
  const [post, high] = [asked.post.mm, asked.frameHeight.mm];
  const under = less(
    figure({ label: message('term.undersideOf'), mm: frame.underMm }),
    message('term.frameHeight'),
    high,
  );
  return frame.posts.map((x, i): PartSpec => {
    const floor = underPost(input, shelf, { across: x, out: frame.depthMm - post / 2 });
    return {
      shelf: n,
      id: `S${n}-post-${i + 1}`,
      role: 'post',
      name: message('part.post', { count: count(i + 1) }),
      label: `${n}P${i + 1}`,
      thicknessMm: post,
      width: figure({ label: message('term.postWidth'), mm: post }),
      place: {
        upFrom: floor.mm,
        upTo: frame.underMm - high,
        outFrom: frame.depthMm - post,
        outTo: frame.depthMm,
      },
      across: { fromMm: x - post / 2, toMm: x + post / 2 },
      upright: true,
      length: {
        kind: 'given',
        figure: less(under, floor.terms[0]?.label ?? message('term.floorThere'), floor.mm),
        rounded: 'down',
      },
    };
  });
}
