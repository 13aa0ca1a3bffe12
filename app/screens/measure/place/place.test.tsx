import '../../../labels/measure';
import { fireEvent, render, screen } from '@testing-library/react-native';
import { useState } from 'react';
import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import type { Job, KeepClear, Stud } from '@dormer/core/job/document';
import { planJob } from '@dormer/core/plan';
import { KeypadProvider } from '../../../ui';
import { press, type } from '../../../test/screen';
import { KeepClearsForm } from './KeepClearsForm';
import { StudsForm } from './StudsForm';

let number = 0;
jest.mock('../../../store', () => ({ newId: () => `new-${(number += 1)}` }));
beforeEach(() => {
  number = 0;
});

const alcove = chimneyAlcove();
const withPlace = (job: Job, change: Partial<Job['place']>): Job => ({ ...job, place: { ...job.place, ...change } });
const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });

describe('studs', () => {
  let studs: readonly Stud[];
  function Form({ start }: { start: Job }) {
    const [job, setJob] = useState(start);
    studs = job.place.studs;
    return (
      <KeypadProvider>
        <StudsForm job={job} plan={planJob(job)} onChange={(next) => setJob(withPlace(job, { studs: next }))} />
      </KeypadProvider>
    );
  }
  const bare = withPlace(alcove, { studs: [] });

  test('the first is where one usually is, the next where they should stand; each says how it was found', () => {
    render(<Form start={bare} />);
    press('Add stud');
    expect(studs).toMatchObject([{ wall: 'back', from: { mm: 400 }, found: 'magnet' }]);
    screen.getByText(/^Only one stud is known\. Try /);
    press('Add stud');
    expect(studs).toHaveLength(2);
    screen.getByText(/^Studs are \d+ mm apart/);
  });

  test('two that keep the usual spacing tell where the third is', () => {
    render(
      <Form
        start={withPlace(bare, {
          studs: [100, 500].map((from, i) => ({ id: `s${i}`, wall: 'back', from: mm(from), found: 'pilot' })),
        })}
      />,
    );
    screen.getByText('Studs are 400 mm apart. Try the next at 900 mm from the left end.');
    press('Add stud');
    expect(studs.at(-1)?.from.mm).toBe(900);
  });

  test('one that breaks the spacing is named by its number', () => {
    const places = [100, 500, 730, 900];
    render(
      <Form
        start={withPlace(bare, {
          studs: places.map((from, i) => ({ id: `s${i}`, wall: 'back', from: mm(from), found: 'pilot' })),
        })}
      />,
    );
    screen.getByText(/Most studs are 400 mm apart, but stud 3 is not\. Drill a pilot hole/);
    expect(screen.queryByText(/^They stand/)).toBeNull();
  });

  test('a place is changed, a stud removed; another wall has its own', () => {
    render(<Form start={withPlace(bare, { studs: [{ id: 'a', wall: 'back', from: mm(400), found: 'pilot' }] })} />);
    type(/^Stud 1, from the /, '385');
    expect(studs[0]?.from.mm).toBe(385);
    fireEvent.press(screen.getByRole('radio', { name: /^Left/ }));
    press('Add stud');
    expect(studs.map((stud) => stud.wall)).toEqual(['back', 'left']);
    press('Delete stud 1');
    expect(studs.map((stud) => stud.wall)).toEqual(['back']);
  });
});

describe('what must stay clear', () => {
  let clears: readonly KeepClear[];
  function Form({ start }: { start: Job }) {
    const [job, setJob] = useState(start);
    clears = job.place.keepClears;
    return (
      <KeypadProvider>
        <KeepClearsForm job={job} onChange={(keepClears) => setJob(withPlace(job, { keepClears }))} />
      </KeypadProvider>
    );
  }

  test('something new is an outlet until it is said to be something else; its margin follows', () => {
    render(<Form start={withPlace(alcove, { keepClears: [] })} />);
    screen.getByText(/^No keep-clears yet\./);
    press('Add keep-clear');
    expect(clears).toMatchObject([{ what: 'outlet', width: { mm: 80 }, height: { mm: 80 } }]);
    const outlet = screen.getByLabelText('Space to keep clear around it').props.value as string;
    fireEvent.press(screen.getByRole('radio', { name: 'Vent' }));
    expect(clears[0]?.what).toBe('vent');
    expect(screen.getByLabelText('Space to keep clear around it').props.value).not.toBe(outlet);
  });

  test('where it is and how large; nothing of no width', () => {
    render(<Form start={withPlace(alcove, { keepClears: [] })} />);
    press('Add keep-clear');
    type(/^Nearer edge, from the /, '250');
    type('Bottom edge, above the floor mark', '0');
    type('Width', '0');
    screen.getByText(/comes out at zero/);
    type('Width', '60');
    type('Note', 'Lamp');
    expect(clears[0]).toMatchObject({ from: { mm: 250 }, up: { mm: 0 }, width: { mm: 60 }, note: 'Lamp' });
    press('Done');
    screen.getByText(/ from the .* · Lamp$/);
  });

  test('one that is there is changed, and removed', () => {
    render(<Form start={withPlace(alcove, { keepClears: alcove.place.keepClears.slice(0, 1) })} />);
    press(/^Change /);
    type('Space to keep clear around it', '15');
    expect(clears[0]?.margin?.mm).toBe(15);
    press('Delete keep-clear');
    expect(clears).toEqual([]);
  });

  test('in inches it begins as an inch rule has it', () => {
    render(<Form start={withPlace(cloakroomCloset(), { keepClears: [] })} />);
    press('Add keep-clear');
    expect(clears[0]).toMatchObject({ from: { typed: '4', unit: 'in' }, height: { typed: '5' } });
  });
});
