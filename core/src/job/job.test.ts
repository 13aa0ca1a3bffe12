import { chimneyAlcove, cloakroomCloset, demoJobs } from '../rigs/demo';
import { words } from '../say/words';
import {
  askedOf,
  duplicateJob,
  newJob,
  newPlace,
  readJob,
  readJobFile,
  summarise,
  SYSTEM_NAMES,
  upgradeDocument,
  withAnswer,
  withChange,
  withShelfSupport,
  withSystem,
  writeJobFile,
  typedLength,
} from '.';
import { JOB_VERSION } from './limits';

const reader = { units: 'mm', tape: '0.5mm' } as const;

const copy = () => JSON.parse(writeJobFile(chimneyAlcove()));

function refusal(document: unknown) {
  const read = readJob(document);
  if (read.ok) throw new Error('was read');
  return { code: read.error.message.code, faults: read.error.faults.map((f) => [f.path, words(f.message, reader)]) };
}

describe('a job document', () => {
  test.each(demoJobs().map((job) => [job.name, job] as const))('%s survives being written and read', (_, job) => {
    expect(readJobFile(writeJobFile(job))).toEqual({ ok: true, value: job });
  });

  test.each(['mm', 'cm', 'in'] as const)('a new job in %s is a valid one', (units) => {
    const job = newJob({ id: 'a', name: 'Alcove', kind: 'alcove', units });
    expect(readJob(job)).toEqual({ ok: true, value: job });
  });

  test('metric starting values are the same board in mm and cm', () => {
    const [mm, cm] = (['mm', 'cm'] as const).map((units) => newJob({ id: 'a', name: 'A', kind: 'alcove', units }));
    expect(cm?.shelves.thickness).toEqual({ mm: 18, typed: '1.8', unit: 'cm' });
    expect(mm?.shelves.thickness).toEqual({ mm: 18, typed: '18', unit: 'mm' });
  });
});

describe('faults, each with its path and a sentence', () => {
  test('unknown fields, at any depth', () => {
    const job = { ...copy(), colour: 'green' };
    job.support.own = { brackets: { grain: 'long' } };
    expect(refusal(job).faults).toEqual([
      ['support.own.brackets.grain', 'support.own.brackets.grain: Dormer does not know this field.'],
      ['colour', 'colour: Dormer does not know this field.'],
    ]);
  });

  test('wrong types, wrong units, missing fields and sizes beyond reason, all at once', () => {
    const job = copy();
    job.name = 7;
    job.units = 'furlong';
    delete job.notes;
    job.readings[0].value = { mm: 40_000, typed: '40000', unit: 'mm' };
    job.readings[1].up.unit = 'rod';
    job.shelves.count = 2.5;
    const faults = Object.fromEntries(refusal(job).faults);
    expect(faults.name).toBe('name is 7. Allowed: text.');
    expect(faults.units).toBe('units is "furlong". Use one of: mm, cm, in.');
    expect(faults.notes).toBe('notes is missing. Allowed: text.');
    expect(faults['readings[0].value.mm']).toBe('readings[0].value.mm is 40000: 30000 at most.');
    expect(faults['readings[1].up.unit']).toMatch(/one of: mm, cm, in/);
    expect(faults['shelves.count']).toMatch(/a whole number/);
  });

  test('a value that is not what was typed', () => {
    const job = copy();
    job.readings[2].value.mm = 1310;
    expect(refusal(job).faults).toEqual([
      ['readings[2].value.mm', 'readings[2].value.mm says 1310 mm, but the typed “1130” differs.'],
    ]);
  });

  test('an id used twice, a kind that does not exist, and too many readings', () => {
    const twice = copy();
    twice.readings[1].id = twice.readings[0].id;
    expect(refusal(twice).faults[0]?.[0]).toBe('readings[1].id');
    const kind = copy();
    kind.readings[0].kind = 'girth';
    expect(refusal(kind).faults[0]?.[0]).toMatch(/^readings\[0\]/);
    const many = copy();
    many.readings = Array.from({ length: 501 }, (_, i) => ({ ...many.readings[0], id: `r${i}` }));
    expect(refusal(many).faults).toEqual([['readings', 'readings is too long: 500 at most.']]);
  });

  test.each([null, 7, 'job', [], {}, { format: 'other', version: 1 }])('%p is not a job', (document) => {
    expect(refusal(document).code).toBe('file.notAJob');
  });
});

