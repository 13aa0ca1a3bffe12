import { EXCEPTIONS } from './plain/exceptions';
import { RULES } from './plain/rules';
import { allTexts } from './plain/texts';

/** Fewer texts than this were not all of them. */
const LEAST = 2500;

const dull = RULES.filter((rule) => rule.finds(rule.bad) === null);
if (dull.length > 0)
  throw new Error(`These rules do not find their own fault: ${dull.map(({ bad }) => bad).join(' ')}`);

const texts = allTexts();
if (texts.length < LEAST) throw new Error(`Only ${texts.length} texts were read.`);

const used = new Set<(typeof EXCEPTIONS)[number]>();
const faults = texts.flatMap((piece) =>
  RULES.filter((rule) => rule.kinds.includes(piece.kind)).flatMap((rule) => {
    const found = rule.finds(piece.text);
    if (found === null) return [];
    const exception = EXCEPTIONS.find(({ at, rule: name }) => name === rule.name && at.test(piece.at));
    if (exception) used.add(exception);
    return exception ? [] : [`${piece.at}: ${rule.name}: “${found}”. Say: ${rule.instead}.\n    ${piece.text}`];
  }),
);
const idle = EXCEPTIONS.filter((exception) => !used.has(exception));
for (const { at, rule } of idle) faults.push(`The exception ${at} for “${rule}” excepts nothing any more.`);

for (const fault of new Set(faults)) console.log(fault);
console.log(`${texts.length} texts looked at, ${new Set(faults).size} faults.`);
process.exitCode = faults.length > 0 ? 1 : 0;
