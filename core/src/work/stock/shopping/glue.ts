import { jointOf } from '../../../design/system/system';
import { message, run } from '../../../base/message';
import { cutKinds } from '../glued';
import type { ShoppingInput } from './input';
import { packed, tinOf, type Line, type ShoppingLine } from './line';

/** Glue on a jointed edge or face, grams to the square metre. */
const GLUE_G_M2 = 180;
const GLUE_G_ML = 1.1;
/** What a few butt joints take, millilitres (assumed). */
const LEAST_GLUE_ML = 20;
/** What edge veneer stands over at its ends, to be trimmed. Millimetres. */
const VENEER_OVER_MM = 40;

/** Glue for panels, layers, housings and joints: by the surface that is glued. */
export function glueLines(line: Line, { job, plan, cutting }: ShoppingInput): ShoppingLine[] {
  const { parts, build } = plan;
  const faces = cutting.blanks.reduce((sum, { piece, lengthMm, widthMm, thicknessMm }) => {
    if (!piece || piece.number === piece.of) return sum;
    const size = { strip: lengthMm * thicknessMm, layer: lengthMm * widthMm, joined: widthMm * thicknessMm }[
      piece.kind
    ];
    return sum + size;
  }, 0);
  const housings = parts.reduce((sum, part) => {
    const joint = jointOf(part, 'housed');
    return joint ? sum + joint.atMm.length * (joint.wideMm + 2 * joint.depthMm) * part.width.mm : sum;
  }, 0);
  const nosings = parts
    .filter(({ role }) => role === 'nosing')
    .reduce((sum, { length: long, thicknessMm }) => sum + long.mm * thicknessMm, 0);
  const grams = ((faces + housings + nosings) / 1e6) * GLUE_G_M2;
  // Boards made of pieces are glued whatever holds the joints; of joints only what a step glues.
  const named = build.steps.some(({ materials }) => materials.some(({ code }) => code === 'buy.glue'));
  if (!named && faces === 0) return [];
  const need = Math.max(Math.ceil(grams / GLUE_G_ML), LEAST_GLUE_ML);
  const what = message('buy.glue');
  const sizes = packed(job.units === 'in' ? [237, 473, 946] : [250, 750], 0.03);
  return [line({ key: 'glue', kind: 'glue', what, need, unit: 'ml', sizes, packName: tinOf })];
}

/**
 * Edge veneer for the front edges of boards that are cut from sheets and have no nosing, in metres with what is trimmed
 * off.
 */
export function veneerLines(line: Line, { job, plan: { parts } }: ShoppingInput): ShoppingLine[] {
  const sheets = new Set(cutKinds(parts, job).sheets);
  const nosed = new Set(parts.flatMap(({ role, shelf }) => (role === 'nosing' ? [shelf] : [])));
  const bare = parts.filter(
    (part) => (part.role === 'board' || part.role === 'divider') && !nosed.has(part.shelf) && sheets.has(part.id),
  );
  const metres = bare.reduce((sum, { length: long }) => sum + (long.mm + VENEER_OVER_MM) / 1000, 0);
  if (metres === 0) return [];
  const need = Math.ceil(metres * 10) / 10;
  const sizes = packed(job.units === 'in' ? [7.62, 15.24] : [5, 10, 25], 1.2);
  const packName = (holds: number) => message('buy.roll', { long: run(holds * 1000) });
  return [line({ key: 'veneer', kind: 'glue', what: message('buy.veneer'), need, unit: 'm', sizes, packName })];
}
