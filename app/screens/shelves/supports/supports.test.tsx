import '../../../labels/shelves';
import { act, fireEvent, waitFor, within } from '@testing-library/react-native';
import { cloakroomCloset } from '@dormer/core/rigs/demo';
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
import { message } from '@dormer/core/base/message';
import { type Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { undo, type AppStore } from '../../../store';
import { jobIn, planned, press, screen, showPart, type } from '../../../test/screen';
import { AskFields } from './AskFields';
import { BoardForm } from './BoardForm';
import { FixingForm } from './FixingForm';
import { LoadForm } from './LoadForm';
import { MaterialsSheet } from './MaterialsSheet';
import { ShelfSupport } from './ShelfSupport';
import { StrengthList } from './StrengthList';
import { SupportsForm } from './SupportsForm';
import { SystemsSheet } from './SystemsSheet';
import { alcove } from './supportsTesting';

let store: AppStore;

afterEach(() => store.stop());

const look = async (...of: Parameters<typeof showPart>) => {
  store = await showPart(...of);
};

describe('what a system asks', () => {
  const of = (system: SystemName): Job => withSystem(alcove, alcove.support.system, system);

  test.each(SYSTEM_NAMES)('%s: everything it asks has words, and a field for what is in force', async (system) => {
    await look(of(system), (job) => <AskFields job={job} system={system} />);
    screen.getByText(words(message(`system.${system}`), alcove));
    expect(screen.queryByText(/^ask\./)).toBeNull();
    const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[system];
    const lengths = Object.values(asks).filter((ask) => ask.kind === 'length').length;
    const shown = screen.queryAllByTestId('length-field').length;
    // What hangs on an answer that stands at no is not asked.
    expect(shown).toBeLessThanOrEqual(lengths);
    expect(shown).toBeGreaterThan(0);
  });

  test.each(SYSTEM_NAMES)('%s: every answer goes into the document, which stays sound', async (system) => {
    await look(of(system), (job) => <AskFields job={job} system={system} />);
    const fields = screen.queryAllByTestId('length-field').map((element) => element.props['aria-label'] as string);
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
    expect(screen.queryByLabelText('Height of the lipping')).toBeNull();
    fireEvent.press(screen.getByRole('checkbox', { name: 'Lipping' }));
    screen.getByLabelText('Height of the lipping');
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
    expect(screen.queryByLabelText(/^Per 1000 mm of shelf/)).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'Records' }));
    expect(jobIn(store).load.use).toBe('records');
    fireEvent.press(screen.getByRole('radio', { name: 'Own figure' }));
    type(/^Per 1000 mm of shelf/, '45');
    expect(jobIn(store).load).toEqual({ use: 'own', perMetre: { kg: 45, typed: '45 kg' } });
  });

  test('lining, anchors, what a packet says, and taken back again', async () => {
    await look(alcove, (job) => <FixingForm job={job} />);
    type('Lining in front of the studs', '15');
    fireEvent.press(screen.getByRole('checkbox', { name: 'Hollow-wall fixings' }));
    type('Load per hollow-wall fixing', '25');
    expect(jobIn(store).fixing).toMatchObject({
      lining: { mm: 15 },
      anchors: !alcove.fixing.anchors,
      anchorKg: { kg: 25 },
    });
    type('Load per hollow-wall fixing', '');
    expect(jobIn(store).fixing).not.toHaveProperty('anchorKg');
    fireEvent.press(screen.getByRole('radio', { name: 'Hand tools only' }));
    expect(jobIn(store).tools).toBe('hand');
  });

  test('a rod is asked for where one hangs', async () => {
    await look(cloakroomCloset(), (job, plan) => <BoardForm job={job} plan={plan} />);
    fireEvent.press(screen.getByRole('radio', { name: 'Wood' }));
    expect(jobIn(store).further).toEqual({ dividers: [], holes: [], rod: 'wood' });
    act(() => store.stop());
    await look(alcove, (job, plan) => <BoardForm job={job} plan={plan} />);
    expect(screen.queryByRole('radio', { name: 'Steel tube' })).toBeNull();
  });

  test('a material of one’s own begins like the one that is chosen, is named and changed, and may go again', async () => {
    await look(alcove, (job) => <MaterialsSheet job={job} what="boards" onClose={() => undefined} />);
    press('Add material');
    const [own] = jobIn(store).wood.own;
    expect(jobIn(store).wood.boards).toBe(own?.id);
    type('Name', '  Old floorboards ');
    type('Stiffness along the grain, N/mm²', '12000,5');
    type('Source of the figures', 'bent over two trestles');
    expect(jobIn(store).wood.own[0]).toMatchObject({
      name: 'Old floorboards',
      eAlongMpa: 12_000.5,
      source: 'bent over two trestles',
    });
    type('Density, kg/m³', '4');
    screen.getByText('“4” does not work here. Type a number from 50 to 3000.');
    expect(screen.getByLabelText('Density, kg/m³').props.value).toBe('4');
    expect(jobIn(store).wood.own[0]?.densityKgM3).toBe(own?.densityKgM3);
    press('Delete Old floorboards');
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
    screen.getByText(/is the usual limit \(span\/360\)/);
    screen.getByText(/^Weakest joint: /);
    screen.getByText(/estimates, not engineering/);
    fireEvent.press(screen.getByText(/^Shelf 3/));
    expect(screen.queryByText(/span\/360/)).toBeNull();
  });

  test('a cure is one touch, and one step to undo', async () => {
    await look(weak, list);
    const cures = screen.getAllByRole('button', { name: / Sag: / });
    expect(cures.length).toBeGreaterThan(1);
    fireEvent.press(cures[0]!);
    expect(jobIn(store)).not.toEqual(weak);
    await planned(store);
    act(() => void store.dispatch(undo()));
    expect(jobIn(store)).toEqual(weak);
  });

  test('nothing to reckon says so', async () => {
    await look({ ...alcove, shelves: { ...alcove.shelves, count: 0, way: 'equal-gaps' } }, list);
    screen.getByText(/No strength yet/);
  });
});

