import type { Job, OwnMaterial } from '../../job';
import { message, text, type Message } from '../../base/message';
import type { PlateStiffness } from './plateModel';

/**
 * What a board is made of. Along is the way of the grain (of the face grain), which lies along the shelf. N/mm², kg/m³.
 * Planning values: the mean for stiffness, the 5th percentile for strength.
 */
export interface Material {
  readonly id: string;
  readonly name: Message;
  readonly densityKgM3: number;
  readonly eAlongMpa: number;
  readonly eAcrossMpa: number;
  readonly shearMpa: number;
  readonly bendAlongMpa: number;
  readonly bendAcrossMpa: number;
  /** By how much of what it bends at once it bends further in the years after, under a load that stays. */
  readonly creep: number;
  /** What is left of its strength under a load that stays for years. */
  readonly lasting: number;
  /** What its strength is divided by, for how much one piece differs from another. */
  readonly partial: number;
  /** What a litre of it costs in relation to the others: only for saying what cures cost least. */
  readonly price: number;
  readonly source: Message;
}

type Row = readonly [
  id: string,
  density: number,
  eAlong: number,
  eAcross: number,
  shear: number,
  bendAlong: number,
  bendAcross: number,
  kind: Kind,
  price: number,
];
type Kind = 'solid' | 'plywood' | 'osb' | 'particle' | 'fibre';

/**
 * Creep (k_def) and lasting strength (k_mod, long-term) indoors, and partial factors: EN 1995-1-1, tables 3.2, 3.1, 2.3
 * (service class 1).
 */
const KINDS: Readonly<Record<Kind, Pick<Material, 'creep' | 'lasting' | 'partial'> & { readonly source: Message }>> = {
  solid: { creep: 0.6, lasting: 0.7, partial: 1.3, source: message('source.solid') },
  plywood: { creep: 0.8, lasting: 0.7, partial: 1.2, source: message('source.plywood') },
  osb: { creep: 1.5, lasting: 0.5, partial: 1.2, source: message('source.panel') },
  particle: { creep: 2.25, lasting: 0.45, partial: 1.3, source: message('source.panel') },
  fibre: { creep: 2.25, lasting: 0.4, partial: 1.3, source: message('source.panel') },
};

// Solid wood after EN 338 (C24, C18, D30), joined boards as softwood; across the grain a sixth of that along it, as
// tests of small pieces have it; panels after EN 12369-1, rounded; plywood below what makers state of it, for a grade
// is rarely known in a shop.
const ROWS: readonly Row[] = [
  ['pine', 420, 11000, 370, 690, 24, 4, 'solid', 2.2],
  ['spruce', 380, 9000, 300, 560, 18, 3.5, 'solid', 1.6],
  ['hardwood', 640, 11000, 730, 690, 30, 6, 'solid', 5],
  ['birch-ply', 680, 9000, 6500, 600, 40, 30, 'plywood', 3.2],
  ['softwood-ply', 500, 7500, 3500, 450, 22, 14, 'plywood', 1.9],
  ['osb', 550, 4930, 1980, 1080, 16.4, 8.2, 'osb', 1],
  ['chipboard', 650, 3200, 3200, 860, 13, 13, 'particle', 0.9],
  ['mdf', 740, 3000, 3000, 800, 21, 21, 'fibre', 1.2],
];

/** The materials that come with Dormer. */
export const MATERIALS: readonly Material[] = ROWS.map(
  ([id, density, eAlong, eAcross, shear, bendAlong, bendAcross, kind, price]) => ({
    id,
    name: message(`material.${id}` as 'material.pine'),
    densityKgM3: density,
    eAlongMpa: eAlong,
    eAcrossMpa: eAcross,
    shearMpa: shear,
    bendAlongMpa: bendAlong,
    bendAcrossMpa: bendAcross,
    price,
    ...KINDS[kind],
  }),
);

/** A material a person added, with what they know of it. */
export function ownMaterial({ id, name, source, ...values }: OwnMaterial): Material {
  const { partial } = KINDS.solid;
  return {
    ...values,
    id,
    name: message('material.own', { name: text(name) }),
    partial,
    source: message('material.own', { name: text(source) }),
  };
}

/** Every material of a job: those that come with Dormer, and the person's own. */
export function materialsOf(own: readonly OwnMaterial[]): Material[] {
  return [...MATERIALS, ...own.map(ownMaterial)];
}

/** The material of an id; pine where there is none of it any more. */
export function materialOf(id: string, own: readonly OwnMaterial[]): Material {
  const all = materialsOf(own);
  return all.find((material) => material.id === id) ?? (all[0] as Material);
}

/** Strain along from stress across is small in wood, and about a quarter in panels. */
const POISSON = { wood: 0.35, panel: 0.25 } as const;

/** A material as a plate of it bends. */
export function stiffnessOf({ eAlongMpa, eAcrossMpa, shearMpa }: Material): PlateStiffness {
  const poisson = eAcrossMpa < eAlongMpa / 3 ? POISSON.wood : POISSON.panel;
  return { alongMpa: eAlongMpa, acrossMpa: eAcrossMpa, shearMpa, poisson };
}

/** What a material bears under a load that stays, along and across, N/mm². */
export function lastingStrength({ bendAlongMpa, bendAcrossMpa, lasting, partial }: Material) {
  return { along: (bendAlongMpa * lasting) / partial, across: (bendAcrossMpa * lasting) / partial };
}

export interface Materials {
  readonly board: Material;
  readonly stick: Material;
  /** Of the strip on a board's front edge. */
  readonly front: Material;
}

/** What boards, sticks and strips on front edges of a job are made of. */
export const materialsFor = ({ wood }: Pick<Job, 'wood'>): Materials => ({
  board: materialOf(wood.boards, wood.own),
  stick: materialOf(wood.sticks, wood.own),
  front: materialOf(wood.trim ?? wood.sticks, wood.own),
});
