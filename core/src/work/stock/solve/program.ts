/** What a column of a program takes of a row: so much of so many. */
export type Entry = readonly [row: number, amount: number];

/** A choice: what one of it costs, what it takes of each row, how many of it there may be. */
export interface Column {
  readonly cost: number;
  readonly entries: readonly Entry[];
  /** No limit when left away. */
  readonly most?: number;
}

/** A row: the sum of what the columns give it lies between these. */
export interface Row {
  readonly least: number;
  readonly most: number;
}

/** A linear program to be made as cheap as can be; every column at least 0. */
export interface Program {
  readonly rows: readonly Row[];
  readonly columns: readonly Column[];
}

/** A relaxed program as it was solved: columns in any share. */
export interface Relaxed {
  readonly cost: number;
  readonly values: ArrayLike<number>;
  /** What one more of a row would cost. */
  readonly duals: ArrayLike<number>;
}

/** A program in whole numbers as far as it was solved. */
export interface Whole {
  readonly cost: number;
  readonly values: readonly number[];
  /** No solution in whole numbers is cheaper than this. */
  readonly bound: number;
  readonly proven: boolean;
}

/** A relaxed program that can be given more columns and solved again from where it stood. */
export interface Growing {
  add(columns: readonly Column[]): void;
  /** @returns null where no values satisfy the rows */
  solve(): Relaxed | null;
  done(): void;
}

export interface Effort {
  /** How much of the tree is searched at the most: the same on every machine. */
  readonly nodes: number;
  /** A brake beyond that, seconds. */
  readonly seconds: number;
  /** How far from the best is good enough; a millionth where left away. */
  readonly gap?: number;
  /** A solution known already, from which the search begins. */
  readonly start?: readonly number[];
}

/** What solves programs. The core asks for one and does not know where it was loaded from. */
export interface Solver {
  grow(program: Program): Growing;
  /** @returns null where there is no solution, or none was found with so little effort */
  whole(program: Program, effort: Effort): Whole | null;
}
