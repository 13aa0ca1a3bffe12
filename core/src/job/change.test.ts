import { chimneyAlcove } from '../rigs/demo';
import { mm } from '../design/load/testing';
import { readJobFile } from './readJob';
import { jobSchema } from './schema';
import { lengthOf, withAnswer, withChange, withFurther, withMeasured, withShelfSupport, withSystem } from './change';
import { duplicateJob } from './edit';
import { askedOf } from './supports';
import { writeJobFile } from './writeJob';

const alcove = chimneyAlcove();
const sound = (job: unknown) => jobSchema.safeParse(job).success;

describe('a length that was worked out is one a person could have typed', () => {
  test.each([
    [304.8, 'in', '12'],
    [47.625, 'in', '1 7/8'],
    [47.6, 'in', '1 7/8'],
    [123.4, 'mm', '123.4'],
    [250, 'cm', '25'],
  ] as const)('%d in %s: %s', (value, unit, typed) => expect(lengthOf(value, unit).typed).toBe(typed));
});

describe('another system', () => {
  test('keeps what was said of the one before, and comes back to it', () => {
    const said = withAnswer(alcove, 'three-side-cleats', 'cleatHeight', mm(52));
    const there = withSystem(said, 'three-side-cleats', 'brackets');
    expect(there.support.system).toBe('brackets');
    expect(withSystem(there, 'brackets', 'three-side-cleats')).toEqual(said);
  });

  test('for single shelves goes with them when all that had one change', () => {
    const one = withShelfSupport(alcove, 3, { system: 'end-cleats' });
    expect(withSystem(one, 'end-cleats', 'brackets').support.shelves).toEqual([{ shelf: 3, system: 'brackets' }]);
    expect(withSystem(one, 'end-cleats', 'brackets').support.system).toBe('three-side-cleats');
  });
});

describe('single shelves', () => {
  test('are kept in order, and one with nothing of its own is as all others', () => {
    const job = withShelfSupport(withShelfSupport(alcove, 4, { depth: mm(250) }), 2, { system: 'end-cleats' });
    expect(job.support.shelves).toEqual([
      { shelf: 2, system: 'end-cleats' },
      { shelf: 4, depth: mm(250) },
    ]);
    const back = withShelfSupport(withShelfSupport(job, 4, { depth: undefined }), 2, { system: undefined });
    expect(back).toEqual(alcove);
  });

  test('one thing of a shelf may change while another stays', () => {
    const both = withShelfSupport(withShelfSupport(alcove, 1, { depth: mm(250) }), 1, { system: 'brackets' });
    expect(both.support.shelves).toEqual([{ shelf: 1, depth: mm(250), system: 'brackets' }]);
    expect(withShelfSupport(both, 1, { depth: undefined }).support.shelves).toEqual([{ shelf: 1, system: 'brackets' }]);
  });
});

describe('cures', () => {
  const own = (system: 'end-cleats' | 'three-side-cleats' | 'brackets' | 'side-screwed', job: typeof alcove) =>
    job.support.own[system];
  test('each changes the one thing it is about', () => {
    expect(own('end-cleats', withChange(alcove, { kind: 'nosing', system: 'end-cleats', heightMm: 70 }))).toMatchObject(
      {
        nosing: true,
        nosingHeight: { mm: 70 },
      },
    );
    expect(
      own('three-side-cleats', withChange(alcove, { kind: 'nosing', system: 'three-side-cleats', heightMm: 70 })),
    ).not.toHaveProperty('nosing');
    expect(withChange(alcove, { kind: 'thickness', mm: 27 }).shelves.thickness.mm).toBe(27);
    expect(withChange(alcove, { kind: 'material', id: 'birch-ply' }).wood.boards).toBe('birch-ply');
    expect(own('brackets', withChange(alcove, { kind: 'apart', mm: 400 }))).toMatchObject({ apart: { mm: 400 } });
    expect(own('side-screwed', withChange(alcove, { kind: 'screws', system: 'side-screwed', count: 5 }))).toMatchObject(
      {
        screws: 5,
      },
    );
    expect(withChange(alcove, { kind: 'system', from: 'three-side-cleats', to: 'brackets' }).support.system).toBe(
      'brackets',
    );
  });

  test('leave a sound document', () => {
    expect(sound(withChange(alcove, { kind: 'nosing', system: 'housed-case', heightMm: 61.5 }))).toBe(true);
    expect(sound(withChange({ ...alcove, units: 'in' }, { kind: 'thickness', mm: 25.4 }))).toBe(true);
  });
});

