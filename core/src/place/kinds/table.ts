import type { Place, PlaceKind, SurfaceName } from '../../job';
import type { PlaceSpec } from './place';

const ALL: readonly SurfaceName[] = ['left', 'right', 'back', 'front', 'floor', 'ceiling'];
const without = (surface: SurfaceName) => ALL.filter((one) => one !== surface);
const sideOf = (place: Place, usual: 'left' | 'right'): 'left' | 'right' =>
  place.side === 'none' ? usual : place.side;

/** Left, back and right wall, floor, ceiling, and the line across the front. */
const alcove: PlaceSpec = {
  kind: 'alcove',
  surfaces: () => ALL,
  reference: () => 'back',
  readings: [
    'width',
    'height',
    'depth',
    'square',
    'corner',
    'plumb',
    'straightedge',
    'offset',
    'diagonal',
    'level',
    'line',
    'face',
    'triangle',
  ],
  levels: { floor: 'floor', ceiling: 'ceiling' },
  rough: { widthMm: 1000, depthMm: 400, heightMm: 2400 },
  boards: 'between',
  nearlySquare: true,
  asks: ['mouth'],
  sides: [],
  takes: 'boards',
};

/** A hole between studs: two sides, sill and head, a back only where the far side is closed. */
const cavity: PlaceSpec = {
  kind: 'cavity',
  surfaces: (place) => (place.back ? ALL : without('back')),
  reference: (place) => (place.back ? 'back' : 'front'),
  readings: ['width', 'height', 'depth', 'plumb', 'level', 'face', 'straightedge', 'offset'],
  levels: { floor: 'sill', ceiling: 'head' },
  rough: { widthMm: 370, depthMm: 90, heightMm: 1500 },
  boards: 'none',
  nearlySquare: true,
  asks: ['back'],
  sides: [],
  takes: 'box',
};

/** Two walls that meet. The origin is the corner itself. */
const corner: PlaceSpec = {
  kind: 'corner',
  surfaces: (place) => ['back', sideOf(place, 'left'), 'floor', 'ceiling'],
  reference: () => 'back',
  readings: ['corner', 'triangle', 'square', 'plumb', 'straightedge', 'offset', 'height', 'level', 'line'],
  levels: { floor: 'floor', ceiling: 'ceiling' },
  rough: { widthMm: 450, depthMm: 450, heightMm: 2400 },
  boards: 'corner',
  nearlySquare: false,
  asks: ['side', 'rough'],
  sides: ['left', 'right'],
  takes: 'boards',
};

/** Between two standing faces, with a back or without. */
const span: PlaceSpec = {
  kind: 'span',
  surfaces: (place) => (place.back ? ALL : without('back')),
  reference: (place) => (place.back ? 'back' : 'front'),
  readings: [
    'width',
    'height',
    'depth',
    'diagonal',
    'plumb',
    'square',
    'level',
    'line',
    'face',
    'straightedge',
    'offset',
  ],
  levels: { floor: 'floor', ceiling: 'ceiling' },
  rough: { widthMm: 1500, depthMm: 400, heightMm: 2400 },
  boards: 'between',
  nearlySquare: true,
  asks: ['back'],
  sides: [],
  takes: 'boards',
};

/** One long wall, with one end against another wall or with none. */
const run: PlaceSpec = {
  kind: 'run',
  surfaces: (place) => ['back', ...(place.side === 'none' ? [] : [place.side]), 'floor', 'ceiling'],
  reference: () => 'back',
  readings: ['line', 'straightedge', 'offset', 'plumb', 'level', 'height', 'square', 'corner'],
  levels: { floor: 'floor', ceiling: 'ceiling' },
  rough: { widthMm: 3000, depthMm: 600, heightMm: 2400 },
  boards: 'none',
  nearlySquare: true,
  asks: ['side', 'rough'],
  sides: ['left', 'right', 'none'],
  takes: 'boards',
};

/** Every kind of place. */
const PLACES: { readonly [Kind in PlaceKind]: PlaceSpec } = { alcove, cavity, corner, span, run };

/** What kind of place a job's is. */
export const specOf = (place: Place): PlaceSpec => PLACES[place.kind];