describe('a job file', () => {
  const codeOf = (contents: string) => {
    const read = readJobFile(contents);
    return read.ok ? 'read' : read.error.message.code;
  };
  test('empty, broken, cut short, huge, foreign and later ones are each named', () => {
    const whole = writeJobFile(chimneyAlcove());
    expect(codeOf('  ')).toBe('file.empty');
    expect(codeOf('not a job')).toBe('file.notJson');
    expect(codeOf(whole.slice(0, whole.length / 2))).toBe('file.cutShort');
    expect(codeOf(`"${'x'.repeat(2_000_001)}"`)).toBe('file.tooLarge');
    expect(codeOf('{"format":"something-else"}')).toBe('file.notAJob');
    expect(codeOf(JSON.stringify({ ...copy(), version: JOB_VERSION + 1 }))).toBe('file.fromLaterVersion');
    expect(codeOf(JSON.stringify({ ...copy(), version: 'one' }))).toBe('file.faults');
  });

  test('a byte order mark does no harm', () => {
    expect(codeOf('\uFEFF' + writeJobFile(chimneyAlcove()))).toBe('read');
  });
});

describe('the way up from older versions', () => {
  const steps = {
    1: (doc: Record<string, unknown>) => ({ ...doc, two: true }),
    2: (doc: Record<string, unknown>) => ({ ...doc, three: true }),
  };
  test('walks every step and stamps the version', () => {
    expect(upgradeDocument({ version: 1 }, steps, 3)).toEqual({ version: 3, two: true, three: true });
    expect(upgradeDocument({ version: 2 }, steps, 3)).toEqual({ version: 3, three: true });
  });
  test('stops where there is no step, and leaves nonsense alone', () => {
    expect(upgradeDocument({ version: 0 }, steps, 3)).toEqual({ version: 0 });
    expect(upgradeDocument({ version: 'x' }, steps, 3)).toEqual({ version: 'x' });
  });
});

test('a document of version 1 becomes one of the version of today with everything it held', () => {
  const now = newJob({ id: 'old', name: 'Old', kind: 'alcove', units: 'mm' });
  const { kit: _kit, box: _box, fit: _fit, trials: _trials, ...rest } = now;
  const shelves = { ...now.shelves, clearance: typedLength('4', 'mm') };
  const old = {
    ...rest,
    shelves,
    version: 1,
    place: { kind: 'alcove' },
    readings: chimneyAlcove().readings.slice(0, 2),
  };
  const read = readJob(old);
  // What was cut off before is the play of a loose fit now.
  const fit = { habit: 'snug', odds: 97, play: { mm: 4 }, boards: [] };
  expect(read).toMatchObject({
    ok: true,
    value: { version: 12, place: newPlace('alcove'), kit: now.kit, fit, trials: [] },
  });
  expect(read.ok && read.value.shelves).toEqual(now.shelves);
  expect(read.ok && read.value.readings).toEqual(old.readings);
});

test('a document of version 8 keeps what it told apart by `is` and `from`', () => {
  const now = newJob({ id: 'old', name: 'Old', kind: 'alcove', units: 'mm' });
  const up = typedLength('400', 'mm');
  const cut = { up: 400, thickness: 18, depth: 300, back: 900, left: 0, right: 0 };
  const trial = { id: 't', shelf: 1, end: 'left', at: 'front', value: typedLength('2', 'mm'), cut };
  const note = { id: 'n', at: 1000, text: 'The left jamb leans.' };
  const align = { id: 'a', face: 'top' };
  const document = (told: string, edge: string) => ({
    ...now,
    shelves: {
      ...now.shelves,
      bottom: { [edge]: 'height', up },
      top: { [edge]: 'ceiling' },
      aligned: [{ ...align, to: { [told]: 'level-line' } }],
    },
    trials: [{ ...trial, [told]: 'gap' }],
    log: { ...now.log, entries: [{ ...note, [told]: 'note' }] },
  });
  const today = readJob(document('kind', 'kind'));
  expect(today).toMatchObject({ ok: true });
  const old = readJob({ ...document('is', 'from'), version: 8 });
  expect(old).toEqual(today);
});

test('a document of version 4 keeps its cleats and nosing as what was said of that system', () => {
  const now = newJob({ id: 'old', name: 'Old', kind: 'alcove', units: 'mm' });
  const { tools: _tools, wood: _wood, load: _load, fixing: _fixing, ...rest } = now;
  const mm = (typed: string) => typedLength(typed, 'mm');
  const support = {
    system: 'three-side-cleats',
    cleat: { thickness: mm('22'), height: mm('50') },
    cleatClearance: mm('6'),
    nosing: { thickness: mm('19'), height: mm('80') },
  };
  const read = readJob({ ...rest, version: 4, support });
  expect(read).toMatchObject({ ok: true, value: { version: 12, tools: 'power', load: { use: 'listed' } } });
  if (!read.ok) return;
  expect(askedOf(read.value, 'three-side-cleats')).toMatchObject({
    cleatThickness: { mm: 22 },
    cleatHeight: { mm: 50 },
    cleatShort: { mm: 6 },
    nosingThickness: { mm: 19 },
    nosingHeight: { mm: 80 },
    screwedDown: true,
  });
});

