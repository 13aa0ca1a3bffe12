/** What a body is told to: a millionth of a millimetre, or of a direction of length 1. */
const TOLD = 1e6;

/** Plain data with all its numbers rounded, none of them a negative nought. */
export function tidy<Value>(value: Value): Value {
  if (typeof value === 'number') return (Math.round(value * TOLD) / TOLD + 0) as Value;
  if (Array.isArray(value)) return value.map(tidy) as Value;
  if (typeof value !== 'object' || value === null) return value;
  const told: Record<string, unknown> = {};
  for (const key of Object.keys(value)) told[key] = tidy((value as Readonly<Record<string, unknown>>)[key]);
  return told as Value;
}
