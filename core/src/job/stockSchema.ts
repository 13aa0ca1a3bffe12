import { z } from 'zod';
import { LONGEST_MM } from '../base/quantity';
import { anyLength, id, positiveLength } from './fieldSchema';
import { COATS, LIMITS, STOCK_FORMS } from './limits';

const money = z.number().min(0).max(1_000_000);
const itemId = z.string().regex(/^[A-Za-z0-9_.:-]{1,80}$/);
const mm = z.number().min(0).max(LONGEST_MM);
const name = z.string().trim().min(1).max(LIMITS.name);

/** Something a person can buy that the catalogue does not have. */
const ownStock = z.strictObject({
  id: itemId,
  name,
  form: z.enum(STOCK_FORMS),
  material: id.describe('What it is made of'),
  thickness: positiveLength.describe('Its real thickness'),
  width: positiveLength.describe('Its real width; of a sheet the shorter side'),
  length: positiveLength,
  price: money.optional(),
  source: name.optional().describe('Where it is had'),
});

/** Coats in the order they are put on. */
const coatList = z.array(z.enum(COATS)).max(LIMITS.coats);

/** A piece of wood by its size. */
const wood = {
  id,
  item: itemId.optional().describe('What it was cut from, by the catalogue'),
  material: id,
  form: z.enum(STOCK_FORMS),
  thicknessMm: mm,
  widthMm: mm,
  lengthMm: mm,
};

/** What was left of a job’s boards: on the rack, for any job to use. */
export const offcutSchema = z.strictObject({
  ...wood,
  note: z.string().max(LIMITS.name).describe('What it is from'),
});

export type Offcut = z.infer<typeof offcutSchema>;

export interface SawNode {
  kind: 'part' | 'rest' | 'cut';
  xMm: number;
  yMm: number;
  lengthMm: number;
  widthMm: number;
  part?: string | undefined;
  turned?: boolean | undefined;
  way?: 'rip' | 'cross' | undefined;
  shop?: true | undefined;
  pieces?: SawNode[] | undefined;
}

const node: z.ZodType<SawNode> = z.strictObject({
  kind: z.enum(['part', 'rest', 'cut']),
  xMm: mm,
  yMm: mm,
  lengthMm: mm,
  widthMm: mm,
  part: z.string().max(120).optional(),
  turned: z.boolean().optional(),
  way: z.enum(['rip', 'cross']).optional(),
  shop: z.literal(true).optional(),
  get pieces() {
    return z.array(node).max(600).optional();
  },
});

/** A layout as it is being cut. */
const sawLayout = z.strictObject({
  ...wood,
  id: itemId,
  from: z.enum(['shop', 'rack', 'bench']).describe('Bought for this, from the rack, or what is left on the bench'),
  rack: id.optional().describe('Which piece of the rack it is'),
  group: z.string().max(200),
  trimMm: mm,
  tree: node,
});

/** What is bought, how it is cut, what is cut already. */
export const stockSchema = z.strictObject({
  currency: z.string().trim().min(1).max(4),
  kerf: positiveLength.describe('What the saw takes'),
  squaring: anyLength.describe('What is cut off the first end of a board to have it square'),
  edges: anyLength.describe('What is cut off every edge of a sheet as it comes'),
  keep: positiveLength.describe('What is left over and shorter than this is waste'),
  carry: z
    .strictObject({ length: positiveLength, width: positiveLength })
    .optional()
    .describe('The largest piece that fits into the car and up the stairs'),
  own: z.array(ownStock).max(LIMITS.ownStock),
  measured: z
    .array(z.strictObject({ item: itemId, thickness: positiveLength }))
    .max(LIMITS.measured)
    .describe('Real thicknesses the person measured'),
  prices: z
    .array(
      z.strictObject({
        item: z.string().min(1).max(120),
        price: money,
        left: z.int().min(0).max(1_000_000).optional().describe('How many the shop has'),
      }),
    )
    .max(LIMITS.prices)
    .describe('What things cost where they are bought'),
  priced: name.optional().describe('Whose prices they are'),
  leave: z.array(itemId).max(LIMITS.prices).describe('What is not to be bought, though it would do'),
  have: z
    .array(z.strictObject({ what: z.string().min(1).max(160), count: z.number().min(0).max(100_000) }))
    .max(LIMITS.prices)
    .describe('What there is already'),
  ticked: z.array(z.string().min(1).max(160)).max(LIMITS.prices).describe('What is in the basket'),
  useRack: z.boolean().describe('Whether what is on the rack is used first'),
  coats: coatList.describe('What pieces are finished with, coat by coat; bare wood where empty'),
  lotCoats: z
    .strictObject({
      shelves: coatList.optional(),
      case: coatList.optional(),
      strips: coatList.optional(),
      trim: coatList.optional(),
      wall: z
        .array(z.enum(['primer', 'paint']))
        .max(LIMITS.coats)
        .optional(),
    })
    .optional()
    .describe('Coats of single lots where they differ, and of the walls'),
  cut: z
    .array(z.strictObject({ blank: z.string().max(120), thicknessMm: mm, widthMm: mm, lengthMm: mm }))
    .max(LIMITS.cuts)
    .describe('Pieces that are cut, by what they are of and the size they were cut to'),
  saw: z
    .strictObject({
      layouts: z.array(sawLayout).max(LIMITS.layouts),
      done: z.array(z.string().max(120)).max(LIMITS.cuts).describe('Cuts that are made, by layout and number'),
      made: z.array(z.string().max(120)).max(LIMITS.cuts).describe('Pieces cut before the rest was planned anew'),
      wrong: z
        .array(z.strictObject({ part: z.string().max(120), lengthMm: mm, widthMm: mm }))
        .max(LIMITS.cuts)
        .describe('Pieces that were cut wrong, by what they measure'),
    })
    .optional()
    .describe('Cutting that has begun: how, and how far'),
});
