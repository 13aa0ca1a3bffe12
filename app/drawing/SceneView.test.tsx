import { fireEvent, render, screen } from '@testing-library/react-native';
import { Text } from 'react-native-svg';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { spotOf, viewOf } from '@dormer/core/place/reading';
import { elevationScene } from '@dormer/core/say/scene';
import { SceneView } from './SceneView';

const job = chimneyAlcove();
const scene = elevationScene(planJob(job), job, { exaggeration: 1, show: 'readings' });
const selected = { kind: 'reading', id: 'width-2' } as const;

const figures = () => screen.UNSAFE_getAllByType(Text);
const texts = () => figures().map((figure) => figure.props.children);

test('a drawing has a text of its own, and shows the true figures', () => {
  render(<SceneView scene={scene} reader={job} description="The alcove" />);
  expect(screen.getByLabelText('The alcove')).toBeTruthy();
  expect(texts()).toEqual(expect.arrayContaining(['1126', '1131.5', '2486']));
  // And the way they go, where they go one way or the other.
  expect(texts()).toEqual(expect.arrayContaining(['1.5 out', '4 out']));
  // What is better seen from above has its figure there.
  const here = job.readings.filter((reading) => viewOf(spotOf(reading)) === 'elevation');
  expect(texts()).toHaveLength(here.length);
  expect(here.length).toBeLessThan(job.readings.length);
});

test('a touched reading is told', () => {
  const onPress = jest.fn();
  render(<SceneView scene={scene} reader={job} onPress={onPress} />);
  fireEvent.press(figures().find((figure) => figure.props.children === '1126')!);
  expect(onPress).toHaveBeenCalledWith(selected);
});

test('a small drawing has figures on what is chosen only', () => {
  render(<SceneView scene={scene} reader={job} terse selected={selected} />);
  expect(texts()).toEqual(['1126']);
});
