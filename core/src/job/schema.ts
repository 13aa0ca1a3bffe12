import { z } from 'zod';
import { JOB_UNITS, LONGEST_MM, TAPES } from '../base/quantity';
import { shelvesOfAll } from './shelvesWanted';
import { anyLength, id, positiveLength } from './fieldSchema';
import {
  BACK_STYLES,
  BOX_BACKS,
  BOX_CORNERS,
  CORNER_SHAPES,
  END_STYLES,
  ENDS,
  type GARMENTS,
  HABITS,
  INSTRUMENTS,
  JOB_FORMAT,
  JOB_VERSION,
  LEVEL_CARRIED,
  LIMITS,
  type MISTAKES,
  type PHOTO_TYPES,
  REGIONS,
  type SIDES,
  type SKIP_REASONS,
  SPOTS_OUT,
  type STEP_PLACES,
  type STOCK_FORMS,
  type SURFACES,
  type WAITS,
  type WALL_KINDS,
} from './limits';
import { placeSchema } from './placeSchema';
import { readingSchema } from './readingSchema';
import { shelvesSchema } from './shelvesSchema';
import { baysSchema } from './baysSchema';
import { furtherSchema } from './furtherSchema';
import { fixingSchema, loadSchema, supportSchema, toolsSchema, woodSchema } from './supportSchema';
import { stockSchema } from './stockSchema';
import { buildSchema } from './buildSchema';
import { learnedSchema, logSchema } from './logSchema';
import { peopleSchema, pinsSchema, thingsSchema, tiltedSchema } from './storedSchema';

const ends = z.enum(END_STYLES);
const back = z.enum(BACK_STYLES);
const wantedOdds = z.number().min(50).max(99.9);

const fit = z.strictObject({
  habit: z.enum(HABITS).describe('How boards are fitted, unless said otherwise for one'),
  odds: wantedOdds.describe('How surely a board is to go in, percent'),
  play: anyLength.describe('What a loose board is cut short by, both ends together'),
  ends: ends.optional().describe('The end style of every board; what suits each when left away'),
  back: back.optional().describe('The back edge of every board; what suits each when left away'),
  boards: z
    .array(
      z.strictObject({
        shelf: z.int().min(1).max(LIMITS.shelves),
        habit: z.enum(HABITS).optional(),
        odds: wantedOdds.optional(),
        ends: ends.optional(),
        back: back.optional(),
      }),
    )
    .max(LIMITS.shelves)
    .describe('What is wanted otherwise for single shelves'),
});

const corner = z.strictObject({
  shape: z.enum(CORNER_SHAPES),
  side: positiveLength.describe('Along the side wall; along the back it is the shelf depth'),
  arm: positiveLength.describe('Depth of an L’s arms; of a clipped shelf what is left square at each wall'),
});

/** What a board did at one spot when it was tried. */
export const trialSchema = z.strictObject({
  id,
  shelf: z.int().min(1).max(LIMITS.shelves),
  end: z.enum(ENDS),
  at: z.enum(SPOTS_OUT).describe('Where along the end'),
  kind: z.enum(['gap', 'tight']).describe('A gap is seen there, or it binds there'),
  verdict: z.literal('kept').optional().describe('The person confirmed a note that contradicts the readings'),
  value: anyLength.describe('The gap; or how far the board still stands up off its supports where it binds'),
  cut: z
    .strictObject({
      up: z.number().min(0).max(LONGEST_MM),
      thickness: z.number().positive().max(LONGEST_MM),
      depth: z.number().positive().max(LONGEST_MM),
      back: z.number().positive().max(LONGEST_MM),
      left: z.number().min(-LONGEST_MM).max(LONGEST_MM),
      right: z.number().min(-LONGEST_MM).max(LONGEST_MM),
    })
    .describe(
      'The board as it was cut: its top’s height, its section, its back edge, ' +
        'how far each end runs out at the front; millimetres',
    ),
});

const box = z.strictObject({
  odds: z.number().min(50).max(99.9).describe('How surely the box is to go in, percent'),
  trim: z.strictObject({
    width: positiveLength.describe('Width of the face trim'),
    reveal: anyLength.describe('How far the trim stands back from the box’s inner edge'),
    thickness: positiveLength.optional().describe('Thickness of the face trim; a usual one when left away'),
    foot: z.literal(false).optional().describe('No trim along the bottom; all round when left away'),
  }),
  size: z
    .strictObject({ width: positiveLength.optional(), height: positiveLength.optional() })
    .optional()
    .describe('Outside sizes a person chose; the largest that fit when left away'),
  back: positiveLength.optional().describe('Thickness of a back panel; none when left away'),
  backFit: z.enum(BOX_BACKS).optional().describe('How the panel is fixed to its back; over all edges when left away'),
  corners: z.enum(BOX_CORNERS).optional().describe('How its corners are held; screwed when left away'),
});

