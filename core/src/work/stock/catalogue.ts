import { perOwner } from '../../base/memory';
import type { Job, Offcut, StockForm } from '../../job';
import { choice, length, message, nested, text, type Message } from '../../base/message';
import { MATERIALS, materialOf } from '../../design/load/materials';
import { CATALOGUE_ROWS, type CatalogueRow } from './catalogueRows';

/** Something that is bought by the piece, at its real size. Millimetres. */
export interface StockItem {
  /** Its section and material: what one calls it by; every length of it has an id of its own. */
  readonly id: string;
  readonly section: string;
  readonly form: StockForm;
  readonly material: string;
  readonly name: Message;
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
  readonly price: number;
  /** Whose price it is. */
  readonly priceIs: 'planning' | 'own' | 'shop';
  /** How many the shop has; null where nobody said. */
  readonly left: number | null;
  /** The person measured how thick it really is. */
  readonly measured: boolean;
}

/** Everything of the region of a job, and the person's own, with the person's measures and prices. */
export function catalogueOf({ stock, region }: Pick<Job, 'stock' | 'region'>): StockItem[] {
  const prices = new Map(stock.prices.map((price) => [price.item, price]));
  const measured = new Map(stock.measured.map((one) => [one.item, one.thickness.mm]));
  return [...soldIn(region), ...stock.own.map(ownItem)].map((one): StockItem => {
    const [priced, thicknessMm] = [prices.get(one.id), measured.get(one.section)];
    if (!priced && thicknessMm === undefined) return one;
    return {
      ...one,
      ...(thicknessMm === undefined ? {} : { thicknessMm, measured: true }),
      ...(priced ? { price: priced.price, priceIs: 'shop', left: priced.left ?? null } : {}),
    };
  });
}

/** What nobody measured or priced yet. */
const UNTOLD = { left: null, measured: false } as const;

const catalogues = perOwner<typeof CATALOGUE_ROWS, readonly StockItem[]>(2);

/** What is sold in a region, at planning prices: worked out once, every list to buy and every saw asks for it. */
const soldIn = (region: Job['region']) => catalogues(CATALOGUE_ROWS, region, () => rowItems(region));

function rowItems(region: Job['region']): StockItem[] {
  return CATALOGUE_ROWS.filter((row) => row.region === region).flatMap((row) =>
    row.materials.flatMap((material) =>
      row.lengthsMm.map((lengthMm): StockItem => {
        const { form, thicknessMm, widthMm } = row;
        const section = `${form}-${material}-${key(thicknessMm)}x${key(widthMm)}`;
        return {
          ...UNTOLD,
          id: `${section}-${key(lengthMm)}`,
          section,
          form,
          material,
          name: nameOf(row, material),
          thicknessMm,
          widthMm,
          lengthMm,
          price: priceFor(row.perLitre, thicknessMm * widthMm * lengthMm),
          priceIs: 'planning',
        };
      }),
    ),
  );
}

/** Something the person's own shop sells. */
function ownItem({ id, name, form, material, thickness, width, length: long, price }: Job['stock']['own'][number]) {
  return {
    ...UNTOLD,
    id: `own:${id}`,
    section: `own:${id}`,
    form,
    material,
    name: message('stock.own', { name: text(name) }),
    thicknessMm: thickness.mm,
    widthMm: width.mm,
    lengthMm: long.mm,
    price: price ?? 0,
    priceIs: 'own' as const,
  };
}

/** A size as it stands in an id: tenths of a millimetre, whole ones as they are. */
const key = (mm: number) => String(Math.round(mm * 10) / 10);

/** A planning price: to a tenth, and never nothing. */
const priceFor = (perLitre: number, cubicMm: number) => Math.max(0.5, Math.round((perLitre * cubicMm) / 1e5) / 10);

function nameOf({ nominal, form, thicknessMm, widthMm }: CatalogueRow, material: string): Message {
  const said = { form: choice(form), material: nested(materialWords(material, [])) };
  if (nominal !== null) return message('stock.nominal', { ...said, nominal: text(nominal) });
  return form === 'sheet'
    ? message('stock.sheetOf', { ...said, thick: length(thicknessMm) })
    : message('stock.section', { ...said, thick: length(thicknessMm), wide: length(widthMm) });
}

/** A material as one says it in a row of words. */
export function materialWords(material: string, own: Job['wood']['own']): Message {
  if (material === 'tube') return message('stock.tube');
  return MATERIALS.some((one) => one.id === material)
    ? message(`stock.of.${material}` as 'stock.of.pine')
    : materialOf(material, own).name;
}

/** A piece of the rack as it stands among what can be cut from: it costs nothing, and there is one of it. */
export function rackItem(one: Offcut, own: Job['wood']['own']): StockItem {
  const { id, form, material, thicknessMm, widthMm, lengthMm, note } = one;
  const of = materialWords(material, own);
  return {
    id: `rack:${id}`,
    section: `rack:${id}`,
    form,
    material,
    name: message('stock.offcut', { material: nested(of), note: text(note) }),
    thicknessMm,
    widthMm,
    lengthMm,
    price: 0,
    priceIs: 'own',
    left: 1,
    measured: true,
  };
}
