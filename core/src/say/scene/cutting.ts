// Drawings of single pieces, for where they are cut: what shows the whole opening is loaded without them.
export * from './board';
export * from './corner';
export * from './box';
export * from './saw';
