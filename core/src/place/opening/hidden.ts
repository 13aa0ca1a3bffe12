/** What caulk hides: wider gaps are seen. Millimetres. */
export const HIDDEN_MM = 3.2;
