import Papa from 'papaparse';
import { message } from '../../base/message';
import type { Plan } from '../../plan';
import { snapToTape } from '../../base/quantity';
import { lengthWords, words, type Reader } from '../words/first';
import { bareSizes } from './bareSizes';
import { BYTE_ORDER_MARK } from './cutListSheet';

/**
 * Every hole that is drilled for a screw as a table: RFC 4180, UTF-8, CRLF line ends, a row for each hole, in the order
 * of the shelves. Places are on marks of the tape, as the drilling sheet tells them: as shown to the reader, and as
 * plain millimetres. Pins are not drilled.
 */
export function drillingCsv(plan: Plan, reader: Reader): string {
  const say = (
    code: 'part' | 'label' | 'shelf' | 'along' | 'across' | 'screw' | 'into' | 'heads' | 'clearance' | 'pilot',
  ) => words(message(`sheet.${code}`), reader);
  const bare = bareSizes(reader);
  const [along, across] = [say('along'), say('across')];
  const fields = [
    say('part'),
    say('label'),
    say('shelf'),
    along,
    across,
    bare.head(along),
    bare.head(across),
    say('screw'),
    say('into'),
    say('heads'),
    bare.head(say('clearance')),
    bare.head(say('pilot')),
  ];
  const data = plan.fixings.flatMap((fixing) => {
    if (fixing.screw.kind === 'pin') return [];
    const { through, sizes } = fixing;
    const part = through.kind === 'piece' ? plan.parts.find((one) => one.id === through.id) : null;
    const item = through.kind === 'hardware' ? plan.hardware.find((hardware) => hardware.id === through.id) : null;
    const name = part?.name ?? item?.name ?? message('fixing.wallFace');
    return fixing.holes.map((hole) => {
      const places = [hole.alongMm, hole.acrossMm].map((one) => snapToTape(one, reader.tape, 'nearest'));
      return [
        words(name, reader),
        fixing.label,
        fixing.shelf > 0 ? fixing.shelf : '',
        ...places.map((place) => lengthWords(place, reader)),
        ...places.map(bare.size),
        fixing.screw.size,
        words(message(`bites.${hole.into}`), reader),
        fixing.heads ? words(message('heads.below'), reader) : '',
        // A pocket is drilled by its jig.
        sizes.clearanceMm ? bare.size(sizes.clearanceMm) : '',
        sizes.pilotMm ? bare.size(sizes.pilotMm) : '',
      ];
    });
  });
  return BYTE_ORDER_MARK + Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: true }) + '\r\n';
}
