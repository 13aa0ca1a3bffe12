/**
 * What is asked of a supplier: things by the ids of the catalogue and of packs, with what they were planned to cost.
 */
export interface Asked {
  readonly item: string;
  readonly price: number;
}

/** What one of it costs there, and how many there are. */
export interface Quoted {
  readonly item: string;
  readonly price: number;
  readonly left: number;
}

/** Where things are bought. A real one would ask the shop; what it does not know is left out of its answer. */
export interface Supplier {
  readonly id: string;
  readonly name: string;
  /** It is made up: nobody sells at these prices. */
  readonly simulated: boolean;
  quote(asked: readonly Asked[]): Promise<readonly Quoted[]>;
}