describe('choosing what carries the shelves', () => {
  test('all are shown, what suits first, the chosen one marked; choosing one is one touch', async () => {
    const chosen: string[] = [];
    const closed = jest.fn();
    await look(alcove, (job) => (
      <SystemsSheet
        job={job}
        title="Choose version"
        chosen="three-side-cleats"
        onChoose={(one) => chosen.push(one)}
        onClose={closed}
      />
    ));
    await waitFor(() => expect(screen.getAllByRole('radio')).toHaveLength(SYSTEM_NAMES.length), { timeout: 15_000 });
    const cards = screen.getAllByRole('radio');
    const suits = cards.map((card) => within(card).queryByText('Suits this place') !== null);
    expect(suits.filter(Boolean).length).toBeGreaterThanOrEqual(2);
    expect(suits.lastIndexOf(true)).toBe(suits.filter(Boolean).length - 1);
    fireEvent.press(screen.getByRole('radio', { name: 'Brackets' }));
    expect(chosen).toEqual(['brackets']);
    expect(closed).toHaveBeenCalled();
  });

  test('one shelf has a system and a depth of its own, and is as all others again', async () => {
    await look(alcove, (job, plan) => <ShelfSupport shelf={2} job={job} plan={plan} />);
    type('Depth of shelf 2 with lipping', '250');
    expect(jobIn(store).support.shelves).toEqual([{ shelf: 2, depth: { mm: 250, typed: '250', unit: 'mm' } }]);
    press('Change this support');
    await screen.findByRole('radio', { name: 'Battens at the ends' });
    fireEvent.press(screen.getByRole('radio', { name: 'Battens at the ends' }));
    expect(jobIn(store).support.shelves).toMatchObject([{ shelf: 2, system: 'end-cleats', depth: { mm: 250 } }]);
    press('Reset shelf 2');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('with two systems each says which shelves are its own, and both ask', async () => {
    const job: Job = { ...alcove, support: { ...alcove.support, shelves: [{ shelf: 2, system: 'end-cleats' }] } };
    await look(job, (one, plan) => (
      <SupportsForm job={one} plan={plan} selected={null} onSelect={() => undefined} onPrint={() => undefined} />
    ));
    screen.getByText('Battens on three sides · shelves 1, 3, 4 and 5');
    screen.getByText('Battens at the ends · shelf 2');
    screen.getByLabelText('Back batten shorter by');
    screen.getByLabelText('Stop short of the front by');
    expect(screen.getAllByRole('button', { name: 'Change support' })).toHaveLength(2);
  });
});
