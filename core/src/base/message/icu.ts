/**
 * The placeholders of an ICU sentence, read from its text by the compiler:
 * `{typed}`, `{by, length}`, `{count, plural, one {…} other {…}}`, `{side, select, left {…} other {…}}`.
 */

/** Reads text up to the next brace: one that opens a placeholder, or one that closes a case. */
type InText<S extends string, Open extends string[], Found> = S extends `${infer Head}{${infer Tail}`
  ? Head extends `${string}}${string}`
    ? AfterCase<S, Open, Found>
    : InPlaceholder<Tail, Open, Found>
  : AfterCase<S, Open, Found>;

type AfterCase<S extends string, Open extends string[], Found> = S extends `${string}}${infer After}`
  ? InCases<After, Open, Found>
  : Found;

type InPlaceholder<S extends string, Open extends string[], Found> = S extends `${infer Body}}${infer After}`
  ? Body extends `${infer Name}, ${'plural' | 'select'}, ${string}`
    ? S extends `${Name}, ${infer Kind}, ${infer Cases}`
      ? InCases<
          Cases,
          [Kind extends 'select' ? Name : '', ...Open],
          Kind extends 'plural' ? Found | [Name, 'plural'] : Found
        >
      : never
    : InText<After, Open, Found | (Body extends `${infer Name}, ${infer Kind}` ? [Name, Kind] : [Body, 'plain'])>
  : never;

/** Reads the next case of a choice or a plural, or its end. An empty `other {}` is no case: ICU asks for it. */
type InCases<S extends string, Open extends string[], Found> = S extends ` ${infer Rest}`
  ? InCases<Rest, Open, Found>
  : S extends `}${infer After}`
    ? InText<After, Open extends [string, ...infer Outer extends string[]] ? Outer : [], Found>
    : S extends `other {}${infer Rest}`
      ? InCases<Rest, Open, Found>
      : S extends `${infer Key} {${infer Rest}`
        ? InText<Rest, Open, Open[0] extends '' ? Found : Found | [Open[0], { readonly case: Key }]>
        : never;

type Found<S extends string> = string extends S ? never : InText<S, [], never>;

type KindsOf<Pairs, Name> = Pairs extends [Name, infer Kind] ? Kind : never;

type CaseOf<Kind> = Kind extends { readonly case: infer Key } ? Key : never;

type ValueOf<Kind, Values> = [CaseOf<Kind>] extends [never]
  ? Kind extends keyof Values
    ? Values[Kind]
    : never
  : Values extends { select: infer Choose }
    ? Choose & { readonly choice: CaseOf<Kind> }
    : CaseOf<Kind>;

/** The parameters of a sentence by name, each with the type that `Values` gives its kind. */
export type ParamsOf<S extends string, Values> = {
  readonly [Name in Found<S>[0] & string]: ValueOf<KindsOf<Found<S>, Name>, Values>;
};
