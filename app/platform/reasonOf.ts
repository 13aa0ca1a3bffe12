/** The message of something thrown, whatever was thrown. */
export const reasonOf = (thrown: unknown): string => (thrown instanceof Error ? thrown.message : String(thrown));
