/** British words of the catalogues with the American ones. Longer terms stand before those they contain. */
const TERMS: Readonly<Record<string, string>> = {
  skirting: 'baseboard',
  'dado rail': 'chair rail',
  'clothes rail': 'closet rod',
  'rail cup': 'rod cup',
  batten: 'cleat',
  housing: 'dado',
  housed: 'dadoed',
  rebated: 'rabbeted',
  rebate: 'rabbet',
  lipping: 'edging',
  plasterboard: 'drywall',
  timber: 'lumber',
  'a socket': 'an outlet',
  socket: 'outlet',
  'hollow-wall fixing': 'hollow-wall anchor',
  'wall plug': 'wall anchor',
  wardrobe: 'closet',
  cupboard: 'closet',
  packer: 'shim',
  tin: 'can',
  shop: 'store',
  mitred: 'mitered',
  mitre: 'miter',
  centred: 'centered',
  centre: 'center',
  metre: 'meter',
  millimetre: 'millimeter',
  centimetre: 'centimeter',
  litre: 'liter',
  colour: 'color',
  grey: 'gray',
  lengthways: 'lengthwise',
};

const FORMS = new RegExp(`\\b(${Object.keys(TERMS).join('|')})(e?s)?\\b`, 'gi');

/**
 * British English as an American writes it: trade words and spelling, capitals kept.
 * @example inAmerican('Level the skirting') // "Level the baseboard"
 */
export const inAmerican = (words: string): string =>
  words.replace(FORMS, (_found, term: string, ending: string = '') => {
    const other = TERMS[term.toLowerCase()] ?? term;
    const isCapital = term.charAt(0) !== term.charAt(0).toLowerCase();
    return (isCapital ? other.charAt(0).toUpperCase() + other.slice(1) : other) + ending;
  });
