import '../../../labels/shelves';
import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { chimneyAlcove, cloakroomCloset, parcelBench } from '@dormer/core/demo';
import {
  askedOf,
  SUPPORT_ASKS,
  SYSTEM_NAMES,
  withSystem,
  type Ask,
  type Job,
  type SystemName,
} from '@dormer/core/job/document';
import { readJobFile, writeJobFile } from '@dormer/core/job';
import { message } from '@dormer/core/message';
import { planJob, type Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/words';
import { undo, type AppStore } from '../../../store';
import { jobIn, planned, press, screen, showPart, type } from '../../../test/screen';
import { AskFields } from './AskFields';
import { BoardForm } from './BoardForm';
import { drillGroups, drillWords, holeWords, screwWords } from './drilling';
import { Drilling } from './Drilling';
import { FixingForm } from './FixingForm';
import { FurtherSheet } from './FurtherSheet';
import { LoadForm } from './LoadForm';
import { MaterialsSheet } from './MaterialsSheet';
import { ShelfSupport } from './ShelfSupport';
import { StrengthList } from './StrengthList';
import { SupportsForm } from './SupportsForm';
import { SystemsSheet } from './SystemsSheet';

let store: AppStore;
afterEach(() => store.stop());

const look = async (...of: Parameters<typeof showPart>) => {
  store = await showPart(...of);
};
const alcove = chimneyAlcove();
const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });

describe('what a system asks', () => {
  const of = (system: SystemName): Job => withSystem(alcove, alcove.support.system, system);

  test.each(SYSTEM_NAMES)('%s: everything it asks has words, and a field for what is in force', async (system) => {
    await look(of(system), (job) => <AskFields job={job} system={system} />);
    screen.getByText(words(message(`system.${system}`), alcove));
    expect(screen.queryByText(/^ask\./)).toBeNull();
    const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[system];
    const lengths = Object.values(asks).filter((ask) => ask.is === 'length').length;
    const shown = screen.queryAllByTestId('length-field').length;
    // What hangs on an answer that stands at no is not asked.
    expect(shown).toBeLessThanOrEqual(lengths);
    expect(shown).toBeGreaterThan(0);
  });

  test.each(SYSTEM_NAMES)('%s: every answer goes into the document, which stays sound', async (system) => {
    await look(of(system), (job) => <AskFields job={job} system={system} />);
    const fields = screen.queryAllByTestId('length-field').map((one) => one.props['aria-label'] as string);
    fields.forEach((name, i) => type(name, String(31 + i)));
    for (const name of screen.queryAllByRole('button', { name: /^More: / })) fireEvent.press(name);
    for (const box of screen.queryAllByRole('checkbox')) fireEvent.press(box);
    const job = jobIn(store);
    const said = Object.values(job.support.own[system] ?? {});
    expect(said.filter((one) => typeof one === 'object')).toHaveLength(fields.length);
    expect(readJobFile(writeJobFile(job))).toEqual({ ok: true, value: job });
  });

  test('a nosing that is wanted has sizes; one that is not has none', async () => {
    await look(of('end-cleats'), (job) => <AskFields job={job} system="end-cleats" />);
    expect(screen.queryByLabelText('Nosing height')).toBeNull();
    fireEvent.press(screen.getByRole('checkbox', { name: 'With a nosing' }));
    screen.getByLabelText('Nosing height');
    expect(askedOf(jobIn(store), 'end-cleats').nosing).toBe(true);
  });

  test('slats have sizes, boards have none', async () => {
    await look(of('ladder-frames'), (job) => <AskFields job={job} system="ladder-frames" />);
    expect(screen.queryByLabelText('Slat width')).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'Slats' }));
    screen.getByLabelText('Slat width');
  });

  test('with hand tools no pocket screws are offered; what was chosen before still stands there', async () => {
    await look({ ...of('ladder-frames'), tools: 'hand' }, (job) => <AskFields job={job} system="ladder-frames" />);
    expect(screen.queryByRole('radio', { name: 'Pocket screws' })).toBeNull();
    act(() => store.stop());
    const chosen = of('ladder-frames');
    await look(
      { ...chosen, tools: 'hand', support: { ...chosen.support, own: { 'ladder-frames': { rungJoint: 'pocket' } } } },
      (job) => <AskFields job={job} system="ladder-frames" />,
    );
    screen.getByRole('radio', { name: 'Pocket screws' });
    screen.getByRole('radio', { name: 'Screws through the uprights' });
  });
});