describe('dividers and holes', () => {
  const divider = { id: 'd', shelf: 2, at: mm(400) };
  const hole = { id: 'h', shelf: 2, from: 'left' as const, at: mm(100), back: mm(80), diameter: mm(60) };
  const with_ = (change: object) => withFurther(alcove, (all) => ({ ...all, ...change }));

  test('a job says nothing of them until it has any, and again when they are gone', () => {
    const job = with_({ dividers: [divider] });
    expect(job.further).toEqual({ dividers: [divider], holes: [] });
    expect(withFurther(job, (all) => ({ ...all, dividers: [] }))).toEqual(alcove);
    expect(with_({ rod: 'wood' }).further).toEqual({ dividers: [], holes: [], rod: 'wood' });
  });

  test('go out with the file and come in again', () => {
    const job = with_({ dividers: [{ ...divider, height: mm(200) }], holes: [hole] });
    const read = readJobFile(writeJobFile(job));
    expect(read).toEqual({ ok: true, value: job });
  });

  test.each([
    ['the same id twice', { holes: [hole, hole] }],
    ['a shelf 0', { dividers: [{ ...divider, shelf: 0 }] }],
    ['a hole of no width', { holes: [{ ...hole, diameter: mm(0) }] }],
    ['an end that is none', { holes: [{ ...hole, from: 'middle' }] }],
    ['more than there may be', { dividers: Array.from({ length: 25 }, (_, i) => ({ ...divider, id: `d${i}` })) }],
    ['a rod of glass', { rod: 'glass' }],
  ])('%s is refused', (_, change) => expect(sound(with_(change))).toBe(false));
});

describe('a thickness measured on what was bought', () => {
  const measured = (job = alcove, was = 18) => withMeasured(job, 'sheet-birch-ply-18x1250', was, mm(17.4));

  test('takes the place of the one the boards were planned of, in both layouts, and is kept with what was measured', () => {
    const two = { ...alcove, otherShelves: alcove.shelves };
    const job = measured(two);
    expect([job.shelves.thickness, job.otherShelves?.thickness]).toEqual([mm(17.4), mm(17.4)]);
    expect(job.stock.measured).toEqual([{ item: 'sheet-birch-ply-18x1250', thickness: mm(17.4) }]);
    expect(sound(job)).toBe(true);
  });

  test('what was planned of another thickness stays', () => {
    const job = measured(alcove, 27);
    expect(job.shelves).toEqual(alcove.shelves);
    expect(job.support).toEqual(alcove.support);
    expect(job.stock.measured).toHaveLength(1);
  });

  test('cleats and nosings of the same board follow, also where their thickness was never said', () => {
    const before = askedOf(alcove, 'three-side-cleats');
    const job = withMeasured(alcove, 'strip-pine-20x45', before.cleatThickness.mm, mm(19.2));
    expect(askedOf(job, 'three-side-cleats')).toMatchObject({ cleatThickness: mm(19.2), nosingThickness: mm(19.2) });
    expect(job.shelves).toEqual(alcove.shelves);
    expect(sound(job)).toBe(true);
  });

  test('measured again, the last counts', () => {
    const job = withMeasured(measured(), 'sheet-birch-ply-18x1250', 17.4, mm(17.6));
    expect(job.shelves.thickness).toEqual(mm(17.6));
    expect(job.stock.measured).toEqual([{ item: 'sheet-birch-ply-18x1250', thickness: mm(17.6) }]);
  });
});

test('a copy of a job has its prices and its saw, but nothing of what was cut or put in the basket', () => {
  const saw = { layouts: [], done: ['L1:/0'], made: [], wrong: [] };
  const prices = [{ item: 'a', price: 2 }];
  const pieces = [{ blank: 'S1-board', thicknessMm: 18, widthMm: 320, lengthMm: 1123.5 }];
  const cut = { ...alcove, stock: { ...alcove.stock, saw, prices, ticked: ['glue'], cut: pieces } };
  expect(sound(cut)).toBe(true);
  const copy = duplicateJob(cut, 'copy', 'Copy');
  expect(copy.stock).toEqual({ ...alcove.stock, prices });
  expect(sound(copy)).toBe(true);
});
