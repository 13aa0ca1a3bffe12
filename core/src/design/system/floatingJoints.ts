import { figure, less, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import * as pieces from './pieces';
import type { Fastening, SystemInput } from './system';

type Input = SystemInput<'floating-rails'>;

/** Height of a rail: the shelf's thickness less both skins and what is shaved off. */
export function railHeight({ asked, wish }: Pick<Input, 'asked' | 'wish'>): Figure {
  const whole = figure({ label: message('term.shelfThickness'), mm: wish.thickness.mm });
  return less(less(whole, message('term.skins'), 2 * asked.skin.mm), message('term.shaved'), asked.shave.mm);
}

/** The front strip pinned to the edges of both skins; glue holds them. */
export function stripOn(n: number, { asked, wish, depthOf }: Input): Fastening[] {
  const onTop = pieces.nosingOn({
    shelf: n,
    thicknessMm: asked.frontThickness.mm,
    heightMm: wish.thickness.mm,
    boardMm: asked.skin.mm,
    depthMm: depthOf(n) - asked.frontThickness.mm,
  });
  const below: Fastening = {
    ...onTop,
    id: `S${n}-nosing/skin`,
    into: { kind: 'piece', id: `S${n}-skin`, grain: 'edge', haveMm: depthOf(n) - asked.frontThickness.mm },
    spread: { kind: 'along', acrossMm: [asked.skin.mm / 2], everyMm: 200, least: 2 },
  };
  return [onTop, below];
}

/** Screws through a skin into the back rail, which keep the shelf from being pulled off. */
export function lockTo(n: number, { asked, wish }: Input, from: 'below' | 'above' = asked.lock): Fastening {
  const skin = from === 'below' && asked.made === 'hollow' ? `S${n}-skin` : `S${n}-board`;
  const rail = railHeight({ asked, wish }).mm;
  const into = { kind: 'piece', id: `S${n}-rail-back`, grain: 'edge', haveMm: rail } as const;
  return {
    id: `${skin}/S${n}-rail-back`,
    shelf: n,
    through: { kind: 'piece', id: skin },
    into,
    with: 'screw',
    ...(from === 'below' ? { heads: 'below' } : {}),
    // What is shaved off the rail is left below it.
    passMm: asked.skin.mm + (from === 'below' ? asked.shave.mm : 0),
    spread: {
      kind: 'along', // Those from below are behind those from above.
      acrossMm: [asked.railThickness.mm * (from === 'below' ? 0.35 : 0.65)],
      everyMm: 400,
      least: 2,
    },
    carries: null,
    leverMm: 0,
  };
}
