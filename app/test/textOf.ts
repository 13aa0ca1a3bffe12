import type { ReactTestInstance } from 'react-test-renderer';

/** All that an element says, the words within it included. */
export const textOf = (element: ReactTestInstance): string =>
  element.children.map((child) => (typeof child === 'string' ? child : textOf(child))).join('');
