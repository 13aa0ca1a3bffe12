import '../../../labels/shelves';
import { fireEvent } from '@testing-library/react-native';
import { cloakroomCloset, parcelBench } from '@dormer/core/rigs/demo';
import { type Job } from '@dormer/core/job/document';
import { planJob, type Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { type AppStore } from '../../../store';
import { jobIn, planned, press, screen, showPart, type } from '../../../test/screen';
import { drillGroups, drillWords, holeWords, screwWords } from './drilling';
import { Drilling } from './Drilling';
import { FurtherSheet } from './FurtherSheet';
import { alcove, mm } from './supportsTesting';
import { textOf } from '../../../test/textOf';

let store: AppStore;

afterEach(() => store.stop());

const look = async (...of: Parameters<typeof showPart>) => {
  store = await showPart(...of);
};

describe('dividers and holes of a shelf', () => {
  const sheet = (shelf: number) =>
    function Sheet(job: Job, plan: Plan) {
      return <FurtherSheet shelf={shelf} job={job} plan={plan} onClose={() => undefined} />;
    };

  test('a divider begins in the middle, reaches the shelf above, and may end at a height', async () => {
    await look(alcove, sheet(2));
    press('Add divider');
    const board = planJob(alcove).parts.find((part) => part.id === 'S2-board')!;
    expect(jobIn(store).further?.dividers).toMatchObject([{ shelf: 2, at: { mm: Math.round(board.length.mm / 2) } }]);
    expect(screen.queryByLabelText('Height')).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'A height' }));
    type('Height', '180');
    expect(jobIn(store).further?.dividers[0]?.height?.mm).toBe(180);
    fireEvent.press(screen.getByRole('radio', { name: 'The shelf above' }));
    expect(jobIn(store).further?.dividers[0]).not.toHaveProperty('height');
    press('Add divider');
    press('Delete divider 1');
    expect(jobIn(store).further?.dividers).toHaveLength(1);
    press('Delete divider 1');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('on the top shelf it has a height', async () => {
    await look(alcove, sheet(5));
    press('Add divider');
    screen.getByLabelText('Height');
    expect(jobIn(store).further?.dividers[0]?.height).toBeDefined();
  });

  test('a hole: where, how wide, from which end; what is wrong with it is said in the sheet', async () => {
    await look(alcove, sheet(1));
    press('Add hole');
    type('Centre, from that end', '200');
    type('Centre, from the back edge', '40');
    type('Diameter', '50');
    fireEvent.press(screen.getByRole('radio', { name: 'Left end' }));
    expect(jobIn(store).further?.holes).toMatchObject([
      { shelf: 1, from: 'left', at: { mm: 200 }, back: { mm: 40 }, diameter: { mm: 50 } },
    ]);
    await planned(store);
    await screen.findByText(/sits over 1B below it/);
    press('Delete hole 1');
    expect(jobIn(store)).toEqual(alcove);
  });

  test('what another shelf has is not shown, and stays', async () => {
    const job: Job = { ...alcove, further: { dividers: [{ id: 'other', shelf: 4, at: mm(300) }], holes: [] } };
    await look(job, sheet(2));
    screen.getByText(/^No dividers\. A divider/);
    press('Add hole');
    press('Delete hole 1');
    expect(jobIn(store)).toEqual(job);
  });
});

describe('the drilling sheet', () => {
  const plan = planJob(alcove);
  const label = ((key: string, values: Record<string, unknown> = {}) => `${key}${JSON.stringify(values)}`) as never;

  test('every joint that is drilled is in one group, and pins in none', () => {
    const groups = drillGroups(plan);
    const drilled = plan.fixings.filter((fixing) => fixing.screw.kind !== 'pin');
    const labelled = new Set(drilled.map((fixing) => fixing.label).filter(Boolean));
    expect(new Set(groups.flatMap((group) => group.labels))).toEqual(labelled);
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
    const tilted = closet.find((drillGroup) => drillGroup.labels.includes('T1L'))!;
    expect(tilted.labels).toEqual(['T1L', 'T2L']);
    expect(tilted.names.map((name) => words(name, alcove))).toEqual(['Left tilted batten 1', 'Left tilted batten 2']);
    expect(closet.filter((drillGroup) => drillGroup.item?.what === 'socket')).toHaveLength(1);
  });

  test('drills are said as their shanks say: half millimetres, or fractions down to 64ths', () => {
    const inches = { ...alcove, units: 'in' as const, tape: '1/16in' as const };
    expect(drillWords(5.5, alcove)).toBe('5.5 mm');
    expect(drillWords((13 / 64) * 25.4, inches)).toBe('13/64 in');
    expect(drillWords(25.4 / 4, inches)).toBe('1/4 in');
    expect(drillWords(25.4 / 8, inches)).toBe('1/8 in');
  });

  test('a piece has clearance, pilot and countersink; a bracket only the hole in the wall; a plug its own', () => {
    const cleat = plan.fixings.find((fixing) => fixing.id === 'S1-back-cleat/wall')!;
    const said = holeWords({ ...cleat, plug: null }, alcove, label);
    expect(said.split(' · ').map((one) => one.replace(/\{.*/, ''))).toEqual([
      'drill.clearance',
      'drill.pilot',
      'drill.countersink',
    ]);
    const plugged = holeWords({ ...cleat, plug: { drillMm: 8, deepMm: 55 } }, alcove, label);
    expect(plugged).toContain('drill.plug{"size":"8 mm","deep":"55 mm"}');
    const bracket = holeWords({ ...cleat, plug: null, through: { kind: 'hardware', id: 'b' } }, alcove, label);
    expect(bracket.replace(/\{.*/, '')).toBe('drill.pilot');
    expect(holeWords({ ...cleat, screw: { ...cleat.screw, kind: 'pocket' } }, alcove, label)).toBe('drill.pocket{}');
  });

  test('how many of which size', () => {
    const cleat = plan.fixings.find((fixing) => fixing.id === 'S1-back-cleat/wall')!;
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
    for (const row of shown) expect(textOf(row).match(/ mm/g)).toHaveLength(2);
    expect(screen.getAllByRole('button', { name: 'Full size' }).length).toBeGreaterThan(3);
    press('Hide pieces');
    expect(screen.queryByText(/along it: /)).toBeNull();
  });

  test('a bench: its joists and posts are drilled, and its sheets are printed', async () => {
    const printed = jest.fn();
    await look(parcelBench(), (job, now) => <Drilling job={job} plan={now} onPrint={printed} />);
    press('Print drilling sheets');
    expect(printed).toHaveBeenCalledTimes(1);
  });
});