describe('loads, walls, tools and wood', () => {
  test('a use is chosen; a figure of one’s own is asked for only then', async () => {
    await look(alcove, (job) => <LoadForm job={job} />);
    expect(screen.queryByLabelText(/For each metre/)).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'Records' }));
    expect(jobIn(store).load.use).toBe('records');
    fireEvent.press(screen.getByRole('radio', { name: 'Own figure' }));
    type(/For each metre/, '45');
    expect(jobIn(store).load).toEqual({ use: 'own', perMetre: { kg: 45, typed: '45 kg' } });
  });

  test('lining, anchors, what a packet says, and taken back again', async () => {
    await look(alcove, (job) => <FixingForm job={job} />);
    type('Lining before the studs', '15');
    fireEvent.press(screen.getByRole('checkbox', { name: 'Hollow-wall anchors' }));
    type('One anchor may carry', '25');
    expect(jobIn(store).fixing).toMatchObject({
      lining: { mm: 15 },
      anchors: !alcove.fixing.anchors,
      anchorKg: { kg: 25 },
    });
    type('One anchor may carry', '');
    expect(jobIn(store).fixing).not.toHaveProperty('anchorKg');
    fireEvent.press(screen.getByRole('radio', { name: 'Hand tools only' }));
    expect(jobIn(store).tools).toBe('hand');
  });

  test('a rod is asked for where one hangs', async () => {
    await look(cloakroomCloset(), (job) => <BoardForm job={job} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Wood' }));
    expect(jobIn(store).further).toEqual({ dividers: [], holes: [], rod: 'wood' });
    act(() => store.stop());
    await look(alcove, (job) => <BoardForm job={job} />);
    expect(screen.queryByRole('radio', { name: 'Steel tube' })).toBeNull();
  });

  test('a material of one’s own begins like the one that is chosen, is named and changed, and may go again', async () => {
    await look(alcove, (job) => <MaterialsSheet job={job} what="boards" onClose={() => undefined} />);
    press('Add a material');
    const [own] = jobIn(store).wood.own;
    expect(jobIn(store).wood.boards).toBe(own?.id);
    type('Name', '  Old floorboards ');
    type('Stiffness along the grain, N/mm²', '12000,5');
    type('Where the figures are from', 'bent over two trestles');
    expect(jobIn(store).wood.own[0]).toMatchObject({
      name: 'Old floorboards',
      eAlongMpa: 12_000.5,
      source: 'bent over two trestles',
    });
    type('Density, kg/m³', '4');
    screen.getByText('“4” is none here. Write a number from 50 to 3000.');
    expect(screen.getByLabelText('Density, kg/m³').props.value).toBe('4');
    expect(jobIn(store).wood.own[0]?.densityKgM3).toBe(own?.densityKgM3);
    press('Remove Old floorboards');
    expect(jobIn(store).wood).toEqual({ ...alcove.wood, boards: 'pine' });
  });

  test('every material says what it bears and where that is from', async () => {
    await look(alcove, (job) => <MaterialsSheet job={job} what="sticks" onClose={() => undefined} />);
    const all = screen.getAllByRole('radio');
    expect(all).toHaveLength(8);
    fireEvent.press(all[2]!);
    expect(jobIn(store).wood.sticks).toBe('hardwood');
    expect(jobIn(store).wood.boards).toBe(alcove.wood.boards);
  });
});

describe('whether it holds', () => {
  const weak: Job = {
    ...withSystem(alcove, 'three-side-cleats', 'end-cleats'),
    load: { use: 'tins' },
    wood: { ...alcove.wood, boards: 'chipboard' },
  };
  const list = (job: Job, plan: Plan) => (
    <StrengthList job={job} plan={plan} selected={null} onSelect={() => undefined} />
  );

  test('each shelf says its state; opened, its limits, its weakest joint, and the caution', async () => {
    await look(alcove, list);
    fireEvent.press(screen.getByText(/^Shelf 3/));
    screen.getByText(/is usual at the most \(span\/360\)/);
    screen.getByText(/^Weakest joint: /);
    screen.getByText(/planning values, not engineering/);
    fireEvent.press(screen.getByText(/^Shelf 3/));
    expect(screen.queryByText(/span\/360/)).toBeNull();
  });

  test('a cure is one touch, and one step to undo', async () => {
    await look(weak, list);
    const cures = screen.getAllByRole('button', { name: /: sags / });
    expect(cures.length).toBeGreaterThan(1);
    fireEvent.press(cures[0]!);
    expect(jobIn(store)).not.toEqual(weak);
    await planned(store);
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(weak);
  });

  test('nothing to reckon says so', async () => {
    await look({ ...alcove, shelves: { ...alcove.shelves, count: 0, way: 'equal-gaps' } }, list);
    screen.getByText(/Nothing to reckon yet/);
  });
});