describe('what is said of supports', () => {
  const job = newJob({ id: 'a', name: 'A', kind: 'alcove', units: 'in' });

  test('what was said of one system stays while another is chosen, and comes back with it', () => {
    const said = withAnswer(job, 'three-side-cleats', 'cleatHeight', typedLength('2', 'in'));
    const there = withSystem(said, 'three-side-cleats', 'brackets');
    expect(there.support.system).toBe('brackets');
    expect(withSystem(there, 'brackets', 'three-side-cleats')).toEqual(said);
  });

  test('what nobody said is as it usually is, in what one measures in', () => {
    expect(askedOf({ ...job, units: 'in' }, 'brackets')).toMatchObject({
      arm: { mm: 254, typed: '10' },
      made: 'bought',
      ratedKg: 50,
    });
    expect(askedOf({ ...job, units: 'cm' }, 'brackets').arm).toMatchObject({ mm: 250, typed: '25' });
  });

  test('every usual answer makes a job that is one, of every system', () => {
    for (const name of SYSTEM_NAMES) {
      const own = { [name]: askedOf({ ...job, units: 'in' }, name) };
      expect(readJob({ ...job, support: { system: name, own } })).toMatchObject({ ok: true });
    }
  });

  test('an answer that is none is named by its place', () => {
    const own = { brackets: { made: 'grown', screws: 1 } };
    expect(refusal({ ...job, support: { system: 'brackets', own } }).faults.map(([path]) => path)).toEqual([
      'support.own.brackets.made',
      'support.own.brackets.screws',
    ]);
    expect(refusal({ ...job, support: { system: 'magnets', own: {} } }).faults[0]?.[0]).toBe('support.system');
  });

  test('a shelf of its own, and as all others again', () => {
    const own = withShelfSupport(job, 2, { system: 'brackets', depth: typedLength('8', 'in') });
    expect(own.support.shelves).toEqual([
      { shelf: 2, system: 'brackets', depth: { mm: 203.2, typed: '8', unit: 'in' } },
    ]);
    expect(withShelfSupport(own, 2, { system: undefined, depth: undefined })).toEqual(job);
  });

  test('a cure is one change of the job, its length typed as one works', () => {
    expect(withChange(job, { kind: 'thickness', mm: 25.4 }).shelves.thickness).toMatchObject({ mm: 25.4, typed: '1' });
    const nosing = withChange(job, { kind: 'nosing', system: 'end-cleats', heightMm: 63.5 });
    expect(nosing.support.own['end-cleats']).toMatchObject({
      nosing: true,
      nosingHeight: { mm: 63.5, typed: '2 1/2' },
    });
  });
});

test('studs and keep-clears have each an id of their own', () => {
  const job = cloakroomCloset();
  const [stud] = job.place.studs;
  const read = readJob({ ...job, place: { ...job.place, studs: [stud, stud] } });
  expect(read.ok ? [] : read.error.faults.map((fault) => fault.path)).toEqual(['place.studs[1].id']);
});

test('a list tells the place, the readings and the shelves', () => {
  expect(summarise(chimneyAlcove())).toEqual({ place: 'alcove', units: 'mm', readings: 17, shelves: 5 });
  expect(summarise(cloakroomCloset()).shelves).toBe(2);
  expect(duplicateJob(chimneyAlcove(), 'b', 'Copy')).toMatchObject({ id: 'b', name: 'Copy', units: 'mm' });
});

test('a document of version 11 lists the coats of the finish it named', () => {
  const now = copy() as { stock: Record<string, unknown> };
  const { coats: _coats, ...stock } = now.stock;
  const of = (finish: string, coats: number) => readJob({ ...now, version: 11, stock: { ...stock, finish, coats } });
  expect(of('stain', 3)).toMatchObject({
    ok: true,
    value: { version: 12, stock: { coats: ['conditioner', 'stain', 'clear', 'clear', 'clear'] } },
  });
  expect(of('bare', 2)).toMatchObject({ ok: true, value: { stock: { coats: [] } } });
  const paint = of('paint', 1);
  expect(paint.ok && paint.value.stock).not.toHaveProperty('finish');
});
