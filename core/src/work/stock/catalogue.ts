import type { Job, Offcut, StockForm } from '../../job';
import { choice, length, message, nested, text, type Message } from '../../base/message';
import { MATERIALS, materialOf } from '../../design/load/materials';
import { CATALOGUE_ROWS } from './catalogueRows';

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
export function catalogueOf({ stock, wood, region }: Pick<Job, 'stock' | 'region' | 'wood' | 'region'>): StockItem[] {
  const bare = [
    ...CATALOGUE_ROWS.filter((catalogueRow) => catalogueRow.region === region).flatMap((row) =>
      row.materials.flatMap((material) =>
        row.lengthsMm.map((lengthMm) => {
          const size = `${key(row.thicknessMm)}x${key(row.widthMm)}`;
          const section = `${row.form}-${material}-${size}`;
          return {
            id: `${section}-${key(lengthMm)}`,
            section,
            form: row.form,
            material,
            name: nameOf(row.nominal, row.form, material, row.thicknessMm, row.widthMm, wood.own),
            thicknessMm: row.thicknessMm,
            widthMm: row.widthMm,
            lengthMm,
            price: priceFor(row.perLitre, row.thicknessMm * row.widthMm * lengthMm),
            priceIs: 'planning' as const,
          };
        }),
      ),
    ),
    ...stock.own.map((one) => ({
      id: `own:${one.id}`,
      section: `own:${one.id}`,
      form: one.form,
      material: one.material,
      name: message('stock.own', { name: text(one.name) }),
      thicknessMm: one.thickness.mm,
      widthMm: one.width.mm,
      lengthMm: one.length.mm,
      price: one.price ?? 0,
      priceIs: 'own' as const,
    })),
  ];
  const prices = new Map(stock.prices.map((price) => [price.item, price]));
  const measured = new Map(stock.measured.map((one) => [one.item, one.thickness.mm]));
  return bare.map((one): StockItem => {
    const priced = prices.get(one.id);
    const thick = measured.get(one.section);
    return {
      ...one,
      thicknessMm: thick ?? one.thicknessMm,
      measured: thick !== undefined,
      ...(priced ? { price: priced.price, priceIs: 'shop' as const } : {}),
      left: priced?.left ?? null,
    };
  });
}

/** A size as it stands in an id: tenths of a millimetre, whole ones as they are. */
const key = (mm: number) => String(Math.round(mm * 10) / 10);

/** A planning price: to a tenth, and never nothing. */
const priceFor = (perLitre: number, cubicMm: number) => Math.max(0.5, Math.round((perLitre * cubicMm) / 1e5) / 10);

function nameOf(
  nominal: string | null,
  form: StockForm,
  material: string,
  thicknessMm: number,
  widthMm: number,
  own: Job['wood']['own'],
): Message {
  const of = materialWords(material, own);
  const said = { form: choice(form), material: nested(of) };
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
