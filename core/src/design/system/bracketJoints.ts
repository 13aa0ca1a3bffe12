import type { Uprights } from './along';
import { BRACE_BACK_MM, braceJoints, carrier, wideOf, type BracketsInput } from './bracketPieces';
import * as pieces from './pieces';
import type { Fastening } from './system';

type Input = BracketsInput;
type Shelf = Input['shelves'][number];

/** What screws of a bracket keep from its ends. */
const FROM_END_MM = 25;

/** Screws of a shelf’s brackets: into the wall, up into the board, and of their own joints. */
export function fasteningsOf(shelf: Shelf, { acrosses }: Uprights, input: Input): Fastening[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const shop = asked.made === 'shop';
  const nosing = pieces.nosingOf(asked);
  const legMm = shop ? asked.leg.mm - asked.stickThickness.mm : asked.leg.mm;
  const spots = Array.from(
    { length: asked.screws },
    (_, k) => FROM_END_MM + ((legMm - 2 * FROM_END_MM) * k) / (asked.screws - 1),
  );
  const wide = wideOf(input);
  const walls = acrosses.map((_, i): Fastening => ({
    id: `${carrier(n, i, input)}/wall`,
    shelf: n,
    through: { kind: shop ? 'piece' : 'hardware', id: carrier(n, i, input) },
    into: { kind: 'wall', wall: 'back' },
    with: 'screw',
    passMm: shop ? asked.stickThickness.mm : BOUGHT_PLATE_MM,
    spread: { kind: 'given', at: spots.map((alongMm) => ({ alongMm, acrossMm: wide / 2 })) },
    carries: carrier(n, i, input),
    // It tips about its foot: the uppermost screw is pulled.
    leverMm: (spots.at(-1) as number) - (shop ? 0 : FROM_END_MM / 2),
  }));
  // Up through the bracket's arm, and never out at the top of the board.
  const armSpots = [0.25, 0.8].map((share) => ({ alongMm: asked.arm.mm * share, acrossMm: wide / 2 }));
  const boards = acrosses.map((_, i): Fastening => {
    const id = shop ? `S${n}-bracket-arm-${i + 1}` : carrier(n, i, input);
    return {
      id: `${id}/board`,
      shelf: n,
      through: { kind: shop ? 'piece' : 'hardware', id },
      into: { kind: 'piece', id: `S${n}-board`, grain: 'side', haveMm: wish.thickness.mm - asked.notch.mm },
      with: 'screw',
      passMm: shop ? asked.stickThickness.mm : BOUGHT_PLATE_MM,
      spread: { kind: 'given', at: armSpots },
      carries: null,
      leverMm: 0,
    };
  });
  const joints = shop ? acrosses.flatMap((_, i) => bracketJoints(n, i + 1, input)) : [];
  return [
    ...walls,
    ...boards,
    ...joints,
    ...(nosing
      ? [
          pieces.nosingOn({
            shelf: n,
            ...nosing,
            boardMm: wish.thickness.mm,
            depthMm: pieces.boardDepth(input.depthOf(n), nosing).mm,
          }),
        ]
      : []),
  ];
}

const BOUGHT_PLATE_MM = 3;

/** Screws at a joint stand at least this far off the middle, clear of those into the wall. Millimetres. */
const OFF_MIDDLE_MM = 6.1;

/** Two screws at each joint of a bracket that is made, or it pivots. */
function bracketJoints(n: number, i: number, { asked }: Pick<Input, 'asked'>): Fastening[] {
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const offMm = Math.max(wide * 0.2, OFF_MIDDLE_MM);
  const joint = (from: string, to: string, alongMm: number, haveMm: number): Fastening => ({
    id: `S${n}-${from}-${i}/${to}`,
    shelf: n,
    through: { kind: 'piece', id: `S${n}-${from}-${i}` },
    into: { kind: 'piece', id: `S${n}-${to}-${i}`, grain: 'end', haveMm },
    with: 'screw',
    passMm: thick,
    spread: {
      kind: 'given',
      at: [
        { alongMm, acrossMm: wide / 2 - offMm },
        { alongMm, acrossMm: wide / 2 + offMm },
      ],
    },
    carries: null,
    leverMm: 0,
  });
  const { arm, leg } = braceJoints({ asked });
  return [
    joint('bracket-arm', 'bracket-leg', thick / 2, asked.leg.mm - thick),
    joint('bracket-arm', 'bracket-brace', asked.arm.mm - BRACE_BACK_MM - arm.fromPointMm, arm.haveMm),
    joint('bracket-leg', 'bracket-brace', BRACE_BACK_MM + leg.fromPointMm, leg.haveMm),
  ];
}
