/** The version of the job document this code writes. */
export const JOB_VERSION = 12;
export const JOB_FORMAT = 'dormer-job';

/** The most a job document may hold: readings, shelves of all bays, bays, studs, keep-clears, things, characters. */
export const LIMITS = {
  readings: 500,
  shelves: 40,
  bays: 7,
  studs: 40,
  keepClears: 40,
  trials: 200,
  things: 200,
  people: 8,
  tilted: 12,
  materials: 20,
  dividers: 24,
  holes: 24,
  ownStock: 60,
  measured: 60,
  prices: 600,
  layouts: 300,
  cuts: 3000,
  entries: 400,
  steps: 300,
  ownSteps: 40,
  oldHoles: 500,
  coats: 8,
  freeHours: 42,
  lostDays: 100,
  minutes: 100_000,
  name: 120,
  notes: 4000,
  id: 64,
} as const;

/** A back panel lies over all rear edges of a box, or in a rebate of its sides. */
export const BOX_BACKS = ['over', 'rebated'] as const;

/** How the corners of a cavity's box are held. */
export const BOX_CORNERS = ['screwed', 'pinned'] as const;

/** Digits of a pairing code, and the most characters in the name of a device. */
export const PAIRING = { digits: 6, name: 60 } as const;

/** A job file larger than this is not one: 500 readings take less than a tenth of it. Characters. */
export const LONGEST_FILE = 2_000_000;

/** A corner between these is one; flatter or sharper is a slip. Degrees. */
export const CORNER_DEGREES = { least: 20, most: 160 } as const;

/** What a closet rod is made of; the first is the usual one. */
export const RODS = ['tube', 'wood'] as const;

export const SIDES = ['left', 'middle', 'right'] as const;
export const SPOTS_OUT = ['front', 'middle', 'back'] as const;
/** Two ends of a thing that runs across. */
export const ENDS = ['left', 'right'] as const;

export const PLACE_KINDS = ['alcove', 'cavity', 'corner', 'span', 'run'] as const;
/** What an opening is made of. `front` is the line across the front that depths are read at. */
export const SURFACES = ['left', 'right', 'back', 'front', 'floor', 'ceiling'] as const;
export const WALL_KINDS = ['lined', 'plaster', 'panel', 'studs'] as const;

export const INSTRUMENTS = [
  'tape',
  'laser',
  'sticks',
  'bevel',
  'gauge',
  'square',
  'level',
  'digital-level',
  'straightedge',
  'string',
] as const;

export const KEEP_CLEARS = [
  'outlet',
  'switch',
  'vent',
  'pipe',
  'hole',
  'hardware',
  'trim',
  'window-bar',
  'lid',
  'door',
  'other',
] as const;
export const STUD_FOUND_BY = ['magnet', 'finder', 'knock', 'pilot', 'measured'] as const;

/** How boards are fitted: it lifts out; as tight as goes in, and caulked; it follows the walls. */
export const HABITS = ['loose', 'snug', 'scribed'] as const;
/**
 * What is done to an end: straight across; straight at its own angle; the same, and undercut to meet a leaning wall; or
 * it follows the wall.
 */
export const END_STYLES = ['square', 'angled', 'bevelled', 'scribed'] as const;
/** A back edge touches the wall where that stands out, or follows it. */
export const BACK_STYLES = ['straight', 'scribed'] as const;
/** Shapes of a corner shelf. */
export const CORNER_SHAPES = ['triangle', 'rounded', 'clipped', 'ell'] as const;

/** How heights are decided. */
export const WAYS = ['equal-gaps', 'on-centre', 'graduated', 'contents', 'typed'] as const;
/** What a hanging garment is, by its length. */
export const GARMENTS = ['folded-trousers', 'children', 'shirts', 'jackets', 'coats', 'dresses'] as const;
/** How often a thing is fetched. */
export const OFTEN = ['daily', 'weekly', 'rarely'] as const;
/** How the level line was carried round the walls; `none` while there is none. */
export const LEVEL_CARRIED = ['none', 'laser', 'level', 'water'] as const;
/** Graduated gaps: each is so much of the one below it. */
export const RATIO = { least: 0.5, usual: 0.85, most: 1 } as const;

/** What there is to work with: which joints are offered, and how cuts are described. */
export const TOOLS = ['hand', 'power'] as const;
/** What stands on shelves, as a load along them; `listed` is what is listed as things, `own` a figure of one's own. */
export const LOAD_USES = [
  'listed',
  'clothes',
  'display',
  'games',
  'kitchen',
  'books',
  'records',
  'tins',
  'own',
] as const;

/** Where the work is: decides words, spelling, dates, money, the sizes that are sold and the size of paper. */
export const REGIONS = ['uk', 'us'] as const;
/** Signs of money to choose from. */
export const CURRENCIES = ['£', '€', '$'] as const;
/** What wood is sold as. */
export const STOCK_FORMS = ['board', 'timber', 'strip', 'sheet', 'rod'] as const;
/** How pieces are finished, as one names it. */
export const FINISHES = ['bare', 'paint', 'stain', 'clear', 'oil'] as const;
/** What a finish is put on of, coat by coat. */
export const COATS = ['primer', 'paint', 'conditioner', 'stain', 'clear', 'oil'] as const;
/** Pieces that may have a finish of their own, and the walls of the place. */
export const LOTS = ['shelves', 'case', 'strips', 'trim', 'wall'] as const;

/** Where a step of the work is done: where the wood is worked, in the opening, or where things are bought. */
export const STEP_PLACES = ['workshop', 'site', 'shop'] as const;
/** What one waits for. */
export const WAITS = [
  'filler',
  'primer',
  'paint',
  'conditioner',
  'stain',
  'clear',
  'oil-wipe',
  'oil',
  'glue',
  'caulk',
  'cure',
] as const;
/** What goes wrong, by its cause. */
export const MISTAKES = [
  'misread',
  'measured-once',
  'thickness',
  'kerf',
  'mirrored',
  'wrong-face',
  'cut-short',
  'not-square',
  'split',
  'missed-stud',
  'order',
  'too-soon',
  'forgotten',
  'other',
] as const;
/** What photos may be, and how large: bytes of the file that is kept, and the longest side it is made smaller to. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export const PHOTO_LIMIT = { bytes: 8 * 1024 * 1024, chosenBytes: 30 * 1024 * 1024, sidePx: 1600, each: 8 } as const;
/** Why a step is left out. */
export const SKIP_REASONS = ['not-needed', 'was-done', 'other-way', 'no-time'] as const;