describe('choosing what carries the shelves', () => {
  test('all are shown, what suits first, the chosen one marked; choosing one is one touch', async () => {
    const chosen: string[] = [];
    const closed = jest.fn();
    await look(alcove, (job, plan) => (
      <SystemsSheet
        job={job}
        plan={plan}
        title="Choose"
        chosen="three-side-cleats"
        onChoose={(one) => chosen.push(one)}
        onClose={closed}
      />
    ));
    await waitFor(() => expect(screen.getAllByRole('radio')).toHaveLength(SYSTEM_NAMES.length), { timeout: 15_000 });
    const cards = screen.getAllByRole('radio');
    const suits = cards.map((card) => within(card).queryByText('Suits here') !== null);
    expect(suits.filter(Boolean).length).toBeGreaterThanOrEqual(2);
    expect(suits.lastIndexOf(true)).toBe(suits.filter(Boolean).length - 1);
    fireEvent.press(screen.getByRole('radio', { name: 'Brackets' }));
    expect(chosen).toEqual(['brackets']);
    expect(closed).toHaveBeenCalled();
  });

  test('one shelf has a system and a depth of its own, and is as all others again', async () => {
    await look(alcove, (job, plan) => <ShelfSupport shelf={2} job={job} plan={plan} />);
    type('Depth of shelf 2 with its nosing', '250');
    expect(jobIn(store).support.shelves).toEqual([{ shelf: 2, depth: { mm: 250, typed: '250', unit: 'mm' } }]);
    press('Another support for shelf 2');
    await waitFor(() => screen.getByRole('radio', { name: 'Cleats at the ends' }), { timeout: 15_000 });
    fireEvent.press(screen.getByRole('radio', { name: 'Cleats at the ends' }));
    expect(jobIn(store).support.shelves).toMatchObject([{ shelf: 2, system: 'end-cleats', depth: { mm: 250 } }]);
    press('Shelf 2 as all others');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('with two systems each says which shelves are its own, and both ask', async () => {
    const job: Job = { ...alcove, support: { ...alcove.support, shelves: [{ shelf: 2, system: 'end-cleats' }] } };
    await look(job, (one, plan) => (
      <SupportsForm job={one} plan={plan} selected={null} onSelect={() => undefined} onPrint={() => undefined} />
    ));
    screen.getByText('Cleats on three sides · shelves 1, 3, 4, 5');
    screen.getByText('Cleats at the ends · shelf 2');
    screen.getByLabelText('Back cleat short by');
    screen.getByLabelText('Stops short of the front');
    expect(screen.getAllByRole('button', { name: 'Change' })).toHaveLength(2);
  });
});

describe('dividers and holes of a shelf', () => {
  const sheet = (shelf: number) =>
    function Sheet(job: Job, plan: Plan) {
      return <FurtherSheet shelf={shelf} job={job} plan={plan} onClose={() => undefined} />;
    };

  test('a divider begins in the middle, reaches the shelf above, and may end at a height', async () => {
    await look(alcove, sheet(2));
    press('Add a divider');
    const board = planJob(alcove).parts.find((one) => one.id === 'S2-board')!;
    expect(jobIn(store).further?.dividers).toMatchObject([{ shelf: 2, at: { mm: Math.round(board.length.mm / 2) } }]);
    expect(screen.queryByLabelText('How high it is')).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'A height' }));
    type('How high it is', '180');
    expect(jobIn(store).further?.dividers[0]?.height?.mm).toBe(180);
    fireEvent.press(screen.getByRole('radio', { name: 'The shelf above' }));
    expect(jobIn(store).further?.dividers[0]).not.toHaveProperty('height');
    press('Add a divider');
    press('Remove divider 1');
    expect(jobIn(store).further?.dividers).toHaveLength(1);
    press('Remove divider 1');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('on the top shelf it has a height', async () => {
    await look(alcove, sheet(5));
    press('Add a divider');
    screen.getByLabelText('How high it is');
    expect(jobIn(store).further?.dividers[0]?.height).toBeDefined();
  });

  test('a hole: where, how wide, from which end; what is wrong with it is said in the sheet', async () => {
    await look(alcove, sheet(1));
    press('Add a hole');
    type('Its middle, from that end', '200');
    type('Its middle, from the back edge', '40');
    type('How wide', '50');
    fireEvent.press(screen.getByRole('radio', { name: 'The left end' }));
    expect(jobIn(store).further?.holes).toMatchObject([
      { shelf: 1, from: 'left', at: { mm: 200 }, back: { mm: 40 }, diameter: { mm: 50 } },
    ]);
    await planned(store);
    await waitFor(() => screen.getByText(/comes down on 1B below it/));
    press('Remove hole 1');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('what another shelf has is not shown, and stays', async () => {
    const job: Job = { ...alcove, further: { dividers: [{ id: 'other', shelf: 4, at: mm(300) }], holes: [] } };
    await look(job, sheet(2));
    screen.getByText(/^None\. A divider/);
    press('Add a hole');
    press('Remove hole 1');
    expect(jobIn(store)).toEqual(job);
  });
});

describe('the drilling sheet', () => {
  const plan = planJob(alcove);
  const label = ((key: string, values: Record<string, unknown> = {}) => `${key}${JSON.stringify(values)}`) as never;

  test('every joint that is drilled is in one group, and pins in none', () => {
    const groups = drillGroups(plan);
    const drilled = plan.fixings.filter((one) => one.screw.kind !== 'pin');
    const labelled = new Set(drilled.map((one) => one.label).filter(Boolean));
    expect(new Set(groups.flatMap((one) => one.labels))).toEqual(labelled);
    expect(groups.length).toBeLessThan(drilled.length);
    for (const { fixing } of groups) expect(fixing.screw.kind).not.toBe('pin');
  });

  test('what is drilled alike has its holes at the same places', () => {
    const joint = (id: string) => id.split('/')[1];
    for (const { fixing, labels } of drillGroups(plan)) {
      const alike = plan.fixings.filter((one) => labels.includes(one.label) && joint(one.id) === joint(fixing.id));
      for (const { holes } of alike) {
        holes.forEach((hole, i) => expect(Math.abs(hole.alongMm - fixing.holes[i]!.alongMm)).toBeLessThan(0.51));
      }
    }
  });

  test('alike pieces of other names are all named, and both sockets of a rod are one kind', () => {
    const closet = drillGroups(planJob(cloakroomCloset()));
    const tilted = closet.find((one) => one.labels.includes('T1L'))!;
    expect(tilted.labels).toEqual(['T1L', 'T2L']);
    expect(tilted.names.map((one) => words(one, alcove))).toEqual(['Tilted cleat 1, left', 'Tilted cleat 2, left']);
    expect(closet.filter((one) => one.item?.what === 'socket')).toHaveLength(1);
  });

  test('drills are said as their shanks say: half millimetres, or fractions down to 64ths', () => {
    const inches = { ...alcove, units: 'in' as const, tape: '1/16in' as const };
    expect(drillWords(5.5, alcove)).toBe('5.5 mm');
    expect(drillWords((13 / 64) * 25.4, inches)).toBe('13/64 in');
    expect(drillWords(25.4 / 4, inches)).toBe('1/4 in');
    expect(drillWords(25.4 / 8, inches)).toBe('1/8 in');
  });

  test('a piece has clearance, pilot and countersink; a bracket only the hole in the wall; a plug its own', () => {
    const cleat = plan.fixings.find((one) => one.id === 'S1-back-cleat/wall')!;
    const said = holeWords({ ...cleat, plug: null }, alcove, label);
    expect(said.split(' · ').map((one) => one.replace(/\{.*/, ''))).toEqual([
      'drill.clearance',
      'drill.pilot',
      'drill.countersink',
    ]);
    const plugged = holeWords({ ...cleat, plug: { drillMm: 8, deepMm: 55 } }, alcove, label);
    expect(plugged).toContain('drill.plug{"size":"8 mm","deep":"55 mm"}');
    const bracket = holeWords({ ...cleat, plug: null, through: { is: 'hardware', id: 'b' } }, alcove, label);
    expect(bracket.replace(/\{.*/, '')).toBe('drill.pilot');
    expect(holeWords({ ...cleat, screw: { ...cleat.screw, kind: 'pocket' } }, alcove, label)).toBe('drill.pocket{}');
  });

  test('how many of which size', () => {
    const cleat = plan.fixings.find((one) => one.id === 'S1-back-cleat/wall')!;
    expect(screwWords(cleat, alcove, label)).toBe(
      `drill.screws.screw${JSON.stringify({ count: cleat.holes.length, size: cleat.screw.size })}`,
    );
  });

  test('opened it shows every kind of piece, told from one end, with its unit once a row', async () => {
    await look(alcove, (job, now) => <Drilling job={job} plan={now} onPrint={() => undefined} />);
    const groups = drillGroups(plan);
    press(`Show ${groups.length} kinds of pieces`);
    const shown = screen.getAllByText(/along it: .* mm$/);
    expect(shown.length).toBeGreaterThan(0);
    for (const row of shown) expect(String(row.props.children).match(/ mm/g)).toHaveLength(2);
    expect(screen.getAllByRole('button', { name: 'Full size' }).length).toBeGreaterThan(3);
    press('Hide');
    expect(screen.queryByText(/along it: /)).toBeNull();
  });

  test('a bench: its joists and posts are drilled, and its sheets are printed', async () => {
    const printed = jest.fn();
    await look(parcelBench(), (job, now) => <Drilling job={job} plan={now} onPrint={printed} />);
    press('Print drilling sheets');
    expect(printed).toHaveBeenCalledTimes(1);
  });
});