/** The job document: everything Dormer knows about one piece of work. */
export const jobSchema = z
  .strictObject({
    format: z.literal(JOB_FORMAT),
    version: z.literal(JOB_VERSION),
    id,
    name: z.string().trim().min(1).max(LIMITS.name),
    units: z.enum(JOB_UNITS).describe('The unit figures are shown in'),
    tape: z.enum(TAPES).describe('The finest mark worked to'),
    region: z.enum(REGIONS).describe('Where the work is: decides words, dates, what is sold and the size of paper'),
    place: placeSchema,
    notes: z.string().max(LIMITS.notes),
    levelLine: z.strictObject({
      up: anyLength.describe('Height of the pencilled level line above the floor mark'),
      carried: z.enum(LEVEL_CARRIED).optional().describe('How it was carried round the walls'),
      closing: anyLength.optional().describe('By how much it missed its own beginning when it came round again'),
    }),
    kit: z.array(z.enum(INSTRUMENTS)).max(INSTRUMENTS.length).describe('What there is to measure with'),
    errors: z
      .array(
        z.strictObject({
          instrument: z.enum(INSTRUMENTS),
          repeats: z.int().min(1).max(1_000_000),
          squares: z.number().min(0).max(9_000_000),
        }),
      )
      .max(INSTRUMENTS.length)
      .optional()
      .describe('What repeats in other jobs say of the person’s own error, by instrument'),
    readings: z.array(readingSchema).max(LIMITS.readings),
    shelves: shelvesSchema.describe('Heights, and what the boards are'),
    otherShelves: shelvesSchema.optional().describe('A second layout, set beside the first to compare'),
    things: thingsSchema.describe('What is to be stored'),
    people: peopleSchema.describe('Who reaches for it'),
    tilted: tiltedSchema.optional().describe('Tilted shelves, beside the level ones'),
    pins: pinsSchema.optional().describe('Rows of holes for shelf pins'),
    support: supportSchema.describe('What carries the shelves'),
    tools: toolsSchema,
    wood: woodSchema.describe('What boards and sticks are made of'),
    load: loadSchema.describe('What the shelves are reckoned to carry'),
    fixing: fixingSchema.describe('How things are fixed to the walls'),
    bays: baysSchema
      .optional()
      .describe('Bays of an opening that is parted, from left to right; one bay when left away'),
    further: furtherSchema.optional().describe('Dividers, holes for cables, and what the closet rod is'),
    box: box.optional().describe('The box of a cavity'),
    fit: fit.describe('How boards are to fit between their walls'),
    corner: corner.optional().describe('The shape of the shelves of a corner'),
    stock: stockSchema.describe('What is bought, and how it is cut'),
    build: buildSchema.describe('How the work is gone about, and how far it has come'),
    log: logSchema.describe('What happened'),
    learned: learnedSchema.optional().describe('What other jobs taught, taken into this one'),
    trials: z.array(trialSchema).max(LIMITS.trials).describe('What boards did when they were tried'),
  })
  .superRefine((job, context) => {
    repeated(job.readings.map((r) => r.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['readings', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.place.studs.map((s) => s.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['place', 'studs', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.place.keepClears.map((k) => k.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['place', 'keepClears', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.trials.map((t) => t.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['trials', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.shelves.heights.map((h) => h.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['shelves', 'heights', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.things.map((t) => t.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['things', index, 'id'], params: { repeatedId } }),
    );
    repeated(job.wood.own.map((m) => m.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['wood', 'own', index, 'id'], params: { repeatedId } }),
    );
    for (const kind of ['dividers', 'holes'] as const) {
      repeated((job.further?.[kind] ?? []).map((one) => one.id)).forEach(([index, repeatedId]) =>
        context.addIssue({ code: 'custom', path: ['further', kind, index, 'id'], params: { repeatedId } }),
      );
    }
    repeated(job.build.own.map((one) => one.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['build', 'own', index, 'id'], params: { repeatedId } }),
    );
    const { bays = [] } = job;
    repeated(bays.map((one) => one.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['bays', index, 'id'], params: { repeatedId } }),
    );
    const mains = bays.filter(({ kind }) => kind === 'main').length;
    if (job.bays && (mains !== 1 || shelvesOfAll(job) > LIMITS.shelves))
      context.addIssue({ code: 'custom', path: ['bays'], params: { mostShelves: LIMITS.shelves } });
    for (const kind of ['entries', 'fits'] as const) {
      repeated(job.log[kind].map((one) => one.id)).forEach(([index, repeatedId]) =>
        context.addIssue({ code: 'custom', path: ['log', kind, index, 'id'], params: { repeatedId } }),
      );
    }
    repeated(job.people.map((p) => p.id)).forEach(([index, repeatedId]) =>
      context.addIssue({ code: 'custom', path: ['people', index, 'id'], params: { repeatedId } }),
    );
  })
  .meta({ id: 'DormerJob', title: `Dormer job document, version ${JOB_VERSION}` });

function repeated(ids: readonly string[]): [number, string][] {
  return ids.flatMap((one, index): [number, string][] => (ids.indexOf(one) < index ? [[index, one]] : []));
}

export type Job = z.infer<typeof jobSchema>;
export type Reading = Job['readings'][number];
export type ReadingKind = Reading['kind'];
export type ReadingOf<Kind extends ReadingKind> = Extract<Reading, { kind: Kind }>;
export type Side = (typeof SIDES)[number];
export type SpotOut = (typeof SPOTS_OUT)[number];
export type ShelvesWish = Job['shelves'];
/** How heights are decided. */
export type Way = ShelvesWish['way'];
/** Something there that a shelf is lined up with. */
export type Aligned = NonNullable<ShelvesWish['aligned']>[number];
/** A kind of thing to be stored. */
export type Thing = Job['things'][number];
export type Often = Thing['often'];
/** Someone who reaches for things, by their height. */
export type Person = Job['people'][number];
export type TiltedWish = NonNullable<Job['tilted']>[number];
export type PinsWish = NonNullable<Job['pins']>;
/** Dividers and holes of single shelves. */
export type Further = NonNullable<Job['further']>;
export type Garment = (typeof GARMENTS)[number];
export type Support = Job['support'];
/** A part of the opening with shelves and supports of its own. */
export type Bay = NonNullable<Job['bays']>[number];
/** A material a person added. */
export type OwnMaterial = Job['wood']['own'][number];
/** What stands on the shelves, by what it weighs along them. */
export type LoadUse = Job['load']['use'];
export type Place = Job['place'];
export type PlaceKind = Place['kind'];
export type SurfaceName = (typeof SURFACES)[number];
export type WallKind = (typeof WALL_KINDS)[number];
export type Instrument = (typeof INSTRUMENTS)[number];
export type Stud = Place['studs'][number];
export type KeepClear = Place['keepClears'][number];
/** How boards are to fit. */
export type FitChoices = Job['fit'];
export type Habit = (typeof HABITS)[number];
export type EndStyle = (typeof END_STYLES)[number];
export type BackStyle = (typeof BACK_STYLES)[number];
/** What is bought and how it is cut. */
export type StockWish = Job['stock'];
export type StockForm = (typeof STOCK_FORMS)[number];
export type Region = (typeof REGIONS)[number];
/** How the work is gone about, and how far it has come. */
export type BuildWish = Job['build'];
/** A step the person added. */
export type OwnStep = BuildWish['own'][number];
/** What happened. */
export type Log = Job['log'];
export type LogEntry = Log['entries'][number];
/** A photo as it is kept. */
export type PhotoType = (typeof PHOTO_TYPES)[number];
export type Photo = NonNullable<LogEntry['photos']>[number];
/** What goes wrong, by its cause. */
export type Mistake = (typeof MISTAKES)[number];
/** What other jobs taught. */
export type LearnedWays = NonNullable<Job['learned']>;
export type StepPlace = (typeof STEP_PLACES)[number];
export type Wait = (typeof WAITS)[number];
export type SkipReason = (typeof SKIP_REASONS)[number];
/** A piece that is cut: what it is of, and to which size. */
export type CutPiece = StockWish['cut'][number];
/** Cutting that has begun. */
export type Saw = NonNullable<StockWish['saw']>;
export type { Offcut } from './stockSchema';
/** A board tried in its place. */
export type Trial = Job['trials'][number];
export type CornerWish = NonNullable<Job['corner']>;
export type CornerShape = CornerWish['shape'];
/** The box a cavity is to take. */
export type BoxWish = NonNullable<Job['box']>;

/** JSON Schema (draft 2020-12) of the job document, made from the same source that checks it. */
export function jobJsonSchema(): unknown {
  return z.toJSONSchema(jobSchema, { target: 'draft-2020-12' });
}
