import type { Needed } from '../../../design/fixing';
import { message, type Message } from '../../../base/message';
import type { ShoppingInput } from './input';
import { packed, packOf, type Line, type ShoppingLine } from './line';
import type { Pack } from './packs';

/** Shims are bought by the bundle; a shelf that lies on pins has four. */
const SHIMS = 24;
const PINS_A_SHELF = 4;

/** Line for screws, anchors, plugs or brackets. */
export function hardwareLine(line: Line, { what, count }: Needed): ShoppingLine {
  const { code, params } = what;
  const sized = code.startsWith('needed') && 'size' in params;
  const slug = slugOf(JSON.stringify(sized ? params.size : params));
  const name = code.replace(/^.*\./, '');
  const key = sized ? `${name}-${slug}` : `${name}${slug}`;
  return line({ key, kind: 'hardware', what, need: count, unit: 'each', sizes: packsOf(code), packName: packOf });
}

/** What steps name beside screws: shims that level what stands, pins that shelves lie on. */
export function smallLines(line: Line, { build }: ShoppingInput['plan']): ShoppingLine[] {
  const naming = (wanted: Message['code']) =>
    build.steps.filter(({ materials }) => materials.some(({ code }) => code === wanted)).length;
  const [shimmed, pinned] = [naming('buy.shims'), naming('buy.shelfPins')];
  const usual = { kind: 'hardware', unit: 'each', packName: packOf } as const;
  const shims = { ...usual, key: 'shims', what: message('buy.shims'), need: SHIMS, sizes: packed([12, 24], 0.15) };
  const need = PINS_A_SHELF * pinned;
  const pins = { ...usual, key: 'shelf-pins', what: message('buy.shelfPins'), need, sizes: packed([8, 20, 50], 0.2) };
  return [...(shimmed > 0 ? [line(shims)] : []), ...(pinned > 0 ? [line(pins)] : [])];
}

function packsOf(code: string): Pack[] {
  switch (code) {
    case 'needed.anchor':
      return packed([4, 10, 25], 0.9);
    case 'needed.plug':
      return packed([25, 100], 0.16);
    case 'needed.pin':
      return packed([500, 2500], 0.03);
    case 'needed.pocket':
      return packed([50, 100, 250], 0.2);
    case 'needed.screw':
      return packed([25, 50, 100, 200], 0.18);
    default:
      return packed([1], 4.5);
  }
}

const slugOf = (words: string) =>
  words
    .replace(/"(kind|text|params|code)":/g, '')
    .replace(/[^A-Za-z0-9.]+/g, '-')
    .replace(/^-text-|^-+|-+$/g, '');
