/**
 * A pure function that remembers its last answers: asked again with equal input, it does not work it out anew.
 * @param most how many answers are kept
 * @param matters what of the input the answer depends on; all of it when left away
 */
export function remembered<From, To>(
  answer: (from: From) => To,
  most: number,
  matters: (from: From) => unknown = (from) => from,
): (from: From) => To {
  const answers = new Map<string, To>();
  return (from) => {
    const key = JSON.stringify(matters(from));
    const known = answers.get(key);
    if (known !== undefined) return known;
    const fresh = answer(from);
    answers.set(key, fresh);
    const [oldest] = answers.keys();
    if (answers.size > most && oldest !== undefined) answers.delete(oldest);
    return fresh;
  };
}
