import { message } from '../../base/message';
import { inAmerican } from './american';
import { words } from './all';

test.each([
  ['Level the skirting.', 'Level the baseboard.'],
  ['Skirting', 'Baseboard'],
  ['Shelf 2 hits a socket.', 'Shelf 2 hits an outlet.'],
  ['Battens on three sides', 'Cleats on three sides'],
  ['Use no hollow-wall fixing, use hollow-wall fixings', 'Use no hollow-wall anchor, use hollow-wall anchors'],
  ['both ends mitred 45°', 'both ends mitered 45°'],
  ['Clothes rail and rail cups', 'Closet rod and rod cups'],
  ['Housed posts, lipping 45 high', 'Dadoed posts, edging 45 high'],
  ['the centre of the dado rail', 'the center of the chair rail'],
  ['Shops, workshop, tinted, timbering', 'Stores, workshop, tinted, timbering'],
])('%s', (british, american) => {
  expect(inAmerican(british)).toBe(american);
});

test('the region of the reader decides, not the unit alone', () => {
  const batten = message('part.backCleat');
  const metric = { units: 'mm', tape: '1mm' } as const;
  expect(words(batten, metric)).toBe('Back batten');
  expect(words(batten, { ...metric, region: 'us' })).toBe('Back cleat');
  expect(words(batten, { units: 'in', tape: '1/16in' })).toBe('Back cleat');
  expect(words(batten, { units: 'in', tape: '1/16in', region: 'uk' })).toBe('Back batten');
});
