/** What a function returns that may be given bad input: a value, or a reason. Never an exception for bad input. */
export type Result<T, E> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

/** The good outcome. */
export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value });
/** The refused outcome, with its reason. */
export const refused = <E>(error: E): Result<never, E> => ({ ok: false, error });
