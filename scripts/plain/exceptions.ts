/** A text that a rule does not hold for, and why. */
export interface Exception {
  readonly at: RegExp;
  readonly rule: string;
  readonly why: string;
}

export const EXCEPTIONS: readonly Exception[] = [
  {
    at: /^slip\.(centi|deci)metre$/,
    rule: 'unit',
    why: 'A slip of a metric tape; it is looked for in metric jobs only.',
  },
];
