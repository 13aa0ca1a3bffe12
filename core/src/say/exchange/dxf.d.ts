/** What is used of the package `dxf`, which has no types of its own. */
declare module 'dxf' {
  export class Helper {
    constructor(contents: string);
    readonly parsed: { readonly header?: { readonly insUnits?: number } };
    toPolylines(): { readonly polylines: readonly { readonly vertices: readonly (readonly [number, number])[] }[] };
  }
}
